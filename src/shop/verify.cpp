#include "shop/verify.h"

#include <fmt/format.h>

namespace anagraph::shop {

core::Result<PackVerdict> verify(const std::string& pack, const std::string& library, const std::function<bool(double)>& progress) {
    auto found = publish::verify_pack(pack, progress);
    if (!found) return tl::make_unexpected(found.error());
    PackVerdict out{PackTruth::Altered, std::move(*found), ""};
    const auto& v = out.found;
    if (!v.undamaged) {
        out.words = "The pack was altered or damaged after it was issued; do not work with it:";
        for (const auto& t : v.troubles) out.words += "\n  " + t;
        return out;
    }
    // in groups, as a person compares it
    std::string manifest;
    for (std::size_t i = 0; i < v.manifest.size(); i += 8) manifest += (i > 0 ? " " : "") + v.manifest.substr(i, 8);
    const std::string whole = fmt::format("The pack is undamaged: {} ({}). SHA-256 of its manifest: {}.", v.edition, v.mark, manifest);
    if (library.empty()) {
        out.truth = PackTruth::Undamaged;
        out.words = whole + " Packs are not signed, so that only the library that issued it can tell whether it is what was issued.";
    } else {
        const auto opened = store::Library::read(library);
        if (!opened) return tl::make_unexpected(opened.error());
        const auto known = (*opened)->known_pack(v.sha256);
        if (!known) return tl::make_unexpected(known.error());
        const bool issued = known->has_value() && ((*known)->pack.empty() || (*known)->pack == v.manifest);
        out.truth = issued ? PackTruth::Issued : PackTruth::Foreign;
        if (issued)
            out.words = whole +
                ((*known)->pack.empty() ? " This library issued the edition; of its pack it kept no record then."
                                        : " It is exactly what this library issued.");
        else if (known->has_value())
            out.words = whole +
                " This library issued the edition, but with other files: pictures, clips or the printed form were exchanged. Do not work "
                "with it.";
        else
            out.words = whole + " This library did not issue it. Ask whoever did before you work with it.";
    }
    for (const auto& note : v.notes) out.words += "\n  " + note;
    return out;
}

}  // namespace anagraph::shop
