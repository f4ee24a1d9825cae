// Colours: the one table of them (resources/styles/tokens.json), for the window, what is drawn on pictures, the pack and the print.
#pragma once

#include <fmt/format.h>

#include <string>
#include <string_view>

#include "core/procedure/procedure.h"

namespace anagraph::publish {

/// The colour of that name as hexadecimal digits after "#"; empty where the table has none.
const std::string& colour(std::string_view name);
/// A style or a template with every "@name" of the table replaced by its colour; other words after "@" stay.
std::string with_colours(const std::string& text);

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
