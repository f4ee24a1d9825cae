#include "core/fluids/grade.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <cctype>

namespace anagraph::core {
namespace {

std::string folded(std::string_view word) {
    std::string out;
    for (const char c : word)
        if (std::isalnum(static_cast<unsigned char>(c)) != 0) out += static_cast<char>(std::toupper(static_cast<unsigned char>(c)));
    return out;
}

bool digits(std::string_view s) {
    return !s.empty() && std::all_of(s.begin(), s.end(), [](unsigned char c) { return std::isdigit(c) != 0; });
}

/// "75W90", "VG46", "SAE30", "10W".
bool is_viscosity(std::string_view w) {
    const auto at = w.find('W');
    if (at != std::string_view::npos && at > 0 && digits(w.substr(0, at))) return w.size() == at + 1 || digits(w.substr(at + 1));
    for (const std::string_view family : {"VG", "ISOVG", "SAE", "NLGI"})
        if (w.starts_with(family) && digits(w.substr(family.size()))) return true;
    return false;
}

/// Letters and digits together, or capitals of two or more: "GL5", "CJ4", "HVLP". An ordinary word is none.
bool is_specification(std::string_view said, std::string_view w) {
    const bool has_digit = std::any_of(w.begin(), w.end(), [](unsigned char c) { return std::isdigit(c) != 0; });
    const bool has_letter = std::any_of(w.begin(), w.end(), [](unsigned char c) { return std::isalpha(c) != 0; });
    const bool capitals = w.size() >= 2 && std::none_of(said.begin(), said.end(), [](unsigned char c) { return std::islower(c) != 0; });
    return has_letter && w.size() <= 8 && (has_digit || capitals);
}

}  // namespace

FluidSpec parse_fluid_spec(std::string_view text) {
    FluidSpec spec;
    std::size_t at = 0;
    while (at < text.size()) {
        const auto end = std::min(text.find_first_of(" ,;", at), text.size());
        const auto said = text.substr(at, end - at);
        const std::string w = folded(said);
        if (is_viscosity(w)) {
            if (spec.viscosity.empty()) spec.viscosity = w;
        } else if (is_specification(said, w) && std::find(spec.meets.begin(), spec.meets.end(), w) == spec.meets.end()) {
            spec.meets.push_back(w);
        }
        at = end + 1;
    }
    return spec;
}

Compatibility compare(const FluidSpec& demanded, const FluidSpec& pack) {
    if (demanded.viscosity.empty() && demanded.meets.empty())
        return {Suits::Unknown, key("Fluids", "No source says what the fluid has to meet.")};
    if (!demanded.viscosity.empty() && !pack.viscosity.empty() && demanded.viscosity != pack.viscosity)
        return {Suits::No, say(key("Fluids", "{0} is asked for, the pack says {1}."), demanded.viscosity, pack.viscosity)};
    if (!demanded.viscosity.empty() && pack.viscosity.empty())
        return {Suits::Unknown, say(key("Fluids", "{0} is asked for; the pack says no viscosity."), demanded.viscosity)};
    std::vector<std::string> missing;
    for (const auto& m : demanded.meets)
        if (std::find(pack.meets.begin(), pack.meets.end(), m) == pack.meets.end()) missing.push_back(m);
    if (!missing.empty())
        return {Suits::Unknown,
            say(key("Fluids", "The pack does not say that it meets {0}: ask its maker."), fmt::format("{}", fmt::join(missing, ", ")))};
    return {Suits::Yes,
        demanded.meets.empty()
            ? say(key("Fluids", "The pack says {0}; no specification is asked for beside the viscosity."), pack.viscosity)
            : say(key("Fluids", "The pack says all that is asked for: {0}."),
                  fmt::format("{}{}{}", demanded.viscosity, demanded.viscosity.empty() ? "" : " ", fmt::join(demanded.meets, " ")))};
}

}  // namespace anagraph::core
