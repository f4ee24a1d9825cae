// Any bytes as a manifest: comparing it ends, and finds no pack undamaged that lacks a file.
#include <cstdint>
#include <cstdlib>
#include <string>

#include "publish/pack_manifest.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace anagraph::publish;
    const std::string text(reinterpret_cast<const char*>(data), size);
    const std::map<std::string, std::string> files{{"guide.html", std::string(64, 'a')}, {"edition.json", std::string(64, 'b')}};
    const auto troubles = compare_with_manifest(files, text);
    if (text == manifest_text(files, mark_of_manifest(text)) && !troubles.empty()) std::abort();
    const auto none = compare_with_manifest({}, text);
    (void)seal_text(text);
    (void)none;
    return 0;
}
