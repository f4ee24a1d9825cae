#include "demo/demo_runs.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/bench/bench.h"
#include "publish/pack_files.h"
#include "shop/bench.h"
#include "shop/issue.h"

namespace anagraph::demo {

using namespace core;

namespace {

constexpr int kRuns = 25;
constexpr int kLearners = 12;
constexpr int kStops = 13;       // this run stops
constexpr int kPhotograph = 17;  // this one has a photograph
constexpr const char* kAssessor = "instructor, pump bay";

std::string learner(int n) { return fmt::format("learner {:02}", n); }

/// One learner on one machine, played from the first step to the last.
class PlayedRun {
public:
    PlayedRun(BenchSheet sheet, int n, int before, Moment begins, Quantity meter)
        : bench_(std::move(sheet)), n_(n), slow_(std::max(90, 170 - 25 * before)), now_(begins), meter_(std::move(meter)) {}

    Result<Run> play(const RunBegun& about, const std::string& photograph) {
        happen(about);
        for (const auto& gear : bench_.sheet().gear) happen(KitTicked{gear});
        happen(LockedOff{});
        for (int press = 0; press < 2000 && outcome_ && bench_.at() != Bench::At::Ended; ++press) {
            const auto* s = bench_.step();
            if (s != nullptr && n_ == kStops && s->number == 9) {
                happen(StepClosed{s->id.text(), StepState::Stopped, "the canister will not come undone"});
                happen(RunEnded{});
                break;
            }
            if (s == nullptr || !enters_something(*s, photograph)) on();
        }
        for (const auto& s : bench_.run().steps)
            happen(StepAssessed{s.id,
                s.state == StepState::Stopped                                           ? Assessed::NotYet
                    : slow_ > 150 && bench_.sheet().find(StepId(s.id))->number % 3 == 0 ? Assessed::WithHelp
                                                                                        : Assessed::Alone});
        happen(RunSignedBy{about.who, "", ""});
        happen(RunSignedBy{about.assessor, "", ""});
        if (!outcome_) return tl::make_unexpected(outcome_.error());
        return bench_.run();
    }

private:
    void happen(BenchBody body) {
        if (outcome_) outcome_ = bench_.add({now_, std::move(body)});
    }
    void on() {
        const auto bodies = bench_.way_on(now_);
        if (bodies) {
            now_ += 34 * slow_ / 100 + (n_ * 7 + (bench_.step() == nullptr ? 0 : bench_.step()->number) * 5) % 23;
            for (const auto& body : *bodies) happen(body);
            return;
        }
        for (const auto& clock : bench_.clocks(now_))
            if (clock.left && *clock.left > 0) {
                now_ += *clock.left;
                return;
            }
        outcome_ = tl::make_unexpected(bodies.error());
    }
    /// What the step wants and does not have yet; false: nothing.
    bool enters_something(const BenchStep& s, const std::string& photograph) {
        const auto& e = bench_.entered(s.id);
        if (e.state || e.lines < s.lines.size()) return false;
        for (const auto& w : s.wanted) {
            if (w.unit == nullptr || bench_.good_readings(s, w) > 0 || (!w.needed && !w.limits.known())) continue;
            happen(ReadingTaken{s.id.text(), w.figure, w.figure.empty() ? w.what : "", read(w, e.readings.empty()),
                w.unit->dimension == Dimension::Torque ? "wrench" : "typed", w.unit->dimension == Dimension::Torque ? "KQ-12" : ""});
            now_ += 20;
            return true;
        }
        for (std::size_t i = 0; i < s.checks.size(); ++i)
            if (!e.checks.contains(i)) {
                happen(CheckLooked{s.id.text(), static_cast<std::int64_t>(i), true, s.checks[i].write.empty() ? "" : "between the marks"});
                now_ += 15;
                return true;
            }
        if (n_ == kPhotograph && s.number == 10 && e.evidence.empty() && !photograph.empty()) {
            happen(EvidenceTaken{s.id.text(), photograph, EvidenceSort::Photo});
            happen(SomethingFound{s.id.text(), "strainer basket dented", Urgency::NextService, {photograph}});
            return true;
        }
        if (n_ % 9 == 4 && s.number == 12 && !found_) {
            found_ = true;
            happen(SomethingFound{s.id.text(), "V-belt frayed at the edge", Urgency::Watch, {}});
            return true;
        }
        return false;
    }
    Quantity read(const BenchWanted& w, bool first) const {
        if (!w.limits.known()) return meter_;
        const double low = w.limits.low.value_or(*w.limits.high * 0.8);
        const double high = w.limits.high.value_or(low * 1.2);
        const double share = (n_ % 6 == 2 && first) ? 1.25 : 0.5 + 0.09 * ((n_ * 5) % 9 - 4);
        return *Quantity::parse(fmt::format("{:.1f} {}", low + share * (high - low), w.limits.unit->id));
    }

    Bench bench_;
    int n_;
    int slow_;  // percent of a practised fitter's time
    Moment now_;
    Quantity meter_;
    bool found_ = false;
    Outcome outcome_;
};

/// The learners who are not in the register yet, and that each has the edition.
Outcome register_learners(store::Library& library) {
    const auto records = library.records();
    if (!records) return tl::make_unexpected(records.error());
    std::vector<Entry> entries;
    for (int i = 1; i <= kLearners; ++i)
        if (records->learner(learner(i)) == nullptr) entries.emplace_back(LearnerAdded{learner(i), i <= 6 ? "spring" : "autumn"});
    if (entries.empty()) return {};
    const auto done = library.record(entries, "author");
    return done ? Outcome{} : tl::make_unexpected(done.error());
}

}  // namespace

Outcome issue_first_edition(store::Library& library) {
    const store::GuideId guide("perrick-pt60-100-h-service");
    const auto editions = library.editions(guide);
    if (!editions) return tl::make_unexpected(editions.error());
    if (!editions->empty()) return {};
    const auto request = shop::prepare_issue(library, guide, "author", "checker");
    if (!request) return tl::make_unexpected(request.error());
    auto pack = shop::make_pack(*request);
    if (!pack) return tl::make_unexpected(pack.error());
    const auto entered = shop::enter_edition(library, *request, std::move(*pack));
    return entered ? Outcome{} : tl::make_unexpected(entered.error());
}

Outcome work_by_it(store::Library& library, Day today) {
    const auto start = shop::bench_start(library);
    if (!start) return tl::make_unexpected(start.error());
    if (start->editions.empty()) return fail(ErrorCode::NotFound, std::string("No edition is issued yet."));
    if (auto registered = register_learners(library); !registered) return registered;
    const auto& by = start->editions.front();
    const auto issued = library.editions(store::GuideId(by.guide));
    if (!issued) return tl::make_unexpected(issued.error());
    const Edition& edition = issued->back().edition;
    std::string photograph;
    const auto folder = library.pack_folder(store::GuideId(by.guide), by.edition);
    const auto& steps = edition.procedure.steps;
    for (std::size_t i = 0; folder && photograph.empty() && i < steps.size(); ++i)
        if (i + 1 >= 10 && !steps[i].plates.empty())
            if (const auto kept = library.keep_document(*folder + "/" + publish::still_name(i + 1, 1))) photograph = kept->text();
    std::vector<int> runs(kLearners + 1);
    for (int n = 0; n < kRuns; ++n) {
        const auto log = library.logbook();
        if (!log) return tl::make_unexpected(log.error());
        const Machine* machine = log->machine(fmt::format("PT60 no. {}", n % 3 + 1));
        if (machine == nullptr) return fail(ErrorCode::NotFound, std::string("The demo has no such pump."));
        const Day day = today - std::chrono::days(14 * (kRuns - n));
        const auto* meter = machine->meter(Dimension::Duration);
        const auto* point = meter == nullptr ? nullptr : meter->at(day);
        const int who = n * 5 % kLearners + 1;
        RunBegun about{fmt::format("2c9d1e40-7a51-4b7e-9f00-0000000000{:02x}", n), by.guide, by.mark, machine->about.variant,
            machine->about.name, machine->about.serial, learner(who), kAssessor, by.edition};
        const Moment begins = day.time_since_epoch().count() * Moment{86400} + 9 * 3600 + (n * 11 % 50) * 60;
        PlayedRun played(bench_sheet(edition, by.guide, by.mark, about.variant), n, runs[static_cast<std::size_t>(who)]++, begins,
            *Quantity::parse(fmt::format("{:.1f} h", point == nullptr ? 0 : point->shown)));
        const auto run = played.play(about, photograph);
        if (!run) return tl::make_unexpected(run.error());
        if (const auto taken = shop::take_run(library, to_json(*run), kAssessor); !taken) return tl::make_unexpected(taken.error());
    }
    return {};
}

}  // namespace anagraph::demo
