#include "publish/pack_files.h"

#include <fmt/format.h>

#include <QBuffer>
#include <QImageReader>
#include <cmath>

namespace anagraph::publish {

std::string still_name(std::size_t step, std::size_t plate) { return fmt::format("plates/step-{}-{}.png", step, plate); }
std::string lens_name(std::size_t step, std::size_t plate, std::size_t lens) {
    return fmt::format("plates/step-{}-{}-lens-{}.png", step, plate, lens);
}

ClipFile clip_names(std::size_t step, const core::Clip& clip) {
    return {fmt::format("clips/step-{}.mp4", step), fmt::format("clips/step-{}.vtt", step), "", fmt::format("clips/step-{}.png", step),
        static_cast<int>(std::lround((clip.take.to.seconds() - clip.take.from.seconds()) * clip.slower))};
}

namespace {

constexpr std::int64_t kMostPicture = std::int64_t{256} << 20;  // bytes

QSize size_of_picture(const PackSource& pack, const std::string& name) {
    const std::string bytes = pack.text(name, kMostPicture);
    QByteArray data = QByteArray::fromRawData(bytes.data(), static_cast<qsizetype>(bytes.size()));
    QBuffer buffer(&data);
    return QImageReader(&buffer, "png").size();
}

}  // namespace

PackFiles pack_files_in(const PackSource& pack, const core::Procedure& p) {
    PackFiles out;
    for (std::size_t i = 0; i < p.steps.size(); ++i) {
        const auto& step = p.steps[i];
        for (std::size_t k = 0; k < step.plates.size(); ++k) {
            const auto& plate = step.plates[k];
            StillFile still{still_name(i + 1, k + 1), 0, 0, {}};
            const QSize size = size_of_picture(pack, still.file);
            still.width = size.width();
            still.height = size.height();
            for (std::size_t m = 0; m < plate.marks.size(); ++m)
                if (plate.marks[m].sign == core::PlateSign::Magnify) still.lenses[m] = lens_name(i + 1, k + 1, still.lenses.size() + 1);
            out.stills[plate.id] = std::move(still);
        }
        if (!step.clip) continue;
        ClipFile clip = clip_names(i + 1, *step.clip);
        clip.bytes = pack.bytes(clip.file);
        clip.captions_text = pack.text(clip.captions, kMostPicture);
        out.clips[step.id] = std::move(clip);
    }
    return out;
}

}  // namespace anagraph::publish
