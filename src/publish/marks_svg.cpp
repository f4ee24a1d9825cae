#include "publish/marks_svg.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <cmath>
#include <vector>

#include "core/plate/fastener_map.h"
#include "core/plate/layout.h"
#include "publish/colours.h"
#include "publish/plate_svg.h"

namespace anagraph::publish {
namespace {

using core::PlateSign;

struct Pen {
    double width;
    double height;
    double unit;  // of signs
    std::string out = {};

    double x(const core::Place& p) const { return p.x * width / 10000; }
    double y(const core::Place& p) const { return p.y * height / 10000; }

    /// A path in white under ink.
    void path(const std::string& d, double thick, const std::string& drawn_in, bool dashed = false) {
        for (const auto& [over, extra] :
            {std::pair<std::string, double>{colour("white"), 0.16}, std::pair<std::string, double>{drawn_in, 0.0}})
            out += fmt::format(
                "<path d=\"{}\" fill=\"none\" stroke=\"{}\" stroke-width=\"{:.1f}\" stroke-linecap=\"round\" "
                "stroke-linejoin=\"round\"{}/>\n",
                d, over, unit * (thick + extra), dashed ? fmt::format(" stroke-dasharray=\"{:.1f} {:.1f}\"", unit * 0.5, unit * 0.4) : "");
    }
    /// An arrowhead whose tip is at a point, coming from a direction.
    void head(double px, double py, double direction, const std::string& drawn_in) {
        std::string d = fmt::format("M{:.1f} {:.1f}", px, py);
        for (const double turn : {2.6, -2.6})
            d += fmt::format("L{:.1f} {:.1f}", px + std::cos(direction + turn) * unit * 0.8, py + std::sin(direction + turn) * unit * 0.8);
        out += fmt::format("<path d=\"{}Z\" fill=\"{}\" stroke=\"{white}\" stroke-width=\"{:.1f}\"/>\n", d, drawn_in, unit * 0.08, white());
    }
    void words(double px, double py, const std::string& text, double size) {
        out += fmt::format(
            "<text x=\"{:.1f}\" y=\"{:.1f}\" font-family=\"B612, sans-serif\" font-size=\"{:.1f}\" font-weight=\"bold\" "
            "text-anchor=\"middle\" fill=\"{ink}\" stroke=\"{white}\" stroke-width=\"{:.1f}\" paint-order=\"stroke\">{}</text>\n",
            px, py, unit * size, unit * 0.16, escaped(text), ink(), white());
    }
};

std::string line(double ax, double ay, double bx, double by) { return fmt::format("M{:.1f} {:.1f}L{:.1f} {:.1f}", ax, ay, bx, by); }
std::string circle(double x, double y, double r) {
    return fmt::format("M{0:.1f} {1:.1f}a{2:.1f} {2:.1f} 0 1 0 {3:.1f} 0a{2:.1f} {2:.1f} 0 1 0 {4:.1f} 0", x - r, y, r, 2 * r, -2 * r);
}

void sign(Pen& pen, const core::Procedure& p, const core::PlateMark& m, const std::string& ink) {
    const double ax = pen.x(m.at);
    const double ay = pen.y(m.at);
    const double bx = pen.x(m.to);
    const double by = pen.y(m.to);
    const double way = std::atan2(by - ay, bx - ax);
    const double reach = std::max(std::hypot(bx - ax, by - ay), pen.unit);
    switch (m.sign) {
        case PlateSign::Turn:
        case PlateSign::TurnBack: {
            // three quarters of a circle, its arrow where it ends
            const double turn = m.sign == PlateSign::Turn ? 1 : -1;
            const double end = way + turn * 4.5;
            pen.path(
                fmt::format("M{:.1f} {:.1f}A{:.1f} {:.1f} 0 1 {} {:.1f} {:.1f}", ax + std::cos(way) * reach, ay + std::sin(way) * reach,
                    reach, reach, turn > 0 ? 1 : 0, ax + std::cos(end) * reach, ay + std::sin(end) * reach),
                0.22, ink);
            pen.head(ax + std::cos(end) * reach, ay + std::sin(end) * reach, end + turn * (M_PI / 2 + 0.25), ink);
            return;
        }
        case PlateSign::Pull:
            pen.path(line(ax, ay, bx, by), 0.28, ink);
            pen.head(bx, by, way, ink);
            return;
        case PlateSign::Press:
            pen.path(line(ax, ay, bx, by), 0.28, ink);
            pen.head(bx, by, way, ink);
            // the face that is pressed on
            pen.path(line(bx + std::cos(way + M_PI / 2) * pen.unit, by + std::sin(way + M_PI / 2) * pen.unit,
                         bx - std::cos(way + M_PI / 2) * pen.unit, by - std::sin(way + M_PI / 2) * pen.unit),
                0.22, ink);
            return;
        case PlateSign::Flow:
            pen.path(line(ax, ay, bx, by), 0.2, ink, true);
            pen.head(bx, by, way, ink);
            return;
        case PlateSign::Look:
            pen.path(circle(ax, ay, reach), 0.2, ink);
            return;
        case PlateSign::DoNotTouch:
            // the prohibition sign of ISO 3864: ring and bar; its shape says it without its red
            pen.path(circle(ax, ay, pen.unit * 1.5), 0.34, colour("prohibition"));
            pen.path(
                line(ax - pen.unit * 1.05, ay - pen.unit * 1.05, ax + pen.unit * 1.05, ay + pen.unit * 1.05), 0.34, colour("prohibition"));
            return;
        case PlateSign::Distance: {
            pen.path(line(ax, ay, bx, by), 0.12, ink);
            pen.head(bx, by, way, ink);
            pen.head(ax, ay, way + M_PI, ink);
            const auto* figure = p.find(m.figure);
            pen.words(
                (ax + bx) / 2, (ay + by) / 2 - pen.unit * 0.5, figure == nullptr ? "not measured" : core::text_of(figure->value), 0.9);
            return;
        }
        case PlateSign::Magnify: {
            // the glass itself is a picture and lies under this
            const double glass = lens_radius(pen.height);
            const double detail = glass / 2;
            pen.path(circle(ax, ay, detail), 0.1, ink);
            pen.path(circle(bx, by, glass), 0.18, ink);
            if (std::hypot(bx - ax, by - ay) > glass + detail)
                pen.path(
                    line(ax + std::cos(way) * detail, ay + std::sin(way) * detail, bx - std::cos(way) * glass, by - std::sin(way) * glass),
                    0.1, ink);
            return;
        }
    }
}

/// A shape of about the area of a circle of radius r.
std::string outline(core::FastenerShape shape, double x, double y, double r) {
    switch (shape) {
        case core::FastenerShape::Circle:
            break;
        case core::FastenerShape::Square:
            return fmt::format("M{:.1f} {:.1f}h{:.1f}v{:.1f}h{:.1f}Z", x - r, y - r, 2 * r, 2 * r, -2 * r);
        case core::FastenerShape::Triangle:
            return fmt::format(
                "M{:.1f} {:.1f}L{:.1f} {:.1f}L{:.1f} {:.1f}Z", x, y - 1.5 * r, x + 1.3 * r, y + 0.8 * r, x - 1.3 * r, y + 0.8 * r);
        case core::FastenerShape::Diamond:
            return fmt::format("M{:.1f} {:.1f}L{:.1f} {:.1f}L{:.1f} {:.1f}L{:.1f} {:.1f}Z", x, y - 1.35 * r, x + 1.35 * r, y, x,
                y + 1.35 * r, x - 1.35 * r, y);
    }
    return circle(x, y, r);
}

void fasteners(Pen& pen, const core::Plate& plate) {
    const auto order = core::fastener_order(plate, pen.width / pen.height);
    const auto& all = plate.fasteners;
    // the way of the tool, thin under the rings
    for (std::size_t i = 1; i < order.size(); ++i) {
        const auto& a = all[static_cast<std::size_t>(order[i - 1] - 1)].at;
        const auto& b = all[static_cast<std::size_t>(order[i] - 1)].at;
        pen.path(line(pen.x(a), pen.y(a), pen.x(b), pen.y(b)), 0.06, colour("ink"), true);
    }
    for (std::size_t i = 0; i < order.size(); ++i) {
        const auto& at = all[static_cast<std::size_t>(order[i] - 1)].at;
        const auto shape = core::fastener_shape(plate, all[static_cast<std::size_t>(order[i] - 1)].item);
        pen.path(outline(shape, pen.x(at), pen.y(at), pen.unit * 0.55), 0.14, colour("ink"));
        // a dark tag, so that no one takes it for a callout's number; its shape is the kind's as well
        const double tx = pen.x(at) + pen.unit * 1.2;
        const double ty = pen.y(at) - pen.unit * 1.2;
        pen.out += fmt::format(
            "<path d=\"{}\" fill=\"{ink}\" stroke=\"{white}\" stroke-width=\"{:.1f}\"/>\n<text x=\"{:.1f}\" y=\"{:.1f}\" "
            "font-family=\"B612, sans-serif\" font-size=\"{:.1f}\" font-weight=\"bold\" text-anchor=\"middle\" "
            "fill=\"{white}\">{}</text>\n",
            outline(shape, tx, ty, pen.unit * 0.75), pen.unit * 0.08, tx, ty + pen.unit * 0.36, pen.unit, i + 1, ink(), white());
    }
}

/// The way the called-out parts came off, from each to the next.
void off_order(Pen& pen, const core::Plate& plate) {
    const auto place = [&](const core::ItemId& id) {
        return std::find_if(plate.callouts.begin(), plate.callouts.end(), [&](const core::Callout& c) { return c.item == id; });
    };
    for (std::size_t i = 1; i < plate.off_order.size(); ++i) {
        const auto a = place(plate.off_order[i - 1]);
        const auto b = place(plate.off_order[i]);
        if (a == plate.callouts.end() || b == plate.callouts.end()) continue;
        const double way = std::atan2(pen.y(b->target) - pen.y(a->target), pen.x(b->target) - pen.x(a->target));
        const double bx = pen.x(b->target) - std::cos(way) * pen.unit * 0.9;
        const double by = pen.y(b->target) - std::sin(way) * pen.unit * 0.9;
        pen.path(line(pen.x(a->target) + std::cos(way) * pen.unit * 0.9, pen.y(a->target) + std::sin(way) * pen.unit * 0.9, bx, by), 0.14,
            colour("ink"), true);
        pen.head(bx, by, way, colour("ink"));
    }
}

/// What the picture shows of a pair, in the corner: a shape and a word, so that it is told apart without colour.
void role_tag(Pen& pen, core::PairRole role) {
    if (role == core::PairRole::None) return;
    std::string word(core::name_of(role));
    for (auto& c : word) c = static_cast<char>(std::toupper(static_cast<unsigned char>(c)));
    const double u = pen.unit * core::kTagUnit;
    const auto [tag_wide, tag_high] = core::role_tag_size(role);
    const double wide = pen.unit * tag_wide;
    const double high = pen.unit * tag_high;
    pen.out += fmt::format(
        "<rect x=\"0\" y=\"0\" width=\"{:.1f}\" height=\"{:.1f}\" fill=\"{white}\" stroke=\"{ink}\" stroke-width=\"{:.1f}\"/>\n", wide,
        high, u * 0.1, ink(), white());
    const auto stroke = [&](const std::string& d) {
        pen.out += fmt::format(
            "<path d=\"{}\" fill=\"none\" stroke=\"{ink}\" stroke-width=\"{:.1f}\" stroke-linecap=\"round\" "
            "stroke-linejoin=\"round\"/>\n",
            d, u * 0.2, ink());
    };
    const double x = u * 1.15;
    const double y = high / 2;
    using core::PairRole;
    if (role == PairRole::Right || role == PairRole::New) stroke(circle(x, y, u * 0.75));
    if (role == PairRole::Right)
        stroke(fmt::format(
            "M{:.1f} {:.1f}L{:.1f} {:.1f}L{:.1f} {:.1f}", x - u * 0.38, y, x - u * 0.08, y + u * 0.32, x + u * 0.4, y - u * 0.32));
    if (role == PairRole::New) stroke(line(x - u * 0.35, y, x + u * 0.35, y) + line(x, y - u * 0.35, x, y + u * 0.35));
    if (role == PairRole::Wrong || role == PairRole::Old)
        stroke(fmt::format("M{0:.1f} {1:.1f}H{2:.1f}V{3:.1f}H{0:.1f}Z", x - u * 0.7, y - u * 0.7, x + u * 0.7, y + u * 0.7));
    if (role == PairRole::Wrong)
        stroke(line(x - u * 0.35, y - u * 0.35, x + u * 0.35, y + u * 0.35) + line(x - u * 0.35, y + u * 0.35, x + u * 0.35, y - u * 0.35));
    if (role == PairRole::Old) stroke(line(x - u * 0.35, y, x + u * 0.35, y));
    if (role == PairRole::Before || role == PairRole::After) {
        const double way = role == PairRole::Before ? 1 : -1;
        stroke(line(x - way * u * 0.6, y, x + way * u * 0.5, y) +
            fmt::format("M{:.1f} {:.1f}L{:.1f} {:.1f}L{:.1f} {:.1f}", x + way * u * 0.1, y - u * 0.4, x + way * u * 0.55, y,
                x + way * u * 0.1, y + u * 0.4));
        stroke(line(x + way * u * 0.75, y - u * 0.6, x + way * u * 0.75, y + u * 0.6));
    }
    pen.out += fmt::format(
        "<text x=\"{:.1f}\" y=\"{:.1f}\" font-family=\"B612, sans-serif\" font-size=\"{:.1f}\" font-weight=\"bold\" "
        "fill=\"{ink}\">{}</text>\n",
        u * 2.2, y + u * 0.4, u * 1.1, word, ink());
}

}  // namespace

std::string marks_svg(const core::Procedure& p, const core::Plate& plate, double width, double height, int chosen) {
    Pen pen{width, height, core::kSignUnit * height / 10000};
    fasteners(pen, plate);
    off_order(pen, plate);
    for (std::size_t i = 0; i < plate.marks.size(); ++i)
        sign(pen, p, plate.marks[i], colour(static_cast<int>(i) == chosen ? "accent" : "ink"));
    role_tag(pen, plate.role);
    return pen.out;
}

std::string fastener_sign(core::FastenerShape shape) {
    return fmt::format(
        "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 20 20\" width=\"14\" height=\"14\" aria-hidden=\"true\"><path d=\"{}\" "
        "fill=\"{ink}\"/></svg>",
        outline(shape, 10, 10, 7), ink());
}

std::string marks_words(const core::Procedure& p, const core::Plate& plate) {
    std::string out = core::fastener_words(p, plate);
    const auto add = [&](const std::string& words) { out += (out.empty() ? "" : " ") + words; };
    for (const auto& m : plate.marks) switch (m.sign) {
            case PlateSign::Turn:
                add("Turn clockwise.");
                break;
            case PlateSign::TurnBack:
                add("Turn anticlockwise.");
                break;
            case PlateSign::Pull:
                add("Pull along the arrow.");
                break;
            case PlateSign::Press:
                add("Press along the arrow.");
                break;
            case PlateSign::Flow:
                add("The broken arrow shows the flow.");
                break;
            case PlateSign::Look:
                add("Look at what the ring surrounds.");
                break;
            case PlateSign::DoNotTouch:
                add("Do not touch here.");
                break;
            case PlateSign::Magnify:
                add("A detail is shown larger.");
                break;
            case PlateSign::Distance:
                add(p.find(m.figure) == nullptr ? "A distance that is not measured."
                                                : fmt::format("Distance {}.", core::text_of(p.find(m.figure)->value)));
                break;
        }
    return out;
}

}  // namespace anagraph::publish
