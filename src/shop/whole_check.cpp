#include "shop/whole_check.h"

#include <fmt/format.h>

#include <map>
#include <set>

#include "core/base/caught.h"
#include "publish/pack_manifest.h"
#include "store/digest.h"
#include "store/files.h"
#include "store/objects/object_cache.h"

namespace anagraph::shop {

using core::ErrorCode;
using core::Result;

namespace {

using UsedBy = std::map<std::string, std::vector<std::string>>;

/// A library's things one after the other, with how far the check is.
class Check {
public:
    Check(const store::Library& library, const store::Progress& progress) : library_(library), progress_(progress) {}

    Result<std::vector<Lacking>> run() {
        const auto guides = library_.guides();
        if (!guides) return tl::make_unexpected(guides.error());
        const auto recordings = library_.recordings();
        if (!recordings) return tl::make_unexpected(recordings.error());
        all_ = static_cast<double>(2 * guides->size() + recordings->size() + 1);
        std::map<std::string, std::string> documents;  // by id: the source's title
        for (const auto& g : *guides) {
            const std::string name = fmt::format("{}, {}", g.machine, g.title);
            read_guide(g, name, documents);
            if (!on()) return stopped();
        }
        for (const auto& g : *guides) {
            if (auto done = read_editions(g, fmt::format("{}, {}", g.machine, g.title)); !done) return tl::make_unexpected(done.error());
            if (!on()) return stopped();
        }
        for (const auto& r : *recordings) {
            if (auto read = read_recording(r); !read) return tl::make_unexpected(read.error());
            if (!on()) return stopped();
        }
        for (const auto& [id, title] : documents) {
            const std::string path = library_.document_path(core::DocumentId(id));
            if (auto here = came(path); !here) return tl::make_unexpected(here.error());
            if (!store::is_there(path))
                add(missing(path), "document", id, title,
                    core::key("Shop", "Its page is not in the library; add the source's page again."));
            else if (store::sha256_of_file(path).value_or("") != id)
                add(Lack::Damaged, "document", id, title, core::key("Shop", "Its page is not what was kept; add the source's page again."));
        }
        if (const auto records = library_.records(); !records)
            add(Lack::Damaged, "records", "", "records of keys, learners and hand-outs", records.error().message);
        if (const auto log = library_.logbook(); !log) add(Lack::Damaged, "logbook", "", "logbook of the machines", log.error().message);
        return std::move(out_);
    }

private:
    bool on() { return !progress_ || progress_(std::min(1.0, ++done_ / all_)); }
    static tl::unexpected<core::Error> stopped() {
        return core::fail(ErrorCode::Cancelled, core::key("Shop", "The check was stopped; nothing was changed."));
    }

    void add(Lack lack, const char* kind, const std::string& id, const std::string& name, const core::Words& what) {
        out_.push_back({lack, kind, id, name, what, used_by_[id]});
    }

    void read_guide(const store::GuideEntry& g, const std::string& name, std::map<std::string, std::string>& documents) {
        const auto state = library_.guide_state(g.id);
        if (!state || !state->lost.empty())
            add(Lack::Damaged, "guide", g.id.text(), name, state ? core::Words(state->lost.front()) : state.error().message);
        if (!state) return;
        for (const auto& r : state->procedure.recordings) used_by_[r.id.text()].push_back(name);
        for (const auto& s : state->procedure.sources)
            if (!s.document.empty()) {
                used_by_[s.document.text()].push_back(name);
                documents.emplace(s.document.text(), s.title);
            }
    }

    core::Outcome read_editions(const store::GuideEntry& g, const std::string& name) {
        const auto editions = library_.editions(g.id);
        if (!editions) {
            add(Lack::Damaged, "edition", g.id.text(), name, editions.error().message);
            return {};
        }
        for (const auto& e : *editions) {
            if (e.pack.empty()) continue;  // kept as packs were before: they have no seal of the library
            const std::string called = fmt::format("{}, edition {}", name, e.edition.number);
            used_by_[e.pack].push_back(called);
            const auto folder = library_.pack_folder(g.id, e.edition.number);
            if (auto here = folder ? came(*folder + "/" + publish::kManifest) : core::Outcome{}; !here) return here;
            const auto manifest = folder ? store::read_file(*folder + "/" + publish::kManifest) : tl::make_unexpected(folder.error());
            if (!manifest) {
                add(folder ? missing(*folder + "/" + publish::kManifest) : Lack::Missing, "edition", e.pack, called,
                    core::key("Shop", "Its pack is not in the library; put its folder back from a copy."));
                continue;
            }
            const auto pack = publish::PackSource::open(*folder);
            const auto below =
                pack ? publish::read_below(**pack, [this](double) { return on_still(); }) : tl::make_unexpected(pack.error());
            if (!below && below.error().code == ErrorCode::Cancelled) return tl::make_unexpected(below.error());
            if (store::sha256(*manifest) != e.pack || !below || !publish::compare_with_manifest(below->hashes, *manifest).empty())
                add(Lack::Damaged, "edition", e.pack, called,
                    core::key("Shop", "Its pack is not what was issued; put its folder back from a copy."));
        }
        return {};
    }

    /// What is asked of a bucket comes, or is not there or not what was sent, which is said then; nothing can be said where it cannot be
    /// asked.
    core::Outcome came(const std::string& path) {
        auto here = store::make_here(path, [this](double) { return on_still(); });
        if (!here && here.error().code == ErrorCode::Damaged) damaged_.insert(path);
        const bool said = here || here.error().code == ErrorCode::NotFound || here.error().code == ErrorCode::Damaged;
        return said ? core::Outcome{} : here;
    }

    Lack missing(const std::string& path) const { return damaged_.contains(path) ? Lack::Damaged : Lack::Missing; }

    core::Outcome read_recording(const store::RecordingEntry& r) {
        const std::string folder = library_.recording_folder(r.id);
        const auto held = store::hold_here(folder + "/index.json");
        for (const auto& path : {folder + "/index.json", r.path})
            if (auto here = came(path); !here) return here;
        const bool inside = r.path.starts_with(library_.folder() + "/");
        if (!store::is_there(folder + "/index.json"))
            add(missing(folder + "/index.json"), "recording", r.id.text(), r.name,
                core::key("Shop", "What was learned from it is not in the library; import the recording again."));
        else if (!store::is_there(r.path))
            add(inside ? missing(r.path) : Lack::Away, "recording", r.id.text(), r.name,
                inside ? core::key("Shop", "The film is not in the library; find its original on the Shelf.")
                       : core::key("Shop", "The film is not where it lay; find it on the Shelf."));
        else if (store::sha256_of_file(r.path).value_or("") != r.id.text())
            add(Lack::Damaged, "recording", r.id.text(), r.name,
                core::key("Shop", "The film is not what came in; find its original on the Shelf."));
        return {};
    }

    bool on_still() const { return !progress_ || progress_(std::min(1.0, done_ / all_)); }

    const store::Library& library_;
    const store::Progress& progress_;
    UsedBy used_by_;
    std::set<std::string> damaged_;  // paths of what came from a bucket as it was not sent
    std::vector<Lacking> out_;
    double all_ = 1;
    double done_ = 0;
};

}  // namespace

Result<std::vector<Lacking>> check_library(const store::Library& library, const store::Progress& progress) {
    return core::caught([&] { return Check(library, progress).run(); });
}

}  // namespace anagraph::shop
