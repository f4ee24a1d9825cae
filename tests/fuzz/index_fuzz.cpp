// Any bytes as index.json: what is believed lies within what a film can have, and can be asked without harm.
#include <cstdint>
#include <cstdlib>
#include <nlohmann/json.hpp>
#include <string_view>

#include "media/recording_index.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace anagraph;
    const auto index =
        media::index_from_json(nlohmann::json::parse(std::string_view(reinterpret_cast<const char*>(data), size), nullptr, false));
    if (!index) return 0;
    if (index->times.empty() || index->rotation % 90 != 0 || index->rotation < 0 || index->rotation > 270) std::abort();
    for (const auto& t : index->thumbnails)
        if (t.offset < 0 || t.size < 0 || t.frame >= index->times.size()) std::abort();
    (void)index->frame_at(index->end);
    (void)index->frame_from(index->end);
    (void)index->snapped(index->start(), true);
    (void)index->nearest_pause_edge(index->start());
    (void)index->sharpest(index->start(), index->end);
    (void)media::poor_stretches(*index);
    if (!(index->aspect() > 0)) std::abort();
    return 0;
}
