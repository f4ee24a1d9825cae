// Narration: the timed text of a recording, and reading it from WebVTT, SRT or plain timed paragraphs. Reading tolerates
// what recognisers write; what had to be passed over is reported as a remark, not swallowed.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/base/frame_time.h"
#include "core/base/result.h"

namespace anagraph::core {

/// One cue or paragraph: what was said from `start` to `end`.
struct Segment {
    FrameTime start;
    FrameTime end;
    std::string text;          // one line, single spaces, markup taken out
    std::string speaker = {};  // where the file names one (WebVTT's <v Name>)
    friend bool operator==(const Segment&, const Segment&) = default;
};

struct Narration {
    std::vector<Segment> segments;     // by start
    std::vector<std::string> remarks;  // a sentence each: what was mended or left out while reading
};

/// Reads WebVTT, SRT or timed text, told apart by content. UTF-8, or UTF-16 with a byte order mark (a remark says so).
/// Cues with broken times are left out with a remark. Errors: BadInput when nothing timed is found.
Result<Narration> read_timed_text(std::string_view bytes);

/// WebVTT of these segments; read_timed_text() gives the same segments back (times to the millisecond).
std::string write_webvtt(const std::vector<Segment>& segments);

}  // namespace anagraph::core
