// Films that are no files of this computer: who gives their bytes is told once, at the start of a program.
#pragma once

#include <functional>
#include <memory>
#include <string>

#include "core/base/byte_source.h"

namespace anagraph::media {

/// Gives the bytes of the film a path names; nothing where it is a file of this computer, or none at all. Called from any thread.
using FarFilm = std::function<core::Result<std::unique_ptr<core::ByteSource>>(const std::string& path)>;
void read_far_films_by(FarFilm far);

/// Asks it.
core::Result<std::unique_ptr<core::ByteSource>> far_film(const std::string& path);

}  // namespace anagraph::media
