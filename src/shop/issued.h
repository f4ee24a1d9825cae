// Issued: an edition that this library issued, by the mark that is printed on it.
#pragma once

#include <map>
#include <string>

#include "store/library.h"

namespace anagraph::shop {

struct Issued {
    std::string guide;  // id
    core::Edition edition;
};
using ByMark = std::map<std::string, Issued>;

/// Every edition by its mark, "KQ-PT60-100 / 2 / a08904e8". Errors: those of reading the library.
core::Result<ByMark> editions_by_mark(const store::Library& library);

}  // namespace anagraph::shop
