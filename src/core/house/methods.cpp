#include "core/house/methods.h"

#include <fmt/format.h>

#include <algorithm>

namespace anagraph::core {
namespace {

template <class Things>
auto find_in(const Things& things, std::string_view id) -> decltype(&things.front()) {
    const auto it = std::find_if(things.begin(), things.end(), [&](const auto& t) { return t.id == id; });
    return it == things.end() ? nullptr : &*it;
}

}  // namespace

const Way* MethodTopic::way(std::string_view way_id) const { return find_in(ways, way_id); }

const std::vector<MethodTopic>& method_topics() {
    static const std::vector<MethodTopic> all{
        {"interval", "When is it serviced?",
            {{"maker", "at the maker's interval", "The maker's interval is tested and keeps the warranty."},
                {"shorter", "earlier than the maker says", "Dust, short runs and heavy load use oil up faster than the book assumes."},
                {"analysis", "when a sample of the oil says so",
                    "A sample shows what the oil can still do; good oil is not thrown away."}}},
        {"drain-heat", "How warm is the oil drained?",
            {{"warm", "drain it warm", "Warm oil runs well and carries the dirt, and a hand can bear it."},
                {"hot", "drain it hot", "Hot oil runs fastest and takes most dirt along; it burns whoever is careless."},
                {"cool", "drain it cool", "Nobody is burned, and all of it has run down into the sump."}}},
        {"fill-cap", "Is the fill cap off while it drains?",
            {{"off", "take the cap off", "Air gets in freely, so it drains faster and in one stream."},
                {"loosened", "only loosen the cap", "Air gets in, dust does not."}}},
        {"drain-time", "How long does it drain?",
            {{"drips", "until it only drips", "What runs has run; more waiting brings spoonfuls."},
                {"set-time", "for a set time", "A time can be planned and checked; nobody judges by eye."},
                {"long", "half an hour or more", "The slow rest carries the fine dirt."}}},
        {"flush", "Is it flushed with new oil?",
            {{"no", "do not flush", "New oil is not thrown away, and dirt is not stirred up."},
                {"yes", "flush with a little new oil", "The last dirty oil leaves the lowest corner."}}},
        {"pre-fill", "Is the new filter filled before it goes on?",
            {{"dry", "fit it dry", "No dirt gets in on the clean side, and nothing spills."},
                {"filled", "fill it first", "The bearings get oil at once when it starts."}}},
        {"seal", "Is the seal new each time?",
            {{"new", "a new seal each time", "A used seal has set; a new one costs less than a leak."},
                {"inspected", "reuse it when it is sound", "A sound seal seals; it is looked at, and changed when in doubt."}}},
        {"tighten", "How is it tightened?",
            {{"wrench", "to the figure, with a torque wrench", "A figure can be checked, and threads forgive nothing."},
                {"angle", "by contact and a part of a turn", "It does not depend on friction in the thread, nor on a wrench at hand."},
                {"hand", "by hand, then a witness mark", "A practised hand feels the seal; the mark shows if it moves."}}},
        {"refill", "How much goes back in?",
            {{"measured", "fill short, wait, read, add up to the mark", "What stayed inside differs each time; the level does not."},
                {"amount", "pour the refill amount, then read", "The amount is known, and a wrong reading is noticed."}}},
        {"parts", "Whose parts are fitted?",
            {{"maker", "the maker's part", "It fits for certain, and keeps the warranty."},
                {"equivalent", "an equivalent part",
                    "The same specification costs less and is at hand; it is compared with the old one first."}}},
    };
    return all;
}

const MethodTopic* find_topic(std::string_view id) { return find_in(method_topics(), id); }

std::vector<MethodHeld> methods_of(const Step& step, const std::vector<HouseMethod>& house) {
    std::vector<MethodHeld> out;
    for (const auto& m : step.methods) {
        MethodHeld held{find_topic(m.topic), nullptr, m.because, {}, !m.chosen.empty()};
        if (held.topic == nullptr) continue;
        const auto rule = std::find_if(house.begin(), house.end(), [&](const HouseMethod& h) { return h.topic == m.topic; });
        const bool ruled = rule != house.end();
        held.chosen = held.topic->way(held.of_step || !ruled ? m.chosen : rule->chosen);
        if (!held.of_step) held.because = ruled ? rule->because : "";
        for (const auto& way : held.topic->ways) {
            const bool accepted = ruled && std::find(rule->accepted.begin(), rule->accepted.end(), way.id) != rule->accepted.end();
            // the way of the house that a step departs from is not accepted there unless the house says so: the author had a reason
            if (accepted && &way != held.chosen) held.accepted.push_back(&way);
        }
        out.push_back(std::move(held));
    }
    return out;
}

std::string summary(const MethodHeld& held) {
    if (held.chosen == nullptr) return fmt::format("{} This house has chosen no method; the maker's book decides.", held.topic->question);
    return fmt::format("{}: {}.", held.of_step ? "For this step" : "House rule", held.chosen->name);
}

}  // namespace anagraph::core
