// Verifying a pack against the library that issued it.
#pragma once

#include <functional>
#include <string>

#include "publish/pack.h"
#include "store/library.h"

namespace anagraph::shop {

/// What is true of a pack, as far as it can be known. Packs are not signed: without the library that issued it nobody can know
/// who made one.
enum class PackTruth {
    Altered,    // it is not what was issued, or its parts contradict each other
    Undamaged,  // whole, and its parts agree; whether it is what was issued is not known here
    Issued,     // whole, and exactly what this library issued
    Foreign,    // whole, but this library issued no such edition, or with another pack
};

struct PackVerdict {
    PackTruth truth = PackTruth::Altered;
    publish::Verification found;
    std::string words;  // what is true and what cannot be known, for the person
};

/// `library` empty: the pack alone. Opens the library for reading. Errors: those of verify_pack() and of opening.
core::Result<PackVerdict> verify(const std::string& pack, const std::string& library, const std::function<bool(double)>& progress = {});

}  // namespace anagraph::shop
