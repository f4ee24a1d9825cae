// Verifying a pack: is it whole, who vouches for it, and does the library that issued it know it?
#pragma once

#include <functional>
#include <string>
#include <vector>

#include "core/base/named.h"
#include "core/records/records.h"
#include "publish/pack.h"
#include "store/library.h"

namespace anagraph::shop {

/// What is true of a pack.
enum class PackTruth {
    Altered,   // it is not what was issued, or its parts contradict each other
    Vouched,   // whole, and signed by an author and a checker whose keys are trusted here
    Issued,    // whole, and exactly what this library issued
    Foreign,   // whole, but not what the library that was asked issued
    Unvouched  // whole, but nobody trusted here vouches for it
};

/// What it is held against.
struct Against {
    std::string library = {};  // the library that should have issued it; empty: none is asked
    std::string trust = {};    // a library, for its register of keys, or a file of keys; empty: no key is trusted
    bool or_issued = false;    // what the trusted library issued itself is good too, signed or not
};

struct SignedBy {
    publish::Signature signature;
    bool trusted = false;
    std::string why;  // not trusted
};

struct PackVerdict {
    PackTruth truth = PackTruth::Unvouched;
    publish::Verification found;
    std::vector<SignedBy> signatures;
    bool known = false;     // a library was asked, and issued exactly this
    std::string withdrawn;  // why the edition was withdrawn, as the library that issued it says; empty: it was not
    std::string headline;   // in a few words: "Intact and signed"
    std::string words;      // what is true and what cannot be known, for the person
};

/// Opens libraries for reading. Errors: those of verify_pack() and of opening; BadInput where the file of keys is none.
core::Result<PackVerdict> verify(const std::string& pack, const Against& against, const std::function<bool(double)>& progress = {});

}  // namespace anagraph::shop

namespace anagraph::core {
template <>
struct Names<shop::PackTruth> {
    static constexpr auto all = std::to_array<Named<shop::PackTruth>>(
        {{shop::PackTruth::Altered, "altered"}, {shop::PackTruth::Vouched, "vouched", "intact and signed"},
            {shop::PackTruth::Issued, "issued", "intact, and issued by this library"},
            {shop::PackTruth::Foreign, "foreign", "intact, but not what this library issued"},
            {shop::PackTruth::Unvouched, "unvouched", "intact, but nobody trusted here vouches for it"}});
};
}  // namespace anagraph::core
