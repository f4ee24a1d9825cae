// Any bytes as a guide and as a change: what is read can be written and read again, and no id leads out of a folder.
#include <cstdint>
#include <cstdlib>
#include <nlohmann/json.hpp>
#include <string_view>

#include "core/procedure/json.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace anagraph::core;
    const auto j = nlohmann::json::parse(std::string_view(reinterpret_cast<const char*>(data), size), nullptr, false);
    if (const auto p = procedure_from_json(j)) {
        const auto again = procedure_from_json(to_json(*p));
        if (!again || !(*again == *p)) std::abort();
        for (const auto& r : p->recordings)
            if (!r.id.empty() && !is_id(r.id.text())) std::abort();
    } else if (p.error().message.empty()) {
        std::abort();
    }
    if (const auto change = change_from_json(j)) {
        const auto again = change_from_json(to_json(*change));
        if (!again || !(*again == *change)) std::abort();
        (void)replay({}, *change);
    }
    return 0;
}
