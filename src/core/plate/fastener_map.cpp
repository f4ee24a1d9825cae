#include "core/plate/fastener_map.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>

#include "core/procedure/evidence.h"
#include "core/torque/sequence.h"

namespace anagraph::core {
namespace {

struct Counted {
    ItemId item;
    int count = 0;
};
/// The kinds of fastener on the map, as they were first placed.
std::vector<Counted> counted(const Plate& plate) {
    std::vector<Counted> out;
    for (const auto& f : plate.fasteners) {
        const auto it = std::find_if(out.begin(), out.end(), [&](const Counted& c) { return c.item == f.item; });
        if (it == out.end())
            out.push_back({f.item, 1});
        else
            ++it->count;
    }
    return out;
}

std::string name_of_item(const Procedure& p, const ItemId& id) { return p.find(id) == nullptr ? id.text() : p.find(id)->name; }

}  // namespace

std::vector<int> fastener_order(const Plate& plate, double aspect) {
    std::vector<BoltPlace> places;
    for (const auto& f : plate.fasteners) places.push_back({f.at.x * aspect, static_cast<double>(f.at.y)});
    return tightening_order(places).value_or(std::vector<int>{});
}

std::string fastener_words(const Procedure& p, const Plate& plate) {
    const auto kinds = counted(plate);
    if (kinds.empty()) return {};
    std::vector<std::string> each;
    for (const auto& k : kinds) each.push_back(fmt::format("{} {}", k.count, name_of_item(p, k.item)));
    std::string out = fmt::format("{} fastener{} ({}), tightened in the order drawn", plate.fasteners.size(), plate.fasteners.size() == 1 ? "" : "s", fmt::join(each, ", "));
    std::vector<std::string> figures;
    for (const auto& k : kinds)
        for (const auto& f : p.figures) {
            if (f.kind != FigureKind::Torque || f.item != k.item) continue;
            std::string words = text_for_all(p, f);
            if (const auto standing = standing_of(p, f); standing != Standing::Proved) words += fmt::format(" ({})", name_of(standing));
            if (std::find(figures.begin(), figures.end(), words) == figures.end()) figures.push_back(std::move(words));
        }
    if (!figures.empty()) out += fmt::format(" to {}", fmt::join(figures, "; "));
    return out + ".";
}

std::vector<std::string> count_troubles(const Procedure& p, const Plate& plate) {
    std::vector<std::string> out;
    for (const auto& k : counted(plate))
        for (const auto& f : p.figures) {
            const auto n = Number::parse(f.value.low);
            if (f.kind != FigureKind::Count || f.item != k.item || !n || n->value() == k.count) continue;
            out.push_back(fmt::format("The picture shows {} {}; the guide counts {}.", k.count, name_of_item(p, k.item), f.value.low));
        }
    return out;
}

}  // namespace anagraph::core
