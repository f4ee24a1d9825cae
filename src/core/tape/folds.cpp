#include "core/tape/folds.h"

#include <algorithm>

#include "core/tape/logging.h"

namespace anagraph::core {
namespace {

constexpr double kTalk = 2;      // s: shorter ones are not worth a fold
constexpr double kSilence = 10;  // s
constexpr double kNote = 2;      // s: room a note needs

/// A fold without the parts that steps and notes need.
void keep_steps_open(const Procedure& p, const RecordingId& recording, const Fold& fold, std::vector<Fold>& out) {
    std::vector<std::pair<FrameTime, FrameTime>> held;
    for (const auto& s : p.steps)
        for (const auto& t : s.takes)
            if (t.recording == recording && t.from < fold.to && fold.from < t.to) held.emplace_back(t.from, t.to);
    if (const auto* use = p.find(recording))
        for (const auto& n : use->notes)
            if (n.kind != NoteKind::DropAsTalk && !(n.at < fold.from) && n.at < fold.to)
                held.emplace_back(n.at, FrameTime::from_milliseconds(static_cast<std::int64_t>((n.at.seconds() + kNote) * 1000)));
    std::sort(held.begin(), held.end());
    FrameTime from = fold.from;
    const auto add = [&](const FrameTime& to) {
        Fold part = fold;
        part.from = from;
        part.to = to;
        if (part.to.seconds() - part.from.seconds() >= (fold.talk ? kTalk : kSilence)) out.push_back(part);
    };
    for (const auto& [begin, end] : held) {
        if (from < begin) add(begin);
        from = std::max(from, end);
    }
    if (from < fold.to) add(fold.to);
}

}  // namespace

std::vector<Fold> folds(const Procedure& p, const RecordingId& recording, const std::vector<Segment>& lines, const std::vector<Mark>& marks,
    const FrameTime& begin, const FrameTime& end) {
    std::vector<Fold> out;
    if (lines.empty()) return out;
    std::vector<bool> talk(lines.size(), false);
    for (const auto& m : marks)
        if (m.kind == MarkKind::Talk && m.segment < lines.size()) talk[m.segment] = true;
    if (const auto* use = p.find(recording))
        for (const auto& n : use->notes)
            if (n.kind == NoteKind::DropAsTalk)
                for (std::size_t i = 0; i < lines.size(); ++i) talk[i] = talk[i] || lines[i].start == n.at;
    FrameTime quiet_from = begin;
    for (std::size_t i = 0; i < lines.size();) {
        // silence before this line
        if (lines[i].start.seconds() - quiet_from.seconds() >= kSilence)
            keep_steps_open(p, recording, {quiet_from, lines[i].start, false, 0}, out);
        std::size_t k = i;
        while (k < lines.size() && talk[k] == talk[i] && (k == i || lines[k].start.seconds() - lines[k - 1].end.seconds() < kSilence)) ++k;
        if (talk[i]) {
            const FrameTime next = k < lines.size() ? lines[k].start : end;
            const Fold fold{lines[i].start, std::min(lines[k - 1].end, next), true, k - i};
            if (fold.to.seconds() - fold.from.seconds() >= kTalk) keep_steps_open(p, recording, fold, out);
        }
        quiet_from = lines[k - 1].end;
        i = k;
    }
    if (end.seconds() - quiet_from.seconds() >= kSilence) keep_steps_open(p, recording, {quiet_from, end, false, 0}, out);
    return out;
}

}  // namespace anagraph::core
