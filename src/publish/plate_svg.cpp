#include "publish/plate_svg.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <cmath>
#include <vector>

#include "core/base/letters.h"
#include "core/plate/layout.h"
#include "publish/colours.h"
#include "publish/marks_svg.h"

namespace anagraph::publish {

using core::Place;

std::string escaped(std::string_view text) {
    std::string out;
    for (const char c : text) {
        switch (c) {
            case '&':
                out += "&amp;";
                break;
            case '<':
                out += "&lt;";
                break;
            case '>':
                out += "&gt;";
                break;
            case '"':
                out += "&quot;";
                break;
            default:
                out += c;
        }
    }
    return out;
}

std::string plate_words(const core::Procedure& p, const core::Plate& plate, const std::map<core::ItemId, int>& numbers) {
    std::string out = core::capitalised(std::string(core::name_of(plate.role)));
    if (!out.empty()) out += plate.caption.empty() ? "." : ": ";
    out += plate.caption;
    if (!out.empty() && out.back() != '.') out += '.';
    for (const auto& c : plate.callouts) {
        const auto* item = p.find(c.item);
        const char* across = c.target.x < 3333 ? "left" : c.target.x < 6667 ? "middle" : "right";
        const char* down = c.target.y < 3333 ? "top" : c.target.y < 6667 ? "centre" : "bottom";
        if (item != nullptr) out += fmt::format("{}{}: {}, {} {}.", out.empty() ? "" : " ", numbers.at(c.item), item->name, down, across);
    }
    for (const auto& more : {marks_words(p, plate), off_order_words(plate, numbers)})
        if (!more.empty()) out += (out.empty() ? "" : " ") + more;
    return out;
}

std::string off_order_words(const core::Plate& plate, const std::map<core::ItemId, int>& numbers) {
    if (plate.off_order.empty()) return "";
    std::vector<int> order;
    for (const auto& i : plate.off_order)
        if (const auto n = numbers.find(i); n != numbers.end()) order.push_back(n->second);
    const std::vector<int> back(order.rbegin(), order.rend());
    return fmt::format("Comes off in the order {}; goes back in the order {}.", fmt::join(order, ", "), fmt::join(back, ", "));
}

std::string callouts_svg(const core::Plate& plate, const std::map<core::ItemId, int>& numbers, double width, double height) {
    const double r = core::disc_radius(plate.callouts.size()) * height / 10000.0;
    const auto x = [&](const Place& at) { return at.x * width / 10000.0; };
    const auto y = [&](const Place& at) { return at.y * height / 10000.0; };
    std::string out;
    for (const auto& c : plate.callouts) {
        const double dx = x(c.target) - x(c.label);
        const double dy = y(c.target) - y(c.label);
        const double length = std::hypot(dx, dy);
        if (length > r) {
            const double sx = x(c.label) + dx / length * r;
            const double sy = y(c.label) + dy / length * r;
            // white under black: the leader is seen on dark and on light
            for (const auto& [name, thick] : {std::pair{"white", 0.26}, std::pair{"ink", 0.1}})
                out += fmt::format(
                    "<line x1=\"{:.1f}\" y1=\"{:.1f}\" x2=\"{:.1f}\" y2=\"{:.1f}\" stroke=\"{}\" stroke-width=\"{:.1f}\" "
                    "stroke-linecap=\"round\"/>\n",
                    sx, sy, x(c.target), y(c.target), colour(name), r * thick);
            out += fmt::format(
                "<circle cx=\"{:.1f}\" cy=\"{:.1f}\" r=\"{:.1f}\" fill=\"{ink}\" stroke=\"{white}\" stroke-width=\"{:.1f}\"/>\n",
                x(c.target), y(c.target), r * 0.2, r * 0.08, ink(), white());
        }
        out += fmt::format(
            "<circle cx=\"{0:.1f}\" cy=\"{1:.1f}\" r=\"{2:.1f}\" fill=\"{white}\" stroke=\"{ink}\" stroke-width=\"{3:.1f}\"/>\n<text "
            "x=\"{0:.1f}\" y=\"{4:.1f}\" font-family=\"B612, sans-serif\" font-size=\"{5:.1f}\" font-weight=\"bold\" "
            "text-anchor=\"middle\" fill=\"{ink}\">{6}</text>\n",
            x(c.label), y(c.label), r, r * 0.12, y(c.label) + r * 0.42, r * 1.15, numbers.at(c.item), ink(), white());
    }
    return out;
}

std::string plate_svg(const core::Procedure& p, const core::Plate& plate, const std::map<core::ItemId, int>& numbers,
    const std::string& picture, int width, int height, const std::map<std::size_t, std::string>& lenses) {
    const std::string words = plate_words(p, plate, numbers);
    std::string out = fmt::format(
        "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {0} {1}\" role=\"img\" aria-label=\"{2}\">\n<title>{2}</title>\n"
        "<image href=\"{3}\" width=\"{0}\" height=\"{1}\"/>\n",
        width, height, escaped(words), escaped(picture));
    const double glass = lens_radius(height);
    for (const auto& [i, file] : lenses) {
        const Place& at = plate.marks[i].to;
        out += fmt::format("<image href=\"{}\" x=\"{:.1f}\" y=\"{:.1f}\" width=\"{:.1f}\" height=\"{:.1f}\"/>\n", escaped(file),
            at.x * width / 10000.0 - glass, at.y * height / 10000.0 - glass, 2 * glass, 2 * glass);
    }
    return out + marks_svg(p, plate, width, height) + callouts_svg(plate, numbers, width, height) + "</svg>\n";
}

}  // namespace anagraph::publish
