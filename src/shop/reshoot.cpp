#include "shop/reshoot.h"

#include <map>

#include "core/base/caught.h"
#include "core/tape/spoken_lines.h"
#include "shop/far_recordings.h"
#include "store/files.h"

namespace anagraph::shop {

core::Result<std::vector<publish::ReshootPoint>> gather_reshoot(const store::Library& library, const store::GuideId& guide) {
    const auto procedure = library.load_guide(guide);
    if (!procedure) return tl::make_unexpected(procedure.error());
    struct Read {
        publish::ReshootPoint about;  // file, name and shape of the recording
        std::vector<core::Segment> narration;
        std::vector<core::Mark> marks;
    };
    std::map<core::RecordingId, Read> read;
    std::vector<core::TapeSeen> tapes;
    for (const auto& use : procedure->recordings) {
        const auto entry = library.recording(use.id);
        if (!entry) return tl::make_unexpected(entry.error());
        const auto index = recording_index(library, use.id);
        if (!index) return tl::make_unexpected(index.error());
        const auto narration = library.narration(use.id);
        if (!narration) return tl::make_unexpected(narration.error());
        Read& r = read[use.id];
        r.about = {{}, use.title.empty() ? entry->name : use.title, entry->path, index->rotation, index->pixel_aspect};
        r.narration = core::spoken_lines(*narration, &use).lines;
        r.marks = core::read_marks(r.narration);
        core::TapeSeen seen{use.id, &r.narration, &r.marks, {}};
        for (const auto& poor : media::poor_stretches(*index))
            seen.poor.push_back({poor.from, poor.to, poor.dark ? "too dark" : "blurred"});
        tapes.push_back(std::move(seen));
    }
    std::vector<publish::ReshootPoint> out;
    for (auto& missing : core::reshoot_list(*procedure, tapes)) {
        publish::ReshootPoint point = read.at(missing.recording).about;
        point.missing = std::move(missing);
        out.push_back(std::move(point));
    }
    return out;
}

core::Outcome write_reshoot(const core::Procedure& p, const std::vector<publish::ReshootPoint>& points, store::Destination& to) {
    return core::caught([&]() -> core::Outcome {
        if (auto written = store::write_file(to.work(), publish::reshoot_page(p, points)); !written) return written;
        return to.commit();
    });
}

}  // namespace anagraph::shop
