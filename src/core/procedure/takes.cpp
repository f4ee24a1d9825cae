#include "core/procedure/takes.h"

#include <algorithm>

namespace anagraph::core {
namespace {

constexpr const char* kNoStep = "There is no step here; bracket one first.";

Result<Change> tried(const Procedure& p, Change change) {
    if (auto after = core::apply(p, change); !after) return tl::make_unexpected(after.error());
    return change;
}

std::size_t place_of(const Procedure& p, const StepId& id) {
    return static_cast<std::size_t>(std::find_if(p.steps.begin(), p.steps.end(), [&](const Step& s) { return s.id == id; }) - p.steps.begin());
}

template <class Thing>
void append_new(std::vector<Thing>& to, const std::vector<Thing>& from) {
    for (const auto& x : from)
        if (std::find(to.begin(), to.end(), x) == to.end()) to.push_back(x);
}

}  // namespace

Result<Change> split_step(const Procedure& p, const StepId& id, const RecordingId& recording, const FrameTime& at) {
    const Step* step = p.find(id);
    if (step == nullptr) return fail(ErrorCode::NotFound, kNoStep);
    const auto held = std::find_if(step->takes.begin(), step->takes.end(), [&](const Take& t) { return t.recording == recording && t.from < at && at < t.to; });
    if (held == step->takes.end()) return fail(ErrorCode::Refused, "A step is divided within its stretch of the tape; go to a frame between its ends.");
    const auto index = held - step->takes.begin();
    Step first = *step;
    Step second;
    second.id = fresh_id<StepId>(step->heading.empty() ? "step" : step->heading, p.steps);
    second.drafted = step->drafted;
    first.takes.assign(step->takes.begin(), held);
    first.takes.push_back({recording, held->from, at});
    second.takes.push_back({recording, at, held->to});
    second.takes.insert(second.takes.end(), step->takes.begin() + index + 1, step->takes.end());
    const auto later = [&](const Plate& plate) { return std::any_of(second.takes.begin(), second.takes.end(), [&](const Take& t) { return t.recording == plate.recording && !(plate.at < t.from) && plate.at < t.to; }); };
    std::copy_if(step->plates.begin(), step->plates.end(), std::back_inserter(second.plates), later);
    std::erase_if(first.plates, later);
    if (first.clip && first.clip->recording == recording && first.clip->from < at && at < first.clip->to) first.clip->to = at;
    if (first.clip && first.clip->recording == recording && !(first.clip->from < at)) {
        second.clip = first.clip;
        first.clip.reset();
    }
    // the first part is made shorter before the second takes its stretch
    return tried(p, Change{"divide a step", {Put<Step>{std::move(first), std::nullopt}, Put<Step>{std::move(second), place_of(p, id) + 1}}});
}

Result<Change> merge_with_next(const Procedure& p, const StepId& id) {
    const std::size_t place = place_of(p, id);
    if (place >= p.steps.size()) return fail(ErrorCode::NotFound, kNoStep);
    if (place + 1 >= p.steps.size()) return fail(ErrorCode::Refused, "This is the last step; there is none after it to join.");
    Step s = p.steps[place];
    const Step& next = p.steps[place + 1];
    if (s.heading.empty()) s.heading = next.heading;
    s.lines.insert(s.lines.end(), next.lines.begin(), next.lines.end());
    append_new(s.cautions, next.cautions);
    append_new(s.actions, next.actions);
    append_new(s.checks, next.checks);
    append_new(s.heard, next.heard);
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
    else if (next.clip && next.clip->recording == s.clip->recording && s.clip->from < next.clip->to)
        s.clip->to = next.clip->to;
    return tried(p, Change{"join two steps", {Remove<StepId>{next.id}, Put<Step>{std::move(s), std::nullopt}}});
}

Edge nearer_edge(const Step& step, const RecordingId& recording, const FrameTime& at) {
    for (const auto& t : step.takes)
        if (t.recording == recording) return at.seconds() - t.from.seconds() < t.to.seconds() - at.seconds() ? Edge::Begin : Edge::End;
    return Edge::Begin;
}

Result<Change> move_edge(const Procedure& p, const StepId& id, const RecordingId& recording, Edge edge, const FrameTime& to) {
    const Step* step = p.find(id);
    if (step == nullptr) return fail(ErrorCode::NotFound, kNoStep);
    Step s = *step;
    const auto take = std::find_if(s.takes.begin(), s.takes.end(), [&](const Take& t) { return t.recording == recording; });
    if (take == s.takes.end()) return fail(ErrorCode::NotFound, "This step has no stretch in this recording.");
    const Take before = *take;
    (edge == Edge::Begin ? take->from : take->to) = to;
    if (!(take->from < take->to)) return fail(ErrorCode::Refused, "A step needs a stretch of the tape; its ends cannot meet.");
    if (s.clip && *s.clip == before) s.clip = *take;  // a clip that is the whole take stays the whole take
    return tried(p, Change{edge == Edge::Begin ? "move the beginning of a step" : "move the end of a step", {Put<Step>{std::move(s), std::nullopt}}});
}

}  // namespace anagraph::core
