#include "publish/pack_manifest.h"

#include <fmt/format.h>
#include <sys/stat.h>

#include <algorithm>
#include <nlohmann/json.hpp>

#include "core/base/utf8.h"
#include "store/digest.h"
#include "store/files.h"

namespace anagraph::publish {

using core::ErrorCode;
using core::fail;
using core::Outcome;

namespace {

constexpr std::size_t kMostFiles = 20000;

struct Walk {
    std::string root;
    std::vector<std::string> files;  // relative
    std::vector<std::string> odd;

    void go(const std::string& relative) {
        const auto names = store::names_in(root + "/" + relative);
        if (names.empty() && !relative.empty())
            odd.push_back(fmt::format("The folder {} is empty or cannot be read; a pack has no such folder.", core::as_utf8(relative)));
        for (const auto& name : names) {
            const std::string path = relative.empty() ? name : relative + "/" + name;
            const std::string shown = core::as_utf8(path);
            struct stat facts {};
            if (::lstat((root + "/" + path).c_str(), &facts) != 0 || files.size() > kMostFiles) return;
            if (!core::is_utf8(name))
                odd.push_back(fmt::format("{} has a name that is no text; it does not belong to the pack.", shown));
            else if (S_ISDIR(facts.st_mode))
                go(path);
            else if (S_ISREG(facts.st_mode))
                files.push_back(path);
            else
                odd.push_back(fmt::format(
                    "{} is {}; it does not belong to the pack.", shown, S_ISLNK(facts.st_mode) ? "a link" : "no ordinary file"));
        }
    }
};

}  // namespace

core::Result<Below> read_below(const std::string& folder, const std::function<bool(double)>& progress) {
    Walk walk{folder, {}, {}};
    walk.go("");
    if (walk.files.size() > kMostFiles)
        return fail(ErrorCode::BadInput,
            fmt::format("{} holds more files than a pack can have; choose the folder of the pack itself.", folder), folder);
    Below out;
    out.odd = std::move(walk.odd);
    const auto all = static_cast<double>(std::max<std::int64_t>(1, store::bytes_below(folder)));
    double done = 0;
    for (const auto& name : walk.files) {
        if (name == kManifest || name == kSeal) continue;
        struct stat facts {};
        const auto size = ::lstat((folder + "/" + name).c_str(), &facts) == 0 ? static_cast<double>(facts.st_size) : 0.0;
        auto hash =
            store::sha256_of_file(folder + "/" + name, [&](double share) { return !progress || progress((done + share * size) / all); });
        if (!hash) return tl::make_unexpected(hash.error());
        done += size;
        out.hashes.emplace(name, std::move(*hash));
    }
    return out;
}

std::string manifest_text(const std::map<std::string, std::string>& hashes) {
    nlohmann::json j{{"pack", 1}, {"files", hashes}};
    return j.dump(1, ' ', false, nlohmann::json::error_handler_t::replace) + "\n";
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
