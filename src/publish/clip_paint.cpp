#include "publish/clip_paint.h"

#include <fmt/format.h>

#include <QFontDatabase>
#include <QGuiApplication>
#include <QImage>
#include <QPainter>
#include <QSvgRenderer>
#include <algorithm>

#include "publish/marks_svg.h"
#include "publish/plate_svg.h"
#include "publish/resource.h"

namespace anagraph::publish {
namespace {

/// The words of a drawing are set in the program's own type, whatever the machine has.
void have_type() {
    static const bool done = [] {
        for (const char* font : {"fonts/B612-Regular.otf", "fonts/B612-Bold.otf"})
            QFontDatabase::addApplicationFontFromData(QByteArray::fromStdString(resource(font)));
        return true;
    }();
    static_cast<void>(done);
}

bool shown(const core::ClipMark& m, const core::FrameTime& at) { return !(at < m.from) && at < m.to; }

}  // namespace

std::unique_ptr<QCoreApplication> drawing_application(int& argc, char** argv) {
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    return std::make_unique<QGuiApplication>(argc, argv);
}

std::string clip_overlay(const core::Procedure& p, const core::Clip& clip, const core::FrameTime& at, double width, double height) {
    core::Plate drawn;
    for (const auto& m : clip.marks) {
        if (!shown(m, at)) continue;
        if (m.item.empty())
            drawn.marks.push_back(m.mark);
        else
            drawn.callouts.push_back({m.item, m.mark.at, m.mark.to});
    }
    if (drawn.marks.empty() && drawn.callouts.empty()) return "";
    auto numbers = core::callout_numbers(p);
    // an item that is on no plate gets the next number
    for (const auto& c : drawn.callouts) numbers.try_emplace(c.item, static_cast<int>(numbers.size()) + 1);
    return fmt::format("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {0:.1f} {1:.1f}\">{2}{3}</svg>", width, height,
        marks_svg(p, drawn, width, height), callouts_svg(drawn, numbers, width, height));
}

media::ClipOptions clip_options(const core::Procedure& p, const core::Clip& clip, int rotation, double pixel_aspect) {
    media::ClipOptions options{clip.slower, clip.silent};
    if (clip.marks.empty()) return options;
    options.paints = [clip](const core::FrameTime& at) {
        return std::any_of(clip.marks.begin(), clip.marks.end(), [&](const core::ClipMark& m) { return shown(m, at); });
    };
    options.paint = [p, clip, rotation, pixel_aspect](media::Picture& picture, const core::FrameTime& at) {
        have_type();
        // drawn on the picture as it is seen, then laid onto it as it is stored
        const double wide = picture.width * pixel_aspect;
        const bool turned = rotation % 180 != 0;
        const double width = turned ? picture.height : wide;
        const double height = turned ? wide : picture.height;
        QSvgRenderer svg(QByteArray::fromStdString(clip_overlay(p, clip, at, width, height)));
        QImage image(picture.bgra.data(), picture.width, picture.height, picture.width * 4, QImage::Format_RGB32);
        QPainter painter(&image);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.scale(1 / pixel_aspect, 1);
        painter.translate(wide / 2, picture.height / 2.0);
        painter.rotate(-rotation);
        painter.translate(-width / 2, -height / 2);
        svg.render(&painter, QRectF(0, 0, width, height));
    };
    return options;
}

}  // namespace anagraph::publish
