#include "core/tape/takes.h"

#include <algorithm>
#include <cmath>

#include "core/edits/change_label.h"

namespace anagraph::core {
namespace {

constexpr Key kNoStep = key("Tape", "There is no step here; bracket one first.");
constexpr Key kNoTake = key("Tape", "This step has no stretch in this recording.");

std::size_t place_of(const Procedure& p, const StepId& id) {
    return static_cast<std::size_t>(
        std::find_if(p.steps.begin(), p.steps.end(), [&](const Step& s) { return s.id == id; }) - p.steps.begin());
}

template <class Thing>
void append_new(std::vector<Thing>& to, const std::vector<Thing>& from) {
    for (const auto& x : from)
        if (std::find(to.begin(), to.end(), x) == to.end()) to.push_back(x);
}

template <class Thing, class Which>
void move_if(std::vector<Thing>& from, std::vector<Thing>& to, const Which& which) {
    std::copy_if(from.begin(), from.end(), std::back_inserter(to), which);
    std::erase_if(from, which);
}

}  // namespace

Clip trimmed(Clip clip, const Take& take) {
    // what was drawn, and the still that stands for it, belong to the frames of the other recording
    if (clip.take.recording != take.recording) {
        clip.poster.reset();
        clip.marks.clear();
    }
    clip.take = take;
    const auto within = [&](const FrameTime& t) { return !(t < take.from) && t < take.to; };
    if (clip.poster && !within(*clip.poster)) clip.poster.reset();
    std::erase_if(clip.marks, [&](const ClipMark& m) { return !(m.from < take.to && take.from < m.to); });
    for (auto& m : clip.marks) {
        m.from = std::max(m.from, take.from);
        m.to = std::min(m.to, take.to);
    }
    return clip;
}

Result<Change> split_step(const Procedure& p, const StepId& id, const RecordingId& recording, const FrameTime& at) {
    const Step* step = p.find(id);
    if (step == nullptr) return fail(ErrorCode::NotFound, kNoStep);
    const auto held = std::find_if(
        step->takes.begin(), step->takes.end(), [&](const Take& t) { return t.recording == recording && t.from < at && at < t.to; });
    if (held == step->takes.end())
        return fail(ErrorCode::Refused, key("Tape", "A step is divided within its stretch of the tape; go to a frame between its ends."));
    const auto index = held - step->takes.begin();
    Step first = *step;
    Step second;
    second.id = fresh_id<StepId>(step->heading.empty() ? "step" : step->heading, p.steps);
    second.drafted = step->drafted;
    second.states = step->states;
    second.variants = step->variants;
    first.takes.assign(step->takes.begin(), held);
    first.takes.push_back({recording, held->from, at});
    second.takes.push_back({recording, at, held->to});
    second.takes.insert(second.takes.end(), step->takes.begin() + index + 1, step->takes.end());
    const auto later = [&](const Plate& plate) {
        return std::any_of(second.takes.begin(), second.takes.end(),
            [&](const Take& t) { return t.recording == plate.recording && !(plate.at < t.from) && plate.at < t.to; });
    };
    move_if(first.plates, second.plates, later);
    const auto shown_later = [&](const auto& nested) {
        return nested.shown && nested.shown->recording == recording && !(nested.shown->from < at) && nested.shown->to <= held->to;
    };
    move_if(first.checks, second.checks, shown_later);
    move_if(first.waits, second.waits, shown_later);
    if (first.clip && first.clip->take.recording == recording && first.clip->take.from < at && at < first.clip->take.to)
        first.clip = trimmed(*first.clip, {recording, first.clip->take.from, at});
    if (first.clip && first.clip->take.recording == recording && !(first.clip->take.from < at)) {
        second.clip = first.clip;
        first.clip.reset();
    }
    // the first part is made shorter before the second takes its stretch
    return tried(p,
        Change{
            change_label("split a step"), {Put<Step>{std::move(first), std::nullopt}, Put<Step>{std::move(second), place_of(p, id) + 1}}});
}

Result<Change> merge_with_next(const Procedure& p, const StepId& id) {
    const std::size_t place = place_of(p, id);
    if (place >= p.steps.size()) return fail(ErrorCode::NotFound, kNoStep);
    if (place + 1 >= p.steps.size()) return fail(ErrorCode::Refused, key("Tape", "This is the last step; there is none after it to join."));
    Step s = p.steps[place];
    const Step& next = p.steps[place + 1];
    for (const auto& m : next.methods) {
        const auto same = std::find_if(s.methods.begin(), s.methods.end(), [&](const StepMethod& x) { return x.topic == m.topic; });
        if (same != s.methods.end() && same->chosen != m.chosen)
            return fail(
                ErrorCode::Refused, key("Tape", "The two steps follow different methods; choose one method for both, or leave them two."));
        if (same == s.methods.end()) s.methods.push_back(m);
    }
    if (s.variants != next.variants)
        return fail(ErrorCode::Refused, key("Tape", "The two steps apply to different variants; they stay two."));
    if (s.heading.empty()) s.heading = next.heading;
    s.lines.insert(s.lines.end(), next.lines.begin(), next.lines.end());
    append_new(s.cautions, next.cautions);
    s.actions.insert(s.actions.end(), next.actions.begin(), next.actions.end());  // what is done twice is two actions
    append_new(s.checks, next.checks);
    append_new(s.waits, next.waits);
    append_new(s.heard, next.heard);
    append_new(s.answered, next.answered);
    append_new(s.states, next.states);
    append_new(s.resets, next.resets);
    append_new(s.comments, next.comments);
    append_new(s.translated, next.translated);
    append_new(s.put_right, next.put_right);
    s.hands = {};  // the time of both is another one
    s.pinned = s.pinned || next.pinned;
    s.plates.insert(s.plates.end(), next.plates.begin(), next.plates.end());
    s.drafted = s.drafted || next.drafted;
    for (const auto& take : next.takes) {
        const bool follows = !s.takes.empty() && s.takes.back().recording == take.recording && !(take.from < s.takes.back().to);
        if (follows)
            s.takes.back().to = take.to;
        else
            s.takes.push_back(take);
    }
    if (!s.clip)
        s.clip = next.clip;
    else if (next.clip && next.clip->take.recording == s.clip->take.recording && s.clip->take.from < next.clip->take.to) {
        s.clip->take.to = next.clip->take.to;
        append_new(s.clip->marks, next.clip->marks);
    }
    return tried(p, Change{change_label("merge two steps"), {Remove<StepId>{next.id}, Put<Step>{std::move(s), std::nullopt}}});
}

std::optional<TakeEdge> nearest_edge(const Step& step, const RecordingId& recording, const FrameTime& at) {
    std::optional<TakeEdge> nearest;
    double distance = 0;
    for (std::size_t i = 0; i < step.takes.size(); ++i) {
        if (step.takes[i].recording != recording) continue;
        for (const Edge edge : {Edge::Begin, Edge::End}) {
            const double far = std::abs(at.seconds() - (edge == Edge::Begin ? step.takes[i].from : step.takes[i].to).seconds());
            if (nearest && far >= distance) continue;
            nearest = TakeEdge{i, edge};
            distance = far;
        }
    }
    return nearest;
}

Result<Change> move_edge(const Procedure& p, const StepId& id, const TakeEdge& edge, const FrameTime& to) {
    const Step* step = p.find(id);
    if (step == nullptr) return fail(ErrorCode::NotFound, kNoStep);
    if (edge.take >= step->takes.size()) return fail(ErrorCode::NotFound, kNoTake);
    Step s = *step;
    Take& take = s.takes[edge.take];
    const Take before = take;
    (edge.edge == Edge::Begin ? take.from : take.to) = to;
    if (!(take.from < take.to)) return fail(ErrorCode::Refused, key("Tape", "A step needs a stretch of the tape; its ends cannot meet."));
    if (s.clip && s.clip->take == before) s.clip = trimmed(*s.clip, take);  // a clip that is the whole take stays the whole take
    return tried(p,
        Change{edge.edge == Edge::Begin ? change_label("move the beginning of a step") : change_label("move the end of a step"),
            {Put<Step>{std::move(s), std::nullopt}}});
}

std::optional<std::size_t> take_at(const Step& step, const RecordingId& recording, const FrameTime& at) {
    for (std::size_t i = 0; i < step.takes.size(); ++i)
        if (step.takes[i].recording == recording && !(at < step.takes[i].from) && at < step.takes[i].to) return i;
    return std::nullopt;
}

Result<Change> add_take(const Procedure& p, const StepId& id, const Take& take) {
    const Step* step = p.find(id);
    if (step == nullptr) return fail(ErrorCode::NotFound, kNoStep);
    Step s = *step;
    s.takes.push_back(take);
    return tried(p, Change{change_label("add a take"), {Put<Step>{std::move(s), std::nullopt}}});
}

Result<Change> choose_take(const Procedure& p, const StepId& id, std::size_t take) {
    const Step* step = p.find(id);
    if (step == nullptr) return fail(ErrorCode::NotFound, kNoStep);
    if (take >= step->takes.size()) return fail(ErrorCode::NotFound, kNoTake);
    if (take == 0)
        return fail(ErrorCode::Refused,
            step->takes.size() == 1 ? key("Tape", "The step has this one take only; press A to bracket another.")
                                    : key("Tape", "This is the best take already."));
    Step s = *step;
    const bool whole = s.clip && s.clip->take == s.takes.front();
    std::rotate(
        s.takes.begin(), s.takes.begin() + static_cast<std::ptrdiff_t>(take), s.takes.begin() + static_cast<std::ptrdiff_t>(take) + 1);
    if (whole) s.clip = trimmed(*s.clip, s.takes.front());
    return tried(p, Change{change_label("choose the best take"), {Put<Step>{std::move(s), std::nullopt}}});
}

Result<Change> remove_take(const Procedure& p, const StepId& id, std::size_t take) {
    const Step* step = p.find(id);
    if (step == nullptr) return fail(ErrorCode::NotFound, kNoStep);
    if (take >= step->takes.size()) return fail(ErrorCode::NotFound, kNoTake);
    if (step->takes.size() == 1)
        return fail(ErrorCode::Refused, key("Tape", "This is the step's only take; remove the step if it is not wanted."));
    Step s = *step;
    if (s.clip && s.clip->take == s.takes[take]) s.clip.reset();
    s.takes.erase(s.takes.begin() + static_cast<std::ptrdiff_t>(take));
    return tried(p, Change{change_label("remove a take"), {Put<Step>{std::move(s), std::nullopt}}});
}

Result<Change> nest_check(const Procedure& p, const StepId& id, Check check) {
    const Step* step = p.find(id);
    if (step == nullptr) return fail(ErrorCode::NotFound, kNoStep);
    Step s = *step;
    s.checks.push_back(std::move(check));
    return tried(p, Change{change_label("add a check"), {Put<Step>{std::move(s), std::nullopt}}});
}

Result<Change> nest_wait(const Procedure& p, const StepId& id, Wait wait) {
    const Step* step = p.find(id);
    if (step == nullptr) return fail(ErrorCode::NotFound, kNoStep);
    Step s = *step;
    s.waits.push_back(std::move(wait));
    return tried(p, Change{change_label("add a wait"), {Put<Step>{std::move(s), std::nullopt}}});
}

}  // namespace anagraph::core
