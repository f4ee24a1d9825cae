#include "core/plate/fastener_map.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <array>

#include "core/base/letters.h"
#include "core/figure/evidence.h"
#include "core/torque/sequence.h"

namespace anagraph::core {
namespace {

std::string name_of_item(const Procedure& p, const ItemId& id) { return p.find(id) == nullptr ? id.text() : p.find(id)->name; }

int count_of(const Plate& plate, const ItemId& kind) {
    return static_cast<int>(
        std::count_if(plate.fasteners.begin(), plate.fasteners.end(), [&](const FastenerPlace& f) { return f.item == kind; }));
}

}  // namespace

std::vector<int> fastener_order(const Plate& plate, double aspect) {
    std::vector<BoltPlace> places;
    for (const auto& f : plate.fasteners) places.push_back({f.at.x * aspect, static_cast<double>(f.at.y)});
    return tightening_order(places).value_or(std::vector<int>{});
}

std::vector<ItemId> fastener_kinds(const Plate& plate) {
    std::vector<ItemId> out;
    for (const auto& f : plate.fasteners)
        if (std::find(out.begin(), out.end(), f.item) == out.end()) out.push_back(f.item);
    return out;
}

FastenerShape fastener_shape(const Plate& plate, const ItemId& kind) {
    const auto kinds = fastener_kinds(plate);
    return static_cast<FastenerShape>((std::find(kinds.begin(), kinds.end(), kind) - kinds.begin()) % 4);
}

std::string fastening_words(const Fastening& f) {
    if (f == Fastening{}) return {};
    const auto& [length, head, washer] = f;
    const std::string out =
        fmt::format("{}, {}, ", length.empty() ? "length not known" : length + " long", head.empty() ? "head not known" : "head " + head);
    return out + (washer.empty() ? "washer not known" : washer == "none" ? "no washer" : "washer " + washer);
}

std::string kind_words(const Procedure& p, const Plate& plate, const ItemId& kind) {
    const Item* item = p.find(kind);
    const std::string facts = item == nullptr ? std::string() : fastening_words(item->fastening);
    return fmt::format("{} {}{}{}", count_of(plate, kind), name_of_item(p, kind), facts.empty() ? "" : ": ", facts);
}

std::string tightening_words(const Procedure& p, const Plate& plate) {
    const auto kinds = fastener_kinds(plate);
    if (kinds.empty()) return {};
    std::vector<std::string> figures;
    for (const auto& k : kinds)
        for (const auto& f : p.figures) {
            if (f.kind != FigureKind::Torque || f.item != k) continue;
            std::string words = text_for_all(p, f);
            if (const auto standing = standing_of(p, f); standing != Standing::Proved) words += fmt::format(" ({})", name_of(standing));
            if (std::find(figures.begin(), figures.end(), words) == figures.end()) figures.push_back(std::move(words));
        }
    return fmt::format("{}Tightened in the order drawn{}.", kinds.size() == 1 ? "" : "Each goes back where it came from. ",
        figures.empty() ? "" : fmt::format(" to {}", fmt::join(figures, "; ")));
}

std::string fastener_words(const Procedure& p, const Plate& plate) {
    const auto kinds = fastener_kinds(plate);
    if (kinds.empty()) return {};
    constexpr std::array<std::string_view, 4> kShapes{"circle", "square", "triangle", "diamond"};
    std::string out = kinds.size() == 1 ? "" : fmt::format("{} fasteners. ", plate.fasteners.size());
    for (const auto& k : kinds) {
        std::string words = kind_words(p, plate, k);
        if (kinds.size() > 1) {
            const bool one = count_of(plate, k) == 1;
            words.insert(std::min(words.find(':'), words.size()),
                fmt::format(", in {}{}{}", one ? "a " : "", kShapes[static_cast<std::size_t>(fastener_shape(plate, k))], one ? "" : "s"));
        }
        out += words + ". ";
    }
    return out + tightening_words(p, plate);
}

std::vector<Words> count_troubles(const Procedure& p, const Plate& plate) {
    std::vector<Words> out;
    for (const auto& k : fastener_kinds(plate))
        for (const auto& f : p.figures) {
            const auto n = Number::kept(f.value.low);
            if (f.kind != FigureKind::Count || f.item != k || !n || n->value() == count_of(plate, k)) continue;
            out.push_back(say(
                key("Fasteners", "The picture shows {0} {1}; the guide counts {2}."), count_of(plate, k), name_of_item(p, k), f.value.low));
        }
    return out;
}

std::vector<Words> unstated(const Procedure& p, const Plate& plate) {
    std::vector<Words> out;
    for (const auto& k : fastener_kinds(plate)) {
        const Item* item = p.find(k);
        if (item == nullptr) continue;
        std::vector<Words> missing;
        if (item->fastening.length.empty()) missing.emplace_back(key("Fasteners", "length"));
        if (item->fastening.head.empty()) missing.emplace_back(key("Fasteners", "head"));
        if (item->fastening.washer.empty()) missing.emplace_back(key("Fasteners", "washer"));
        if (!missing.empty())
            out.push_back(say(key("Fasteners", "Not stated of the {0}: {1}; edit the item to say it."), item->name, listed_all(missing)));
    }
    return out;
}

}  // namespace anagraph::core
