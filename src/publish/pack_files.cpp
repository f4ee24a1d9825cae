#include "publish/pack_files.h"

#include <fmt/format.h>

#include <QImageReader>
#include <QString>
#include <cmath>
#include <filesystem>

#include "store/files.h"

namespace anagraph::publish {

std::string still_name(std::size_t step, std::size_t plate) { return fmt::format("plates/step-{}-{}.png", step, plate); }
std::string lens_name(std::size_t step, std::size_t plate, std::size_t lens) {
    return fmt::format("plates/step-{}-{}-lens-{}.png", step, plate, lens);
}

ClipFile clip_names(std::size_t step, const core::Clip& clip) {
    return {fmt::format("clips/step-{}.mp4", step), fmt::format("clips/step-{}.vtt", step), "", fmt::format("clips/step-{}.png", step),
        static_cast<int>(std::lround((clip.take.to.seconds() - clip.take.from.seconds()) * clip.slower))};
}

PackFiles pack_files_in(const std::string& folder, const core::Procedure& p) {
    PackFiles out;
    for (std::size_t i = 0; i < p.steps.size(); ++i) {
        const auto& step = p.steps[i];
        for (std::size_t k = 0; k < step.plates.size(); ++k) {
            const auto& plate = step.plates[k];
            StillFile still{still_name(i + 1, k + 1), 0, 0, {}};
            const QSize size = QImageReader(QString::fromStdString(folder + "/" + still.file)).size();
            still.width = size.width();
            still.height = size.height();
            for (std::size_t m = 0; m < plate.marks.size(); ++m)
                if (plate.marks[m].sign == core::PlateSign::Magnify) still.lenses[m] = lens_name(i + 1, k + 1, still.lenses.size() + 1);
            out.stills[plate.id] = std::move(still);
        }
        if (!step.clip) continue;
        ClipFile clip = clip_names(i + 1, *step.clip);
        std::error_code ec;
        const auto bytes = std::filesystem::file_size(folder + "/" + clip.file, ec);
        clip.bytes = ec ? 0 : static_cast<std::int64_t>(bytes);
        clip.captions_text = store::read_file(folder + "/" + clip.captions).value_or("");
        out.clips[step.id] = std::move(clip);
    }
    return out;
}

}  // namespace anagraph::publish
