#include "core/plate/still_frame.h"

#include <algorithm>
#include <cmath>

#include "core/plate/layout.h"

namespace anagraph::core {
namespace {

double radians(int tilt) { return tilt * M_PI / 1800; }

struct FramePoint {
    double x;
    double y;
};

/// About the middle of the picture, its height being 1.
FramePoint turned(const FramePoint& p, double angle, double by) {
    return {(p.x * std::cos(angle) - p.y * std::sin(angle)) * by, (p.x * std::sin(angle) + p.y * std::cos(angle)) * by};
}

Place rounded(double x, double y) { return {static_cast<int>(std::lround(x)), static_cast<int>(std::lround(y))}; }

bool on_picture(const Place& p) { return p.x >= 0 && p.y >= 0 && p.x <= 10000 && p.y <= 10000; }

}  // namespace

double growth(int tilt, double aspect) {
    const double c = std::cos(std::abs(radians(tilt)));
    const double s = std::sin(std::abs(radians(tilt)));
    return std::max(c + s / aspect, c + s * aspect);
}

Place shown_at(const Place& recorded, const StillCare& care, double aspect) {
    const FramePoint p =
        turned({(recorded.x / 10000.0 - 0.5) * aspect, recorded.y / 10000.0 - 0.5}, radians(care.tilt), growth(care.tilt, aspect));
    const auto& c = care.crop;
    return rounded(
        ((p.x / aspect + 0.5) * 10000 - c.left) * 10000 / (c.right - c.left), ((p.y + 0.5) * 10000 - c.top) * 10000 / (c.bottom - c.top));
}

Place recorded_at(const Place& shown, const StillCare& care, double aspect) {
    const auto& c = care.crop;
    const double x = c.left + shown.x * (c.right - c.left) / 10000.0;
    const double y = c.top + shown.y * (c.bottom - c.top) / 10000.0;
    const FramePoint p = turned({(x / 10000 - 0.5) * aspect, y / 10000 - 0.5}, -radians(care.tilt), 1 / growth(care.tilt, aspect));
    return rounded((p.x / aspect + 0.5) * 10000, (p.y + 0.5) * 10000);
}

Area recorded_area(const Area& shown, int tilt, double aspect) {
    StillCare turned;
    turned.tilt = tilt;
    Area out{10000, 10000, 0, 0};
    for (const Place corner :
        {Place{shown.left, shown.top}, Place{shown.right, shown.top}, Place{shown.left, shown.bottom}, Place{shown.right, shown.bottom}}) {
        const auto p = recorded_at(corner, turned, aspect);
        out.left = std::clamp(std::min(out.left, p.x), 0, 10000);
        out.top = std::clamp(std::min(out.top, p.y), 0, 10000);
        out.right = std::clamp(std::max(out.right, p.x), 0, 10000);
        out.bottom = std::clamp(std::max(out.bottom, p.y), 0, 10000);
    }
    return out;
}

double shown_aspect(const StillCare& care, double aspect) {
    return aspect * (care.crop.right - care.crop.left) / (care.crop.bottom - care.crop.top);
}

Plate with_care(Plate plate, const StillCare& care, double aspect) {
    const auto moved = [&, before = plate.care](const Place& p) { return shown_at(recorded_at(p, before, aspect), care, aspect); };
    const double shape = shown_aspect(care, aspect);
    for (auto& c : plate.callouts) c = {c.item, moved(c.target), clamped(moved(c.label), shape), c.fixed};
    std::erase_if(plate.callouts, [](const Callout& c) { return !on_picture(c.target); });
    for (auto& m : plate.marks) {
        m.at = moved(m.at);
        m.to = moved(m.to);
    }
    std::erase_if(plate.marks, [](const PlateMark& m) { return !on_picture(m.at) && !on_picture(m.to); });
    for (auto& m : plate.marks)
        for (auto* p : {&m.at, &m.to}) *p = {std::clamp(p->x, 0, 10000), std::clamp(p->y, 0, 10000)};
    for (auto& f : plate.fasteners) f.at = moved(f.at);
    std::erase_if(plate.fasteners, [](const FastenerPlace& f) { return !on_picture(f.at); });
    std::erase_if(plate.off_order, [&](const ItemId& i) {
        return std::none_of(plate.callouts.begin(), plate.callouts.end(), [&](const Callout& c) { return c.item == i; });
    });
    plate.care = care;
    return plate;
}

}  // namespace anagraph::core
