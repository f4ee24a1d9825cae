// Any bytes as a narration: the parsers neither crash nor hang, and what they read can be written and read again.
#include <cstdint>
#include <cstdlib>
#include <string_view>

#include "core/narration/timed_text.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const auto narration = anagraph::core::read_timed_text({reinterpret_cast<const char*>(data), size});
    if (!narration) {
        if (narration.error().message.empty()) std::abort();
        return 0;
    }
    for (std::size_t i = 1; i < narration->segments.size(); ++i)
        if (narration->segments[i].start < narration->segments[i - 1].start) std::abort();
    const auto again = anagraph::core::read_timed_text(anagraph::core::write_webvtt(narration->segments));
    if (!narration->segments.empty() && !again) std::abort();
    return 0;
}
