// Colours: the one table of them (resources/styles/tokens.json), for the window, what is drawn on pictures, the pack and the print.
#pragma once

#include <fmt/format.h>

#include <string>
#include <string_view>

#include "core/procedure/procedure.h"

namespace anagraph::publish {

/// Light is what goes out; the window has the others too. A colour that a set does not name is that of the light one.
enum class ColourSet { Light, Dark, Contrast };
}  // namespace anagraph::publish

template <>
struct anagraph::core::Names<anagraph::publish::ColourSet> {
    static constexpr auto all = std::to_array<Named<publish::ColourSet>>({{publish::ColourSet::Light, "light"},
        {publish::ColourSet::Dark, "dark"}, {publish::ColourSet::Contrast, "contrast", "high contrast"}});
};

namespace anagraph::publish {

/// The colour of that name as hexadecimal digits after "#"; empty where the table has none.
const std::string& colour(std::string_view name, ColourSet set = ColourSet::Light);
/// A style or a template with every "@name" of the table replaced by its colour; other words after "@" stay.
std::string with_colours(const std::string& text, ColourSet set = ColourSet::Light);

/// The ground of a signal word, after ISO 3864-4, and what is written on it.
struct SignalColours {
    const std::string& ground;
    const std::string& on;
};
SignalColours signal_colours(core::Signal signal);

/// For drawings: "{ink}" and "{white}" in a format.
inline auto ink() {
    static const std::string_view value = colour("ink");  // outlives the argument, which refers to it
    return fmt::arg("ink", value);
}
inline auto white() {
    static const std::string_view value = colour("white");
    return fmt::arg("white", value);
}

}  // namespace anagraph::publish
