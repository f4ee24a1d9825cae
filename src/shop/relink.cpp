#include "shop/relink.h"

#include <fmt/format.h>

#include <algorithm>
#include <filesystem>

#include "core/base/caught.h"
#include "core/base/utf8.h"
#include "store/digest.h"

namespace anagraph::shop {

namespace fs = std::filesystem;
using core::ErrorCode;
using core::fail;

core::Result<std::string> find_original(
    const core::RecordingId& id, std::int64_t bytes, const std::string& folder, const media::Progress& progress) {
    return core::caught([&]() -> core::Result<std::string> {
        const auto stopped = [&] {
            return fail(ErrorCode::Cancelled, core::key("Shop", "The search was stopped; the recording is still away."));
        };
        std::error_code ec;
        if (!fs::is_directory(folder, ec))
            return fail(ErrorCode::NotFound,
                core::say(core::key("Shop", "{0} is no folder; choose the folder or the card the recording may lie on."), folder), folder);
        std::vector<fs::path> alike;
        std::size_t seen = 0;
        for (auto it = fs::recursive_directory_iterator(folder, fs::directory_options::skip_permission_denied, ec);
             !ec && it != fs::recursive_directory_iterator(); it.increment(ec)) {
            std::error_code own;
            if (!it->is_regular_file(own)) continue;
            ++seen;
            if (static_cast<std::int64_t>(it->file_size(own)) == bytes && !own) alike.push_back(it->path());
            if (progress && seen % 64 == 0 && !progress(0)) return stopped();
        }
        std::sort(alike.begin(), alike.end());
        for (std::size_t i = 0; i < alike.size(); ++i) {
            if (progress && !progress(static_cast<double>(i) / static_cast<double>(alike.size()))) return stopped();
            const auto hash = store::sha256_of_file(alike[i].string(),
                [&](double share) { return !progress || progress((static_cast<double>(i) + share) / static_cast<double>(alike.size())); });
            if (!hash && hash.error().code == ErrorCode::Cancelled) return stopped();
            if (hash && *hash == id.text() && core::is_utf8(alike[i].string()))
                return fs::absolute(alike[i], ec).lexically_normal().string();
        }
        return fail(ErrorCode::NotFound,
            core::Words(core::counted_key("Shop",
                            "The recording is not in {0}: %n files looked at, {1} of its length, none with its content. Look in another "
                            "folder, or import it again.",
                            "The recording is not in {0}: 1 file looked at, {1} of its length, none with its content. Look in another "
                            "folder, or import it again."),
                static_cast<long long>(seen), {folder, std::to_string(alike.size())}),
            folder);
    });
}

core::Result<std::vector<store::RecordingEntry>> recordings_away(const store::Library& library) {
    auto all = library.recordings();
    if (!all) return all;
    std::erase_if(*all, [](const store::RecordingEntry& r) {
        std::error_code ec;
        return fs::exists(r.path, ec);
    });
    return all;
}

}  // namespace anagraph::shop
