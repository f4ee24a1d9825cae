#include "shop/desk/desk_shelf.h"

#include <fmt/format.h>

#include <algorithm>
#include <nlohmann/json.hpp>

#include "publish/pack_manifest.h"
#include "shop/handout.h"
#include "store/archive.h"
#include "store/files.h"
#include "store/objects/object_cache.h"

namespace anagraph::shop {

using core::Result;
using nlohmann::json;

namespace {

constexpr std::int64_t kMostManifest = 16 << 20;  // bytes

std::map<std::string, std::string> files_of_manifest(const std::string& folder, bool has_signatures) {
    (void)store::make_here(folder + "/" + publish::kManifest);
    if (has_signatures) (void)store::make_here(folder + "/" + publish::kSignatures);
    std::map<std::string, std::string> out{{publish::kManifest, ""}, {publish::kSeal, ""}};
    const json j = json::parse(store::read_file(folder + "/" + publish::kManifest, kMostManifest).value_or(""), nullptr, false);
    if (!j.is_object() || !j.contains("files") || !j.at("files").is_object()) return {};
    for (const auto& [name, hash] : j.at("files").items())
        if (store::is_plain_name(name) && hash.is_string()) out.emplace(name, hash.get<std::string>());
    if (store::is_there(folder + "/" + publish::kSignatures)) out.emplace(publish::kSignatures, "");
    return out;
}

}  // namespace

std::string content_type(const std::string& name) {
    static const std::map<std::string, std::string> types{{".html", "text/html; charset=utf-8"}, {".css", "text/css; charset=utf-8"},
        {".js", "text/javascript; charset=utf-8"}, {".json", "application/json"}, {".png", "image/png"}, {".svg", "image/svg+xml"},
        {".mp4", "video/mp4"}, {".webm", "video/webm"}, {".vtt", "text/vtt; charset=utf-8"}, {".pdf", "application/pdf"},
        {".otf", "font/otf"}, {".sha256", "text/plain; charset=utf-8"}};
    const auto dot = name.rfind('.');
    const auto it = dot == std::string::npos ? types.end() : types.find(name.substr(dot));
    return it == types.end() ? "application/octet-stream" : it->second;
}

Result<std::shared_ptr<const DeskShelf>> DeskShelf::read(const store::Library& library) {
    const auto records = library.records();
    if (!records) return tl::make_unexpected(records.error());
    const auto guides = library.guides();
    if (!guides) return tl::make_unexpected(guides.error());
    auto out = std::make_shared<DeskShelf>();
    for (const auto& g : *guides) {
        if (g.editions == 0) continue;
        const auto editions = library.editions(g.id);
        if (!editions) return tl::make_unexpected(editions.error());
        core::GuideEditions of_guide{g.id.text(), {}};
        for (const auto& e : *editions) of_guide.editions.push_back(e.edition);
        const auto* now = core::current_edition(*records, of_guide);
        for (const auto& e : *editions) {
            const auto& p = e.edition.procedure;
            DeskEdition d{g.id.text(), p.header.number, e.edition.number, e.sha256.substr(0, 8), e.pack, "", p.header.machine,
                p.header.title, e.edition.issued, core::standing_of(*records, of_guide, e.edition.number), "",
                now == nullptr ? 0 : now->number, {}, {}};
            if (const auto* w = records->withdrawal(g.id.text(), e.edition.number)) d.because = w->because;
            if (now != nullptr && now->number != e.edition.number) d.changes = core::differences(e.edition, *now);
            for (const auto& s : p.steps) d.headings.push_back(s.heading);
            if (const auto folder = library.pack_folder(g.id, e.edition.number); folder && !e.pack.empty()) {
                d.folder = *folder;
                out->folders_[e.pack] = *folder;
                out->files_[e.pack] = files_of_manifest(*folder, !e.edition.signers.empty());
            }
            out->editions_.push_back(std::move(d));
        }
    }
    return std::shared_ptr<const DeskShelf>(std::move(out));
}

std::vector<const DeskEdition*> DeskShelf::current() const {
    std::vector<const DeskEdition*> out;
    for (const auto& e : editions_)
        if (e.standing == core::EditionStanding::Current) out.push_back(&e);
    std::sort(out.begin(), out.end(),
        [](const DeskEdition* a, const DeskEdition* b) { return std::tie(a->machine, a->title) < std::tie(b->machine, b->title); });
    return out;
}

const DeskEdition* DeskShelf::find(const std::string& number, int edition, const std::string& mark) const {
    const auto it = std::find_if(editions_.begin(), editions_.end(),
        [&](const DeskEdition& e) { return e.number == number && e.edition == edition && e.mark == mark; });
    return it == editions_.end() ? nullptr : &*it;
}

bool DeskShelf::has(const std::string& number, int edition) const {
    return std::any_of(
        editions_.begin(), editions_.end(), [&](const DeskEdition& e) { return e.number == number && e.edition == edition; });
}

std::optional<DeskFile> DeskShelf::file(const std::string& manifest, const std::string& name) const {
    const auto files = files_.find(manifest);
    if (files == files_.end()) return std::nullopt;
    const auto it = files->second.find(name);
    if (it == files->second.end()) return std::nullopt;
    return DeskFile{folders_.at(manifest) + "/" + name, content_type(name), it->second};
}

}  // namespace anagraph::shop
