#include "core/bench/bench.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/edition/post.h"
#include "core/learner/check_answers.h"

namespace anagraph::core {
namespace {

tl::unexpected<Error> refused(Words why) { return fail(ErrorCode::Refused, std::move(why)); }

bool belongs(const RunReading& reading, const BenchWanted& wanted) {
    return wanted.figure.empty() ? reading.figure.empty() && reading.what == wanted.what : reading.figure == wanted.figure;
}

bool is_outside(Judged j) { return j == Judged::Below || j == Judged::Above; }

}  // namespace

Bench::Bench(BenchSheet sheet) : sheet_(std::move(sheet)), entered_(sheet_.steps.size()) {
    for (std::size_t i = 0; i < entered_.size(); ++i) entered_[i].id = sheet_.steps[i].id.text();
}

Result<Bench> Bench::again(BenchSheet sheet, const BenchKept& kept) {
    Bench out(std::move(sheet));
    for (const auto& e : kept.events)
        if (auto done = out.add(e); !done) return tl::make_unexpected(done.error());
    const Moment last = out.events_.empty() ? 0 : out.events_.back().at;
    const Moment alive = std::max(kept.alive, last);
    if (out.at_ == At::Working)
        if (auto paused = out.add({alive, RunPaused{}}); !paused) return tl::make_unexpected(paused.error());
    return out;
}

Outcome Bench::add(BenchEvent event) {
    if (!events_.empty() && event.at < events_.back().at) event.at = events_.back().at;  // a clock that was put back
    if (events_.empty() != std::holds_alternative<RunBegun>(event.body))
        return refused(events_.empty() ? key("Bench", "A run begins with who does it on which machine.")
                                       : key("Bench", "This run has begun already."));
    if (auto done = std::visit([&](const auto& e) { return enter(e, event.at); }, event.body); !done) return done;
    events_.push_back(std::move(event));
    return {};
}

bool Bench::has(const std::string& words) const { return std::find(ticked_.begin(), ticked_.end(), words) != ticked_.end(); }

std::size_t Bench::place_of(std::string_view step) const {
    std::size_t i = 0;
    while (i < sheet_.steps.size() && sheet_.steps[i].id.text() != step) ++i;
    return i;
}

const BenchStep* Bench::step() const { return in_hand_ ? &sheet_.steps[*in_hand_] : nullptr; }

const Bench::Entered& Bench::entered(const StepId& step) const {
    static const Entered none;
    const auto at = place_of(step.text());
    return at < entered_.size() ? entered_[at] : none;
}

std::vector<RunReading> Bench::readings_of(const BenchStep& step, const BenchWanted& wanted) const {
    std::vector<RunReading> out;
    for (const auto& r : entered(step.id).readings)
        if (belongs(r, wanted)) out.push_back(r);
    return out;
}

const RunReading* Bench::reading_of(const BenchStep& step, const BenchWanted& wanted) const {
    const auto& e = entered(step.id);
    for (std::size_t i = e.readings.size(); i > e.readings_from; --i)
        if (belongs(e.readings[i - 1], wanted)) return &e.readings[i - 1];
    return nullptr;
}

int Bench::good_readings(const BenchStep& step, const BenchWanted& wanted) const {
    const auto& e = entered(step.id);
    int out = 0;
    for (std::size_t i = e.readings_from; i < e.readings.size(); ++i)
        out += belongs(e.readings[i], wanted) && !is_outside(e.readings[i].judged) ? 1 : 0;
    return out;
}

std::vector<BenchClock> Bench::clocks(Moment now) const {
    std::vector<BenchClock> out;
    for (std::size_t i = 0; i < entered_.size(); ++i) {
        if (entered_[i].state) continue;
        for (const auto& [wait, began] : entered_[i].waits_begun) {
            if (entered_[i].waits_ended.contains(wait)) continue;
            const auto& w = sheet_.steps[i].waits[wait];
            BenchClock c{sheet_.steps[i].id, wait, w.text, began, {}, std::max<Seconds>(0, now - began)};
            if (w.seconds) c.left = *w.seconds - (now - began);
            out.push_back(std::move(c));
        }
    }
    std::stable_sort(
        out.begin(), out.end(), [](const BenchClock& a, const BenchClock& b) { return a.left && (!b.left || *a.left < *b.left); });
    return out;
}

// -- what is missing

Words Bench::missing_before() const {
    for (const auto& g : sheet_.gear)
        if (!has(g)) return say(key("Bench", "Put on your protective gear and tick it: {0}."), g);
    if (!locked_) return key("Bench", "Make the machine safe by the site's rules, then say that it is.");
    return {};
}

std::optional<std::size_t> Bench::next_wait(const BenchStep& step) const {
    const auto& e = entered(step.id);
    for (std::size_t i = 0; i < step.waits.size(); ++i)
        if (!e.waits_begun.contains(i)) return i;
    return std::nullopt;
}

Words Bench::outside(const BenchStep& step) const {
    if (!entered(step.id).because.empty()) return {};
    for (const auto& w : step.wanted)
        if (const auto* reading = reading_of(step, w); reading != nullptr && is_outside(reading->judged))
            return say(key("Bench", "{0} is {1} the limits: do it again, stop and ask, or say why it stays."), display(reading->value),
                words_of(reading->judged));
    return {};
}

const BenchWanted* Bench::wanted_now() const {
    const auto* s = step();
    if (s == nullptr || s->wanted.empty()) return nullptr;
    for (const auto& w : s->wanted)
        if (good_readings(*s, w) < w.times) return &w;
    return &s->wanted.back();
}

std::optional<std::size_t> Bench::check_now() const {
    const auto* s = step();
    if (s == nullptr || s->checks.empty()) return std::nullopt;
    const auto& said = entered(s->id).checks;
    for (std::size_t i = 0; i < s->checks.size(); ++i)
        if (!said.contains(i)) return i;
    for (const auto& [place, check] : said)
        if (!check.good) return place;
    return s->checks.size() - 1;
}

bool Bench::wants_reason() const {
    const auto* s = step();
    if (s == nullptr) return false;
    const auto& said = entered(s->id).checks;
    return !outside(*s).empty() || std::any_of(said.begin(), said.end(), [](const auto& c) { return !c.second.good; });
}

Words Bench::missing(const BenchStep& step, Moment now) const {
    const auto& e = entered(step.id);
    if (e.lines < step.lines.size()) return say(key("Bench", "Line {0} is still to be done."), e.lines + 1);
    if (const auto wait = next_wait(step)) return say(key("Bench", "The wait is still to come: {0}."), step.waits[*wait].text);
    for (const auto& c : clocks(now))
        if (c.step == step.id && c.left && *c.left > 0) return say(key("Bench", "{0} left: {1}."), clock_text(*c.left), c.words);
    if (!e.because.empty()) return {};  // whoever gave a reason has seen what follows
    for (const auto& w : step.wanted)
        if (w.needed && reading_of(step, w) == nullptr) return say(key("Bench", "Write down what you read: {0}."), w.what);
    if (auto said = outside(step); !said.empty()) return said;
    for (std::size_t i = 0; i < step.checks.size(); ++i) {
        const auto answer = e.checks.find(i);
        if (answer == e.checks.end()) return say(key("Bench", "Look, and say whether it is good: {0}."), step.checks[i].look);
        if (!answer->second.good)
            return say(
                key("Bench", "It is not good: {0}. Put it right and look again, stop and ask, or say why it stays."), step.checks[i].look);
    }
    return {};
}

Words Bench::comes_first(const BenchStep& step) const {
    const BenchStep* first = nullptr;
    for (const auto& other : sheet_.steps) {
        if (other.id == step.id) break;
        if (closed(other.id)) continue;
        // what the plan does during a wait may be done before all that comes after that wait, and is finished although the wait has ended
        if (!entered(other.id).waits_begun.empty() &&
            std::find(other.meanwhile.begin(), other.meanwhile.end(), step.id) != other.meanwhile.end())
            return {};
        if (first == nullptr) first = &other;
    }
    return first == nullptr ? Words() : say(key("Bench", "Step {0} comes first: do it, or leave it out and say why."), first->number);
}

const BenchClock* Bench::running(const std::vector<BenchClock>& clocks, const StepId& step) const {
    const auto it =
        std::find_if(clocks.begin(), clocks.end(), [&](const BenchClock& c) { return c.step == step && (!c.left || *c.left > 0); });
    return it == clocks.end() ? nullptr : &*it;
}

const BenchStep* Bench::next_open(Moment now) const {
    const auto running_now = clocks(now);
    for (const auto& s : sheet_.steps) {
        if (closed(s.id)) continue;
        if (running(running_now, s.id) == nullptr) return &s;
        for (const auto& id : s.meanwhile)
            if (const auto* other = sheet_.find(id); other != nullptr && !closed(id) && running(running_now, id) == nullptr) return other;
        return &s;
    }
    return nullptr;
}

Words Bench::missing_at_end() const {
    for (const auto& s : sheet_.steps)
        if (!closed(s.id)) {
            const bool stopped =
                std::any_of(entered_.begin(), entered_.end(), [](const Entered& e) { return e.state == StepState::Stopped; });
            return stopped ? Words() : say(key("Bench", "Step {0} is still to be done, or left out with a reason."), s.number);
        }
    return {};
}

// -- the way on

std::optional<BenchClock> Bench::own_clock(Moment now) const {
    const auto all = clocks(now);
    const auto own = std::find_if(all.begin(), all.end(), [&](const BenchClock& c) { return step() != nullptr && c.step == step()->id; });
    return own == all.end() ? std::nullopt : std::optional(*own);
}

BenchPress Bench::press(Moment now) const {
    if (at_ == At::Ended) return BenchPress::HandIn;
    if (at_ == At::Paused) return BenchPress::GoOn;
    if (at_ == At::Before) return BenchPress::BeginWork;
    const BenchStep* s = step();
    if (s == nullptr || closed(s->id)) return next_open(now) == nullptr ? BenchPress::EndRun : BenchPress::NextStep;
    const auto lines = entered(s->id).lines;
    if (lines < s->lines.size()) return lines + 1 < s->lines.size() ? BenchPress::NextLine : BenchPress::LastLine;
    if (const auto own = own_clock(now)) {
        if (!own->left || *own->left <= 0) return BenchPress::EndWait;
        const auto* other = next_open(now);
        return other == nullptr || other->id == s->id ? BenchPress::KeepWaiting : BenchPress::Meanwhile;
    }
    return next_wait(*s) ? BenchPress::StartClock : BenchPress::CloseStep;
}

Result<std::vector<BenchBody>> Bench::way_on(Moment now) const {
    using Bodies = std::vector<BenchBody>;
    const BenchStep* s = step();
    switch (press(now)) {
        case BenchPress::HandIn:
            return refused(key("Bench", "The work is at its end; sign the run and put it into the logbook."));
        case BenchPress::GoOn:
            return Bodies{RunGoesOn{}};
        case BenchPress::BeginWork:
            if (const auto missing = missing_before(); !missing.empty()) return refused(missing);
            if (sheet_.steps.empty()) return refused(key("Bench", "This guide has no steps for this variant."));
            return Bodies{WorkBegun{}, StepTaken{sheet_.steps.front().id.text()}};
        case BenchPress::NextStep:
        case BenchPress::Meanwhile:
            return Bodies{StepTaken{next_open(now)->id.text()}};
        case BenchPress::EndRun:
            return Bodies{RunEnded{}};
        case BenchPress::NextLine:
        case BenchPress::LastLine:
            return Bodies{LinesDone{s->id.text(), static_cast<std::int64_t>(entered(s->id).lines) + 1}};
        case BenchPress::EndWait:
            return Bodies{WaitEnded{s->id.text(), static_cast<std::int64_t>(own_clock(now)->wait)}};
        case BenchPress::KeepWaiting:
            return refused(missing(*s, now));
        case BenchPress::StartClock:
            return Bodies{WaitBegun{s->id.text(), static_cast<std::int64_t>(*next_wait(*s))}};
        case BenchPress::CloseStep:
            break;
    }
    if (const auto missing_now = missing(*s, now); !missing_now.empty()) return refused(missing_now);
    if (const auto first = comes_first(*s); !first.empty()) return refused(first);
    Bench after = *this;
    Bodies out{StepClosed{s->id.text(), StepState::Done, entered(s->id).because}};
    if (auto done = after.add({now, out.front()}); !done) return tl::make_unexpected(done.error());
    if (const auto* next = after.next_open(now))
        out.push_back(StepTaken{next->id.text()});
    else
        out.push_back(RunEnded{});
    return out;
}

Result<std::vector<BenchBody>> Bench::wrench_reading(const Quantity& value, const std::string& device, Moment now) const {
    if (auto can = can_work(); !can) return tl::make_unexpected(can.error());
    const BenchStep* s = step();
    const BenchWanted* wanted = nullptr;
    if (s != nullptr && !closed(s->id))
        for (const auto& w : s->wanted) {
            if (w.unit == nullptr || w.unit->dimension != value.unit->dimension) continue;
            wanted = &w;
            if (good_readings(*s, w) < w.times) break;
        }
    if (wanted == nullptr)
        return refused(s == nullptr
                ? say(key("Bench", "{0} came from the wrench, but no step is in hand; it was not written down."), display(value))
                : say(key("Bench", "{0} came from the wrench, but step {1} wants no such reading; it was not written down."),
                      display(value), s->number));
    std::vector<BenchBody> out{
        ReadingTaken{s->id.text(), wanted->figure, wanted->figure.empty() ? wanted->what : "", value, "wrench", device}};
    Bench after = *this;
    if (auto done = after.add({now, out.front()}); !done) return tl::make_unexpected(done.error());
    const auto* reading = after.reading_of(*s, *wanted);
    if (reading->judged != Judged::Within || after.good_readings(*s, *wanted) < wanted->times) return out;
    if (after.entered(s->id).lines < wanted->line) {
        out.push_back(LinesDone{s->id.text(), static_cast<std::int64_t>(wanted->line)});
        if (auto done = after.add({now, out.back()}); !done) return tl::make_unexpected(done.error());
    }
    // it goes on by itself only where nothing else of the step is open
    if (!after.missing(*s, now).empty()) return out;
    if (const auto on = after.way_on(now)) out.insert(out.end(), on->begin(), on->end());
    return out;
}

// -- events

Outcome Bench::can_work() const {
    switch (at_) {
        case At::Before:
            return refused(key("Bench", "The work has not begun: tick the gear, make the machine safe, then begin."));
        case At::Paused:
            return refused(key("Bench", "The run is paused; go on first."));
        case At::Ended:
            return refused(key("Bench", "The run is at its end; nothing of a step can be entered any more."));
        case At::Working:
            break;
    }
    return {};
}

Result<std::size_t> Bench::working(const std::string& step) const {
    if (auto can = can_work(); !can) return tl::make_unexpected(can.error());
    const auto at = place_of(step);
    if (at == sheet_.steps.size())
        return fail(ErrorCode::BadInput, say(key("Bench", "This guide has no step \u201C{0}\u201D."), step), step);
    if (entered_[at].state) return refused(say(key("Bench", "Step {0} is closed; take it up again first."), sheet_.steps[at].number));
    return at;
}

Outcome Bench::enter(const RunBegun& e, Moment at) {
    if (!is_uuid(e.id)) return fail(ErrorCode::BadInput, key("Bench", "A run is named by a UUID."));
    if (e.mark != sheet_.mark || e.variant != sheet_.variant)
        return fail(ErrorCode::BadInput, say(key("Bench", "This run was begun with {0}, and not with {1}."), e.mark, sheet_.mark));
    if (post_of(e.who).empty()) return refused(key("Bench", "Say who does the work, by post."));
    if (post_of(e.machine).empty() && post_of(e.serial).empty())
        return refused(key("Bench", "Say which machine it is, by its name or its serial."));
    if (same_post(e.who, e.assessor)) return refused(key("Bench", "Nobody assesses their own run."));
    about_ = e;
    began_ = at;
    return {};
}

Outcome Bench::enter(const KitTicked& e, Moment) {
    if (at_ == At::Ended) return can_work();
    std::erase(ticked_, e.words);
    if (e.there) ticked_.push_back(e.words);
    return {};
}

Outcome Bench::enter(const LockedOff& e, Moment) {
    if (at_ != At::Before) return refused(key("Bench", "The work has begun already."));
    locked_ = e.done;
    return {};
}

Outcome Bench::enter(const WorkBegun&, Moment) {
    if (at_ != At::Before) return refused(key("Bench", "The work has begun already."));
    if (const auto missing = missing_before(); !missing.empty()) return refused(missing);
    at_ = At::Working;
    return {};
}

Outcome Bench::enter(const StepTaken& e, Moment at) {
    if (auto can = can_work(); !can) return can;
    const auto place = place_of(e.step);
    if (place == sheet_.steps.size())
        return fail(ErrorCode::BadInput, say(key("Bench", "This guide has no step \u201C{0}\u201D."), e.step), e.step);
    in_hand_ = place;
    if (!entered_[place].began) entered_[place].began = at;
    return {};
}

Outcome Bench::enter(const LinesDone& e, Moment) {
    const auto place = working(e.step);
    if (!place) return tl::make_unexpected(place.error());
    if (e.lines < 0 || static_cast<std::size_t>(e.lines) > sheet_.steps[*place].lines.size())
        return fail(ErrorCode::BadInput, key("Bench", "The step has not so many lines."));
    entered_[*place].lines = static_cast<std::size_t>(e.lines);
    return {};
}

Outcome Bench::enter(const ReadingTaken& e, Moment at) {
    const auto place = working(e.step);
    if (!place) return tl::make_unexpected(place.error());
    RunReading reading{e.figure, e.what, e.value, e.by, e.device, utc_text(at), Judged::NoLimits};
    const auto& wanted = sheet_.steps[*place].wanted;
    const auto it = std::find_if(wanted.begin(), wanted.end(), [&](const BenchWanted& w) { return belongs(reading, w); });
    if (it == wanted.end())
        return fail(ErrorCode::BadInput, say(key("Bench", "Step {0} wants no such reading."), sheet_.steps[*place].number));
    if (it->unit != nullptr && (e.value.unit == nullptr || e.value.unit->dimension != it->unit->dimension))
        return fail(ErrorCode::BadInput,
            say(key("Bench", "{0} is no reading of {1}: it is written down in {2}."), display(e.value), it->what, it->unit->symbol));
    reading.judged = judge(it->limits, e.value).value_or(Judged::NoLimits);
    entered_[*place].readings.push_back(std::move(reading));
    entered_[*place].because.clear();
    return {};
}

Outcome Bench::enter(const CheckLooked& e, Moment) {
    const auto place = working(e.step);
    if (!place) return tl::make_unexpected(place.error());
    const auto& checks = sheet_.steps[*place].checks;
    if (e.check < 0 || static_cast<std::size_t>(e.check) >= checks.size())
        return fail(ErrorCode::BadInput, key("Bench", "The step has no such check."));
    const auto i = static_cast<std::size_t>(e.check);
    entered_[*place].checks[i] = {checks[i].look, e.good, e.words};
    entered_[*place].because.clear();
    return {};
}

Outcome Bench::enter(const EvidenceTaken& e, Moment at) {
    const auto place = working(e.step);
    if (!place) return tl::make_unexpected(place.error());
    if (!is_sha256(e.sha256)) return fail(ErrorCode::BadInput, key("Bench", "Evidence is named by the SHA-256 of its file."));
    entered_[*place].evidence.push_back({e.sha256, std::string(name_of(e.sort)), utc_text(at)});
    return {};
}

Outcome Bench::enter(const WaitBegun& e, Moment at) {
    const auto place = working(e.step);
    if (!place) return tl::make_unexpected(place.error());
    if (e.wait < 0 || static_cast<std::size_t>(e.wait) >= sheet_.steps[*place].waits.size())
        return fail(ErrorCode::BadInput, key("Bench", "The step has no such wait."));
    if (!entered_[*place].waits_begun.emplace(static_cast<std::size_t>(e.wait), at).second)
        return refused(key("Bench", "This wait has begun already."));
    return {};
}

Outcome Bench::enter(const WaitEnded& e, Moment at) {
    const auto place = working(e.step);
    if (!place) return tl::make_unexpected(place.error());
    const auto wait = static_cast<std::size_t>(e.wait);
    auto& entered = entered_[*place];
    if (e.wait < 0 || !entered.waits_begun.contains(wait)) return refused(key("Bench", "This wait has not begun."));
    entered.waits_ended.emplace(wait, at);
    return {};
}

Outcome Bench::enter(const SomethingFound& e, Moment) {
    if (auto can = can_work(); !can) return can;
    if (post_of(e.words).empty()) return refused(key("Bench", "Say what you found."));
    findings_.push_back({e.step, post_of(e.words), e.urgency, e.evidence});
    return {};
}

Outcome Bench::enter(const SomethingUsed& e, Moment) {
    if (auto can = can_work(); !can) return can;
    if (post_of(e.item).empty()) return refused(key("Bench", "Say what was used."));
    used_.push_back({post_of(e.item), e.amount, e.number, e.batch});
    return {};
}

Outcome Bench::enter(const ReasonGiven& e, Moment) {
    const auto place = working(e.step);
    if (!place) return tl::make_unexpected(place.error());
    if (post_of(e.because).empty()) return refused(key("Bench", "Give the reason."));
    entered_[*place].because = post_of(e.because);
    return {};
}

Outcome Bench::enter(const StepClosed& e, Moment at) {
    const auto place = working(e.step);
    if (!place) return tl::make_unexpected(place.error());
    const auto& step = sheet_.steps[*place];
    auto& entered = entered_[*place];
    if (e.state == StepState::Done) {
        // a wait of unknown length is ended by closing the step
        if (const auto missing_now = missing(step, at); !missing_now.empty()) return refused(missing_now);
        if (const auto first = comes_first(step); !first.empty()) return refused(first);
    } else if (post_of(e.because).empty()) {
        return refused(
            e.state == StepState::Stopped ? key("Bench", "Say why the work stops here.") : key("Bench", "Say why the step is left out."));
    }
    if (!post_of(e.because).empty()) entered.because = post_of(e.because);
    if (!entered.began) entered.began = at;
    entered.ended = at;
    entered.state = e.state;
    return {};
}

Outcome Bench::enter(const StepAgain& e, Moment at) {
    if (auto can = can_work(); !can) return can;
    const auto place = place_of(e.step);
    if (place == sheet_.steps.size())
        return fail(ErrorCode::BadInput, say(key("Bench", "This guide has no step \u201C{0}\u201D."), e.step), e.step);
    auto& entered = entered_[place];
    entered.state.reset();
    entered.ended.reset();
    if (!entered.began) entered.began = at;
    entered.because.clear();
    entered.lines = 0;
    entered.checks.clear();
    entered.waits_begun.clear();
    entered.waits_ended.clear();
    entered.readings_from = entered.readings.size();
    in_hand_ = place;
    return {};
}

Outcome Bench::enter(const RunPaused&, Moment at) {
    if (auto can = can_work(); !can) return can;
    at_ = At::Paused;
    paused_ = at;
    return {};
}

Outcome Bench::enter(const RunGoesOn&, Moment at) {
    if (at_ != At::Paused) return refused(key("Bench", "The run is not paused."));
    at_ = At::Working;
    for (auto& e : entered_)
        if (e.began && !e.ended) e.paused += at - *paused_;
    paused_.reset();
    return {};
}

Outcome Bench::enter(const RunEnded&, Moment at) {
    if (auto can = can_work(); !can) return can;
    if (const auto missing = missing_at_end(); !missing.empty()) return refused(missing);
    at_ = At::Ended;
    ended_ = at;
    return {};
}

Outcome Bench::enter(const StepAssessed& e, Moment) {
    const auto place = place_of(e.step);
    if (place == sheet_.steps.size())
        return fail(ErrorCode::BadInput, say(key("Bench", "This guide has no step \u201C{0}\u201D."), e.step), e.step);
    if (about_.assessor.empty()) return refused(key("Bench", "Nobody was named who assesses this run."));
    if (!signed_.empty()) return refused(key("Bench", "The run is signed; nothing of it can be changed any more."));
    entered_[place].assessed = e.how;
    return {};
}

Outcome Bench::enter(const RunSignedBy& e, Moment) {
    if (at_ != At::Ended) return refused(key("Bench", "A run is signed at its end."));
    if (!same_post(e.post, about_.who) && !same_post(e.post, about_.assessor))
        return refused(say(key("Bench", "{0} neither did the work nor assessed it."), e.post));
    if (std::any_of(signed_.begin(), signed_.end(), [&](const RunSigned& s) { return same_post(s.post, e.post); }))
        return refused(say(key("Bench", "{0} has signed already."), e.post));
    signed_.push_back({e.post, e.key, e.signature});
    return {};
}

Run Bench::run() const {
    Run out;
    out.id = about_.id;
    out.guide = about_.guide;
    out.edition = static_cast<int>(about_.edition);
    out.mark = about_.mark;
    out.variant = about_.variant;
    out.machine = about_.machine;
    out.serial = about_.serial;
    out.who = post_of(about_.who);
    out.assessor = post_of(about_.assessor);
    if (began_) out.began = utc_text(*began_);
    if (ended_) out.ended = utc_text(*ended_);
    for (const auto& e : entered_) {
        if (!e.began) continue;
        RunStep s{e.id, utc_text(*e.began), e.ended ? utc_text(*e.ended) : out.ended, e.state.value_or(StepState::Stopped), e.because,
            e.readings, {}, e.evidence, e.assessed, e.paused};
        if (!e.state) s.because = "not done when the run ended";
        for (const auto& [place, check] : e.checks) s.checks.push_back(check);
        out.steps.push_back(std::move(s));
    }
    out.used = used_;
    out.findings = findings_;
    out.signed_by = signed_;
    return out;
}

Result<Quantity> reading_typed(const BenchWanted& wanted, std::string_view typed) {
    auto q = Quantity::parse(typed);
    if (q || wanted.unit == nullptr) return q;
    auto in_unit = Quantity::parse(fmt::format("{} {}", typed, wanted.unit->id));
    return in_unit ? in_unit : q;
}

}  // namespace anagraph::core
