// Narrations for the reader's tests, from lines of text four seconds apart.
#pragma once

#include <fmt/format.h>

#include <nlohmann/json.hpp>
#include <string>
#include <vector>

#include "core/narration/reader.h"

namespace anagraph::core::testing {

inline std::vector<Segment> said(const std::vector<std::string>& lines) {
    std::vector<Segment> out;
    for (const auto& l : lines) {
        const auto at = static_cast<std::int64_t>(out.size()) * 4;
        out.push_back({FrameTime(at, 1), FrameTime(at + 4, 1), l});
    }
    return out;
}

inline nlohmann::json answer(const std::vector<std::string>& lines) {
    const auto segments = said(lines);
    return marks_json(segments, read_marks(segments));
}

/// "torque 25; length 8-10 hedged": the figures found, in canonical units.
inline std::string figures_of(const std::vector<std::string>& lines) {
    std::string out;
    const auto number = [](const nlohmann::json& v) {
        return v.is_string() ? v.get<std::string>() : fmt::format("{:.5g}", v.get<double>());
    };
    const auto found = answer(lines);
    for (const auto& f : found["figures"]) {
        out += fmt::format("{}{} {}{}", out.empty() ? "" : "; ", f["kind"].get<std::string>(), number(f["value"]),
            f["value_hi"].is_null() ? "" : "-" + number(f["value_hi"]));
        const auto unit = f["unit"].is_null() ? std::string() : f["unit"].get<std::string>();
        if (unit == "km" || unit == "month" || (unit == "h" && f["kind"] != "duration")) out += " " + unit;
        if (f["hedged"].get<bool>()) out += " hedged";
    }
    return out;
}

/// "loosen, remove": the verbs of the steps found.
inline std::string steps_of(const std::vector<std::string>& lines) {
    std::string out;
    const auto found = answer(lines);
    for (const auto& s : found["steps"]) out += (out.empty() ? "" : ", ") + s["verb"].get<std::string>();
    return out;
}

}  // namespace anagraph::core::testing
