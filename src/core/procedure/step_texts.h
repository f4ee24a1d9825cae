// StepTexts: every text of a step that a reader sees, listed once for searching, replacing, copying and translating.
#pragma once

#include <fmt/format.h>

#include <string>

#include "core/procedure/procedure.h"

namespace anagraph::core {

/// Calls `what(place, text)` for each, down the step: "heading", "caution 1", "line 2", "check 1, good". `StepType` is Step or
/// const Step; texts of the former may be changed.
template <class StepType, class Do>
void each_text(StepType& s, Do&& what) {
    const auto numbered = [](const char* name, auto& list, auto&& texts_of) {
        for (std::size_t i = 0; i < list.size(); ++i) texts_of(fmt::format("{} {}", name, i + 1), list[i]);
    };
    what(std::string("heading"), s.heading);
    numbered("caution", s.cautions, [&](const std::string& at, auto& c) { what(at, c.text); });
    numbered("line", s.lines, [&](const std::string& at, auto& l) { what(at, l); });
    numbered("wait", s.waits, [&](const std::string& at, auto& w) { what(at, w.text); });
    numbered("check", s.checks, [&](const std::string& at, auto& c) {
        what(at, c.look);
        what(at + ", good", c.good);
        what(at + ", stop", c.stop);
        what(at + ", ask", c.ask);
    });
    numbered("plate", s.plates, [&](const std::string& at, auto& p) { what(at, p.caption); });
}

}  // namespace anagraph::core
