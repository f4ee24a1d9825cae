#include "shop/new_file.h"

#include "store/destination.h"
#include "store/files.h"

namespace anagraph::shop {

core::Outcome write_new_file(const std::string& path, const core::Result<std::string>& bytes) {
    if (!bytes) return tl::make_unexpected(bytes.error());
    auto place = store::Destination::file(path);
    if (!place) return tl::make_unexpected(place.error());
    if (auto written = store::write_file(place->work(), *bytes); !written) return written;
    return place->commit();
}

}  // namespace anagraph::shop
