// ChangeLabel: what a change is called where it is undone or told of. The journal keeps it in English; who shows it looks it up.
#pragma once

namespace anagraph::core {

/// Marks a label for translation (tools/words, as "Changes"): every change made in the program has one of these.
constexpr const char* change_label(const char* english) { return english; }

}  // namespace anagraph::core
