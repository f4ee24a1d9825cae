// Any words as lines of a narration: the reader neither crashes nor hangs, and every mark lies in a line and says why.
#include <cstdint>
#include <cstdlib>
#include <nlohmann/json.hpp>
#include <string>

#include "core/narration/reader.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace anagraph::core;
    std::vector<Segment> lines;
    std::string line;
    const auto end_line = [&] {
        const auto at = static_cast<std::int64_t>(lines.size());
        lines.push_back({FrameTime(at, 1), FrameTime(at + 1, 1), line});
        line.clear();
    };
    for (std::size_t i = 0; i < size; ++i) {
        if (data[i] == '\n')
            end_line();
        else
            line += static_cast<char>(data[i]);
    }
    end_line();
    const auto marks = read_marks(lines);
    for (const auto& m : marks)
        if (m.segment >= lines.size() || m.because.empty()) std::abort();
    (void)marks_json(lines, marks).dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
    return 0;
}
