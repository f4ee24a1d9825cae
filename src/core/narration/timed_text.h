// Narration: the timed text of a recording, and reading it from WebVTT, SRT or plain timed paragraphs. Reading tolerates
// what recognisers write; what had to be passed over is reported as a remark, not swallowed.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/base/frame_time.h"
#include "core/base/result.h"

namespace anagraph::core {

/// What a recogniser told of a word.
struct TimedWord {
    FrameTime at;         // when it begins
    bool unsure = false;  // it may well be another one
    friend bool operator==(const TimedWord&, const TimedWord&) = default;
};

/// One cue or paragraph: what was said from `start` to `end`.
struct Segment {
    FrameTime start;
    FrameTime end;
    std::string text;                   // one line, single spaces, markup taken out
    std::string speaker = {};           // where the file names one (WebVTT's <v Name>)
    std::vector<TimedWord> words = {};  // of each blank-separated word of `text` where the file tells them; otherwise empty
    bool by_program = false;            // heard by a program, and nobody has put it right yet
    friend bool operator==(const Segment&, const Segment&) = default;
};

struct Narration {
    std::vector<Segment> segments;     // by start
    std::vector<std::string> remarks;  // a sentence each: what was mended or left out while reading
};

/// Reads WebVTT, SRT or timed text, told apart by content. UTF-8, or UTF-16 with a byte order mark (a remark says so).
/// Cues with broken times are left out with a remark. Errors: BadInput when nothing timed is found.
Result<Narration> read_timed_text(std::string_view bytes);

/// The words of a line as they stand in it, between blanks.
std::vector<std::string_view> said_words(std::string_view text);

/// WebVTT of these segments; read_timed_text() gives the same segments back (times to the millisecond). A word's time stands before it,
/// an unsure one in the class "unsure", and a note says what a program heard.
std::string write_webvtt(const std::vector<Segment>& segments);

}  // namespace anagraph::core
