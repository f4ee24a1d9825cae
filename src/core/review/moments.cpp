#include "core/review/moments.h"

#include <fmt/format.h>

namespace anagraph::core {

std::vector<std::string> moments_beyond(const Procedure& p, const RecordingId& recording, const FrameTime& first, const FrameTime& end) {
    std::vector<std::string> out;
    const auto use = use_of(p, recording);
    const auto beyond = [&](const FrameTime& t) { return t < first || !(t < end); };
    const auto tell = [&](std::size_t step, const char* what, const FrameTime& t) {
        out.push_back(fmt::format("Step {}: its {} is taken at {}, and \u201C{}\u201D runs from {} to {}; choose another moment.", step + 1,
            what, clock_text(t, false), use.title.empty() ? recording.text().substr(0, 8) : use.title, clock_text(first, false),
            clock_text(end, false)));
    };
    for (std::size_t i = 0; i < p.steps.size(); ++i) {
        const Step& s = p.steps[i];
        for (const auto& plate : s.plates)
            if (plate.recording == recording && beyond(plate.at)) tell(i, "picture", plate.at);
        if (!s.clip || s.clip->take.recording != recording) continue;
        const auto& clip = *s.clip;
        if (beyond(clip.take.from)) tell(i, "clip", clip.take.from);
        if (end < clip.take.to) tell(i, "clip", clip.take.to);
        if (clip.poster && beyond(*clip.poster)) tell(i, "clip's still", *clip.poster);
    }
    return out;
}

}  // namespace anagraph::core
