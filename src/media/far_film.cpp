#include "media/far_film.h"

namespace anagraph::media {

namespace {

FarFilm& told() {
    static FarFilm* far = new FarFilm;  // for good: threads of libraries read on while the program ends
    return *far;
}

}  // namespace

void read_far_films_by(FarFilm far) { told() = std::move(far); }

core::Result<std::unique_ptr<core::ByteSource>> far_film(const std::string& path) {
    if (!told()) return std::unique_ptr<core::ByteSource>();
    return told()(path);
}

}  // namespace anagraph::media
