#include "publish/reshoot_page.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <QBuffer>
#include <QImage>
#include <kainjow/mustache.hpp>

#include "core/figure/evidence.h"
#include "media/exact_frame.h"
#include "publish/resource.h"
#include "publish/still_care.h"

namespace anagraph::publish {
namespace {

using kainjow::mustache::data;

constexpr int kPictureWidth = 640;

/// The frame as it was, small enough for a phone, as a data address; empty when it cannot be decoded.
std::string picture_of(const ReshootPoint& point) {
    const auto picture = media::upright_frame(point.file, point.missing.at, point.rotation, point.pixel_aspect);
    if (!picture) return {};
    const QImage image = image_of(*picture);
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    if (!image.scaledToWidth(std::min(kPictureWidth, image.width()), Qt::SmoothTransformation).save(&buffer, "JPG", 80)) return {};
    return "data:image/jpeg;base64," + bytes.toBase64().toStdString();
}

}  // namespace

std::string reshoot_page(const core::Procedure& p, const std::vector<ReshootPoint>& points) {
    data page;
    page.set("machine", p.header.machine);
    page.set("title", p.header.title);
    page.set("count", points.size() == 1 ? "1 point" : fmt::format("{} points", points.size()));
    // it goes out alone, so its type goes with it
    for (const auto& [name, font] : {std::pair("regular", "fonts/B612-Regular.otf"), std::pair("bold", "fonts/B612-Bold.otf")})
        page.set(name, QByteArray::fromStdString(resource(font)).toBase64().toStdString());
    page.set("safety", std::string(core::safety_statement()));
    data list{data::type::list};
    for (const auto& point : points) {
        data x;
        x.set("what", point.missing.what);
        x.set("why", point.missing.why);
        x.set("recording", point.recording);
        x.set("at", core::clock_text(point.missing.at, false));
        for (std::size_t i = 0; i < p.steps.size(); ++i)
            if (p.steps[i].id == point.missing.step) x.set("step", std::to_string(i + 1));
        if (const std::string picture = picture_of(point); !picture.empty()) x.set("picture", picture);
        list << x;
    }
    page.set("points", list);
    // what no source gives yet is found out in the same walk to the machine
    data figures{data::type::list};
    bool any = false;
    for (const auto& f : p.figures) {
        if (core::standing_of(p, f) == core::Standing::Proved) continue;
        any = true;
        data x;
        x.set("title", f.value.known() ? fmt::format("{}: {}?", core::title_of(p, f), core::text_of(f.value)) : core::title_of(p, f));
        x.set("why", core::argue_standing(p, f).english());
        if (const auto steps = core::steps_using(p, f.id); !steps.empty()) x.set("steps", fmt::format("{}", fmt::join(steps, ", ")));
        figures << x;
    }
    page.set("figures", figures);
    page.set("has_figures", any);
    page.set("nothing", !any && points.empty());
    kainjow::mustache::mustache html(template_text("reshoot.html"));
    return html.render(page);
}

}  // namespace anagraph::publish
