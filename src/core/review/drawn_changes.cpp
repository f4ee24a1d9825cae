#include "core/review/drawn_changes.h"

#include <algorithm>

#include "core/plate/fastener_map.h"
#include "core/review/place_seen.h"
#include "core/review/review.h"

namespace anagraph::core {
namespace {

using Numbers = std::map<ItemId, int>;

std::vector<PlateChange::Mark> callouts_of(const Procedure& p, const Plate& plate, const Numbers& numbers) {
    std::vector<PlateChange::Mark> out;
    for (const auto& c : plate.callouts) {
        const Item* item = p.find(c.item);
        const auto number = numbers.find(c.item);
        out.push_back({item == nullptr ? c.item.text() : item->name, number == numbers.end() ? 0 : number->second, c.target, c.target});
    }
    return out;
}

/// Where a plate stands among its step's, from 1; nothing: it is not there.
std::optional<PlateChange::Seen> place_of(const Procedure& p, const PlateId& id) {
    for (std::size_t s = 0; s < p.steps.size(); ++s)
        for (std::size_t k = 0; k < p.steps[s].plates.size(); ++k)
            if (p.steps[s].plates[k].id == id) return PlateChange::Seen{static_cast<int>(s) + 1, static_cast<int>(k) + 1};
    return std::nullopt;
}

PlateChange plate_change(const Procedure& before, const Plate* was, const Procedure& now, const Plate* is, const Numbers& numbers_before,
    const Numbers& numbers_now) {
    PlateChange out;
    if (was != nullptr) out.was = place_of(before, was->id);
    if (is != nullptr) out.is = place_of(now, is->id);
    if (was == nullptr || is == nullptr) return out;
    out.other_picture = was->recording != is->recording || was->at != is->at || was->care != is->care;
    out.marks_changed = was->marks != is->marks || was->fasteners != is->fasteners || was->caption != is->caption ||
        was->role != is->role || was->off_order != is->off_order;
    if (out.other_picture) return out;
    for (std::size_t i = 0; i < is->callouts.size(); ++i) {
        const auto& c = is->callouts[i];
        auto mark = callouts_of(now, *is, numbers_now)[i];
        const auto old = std::find_if(was->callouts.begin(), was->callouts.end(), [&](const Callout& x) { return x.item == c.item; });
        if (old == was->callouts.end()) {
            out.added.push_back(std::move(mark));
        } else if (old->target != c.target) {
            mark.before = old->target;
            out.moved.push_back(std::move(mark));
        }
    }
    for (std::size_t i = 0; i < was->callouts.size(); ++i)
        if (std::none_of(is->callouts.begin(), is->callouts.end(), [&](const Callout& x) { return x.item == was->callouts[i].item; }))
            out.gone.push_back(callouts_of(before, *was, numbers_before)[i]);
    return out;
}

const Plate* plate_of(const Step* step, const PlateId& id) {
    if (step == nullptr) return nullptr;
    const auto it = std::find_if(step->plates.begin(), step->plates.end(), [&](const Plate& p) { return p.id == id; });
    return it == step->plates.end() ? nullptr : &*it;
}

std::vector<PlateChange> plate_changes(const Procedure& before, const Procedure& now, const StepId& id) {
    const Step* was = before.find(id);
    const Step* is = now.find(id);
    const auto numbers_before = callout_numbers(before);
    const auto numbers_now = callout_numbers(now);
    std::vector<PlateChange> out;
    if (is != nullptr)
        for (const auto& plate : is->plates) {
            const Plate* old = plate_of(was, plate.id);
            if (old == nullptr || !(*old == plate)) out.push_back(plate_change(before, old, now, &plate, numbers_before, numbers_now));
        }
    if (was != nullptr)
        for (const auto& plate : was->plates)
            if (plate_of(is, plate.id) == nullptr) out.push_back(plate_change(before, &plate, now, nullptr, numbers_before, numbers_now));
    return out;
}

}  // namespace

std::vector<ChangedPlace> drawn_changes(const Edition& before, const Edition& now) {
    std::vector<ChangedPlace> out;
    for (const auto& place : review_places(&before, now)) {
        if (!place.changed) continue;
        ChangedPlace c;
        c.title = place.title;
        c.text = changed_lines(compare_words(place_text(place, before), place_text(place, now)));
        if (!place.figure.empty()) {
            if (const Figure* f = before.procedure.find(place.figure)) c.was = *f;
            if (const Figure* f = now.procedure.find(place.figure)) c.is = *f;
        } else if (!place.step.empty()) {
            c.plates = plate_changes(before.procedure, now.procedure, place.step);
        }
        for (const auto& d : place.differences) {
            c.sentences.push_back(d.text);
            c.read_again = c.read_again || d.read_again;
        }
        out.push_back(std::move(c));
    }
    std::stable_sort(out.begin(), out.end(), [](const ChangedPlace& a, const ChangedPlace& b) { return a.read_again && !b.read_again; });
    return out;
}

}  // namespace anagraph::core
