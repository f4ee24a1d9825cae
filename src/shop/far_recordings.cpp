#include "shop/far_recordings.h"

#include "media/far_film.h"
#include "store/objects/object_cache.h"

namespace anagraph::shop {

void read_far_recordings() { media::read_far_films_by(store::bytes_elsewhere); }

core::Result<media::RecordingIndex> recording_index(const store::Library& library, const core::RecordingId& id) {
    const std::string folder = library.recording_folder(id);
    if (auto here = library.make_here(folder + "/" + media::kIndexFile); !here) return tl::make_unexpected(here.error());
    return media::load_index(folder);
}

}  // namespace anagraph::shop
