// Word classes for the reader: nouns of the workshop, verbs of work, harm, hesitation, talk, units. Classes, not phrases: a
// speaker never met before uses the same classes. What no list here holds is looked up in WordNet's nouns.
#pragma once

#include <algorithm>
#include <array>
#include <cstdint>
#include <optional>
#include <span>
#include <string>
#include <string_view>

namespace anagraph::core {

/// Blank-separated words known when the program is built. Which words may be among them is worked out then, so that most
/// others are turned away at a glance: the reader asks a great many such lists of every word.
class WordList {
public:
    consteval WordList(const char* text) : text_(text) {
        std::size_t from = 0;
        while (from < text_.size()) {
            const std::size_t to = std::min(text_.find(' ', from), text_.size());
            if (to > from) mark(text_.substr(from, to - from));
            from = to + 1;
        }
    }
    bool empty() const { return text_.empty(); }
    bool has(std::string_view word) const {
        if (word.empty() || (sieve_[place(word) / 64] >> (place(word) % 64) & 1) == 0) return false;
        for (std::size_t at = text_.find(word); at != std::string_view::npos; at = text_.find(word, at + 1)) {
            const bool begins = at == 0 || text_[at - 1] == ' ';
            const bool ends = at + word.size() == text_.size() || text_[at + word.size()] == ' ';
            if (begins && ends) return true;
        }
        return false;
    }

private:
    static constexpr std::size_t place(std::string_view w) {
        const auto c = [](char x) { return static_cast<std::size_t>(static_cast<unsigned char>(x)); };
        return (c(w.front()) * 33 + c(w[w.size() / 2]) * 17 + c(w.back()) * 5 + w.size() * 67) % 256;
    }
    constexpr void mark(std::string_view word) { sieve_[place(word) / 64] |= std::uint64_t{1} << (place(word) % 64); }

    std::string_view text_;
    std::array<std::uint64_t, 4> sieve_{};
};

}  // namespace anagraph::core

namespace anagraph::core::lexicon {

/// What a whole machine is called: "forklift", "pump".
inline constexpr WordList kMachines{
    "machine engine motor pump gearbox compressor generator vehicle car truck tractor press lathe spindle saw mower fan excavator forklift "
    "winch "
    "bike motorcycle quad van baler boat plane brushcutter dredger"};

enum class Class {
    Part,       // names a part of a machine for certain: "plug", "gasket"
    Thing,      // an artefact of any trade, parts included
    Fluid,      // oil, coolant, grease
    Fastener,   // takes a torque: "bolt", "nut", "plug"
    Tool,       // takes a size: "spanner", "socket"
    Wired,      // is connected and disconnected rather than fitted: "lead", "hose"
    Switched,   // is opened, closed or switched: "valve", "isolator"
    Meter,      // shows hours or distance: "clock", "odometer"
    Wear,       // protective gear: "gloves"
    Body,       // part of a person: "fingers"
    Harm,       // burns, crushes, spoils
    Spoil,      // what happens to a thing treated wrongly: "cracks", "leaks"
    Soft,       // gives way: "plastic", "aluminium"
    Hedge,      // "about", "roughly"
    Modifier,   // may stand before a part in its name: "old", "drain", "upper"
    Adverb,     // may stand between subject and verb: "just", "carefully"
    Being,      // a person or an animal
    Meal,       // food and drink
    Talk,       // greeting, thanks, the film itself
    Uncounted,  // a number before it is no figure: money, mass, power, people, time of day
};

bool is(Class what, std::string_view word);
/// All classes of a word: bit n for the class with that number.
std::uint32_t classes_of(std::string_view word);
inline bool among(std::uint32_t classes, Class what) { return (classes >> static_cast<unsigned>(what) & 1U) != 0; }
/// "bolts" -> "bolt", "covers" -> "cover"; a word that is no plural comes back as it is.
std::string_view singular(std::string_view word);
inline bool is_plural(std::string_view word) { return singular(word) != word; }

/// How a verb form is used.
enum class Form { Base, Third, Past, Ing };

/// What a verb must have with it before it is an action of a service job.
enum class Need { None, Object, Fluid, Thing, Duration, Switch };

/// One reading of a verb: "take" with "off" or "out" and a thing is "remove".
struct VerbPattern {
    std::string_view lemma;
    WordList particles;          // one of them must follow; empty when none needs to
    std::string_view canonical;  // the verb of the answer
    Need need;
};

struct VerbForm {
    Form form;
    std::span<const VerbPattern> patterns;  // tried in order
    const VerbPattern* usual;               // what the verb means by itself; null for one that is work only in some company ("see if")
};

/// The readings of a word as a verb of work, or nothing. "read" and "cut" are Base, though they may be past.
std::optional<VerbForm> work_verb(std::string_view word);

/// A unit as spoken, beginning at a word: its ASCII id and how many words it takes. "lb" alone is ambiguous on purpose, and
/// so is "mil" (id "mil"): a millimetre or a millilitre.
struct SpokenUnit {
    std::string_view id;
    std::size_t length;
};
std::optional<SpokenUnit> unit_of(std::string_view first, std::string_view second, std::string_view third);

}  // namespace anagraph::core::lexicon
