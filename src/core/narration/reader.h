// The reader: finds in a narration what an author would mark. It proposes; nothing it finds becomes part of a guide
// before a person takes it. Every mark says why it was made.
#pragma once

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>
#include <vector>

#include "core/figure/figure.h"
#include "core/narration/speech_model.h"
#include "core/narration/timed_text.h"

namespace anagraph::core {

enum class MarkKind { Figure, Step, Caution, Slip, Unseen, Talk };

/// Something found in one segment of a narration.
struct Mark {
    MarkKind kind = MarkKind::Figure;
    std::size_t segment = 0;
    FrameTime at;         // start of that segment
    std::string words;    // what was said there, as said
    std::string about;    // nearest part named, or empty
    std::string because;  // one sentence: why it was marked

    // figures only
    FigureKind figure_kind = FigureKind::Count;
    FigureValue value;  // digits as they would be written, unit id
    bool hedged = false;
    bool by_program = false;  // a program heard the words, and nobody has listened to them yet
    bool unsure = false;      // and was not sure of them
    bool taken_back = false;  // corrected aloud right after; kept to be shown, never offered

    std::string verb;      // steps only: the canonical verb
    bool guessed = false;  // steps only: likely, but no word says it outright; shown, never drafted
};

std::string_view name_of(MarkKind kind);

/// Reads a whole narration. Time grows linearly with its length.
std::vector<Mark> read_marks(const std::vector<Segment>& segments);
/// The same by other tables, to judge them.
std::vector<Mark> read_marks(const std::vector<Segment>& segments, const SpeechTables& tables);

/// The answer of `anagraph-cli read --json`: figures, steps, cautions, slips, unseen, chatter, values in canonical units.
nlohmann::json marks_json(const std::vector<Segment>& segments, const std::vector<Mark>& marks);

}  // namespace anagraph::core
