#include "core/workout/known.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <string>
#include <string_view>

namespace anagraph::core {
namespace {

std::string small_letters(std::string_view text) {
    std::string out(text);
    std::transform(out.begin(), out.end(), out.begin(), [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return out;
}

/// Does one of the words stand in the text, at the beginning of a word ("plug" in "drain plugs")?
template <std::size_t N>
bool says(const std::string& text, const std::array<std::string_view, N>& words) {
    const auto begins_a_word = [&](std::size_t at) { return at == 0 || !std::isalpha(static_cast<unsigned char>(text[at - 1])); };
    return std::any_of(words.begin(), words.end(), [&](std::string_view word) {
        for (auto at = text.find(word); at != std::string::npos; at = text.find(word, at + 1))
            if (begins_a_word(at)) return true;
        return false;
    });
}

constexpr std::array<std::string_view, 4> kSealing{"plug", "breather", "bleed", "banjo"};
constexpr std::array<std::string_view, 2> kHollowNames{"banjo", "hollow"};
constexpr std::array<std::string_view, 2> kAluminium{"aluminium", "aluminum"};
constexpr std::array<std::string_view, 1> kPlastic{"plastic"};  // a nut with a nylon ring is cut in steel
constexpr std::array<std::string_view, 5> kClasses{"12.9", "10.9", "8.8", "5.8", "5.6"};

/// "M14 x 1.5" out of "M14 x 1.5, magnetic tip": an M before a digit, not within a word, with its pitch.
std::string_view thread_in(std::string_view spec) {
    const auto digit = [&](std::size_t i) { return i < spec.size() && std::isdigit(static_cast<unsigned char>(spec[i])) != 0; };
    const auto number = [&](std::size_t i) {
        while (digit(i) || (i < spec.size() && spec[i] == '.' && digit(i + 1))) ++i;
        return i;
    };
    for (std::size_t at = 0; at < spec.size(); ++at) {
        if (spec[at] != 'M' || !digit(at + 1) || (at > 0 && std::isalnum(static_cast<unsigned char>(spec[at - 1])) != 0)) continue;
        const std::size_t end = number(at + 1);
        std::size_t pitch = end;
        while (pitch < spec.size() && spec[pitch] == ' ') ++pitch;
        if (pitch < spec.size() && (spec[pitch] == 'x' || spec[pitch] == 'X')) {
            ++pitch;
            while (pitch < spec.size() && spec[pitch] == ' ') ++pitch;
            if (digit(pitch)) return spec.substr(at, number(pitch) - at);
        }
        return spec.substr(at, end - at);
    }
    return {};
}

/// What a purpose says where it means one of the amounts of a system. The first that fits counts: "refill with filter" is no
/// filter's share, and "what is drained at a change" no refill.
struct AmountWords {
    std::optional<Amount> FluidSystem::*amount;
    std::array<std::string_view, 4> words;
};
constexpr std::array<AmountWords, 6> kAmounts{
    {{&FluidSystem::between_marks, {"between", "from mark to mark", "min to max", "lower to upper"}},
        {&FluidSystem::residue, {"stays", "residue", "left behind", "remains"}},
        {&FluidSystem::filter, {"filter takes", "filter holds", "filter's share", "in the filter"}},
        {&FluidSystem::drained, {"drained", "came out", "comes out", "what ran out"}},
        {&FluidSystem::refill, {"refill", "change", "service fill", "with filter"}},
        {&FluidSystem::total, {"total", "dry", "whole system", "system holds"}}}};

bool of_other_variants(const Figure& f, const Figure& about) {
    if (f.variants.empty() || about.variants.empty()) return false;
    return std::none_of(f.variants.begin(), f.variants.end(),
        [&](const std::string& v) { return std::find(about.variants.begin(), about.variants.end(), v) != about.variants.end(); });
}

}  // namespace

std::optional<Amount> FluidSystem::*amount_meant(std::string_view purpose) {
    const auto words = small_letters(purpose);
    const auto it = std::find_if(kAmounts.begin(), kAmounts.end(), [&](const AmountWords& a) { return says(words, a.words); });
    return it == kAmounts.end() ? nullptr : it->amount;
}

std::optional<ThreadedJoint> known_joint(const Procedure& p, const Figure& torque) {
    const auto* item = p.find(torque.item);
    if (item == nullptr) return std::nullopt;
    const auto thread = parse_thread(thread_in(item->spec));
    if (!thread) return std::nullopt;
    auto joint = *thread;
    const std::string name = small_letters(item->name);
    const std::string spec = small_letters(item->spec);
    joint.seals = says(name, kSealing);
    joint.hollow = says(name, kHollowNames) || says(spec, kHollowNames);
    if (says(spec, kAluminium)) joint.in = ThreadIn::Aluminium;
    if (says(spec, kPlastic)) joint.in = ThreadIn::Plastic;
    // "class 10.9", and not the 8.8 of "18.8 mm"
    for (const auto c : kClasses)
        for (const char* word : {"class ", "grade "})
            if (joint.property_class.empty() && spec.find(word + std::string(c)) != std::string::npos) joint.property_class = c;
    return joint;
}

std::optional<double> tolerance_percent(const Figure& figure) {
    const auto value = Number::kept(figure.value.low);
    const auto half = Number::kept(figure.tolerance);
    if (!value || !half || value->value() <= 0) return std::nullopt;
    return half->value() / value->value() * 100;
}

const Figure* known_amount(const Procedure& p, const Figure& about, std::optional<Amount> FluidSystem::*amount) {
    const Figure* best = nullptr;
    const auto nearness = [&](const Figure& f) { return f.id == about.id ? 2 : !about.item.empty() && f.item == about.item ? 1 : 0; };
    for (const auto& f : p.figures)
        if (f.kind == FigureKind::Volume && f.value.known() && amount_meant(f.purpose) == amount && !of_other_variants(f, about) &&
            (best == nullptr || nearness(f) > nearness(*best)))
            best = &f;
    return best;
}

FluidSpec known_demand(const Procedure& p, const Figure& about) {
    const auto* item = p.find(about.item);
    if (item == nullptr) return {};
    std::string asked = item->spec;
    for (const auto& f : p.figures)
        if (f.kind == FigureKind::Grade && f.item == about.item && f.value.known() && !of_other_variants(f, about))
            asked += " " + f.value.low;
    return parse_fluid_spec(asked);
}

std::optional<Quantity> vessel_size(const Item& vessel) {
    std::string said = vessel.spec.substr(0, vessel.spec.find(" or"));
    said = said.substr(0, said.find(','));
    const auto quantity = Quantity::parse(said);
    return quantity && amount_of(*quantity) ? std::optional(*quantity) : std::nullopt;
}

std::optional<Quantity> known_vessel(const Procedure& p) {
    for (const auto& item : p.items)
        if (item.kind == ItemKind::Vessel)
            if (auto quantity = vessel_size(item)) return quantity;
    return std::nullopt;
}

KnownIntervals known_intervals(const Procedure& p, const Figure& interval) {
    constexpr std::array<std::string_view, 4> kFirst{"first", "run-in", "running in", "new machine"};
    KnownIntervals out;
    for (const auto& f : p.figures) {
        if (!f.value.known() || of_other_variants(f, interval)) continue;
        if (f.kind == FigureKind::Reading && out.meter == nullptr) out.meter = &f;
        if (f.kind != FigureKind::Interval || f.item != interval.item) continue;
        if (says(small_letters(f.purpose), kFirst))
            out.first = &f;
        else
            out.every.push_back(&f);
    }
    return out;
}

}  // namespace anagraph::core
