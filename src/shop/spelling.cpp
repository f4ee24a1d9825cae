#include "shop/spelling.h"

#include <filesystem>
#include <hunspell/hunspell.hxx>
#include <memory>

namespace anagraph::shop {

std::optional<core::Speller> dictionary(const std::string& language) {
    constexpr std::size_t kMostOffers = 3;
    const std::string base = "/usr/share/hunspell/" + language;
    std::error_code ec;
    if (!std::filesystem::exists(base + ".aff", ec) || !std::filesystem::exists(base + ".dic", ec)) return std::nullopt;
    const auto hunspell = std::make_shared<Hunspell>((base + ".aff").c_str(), (base + ".dic").c_str());
    core::Speller out;
    out.right = [hunspell](const std::string& word) { return hunspell->spell(word); };
    out.offers = [hunspell](const std::string& word) {
        auto offers = hunspell->suggest(word);
        if (offers.size() > kMostOffers) offers.resize(kMostOffers);
        return offers;
    };
    return out;
}

}  // namespace anagraph::shop
