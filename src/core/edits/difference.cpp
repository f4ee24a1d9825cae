#include "core/edits/difference.h"

#include <algorithm>
#include <iterator>
#include <type_traits>

namespace anagraph::core {
namespace {

template <class Things, class IdType>
auto place_of(Things& things, const IdType& id) {
    return std::find_if(things.begin(), things.end(), [&](const auto& t) { return t.id == id; });
}

/// Do the things both have stand in the same order?
template <class Thing>
bool same_order(const std::vector<Thing>& a, const std::vector<Thing>& b) {
    auto at = b.begin();
    for (const auto& t : a) {
        if (place_of(b, t.id) == b.end()) continue;
        at = std::find_if(at, b.end(), [&](const Thing& x) { return x.id == t.id; });
        if (at == b.end()) return false;
    }
    return true;
}

/// An item that names nothing else: items and figures name each other.
Item bare(Item item) {
    item.closes.reset();
    item.behind.clear();
    item.under.clear();
    item.total = item.refill = item.holds = {};
    return item;
}

/// Adds what `now`, as it stands so far, lacks, changes what differs and puts it in the order of `to`; `now` follows.
template <class Thing>
void bring(std::vector<Edit>& edits, std::vector<Thing>& now, const std::vector<Thing>& to) {
    const auto place_after = [&](std::size_t i) {  // behind the one that stands before it in `to`
        return i == 0 ? now.begin() : std::next(place_of(now, to[i - 1].id));
    };
    const auto index = [&](typename std::vector<Thing>::iterator it) { return static_cast<std::size_t>(std::distance(now.begin(), it)); };
    const bool ordered = same_order(now, to);
    for (std::size_t i = 0; i < to.size(); ++i) {
        const auto& thing = to[i];
        if (const auto it = place_of(now, thing.id); it != now.end()) {
            if (!(*it == thing)) {
                *it = thing;
                edits.emplace_back(Put<Thing>{thing, std::nullopt});
            }
            if (ordered || it == place_after(i)) continue;
            now.erase(it);
            if constexpr (std::is_same_v<Thing, Step>) {
                edits.emplace_back(MoveStep{thing.id, index(place_after(i))});
                now.insert(place_after(i), thing);
                continue;
            }
            edits.emplace_back(Remove<decltype(Thing::id)>{thing.id});
        }
        const auto at = place_after(i);
        edits.emplace_back(Put<Thing>{thing, index(at)});
        now.insert(at, thing);
    }
}

/// `items` as they are before the figures come: what is new names nothing yet, what is there is as it was.
std::vector<Item> before_figures(const std::vector<Item>& now, const std::vector<Item>& to) {
    std::vector<Item> out;
    for (const auto& item : to) {
        const auto it = place_of(now, item.id);
        out.push_back(it == now.end() ? bare(item) : *it);
    }
    return out;
}

template <class Thing>
void take_away(std::vector<Edit>& edits, const std::vector<Thing>& before, const std::vector<Thing>& after) {
    for (const auto& t : before)
        if (place_of(after, t.id) == after.end()) edits.emplace_back(Remove<decltype(Thing::id)>{t.id});
}

}  // namespace

Change difference(const Procedure& before, const Procedure& after) {
    Change out;
    auto now = before;
    if (!(before.header == after.header)) out.edits.emplace_back(SetHeader{after.header});
    bring(out.edits, now.recordings, after.recordings);
    bring(out.edits, now.sources, after.sources);
    bring(out.edits, now.items, before_figures(now.items, after.items));
    bring(out.edits, now.figures, after.figures);
    bring(out.edits, now.items, after.items);
    bring(out.edits, now.steps, after.steps);
    take_away(out.edits, before.steps, after.steps);
    for (const auto& item : before.items)
        if (place_of(after.items, item.id) == after.items.end() && !(bare(item) == item))
            out.edits.emplace_back(Put<Item>{bare(item), std::nullopt});
    take_away(out.edits, before.items, after.items);
    take_away(out.edits, before.figures, after.figures);
    take_away(out.edits, before.sources, after.sources);
    take_away(out.edits, before.recordings, after.recordings);
    return out;
}

}  // namespace anagraph::core
