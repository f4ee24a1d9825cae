#include "shop/spelling.h"

#include <algorithm>
#include <cctype>
#include <filesystem>
#include <hunspell/hunspell.hxx>
#include <memory>
#include <vector>

namespace anagraph::shop {

namespace {

/// The files of a language's dictionary without their endings; empty where none is installed.
std::string files_of(const std::string& language) {
    const std::filesystem::path folder = "/usr/share/hunspell";
    const auto whole = [](const std::filesystem::path& base) {
        std::error_code ec;
        return std::filesystem::exists(base.string() + ".aff", ec) && std::filesystem::exists(base.string() + ".dic", ec);
    };
    std::string country = language == "en" ? "GB" : language;
    std::transform(country.begin(), country.end(), country.begin(), [](unsigned char c) { return static_cast<char>(std::toupper(c)); });
    std::vector<std::filesystem::path> bases{folder / (language + "_" + country), folder / language};
    std::error_code ec;
    for (const auto& entry : std::filesystem::directory_iterator(folder, ec))
        if (entry.path().extension() == ".dic" && entry.path().stem().string().starts_with(language + "_"))
            bases.push_back(folder / entry.path().stem());
    const auto found = std::find_if(bases.begin(), bases.end(), whole);
    return found == bases.end() ? std::string() : found->string();
}

}  // namespace

std::optional<core::Speller> dictionary(const std::string& language) {
    constexpr std::size_t kMostOffers = 3;
    const std::string base = files_of(language);
    if (base.empty()) return std::nullopt;
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
