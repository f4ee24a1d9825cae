// Any bytes as the table a reading machine gives of a page: neither a crash nor a hang, and every place lies on the page.
#include <cstdint>
#include <cstdlib>
#include <string>

#include "core/page/page_words.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace anagraph::core;
    const std::string head = "level\tpage_num\tblock_num\tpar_num\tline_num\tword_num\tleft\ttop\twidth\theight\tconf\ttext\n";
    const auto words = read_word_table(head + std::string(reinterpret_cast<const char*>(data), size), 1, 1000, 1000);
    if (!words) {
        if (words.error().message.empty()) std::abort();
        return 0;
    }
    for (const auto kind : {FigureKind::Torque, FigureKind::Volume, FigureKind::Grade})
        for (const auto& v : values_on(*words, kind, "drain plug, tightening torque"))
            if (v.spot.left < 0 || v.spot.right > 10000 || v.spot.top < 0 || v.spot.bottom > 10000) std::abort();
    return 0;
}
