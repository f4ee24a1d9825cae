#include "core/review/taught.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <map>

#include "core/bench/bench_events.h"
#include "core/bench/limits.h"
#include "core/edition/post.h"
#include "core/edits/change_label.h"
#include "core/figure/evidence.h"

namespace anagraph::core {
namespace {

constexpr double kNear = 0.1;  // of the width of the limits: a reading so close to an end is told

Words runs_words(std::size_t n) { return {counted_key("Taught", "%n runs", "1 run"), static_cast<long long>(n)}; }

struct Span {
    Moment from = 0, to = 0;
};
std::optional<Span> span_of(const RunStep& s) {
    const auto from = parse_utc(s.began);
    const auto to = parse_utc(s.ended);
    if (!from || !to || *to < *from) return std::nullopt;
    return Span{*from, *to};
}

/// The time of hands on a step, see taught().
std::optional<Seconds> hands_of(const Run& run, const RunStep& s, Seconds waits) {
    const auto own = span_of(s);
    if (!own) return std::nullopt;
    Seconds meanwhile = 0;
    for (const auto& other : run.steps) {
        const auto within = span_of(other);
        if (&other != &s && within && within->from > own->from && within->to < own->to) meanwhile += within->to - within->from;
    }
    return std::max<Seconds>(0, own->to - own->from - s.paused - std::max(waits, meanwhile));
}

/// The value so far along the sorted ones.
Seconds at_share(const std::vector<Seconds>& sorted, double share) {
    return sorted[static_cast<std::size_t>(share * static_cast<double>(sorted.size() - 1) + 0.5)];
}

/// Words of people, each once, the most frequent first: "a chafed pipe (3 times); a cracked belt".
Words gathered(const std::vector<std::string>& words) {
    std::vector<std::pair<std::string, int>> counts;
    for (const auto& w : words) {
        const auto it = std::find_if(counts.begin(), counts.end(), [&](const auto& c) { return same_post(c.first, w); });
        if (it == counts.end())
            counts.emplace_back(w, 1);
        else
            ++it->second;
    }
    std::stable_sort(counts.begin(), counts.end(), [](const auto& a, const auto& b) { return a.second > b.second; });
    Words out;
    for (const auto& [text, n] : counts) {
        const Words one = n == 1 ? Words(text) : say(key("Taught", "{0} ({1} times)"), text, n);
        out = out.empty() ? one : say(key("Lists", "{0}; {1}"), out, one);
    }
    return out;
}

/// What is told of one step, gathered over the runs.
class StepOfRuns {
public:
    StepOfRuns(const Procedure& p, const Step& step) : p_(p), step_(step) {}

    void add(const RunInLog& r) {
        for (const auto& s : r.run.steps) {
            if (s.id != step_.id.text()) continue;
            ++begun_;
            if (s.state == StepState::Done) {
                ++out_.runs;
                const auto times = times_of(p_, step_, r.run.variant);
                Seconds waits = times.before;
                for (const auto& w : times.waits) waits += w.seconds;
                if (const auto hands = hands_of(r.run, s, waits)) times_.push_back(*hands);
            }
            if (s.state == StepState::Stopped) tell(stopped_, s.because, r.entry);
            if (s.state == StepState::Skipped) tell(left_out_, s.because, r.entry);
            for (const auto& c : s.checks)
                if (!c.good) tell(not_good_, c.words.empty() ? c.look : fmt::format("{}: {}", c.look, c.words), r.entry);
            for (const auto& reading : s.readings) read(reading, r.entry);
        }
        for (const auto& f : r.run.findings)
            if (f.step == step_.id.text()) tell(found_, f.words, r.entry);
    }
    void add(const WrongAnswer&) { ++wrong_; }

    StepTaught taught() {
        out_.step = step_.id;
        if (times_.size() >= kEnoughRuns) {
            std::sort(times_.begin(), times_.end());
            out_.hands = at_share(times_, 0.5);
            out_.shortest = at_share(times_, 0.25);
            out_.longest = at_share(times_, 0.75);
        }
        note(stopped_, key("Taught", "{1} of {2} stopped here: {0}."), {std::to_string(stopped_.words.size()), runs_words(begun_)});
        note(left_out_, key("Taught", "Left out in {1}: {0}."), {runs_words(left_out_.runs.size())});
        for (const auto& [figure, g] : outside_) note(g, key("Taught", "{1}: outside its limits: {0}."), {figure});
        for (const auto& [figure, g] : near_) note(g, key("Taught", "{1}: near its limits: {0}."), {figure});
        note(not_good_, key("Taught", "Did not look good: {0}."));
        note(found_, key("Taught", "Found here: {0}."));
        if (wrong_ > 0)
            out_.notes.push_back({{counted_key("Taught", "Asked about this step, %n learners were wrong at first.",
                                       "Asked about this step, 1 learner was wrong at first."),
                                      wrong_},
                {}});
        return std::move(out_);
    }

private:
    struct Gathered {
        std::vector<std::string> words;
        std::vector<std::int64_t> runs;
    };
    static void tell(Gathered& g, const std::string& words, std::int64_t run) {
        g.words.push_back(words);
        if (g.runs.empty() || g.runs.back() != run) g.runs.push_back(run);
    }
    /// `what`: with {0} for what was said, then what else goes in.
    void note(const Gathered& g, const Key& what, std::vector<Words> with = {}) {
        if (g.words.empty()) return;
        with.insert(with.begin(), gathered(g.words));
        out_.notes.push_back({{what, std::move(with)}, g.runs});
    }
    void read(const RunReading& reading, std::int64_t run) {
        const auto* figure = reading.figure.empty() ? nullptr : p_.find(FigureId(reading.figure));
        if (figure == nullptr) return;
        const auto limits = limits_of(p_, *figure);
        const auto judged = judge(limits, reading.value);
        if (!judged || *judged == Judged::NoLimits) return;
        if (*judged != Judged::Within) return tell(outside_[title_of(p_, *figure)], display(reading.value), run);
        if (!limits.low || !limits.high) return;
        const double value = reading.value.in(*limits.unit);
        if (std::min(value - *limits.low, *limits.high - value) < kNear * (*limits.high - *limits.low))
            tell(near_[title_of(p_, *figure)], display(reading.value), run);
    }

    const Procedure& p_;
    const Step& step_;
    StepTaught out_;
    std::size_t begun_ = 0;
    int wrong_ = 0;
    std::vector<Seconds> times_;
    Gathered stopped_, left_out_, not_good_, found_;
    std::map<std::string, Gathered> outside_, near_;
};

}  // namespace

Words StepTaught::time_words() const {
    return hands ? say(key("Taught", "{0} in the middle of {1}, half of them {2} to {3}"), time_text(*hands), runs_words(runs),
                       time_text(shortest), time_text(longest))
                 : Words();
}

std::vector<StepTaught> taught(const Procedure& p, const std::vector<RunInLog>& runs, const std::vector<WrongAnswer>& wrong) {
    std::vector<StepTaught> out;
    for (const auto& step : p.steps) {
        StepOfRuns one(p, step);
        for (const auto& r : runs) one.add(r);
        for (const auto& w : wrong)
            if (w.step == step.id) one.add(w);
        auto said = one.taught();
        if (said.runs > 0 || !said.notes.empty()) out.push_back(std::move(said));
    }
    return out;
}

std::vector<std::string> taught_words(const Procedure& p, const std::vector<StepTaught>& taught) {
    std::vector<std::string> out;
    for (const auto& t : taught)
        for (const auto& note : t.notes) {
            const auto at = std::find_if(p.steps.begin(), p.steps.end(), [&](const Step& s) { return s.id == t.step; });
            out.push_back(fmt::format("Step {}, {}. {}", at - p.steps.begin() + 1, at->heading, note.text));
        }
    return out;
}

std::vector<Measured> measured(const Procedure& p, const std::vector<RunInLog>& runs) {
    std::vector<Measured> out;
    for (const auto& r : runs)
        for (const auto& s : r.run.steps)
            for (const auto& reading : s.readings) {
                if (reading.by != "wrench" && reading.by != "meter") continue;
                const auto* figure = reading.figure.empty() ? nullptr : p.find(FigureId(reading.figure));
                if (figure == nullptr || standing_of(p, *figure) == Standing::Proved) continue;
                const std::string instrument = reading.device.empty() ? reading.by : reading.by + " " + reading.device;
                out.push_back({figure->id, reading.value, instrument, reading.at.substr(0, 10), r.entry});
            }
    std::stable_sort(out.begin(), out.end(), [](const Measured& a, const Measured& b) { return a.on > b.on; });
    return out;
}

Result<Change> take_measured(const Procedure& p, const Measured& m) {
    const auto* figure = p.find(m.figure);
    if (figure == nullptr) return fail(ErrorCode::NotFound, key("OpenPoints", "That figure is no longer in the guide."));
    const auto value = parse_figure_value(typed(m.value), figure->kind);
    if (!value) return tl::make_unexpected(value.error());
    Source source;
    source.id = fresh_id<SourceId>("measured " + m.instrument, p.sources);
    source.kind = SourceKind::Measurement;
    source.title = fmt::format("run of {}", m.on);
    source.date = m.on;
    source.instrument = m.instrument;
    Figure next = *figure;
    if (!next.value.known()) next.value = *value;
    next.proofs.push_back({source.id, fmt::format("entry {} of the logbook", m.run), *value});
    return Change{
        change_label("take a measured value"), {Put<Source>{std::move(source), std::nullopt}, Put<Figure>{std::move(next), std::nullopt}}};
}

}  // namespace anagraph::core
