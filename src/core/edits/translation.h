// Translation: a guide's texts in another language beside the original, text by text. A translation is kept with the text it
// was made from; where that has changed since, it is out of date and both are shown.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/edits/edit.h"

namespace anagraph::core {

struct TranslatedLine {
    enum class State {
        Missing,
        OutOfDate,  // made from `was`
        Current
    };
    StepId step;       // empty: of the guide's head or an item
    ItemId item;       // whose name it is; empty else
    std::string what;  // "Title", "Step 3, line 2", "Item": where it stands
    std::string of;    // the text, with its tokens
    std::string text;  // its translation; empty where missing
    std::string was;   // the text it was made from, where that is another
    State state = State::Missing;
};

/// Every text of the guide in the order of reading, and the names of its items, with what there is in that language. A text
/// that changed takes the translation, of the same step, that was made from the text most like it.
std::vector<TranslatedLine> translation(const Procedure& p, std::string_view language);

/// Writes a translation of one of these; an empty text takes it out. What it was out of date for goes. Errors: NotFound for a
/// step or item that is gone; BadInput where a figure or an item of the original is not named, or one that is not in it is:
/// those are not translated, so that no number is ever typed twice.
Result<Change> translate(const Procedure& p, const TranslatedLine& line, std::string_view language, const std::string& text);

/// The guide in that language: texts with a current translation are put in its place, all others stay as they are.
Procedure in_language(const Procedure& p, std::string_view language);

/// Languages offered to choose from; any other code of ISO 639-1 serves as well.
struct OfferedLanguage {
    std::string_view code;  // "de"
    Key name;               // "German"
};
inline constexpr OfferedLanguage kOfferedLanguages[] = {
    {"en", key("Languages", "English")},
    {"de", key("Languages", "German")},
    {"fr", key("Languages", "French")},
    {"nl", key("Languages", "Dutch")},
    {"pl", key("Languages", "Polish")},
    {"es", key("Languages", "Spanish")},
};
/// What a language is called; its code where it is not among them.
Words language_words(std::string_view code);

/// What a language of the guide lacks.
struct TranslationGap {
    std::string language;
    int missing = 0;
    int out_of_date = 0;
    friend bool operator==(const TranslationGap&, const TranslationGap&) = default;
};
/// Of each language something is translated into and not all of it as it stands.
std::vector<TranslationGap> translation_gaps(const Procedure& p);
/// "de: 3 texts are not translated, and 1 changed since. They go out in the original."
Words words_of(const TranslationGap& gap);

/// The languages something is translated into, in the order of their codes.
std::vector<std::string> languages_of(const Procedure& p);

}  // namespace anagraph::core
