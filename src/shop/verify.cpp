#include "shop/verify.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <filesystem>
#include <nlohmann/json.hpp>

#include "core/edition/post.h"
#include "store/files.h"
#include "store/place.h"

namespace anagraph::shop {

using core::ErrorCode;
using core::Result;

namespace {

constexpr std::int64_t kMostKeys = 4 << 20;  // bytes of a file of keys

/// What a library says of a pack.
struct Asked {
    core::Records records;
    bool known = false;                       // it issued exactly this
    std::optional<store::KnownPack> edition;  // ... or at least the edition
};

Result<Asked> ask(const std::string& folder, const publish::Verification& v) {
    const auto library = store::Library::read(folder);
    if (!library) return tl::make_unexpected(library.error());
    auto records = (*library)->records();
    if (!records) return tl::make_unexpected(records.error());
    auto edition = (*library)->known_pack(v.sha256);
    if (!edition) return tl::make_unexpected(edition.error());
    Asked out{std::move(*records), false, std::move(*edition)};
    out.known = out.edition && (out.edition->pack.empty() || out.edition->pack == v.manifest);
    return out;
}

/// The keys that are trusted, and the library they come from where it is one.
struct Trusted {
    std::vector<core::KeyHeld> keys;
    std::optional<Asked> library;
};

Result<Trusted> trusted(const std::string& trust, const publish::Verification& v) {
    Trusted out;
    std::error_code ec;
    if (trust.empty()) return out;
    const auto place = store::library_place(trust);
    if (std::filesystem::is_directory(trust, ec) || (place && place->server)) {
        auto asked = ask(trust, v);
        if (!asked) return tl::make_unexpected(asked.error());
        out.keys = asked->records.keys();
        out.library = std::move(*asked);
        return out;
    }
    const auto text = store::read_file(trust, kMostKeys);
    if (!text) return tl::make_unexpected(text.error());
    auto keys = core::keys_from_json(nlohmann::json::parse(*text, nullptr, false));
    if (!keys) return tl::make_unexpected(keys.error());
    out.keys = std::move(*keys);
    return out;
}

/// Why a signature that holds is not trusted; empty where it is.
std::string not_trusted(const publish::Signature& s, const Trusted& by) {
    std::string why = fmt::format("the key of the {} is not known here", s.post);
    for (const auto& k : by.keys) {
        if (k.key != s.key) continue;
        if (!core::same_post(k.post, s.post)) {
            why = fmt::format("that key belongs to the {}, not to the {}", k.post, s.post);
        } else if (!k.from.empty() && s.at < k.from) {
            why = fmt::format("the {} had no such key then", s.post);
        } else if (!k.holds() && s.at > k.until) {
            why = fmt::format("the key of the {} ended before ({})", s.post, k.because);
        } else if (!k.holds() && by.library && !by.library->known) {
            // whoever has a lost key can write any day beside a signature
            why = fmt::format("the key of the {} has ended ({}), and this library did not issue the pack", s.post, k.because);
        } else {
            return "";
        }
    }
    return why;
}

std::string in_groups(const std::string& hex) {
    std::string out;
    for (std::size_t i = 0; i < hex.size(); i += 8) out += (i > 0 ? " " : "") + hex.substr(i, 8);
    return out;
}

void judge(PackVerdict& out, const Trusted& by, const std::optional<Asked>& library, bool or_issued) {
    const auto& v = out.found;
    out.words = fmt::format("The pack is intact: {} ({}). SHA-256 of its manifest: {}.", v.edition, v.mark, in_groups(v.manifest));
    std::vector<std::string> author, checker, because;
    for (const auto& s : v.signatures) {
        SignedBy one{s, false, not_trusted(s, by)};
        one.trusted = one.why.empty();
        if (one.trusted) (s.role == "author" ? author : checker).push_back(s.post);
        if (!one.trusted) because.push_back(one.why);
        out.signatures.push_back(std::move(one));
    }
    const bool two = std::any_of(author.begin(), author.end(), [&](const std::string& a) {
        return std::any_of(checker.begin(), checker.end(), [&](const std::string& c) { return !core::same_post(a, c); });
    });
    const bool asked = library.has_value();
    out.known = library && library->known;
    if (two) {
        out.truth = PackTruth::Vouched;
        out.words += fmt::format(
            " It is signed by the {} as author and the {} as checker, whose keys are trusted here.", author.front(), checker.front());
    } else {
        out.truth = out.known ? PackTruth::Issued : PackTruth::Unvouched;
        if (v.signatures.empty())
            out.words += " It is not signed.";
        else
            out.words += fmt::format(" It is signed, but nobody trusted here vouches for it: {}.",
                because.empty() ? "author and checker must both sign" : fmt::format("{}", fmt::join(because, "; ")));
    }
    if (asked) {
        if (out.known)
            out.words += library->edition->pack.empty() ? " This library issued the edition; of its pack it kept no record then."
                                                        : " It is exactly what this library issued.";
        else if (library->edition)
            out.words +=
                " This library issued the edition, but with other files: pictures, clips or the printed form were exchanged. Do not work "
                "with it.";
        else
            out.words += " This library did not issue it. Ask whoever did before you work with it.";
        if (!out.known) out.truth = PackTruth::Foreign;
    } else if (or_issued && by.library && by.library->known) {
        out.known = true;
        if (out.truth == PackTruth::Unvouched) out.truth = PackTruth::Issued;
        out.words += " It is exactly what this library issued.";
    } else if (out.truth == PackTruth::Unvouched) {
        out.words += " Ask the library that issued it, or whoever gave it to you, before you work with it.";
    }
}

}  // namespace

Result<PackVerdict> verify(const std::string& pack, const Against& against, const std::function<bool(double)>& progress) {
    auto found = publish::verify_pack(pack, progress);
    if (!found) return tl::make_unexpected(found.error());
    PackVerdict out;
    out.found = std::move(*found);
    const auto& v = out.found;
    if (!v.undamaged) {
        out.truth = PackTruth::Altered;
        out.words = "The pack was altered or damaged after it was issued; do not work with it:";
        for (const auto& t : v.troubles) out.words += "\n  " + t;
    } else {
        auto by = trusted(against.trust, v);
        if (!by) return tl::make_unexpected(by.error());
        std::optional<Asked> library;
        if (!against.library.empty()) {
            auto asked = ask(against.library, v);
            if (!asked) return tl::make_unexpected(asked.error());
            library = std::move(*asked);
        }
        judge(out, *by, library, against.or_issued);
        for (const auto* asked : {library ? &*library : nullptr, by->library ? &*by->library : nullptr}) {
            if (asked == nullptr || !asked->edition) continue;
            if (const auto* w = asked->records.withdrawal(asked->edition->guide.text(), asked->edition->number);
                w != nullptr && out.withdrawn.empty()) {
                out.withdrawn = w->because;
                out.words += fmt::format(" The edition is WITHDRAWN: {}. Do not work by it.", w->because);
            }
        }
        for (const auto& note : v.notes) out.words += "\n  " + note;
    }
    out.headline = core::spoken_name_of(out.truth);
    if (!out.withdrawn.empty()) out.headline += ", and withdrawn";
    out.headline[0] = static_cast<char>(std::toupper(static_cast<unsigned char>(out.headline[0])));
    return out;
}

}  // namespace anagraph::shop
