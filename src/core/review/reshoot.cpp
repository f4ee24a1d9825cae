#include "core/review/reshoot.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/narration/read_moments.h"
#include "core/tape/logging.h"

namespace anagraph::core {
namespace {

constexpr double kSameMoment = 3;  // s

bool dropped(const RecordingUse* use, const FrameTime& at) {
    return use != nullptr &&
        std::any_of(use->notes.begin(), use->notes.end(), [&](const Note& n) { return n.kind == NoteKind::DropAsTalk && n.at == at; });
}

}  // namespace

std::vector<Missing> reshoot_list(const Procedure& p, const std::vector<TapeSeen>& tapes) {
    std::vector<Missing> out;
    for (const auto& tape : tapes) {
        std::vector<Missing> here;
        const auto add = [&](const FrameTime& at, std::string what, std::string why) {
            const Step* step = step_at(p, tape.recording, at);
            here.push_back({tape.recording, at, std::move(what), std::move(why), step == nullptr ? StepId{} : step->id});
        };
        const RecordingUse* use = p.find(tape.recording);
        if (use != nullptr)
            for (const auto& n : use->notes) {
                if (n.kind == NoteKind::NotFilmed) add(n.at, n.text, "noted as not filmed");
                if (n.kind == NoteKind::LookUp) add(n.at, n.text, "noted to be looked up");
            }
        for (const auto& m : *tape.marks)
            if (m.kind == MarkKind::Unseen && !is_dismissed(p, tape.recording, m))
                add(m.at, fmt::format("What is meant where it is said: \u201C{}\u201D", m.words),
                    "the speaker says that it cannot be seen");
        for (const auto& s : *tape.narration)
            if (promises(Line{words_of(s.text)}) && !dropped(use, s.start))
                add(s.start, fmt::format("Find out what was promised: \u201C{}\u201D", s.text), "promised for later");
        for (const auto& poor : tape.poor)
            if (const Step* step = step_at(p, tape.recording, poor.from))
                add(poor.from, step->heading.empty() ? "This part of the step" : step->heading,
                    fmt::format("{} from {} to {}", poor.why, clock_text(poor.from, false), clock_text(poor.to, false)));
        std::stable_sort(here.begin(), here.end(), [](const Missing& a, const Missing& b) { return a.at < b.at; });
        for (auto& m : here) {
            const bool same = !out.empty() && out.back().recording == m.recording && out.back().why == m.why &&
                m.at.seconds() - out.back().at.seconds() < kSameMoment;
            if (!same) out.push_back(std::move(m));
        }
    }
    return out;
}

}  // namespace anagraph::core
