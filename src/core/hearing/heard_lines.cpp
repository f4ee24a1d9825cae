#include "core/hearing/heard_lines.h"

namespace anagraph::core {
namespace {

constexpr double kPause = 0.45;    // s: ends a line
constexpr double kBreath = 0.15;   // s: ends one that is long already
constexpr std::size_t kLong = 10;  // words
constexpr std::size_t kLongest = 18;

}  // namespace

std::vector<Segment> heard_lines(const std::vector<HeardWord>& words) {
    std::vector<Segment> out;
    for (std::size_t i = 0; i < words.size(); ++i) {
        const HeardWord& word = words[i];
        if (word.text.empty()) continue;
        const double gap = out.empty() ? 0 : word.from.seconds() - out.back().end.seconds();
        const std::size_t length = out.empty() ? 0 : out.back().words.size();
        if (out.empty() || gap >= kPause || length >= kLongest || (length >= kLong && gap >= kBreath))
            out.push_back({word.from, word.to, "", "", {}, true});
        Segment& line = out.back();
        line.text += (line.text.empty() ? "" : " ") + word.text;
        line.words.push_back({word.from, word.sure < kUnsureBelow});
        line.end = std::max(line.end, word.to);
    }
    return out;
}

}  // namespace anagraph::core
