#include "shop/bench.h"

#include <fmt/format.h>

#include <algorithm>
#include <map>
#include <tuple>

#include "core/records/owed.h"
#include "shop/issued.h"

namespace anagraph::shop {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

namespace {

std::vector<std::string> variants_of(const core::Edition& e) {
    const auto& all = e.procedure.header.variants;
    return all.empty() ? std::vector<std::string>{""} : all;
}

/// The editions of each guide, as the records judge them.
std::map<std::string, core::GuideEditions> by_guide(const ByMark& all) {
    std::map<std::string, core::GuideEditions> out;
    for (const auto& [mark, issued] : all) {
        out[issued.guide].guide = issued.guide;
        out[issued.guide].editions.push_back(issued.edition);
    }
    for (auto& [guide, editions] : out)
        std::sort(editions.editions.begin(), editions.editions.end(),
            [](const core::Edition& a, const core::Edition& b) { return a.number < b.number; });
    return out;
}

std::vector<BenchEdition> editions_that_hold(
    const ByMark& all, const std::map<std::string, core::GuideEditions>& guides, const core::Records& records) {
    std::vector<BenchEdition> out;
    for (const auto& [mark, issued] : all) {
        const auto& e = issued.edition;
        if (core::standing_of(records, guides.at(issued.guide), e.number) != core::EditionStanding::Current) continue;
        out.push_back({issued.guide, e.number, mark, e.procedure.header.machine, e.procedure.header.title, variants_of(e)});
    }
    std::sort(out.begin(), out.end(),
        [](const BenchEdition& a, const BenchEdition& b) { return std::tie(a.machine, a.title) < std::tie(b.machine, b.title); });
    return out;
}

/// What has come of an edition that is worked by; empty: it holds.
std::string trouble_of(core::EditionStanding standing, int edition) {
    switch (standing) {
        case core::EditionStanding::Current:
            return "";
        case core::EditionStanding::Replaced:
            return fmt::format(
                "Edition {} was replaced while this run was under way. Ask whoever issued the new one whether it may go on.", edition);
        case core::EditionStanding::Withdrawn:
        case core::EditionStanding::Unknown:
            break;
    }
    return fmt::format("Edition {} was withdrawn. Do not work by it any more: stop, and ask.", edition);
}

}  // namespace

Result<RunAtBench> RunAtBench::begin(store::Library& library, const BenchEdition& edition, core::RunBegun about, core::Moment now) {
    const auto all = editions_by_mark(library);
    if (!all) return tl::make_unexpected(all.error());
    const auto issued = all->find(edition.mark);
    if (issued == all->end())
        return fail(ErrorCode::NotFound, core::say(core::key("Shop", "This library issued nothing under the mark {0}."), edition.mark));
    about.guide = issued->second.guide;
    about.edition = issued->second.edition.number;
    about.mark = edition.mark;
    const auto known = variants_of(issued->second.edition);
    if (std::find(known.begin(), known.end(), about.variant) == known.end())
        return fail(ErrorCode::BadInput, core::key("Shop", "Say which variant of the machine it is."));
    RunAtBench out(core::Bench(core::bench_sheet(issued->second.edition, about.guide, about.mark, about.variant)), issued->second.edition);
    if (auto done = out.add(library, {std::move(about)}, now); !done) return tl::make_unexpected(done.error());
    return out;
}

Result<BenchStart> bench_start(store::Library& library) {
    const auto all = editions_by_mark(library);
    if (!all) return tl::make_unexpected(all.error());
    const auto records = library.records();
    if (!records) return tl::make_unexpected(records.error());
    const auto log = library.logbook();
    if (!log) return tl::make_unexpected(log.error());
    const auto kept = library.benches();
    if (!kept) return tl::make_unexpected(kept.error());
    const auto guides = by_guide(*all);
    BenchStart out;
    out.editions = editions_that_hold(*all, guides, *records);
    for (const auto& k : *kept) {
        if (log->run(k.run) != nullptr) {
            if (auto dropped = library.drop_bench(k.run); !dropped) return tl::make_unexpected(dropped.error());
            continue;
        }
        const auto* begun = std::get_if<core::RunBegun>(&k.events.front().body);
        const auto issued = begun == nullptr ? all->end() : all->find(begun->mark);
        if (issued == all->end()) {
            out.troubles.push_back(fmt::format("The edition of a run under way is not in this library any more: {}.", k.run));
            continue;
        }
        const auto& edition = issued->second.edition;
        auto bench = core::Bench::again(core::bench_sheet(edition, begun->guide, begun->mark, begun->variant), k);
        if (!bench) {
            out.troubles.push_back(fmt::format("A run under way cannot be taken up again: {}", bench.error().message));
            continue;
        }
        RunAtBench run(std::move(*bench), edition, k.events.size());
        run.edition_trouble_ = trouble_of(core::standing_of(*records, guides.at(issued->second.guide), edition.number), edition.number);
        out.waiting.push_back(std::move(run));
    }
    std::vector<std::string> ids;
    for (const auto& e : out.editions) ids.push_back(e.guide);
    out.progress = core::progress(*records, runs_of(*log, *all), ids);
    return out;
}

Outcome RunAtBench::add(store::Library& library, const std::vector<core::BenchBody>& bodies, core::Moment now) {
    core::Bench after = bench_;
    for (const auto& body : bodies)
        if (auto done = after.add({now, body}); !done) return done;
    // what a program that ended left as a pause is kept with what comes after it
    const auto kept =
        library.keep_bench(after.about().id, {after.events().begin() + static_cast<std::ptrdiff_t>(kept_), after.events().end()});
    if (!kept) return kept;
    kept_ = after.events().size();
    bench_ = std::move(after);
    return {};
}

Outcome RunAtBench::keep_photograph(store::Library& library, const std::string& file, core::Moment now) {
    const auto* step = bench_.step();
    if (step == nullptr) return fail(ErrorCode::Refused, core::key("Shop", "Begin the work first; a photograph belongs to a step."));
    const auto kept = library.keep_document(file);
    if (!kept) return tl::make_unexpected(kept.error());
    return add(library, {core::EvidenceTaken{step->id.text(), kept->text(), core::EvidenceSort::Photo}}, now);
}

Result<TakenRun> RunAtBench::hand_in(store::Library& library, const std::string& post) {
    if (bench_.at() != core::Bench::At::Ended) return fail(ErrorCode::Refused, core::key("Shop", "The work is not at its end yet."));
    auto taken = take_run(library, core::to_json(bench_.run()), post);
    if (!taken) return taken;
    if (auto dropped = library.drop_bench(bench_.about().id); !dropped) return tl::make_unexpected(dropped.error());
    return taken;
}

Outcome RunAtBench::give_up(store::Library& library) { return library.drop_bench(bench_.about().id); }

}  // namespace anagraph::shop
