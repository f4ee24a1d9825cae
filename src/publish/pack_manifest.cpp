#include "publish/pack_manifest.h"

#include <fmt/format.h>

#include <nlohmann/json.hpp>

#include "store/digest.h"

namespace anagraph::publish {

using core::ErrorCode;
using core::fail;

core::Result<Below> read_below(const PackSource& pack, const std::function<bool(double)>& progress) {
    auto listing = pack.list();
    if (listing.files.size() > kMostFiles)
        return fail(
            ErrorCode::BadInput, core::key("Pack", "There are more files than a pack can have; choose the folder of the pack itself."));
    Below out;
    out.odd = std::move(listing.odd);
    double all = 1;
    for (const auto& name : listing.files) all += static_cast<double>(pack.bytes(name));
    double done = 0;
    for (const auto& name : listing.files) {
        if (name == kManifest || name == kSeal || name == kSignatures) continue;
        const auto size = static_cast<double>(pack.bytes(name));
        auto hash = pack.sha256(name, [&](double share) { return !progress || progress((done + share * size) / all); });
        if (!hash) return tl::make_unexpected(hash.error());
        done += size;
        out.hashes.emplace(name, std::move(*hash));
    }
    return out;
}

std::string manifest_text(const std::map<std::string, std::string>& hashes, const std::string& mark) {
    nlohmann::json j{{"pack", 1}, {"files", hashes}};
    if (!mark.empty()) j["mark"] = mark;
    return j.dump(1, ' ', false, nlohmann::json::error_handler_t::replace) + "\n";
}

std::string mark_of_manifest(const std::string& manifest) {
    const auto j = nlohmann::json::parse(manifest, nullptr, false);
    return j.is_object() && j.contains("mark") && j.at("mark").is_string() ? j.at("mark").get<std::string>() : "";
}

std::string seal_text(const std::string& manifest) { return store::sha256(manifest) + "  " + kManifest + "\n"; }

std::vector<std::string> compare_with_manifest(const std::map<std::string, std::string>& actual, const std::string& text) {
    std::vector<std::string> out;
    const auto manifest = nlohmann::json::parse(text, nullptr, false);
    const auto listed = manifest.is_object() && manifest.contains("files") && manifest.at("files").is_object() ? manifest.at("files")
                                                                                                               : nlohmann::json::object();
    for (const auto& [name, hash] : listed.items()) {
        const auto it = actual.find(name);
        if (it == actual.end())
            out.push_back(fmt::format("{} is missing.", name));
        else if (!hash.is_string() || it->second != hash.get<std::string>())
            out.push_back(fmt::format("{} was changed after the edition was issued.", name));
    }
    for (const auto& [name, hash] : actual)
        if (!listed.contains(name)) out.push_back(fmt::format("{} does not belong to the pack.", name));
    return out;
}

}  // namespace anagraph::publish
