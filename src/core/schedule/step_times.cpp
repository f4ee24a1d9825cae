#include "core/schedule/step_times.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/frame_time.h"
#include "core/base/letters.h"
#include "core/edits/change_label.h"
#include "core/figure/evidence.h"
#include "core/figure/value_in.h"
#include "core/procedure/verbs.h"

namespace anagraph::core {
namespace {

/// A wait of more than this is no part of a plan of one job.
constexpr double kMostSeconds = 366.0 * 24 * 3600;

std::optional<Seconds> seconds_of(const FigureValue& v) {
    const auto minutes = minutes_in(v);
    if (!minutes || *minutes < 0) return std::nullopt;
    return static_cast<Seconds>(std::llround(std::min(*minutes * 60, kMostSeconds)));
}

/// The length of the best take, less what of it shows waiting.
std::optional<Seconds> filmed(const Step& step) {
    if (step.takes.empty()) return std::nullopt;
    const Take& best = step.takes.front();
    double seconds = best.to.seconds() - best.from.seconds();
    for (const auto& w : step.waits)
        if (w.shown && w.shown->recording == best.recording) {
            const double from = std::max(w.shown->from.seconds(), best.from.seconds());
            const double to = std::min(w.shown->to.seconds(), best.to.seconds());
            seconds -= std::max(0.0, to - from);
        }
    return static_cast<Seconds>(std::llround(std::max(0.0, seconds)));
}

}  // namespace

std::optional<Seconds> seconds_of(const Procedure& p, const FigureId& id, std::string_view variant) {
    const Figure* f = p.find(id);
    if (f != nullptr && !variant.empty()) f = figure_for(p, *f, variant);
    return f == nullptr ? std::nullopt : seconds_of(f->value);
}

Seconds StepTimes::held() const {
    Seconds sum = hands;
    Seconds since = 0;
    for (const auto& w : waits) {
        since += w.seconds;
        if (w.attended) sum += std::exchange(since, 0);
    }
    return sum;
}

Seconds StepTimes::alone() const {
    Seconds sum = 0;
    for (const auto& w : waits) sum = w.attended ? 0 : sum + w.seconds;
    return sum;
}

StepTimes times_of(const Procedure& p, const Step& step, std::string_view variant) {
    StepTimes out;
    if (const auto set = seconds_of(step.hands)) {
        out.hands = *set;
        out.from = TimeFrom::Author;
    } else if (const auto take = filmed(step)) {
        out.hands = *take;
        out.from = TimeFrom::Take;
    }
    for (const auto& w : step.waits) {
        const auto seconds = seconds_of(p, w.figure, variant);
        out.open_wait = out.open_wait || !seconds;
        if (seconds) out.waits.push_back({*seconds, w.attended});
    }
    bool begun = false;  // something has been done before it is waited
    const auto last =
        std::find_if(step.actions.rbegin(), step.actions.rend(), [](const Action& a) { return verb_of(a.verb) != Verb::Wait; });
    const auto left = static_cast<std::size_t>(step.actions.rend() - last);  // actions up to the last that is no wait
    for (std::size_t i = 0; i < step.actions.size(); ++i) {
        const auto& a = step.actions[i];
        if (verb_of(a.verb) != Verb::Wait) {
            begun = true;
            continue;
        }
        const bool named = std::any_of(step.waits.begin(), step.waits.end(), [&](const Wait& w) { return w.figure == a.figure; });
        const auto seconds = seconds_of(p, a.figure, variant);
        out.open_wait = out.open_wait || (!seconds && step.waits.empty());
        if (named || !seconds) continue;
        if (begun)
            out.waits.push_back({*seconds, i < left});  // whoever goes on in the step stays
        else
            out.before += *seconds;
    }
    return out;
}

Result<Change> with_hands_time(const Procedure& p, const StepId& id, std::string_view typed) {
    const Step* step = p.find(id);
    if (step == nullptr) return fail(ErrorCode::NotFound, key("Plan", "That step is no longer in the guide."));
    Step next = *step;
    next.hands = {};
    if (!trimmed(typed).empty()) {
        const auto value = parse_figure_value(trimmed(typed), FigureKind::Duration);
        if (!value) return tl::make_unexpected(value.error());
        if (!seconds_of(*value)) return fail(ErrorCode::BadInput, key("Plan", "Say how long hands are needed, as a time: 5 min."));
        next.hands = *value;
    }
    return tried(p, {change_label("set the time of a step"), {Put<Step>{std::move(next), std::nullopt}}});
}

std::string time_text(Seconds seconds) {
    if (seconds < 60) return fmt::format("{} s", seconds);
    const Seconds minutes = (seconds + 30) / 60;
    if (minutes < 60) return fmt::format("{} min", minutes);
    if (minutes < 48 * 60)
        return minutes % 60 == 0 ? fmt::format("{} h", minutes / 60) : fmt::format("{} h {} min", minutes / 60, minutes % 60);
    return fmt::format("{} days", (minutes + 720) / 1440);
}

std::string clock_text(Seconds seconds) { return clock_text(FrameTime(std::max<Seconds>(0, seconds), 1), false); }

}  // namespace anagraph::core
