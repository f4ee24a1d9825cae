// Word classes for the reader: verbs of work, parts, tools, harm, hesitation, talk. Classes, not phrases: a speaker never
// met before uses the same classes.
#pragma once

#include <optional>
#include <string>
#include <string_view>

namespace anagraph::core::lexicon {

/// The verb of work a word form stands for ("undo" -> "loosen", "tightening" -> "tighten"), or empty.
std::string_view work_verb(std::string_view word);
/// A noun that names a part, fluid or consumable; `plural` tells counts ("bolts").
bool is_part(std::string_view word);
bool is_plural_part(std::string_view word);
bool is_tool(std::string_view word);
/// Words that may stand between number and noun or before a part ("copper", "drain", "old").
bool is_modifier(std::string_view word);
bool is_harm(std::string_view word);
bool is_talk(std::string_view word);
bool is_hedge(std::string_view word);

/// A unit as spoken, beginning at a word: its ASCII id and how many words it takes. "lb" alone is ambiguous on purpose.
struct SpokenUnit {
    std::string_view id;
    std::size_t length;
};
std::optional<SpokenUnit> unit_of(std::string_view first, std::string_view second, std::string_view third);

}  // namespace anagraph::core::lexicon
