#include "store/taken_along.h"

#include <fmt/format.h>

#include <QStandardPaths>
#include <algorithm>
#include <filesystem>
#include <nlohmann/json.hpp>
#include <set>

#include "core/base/caught.h"
#include "store/database.h"
#include "store/digest.h"
#include "store/library_files.h"
#include "store/place.h"
#include "store/rows.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;
using nlohmann::json;

namespace {

constexpr const char* kTakenFile = "/taken.json";
constexpr const char* kFilmName = "original";
constexpr double kRowsShare = 0.1;  // of the time it takes are rows

json taken_json(const std::string& folder) {
    const auto text = read_file(folder + kTakenFile, std::int64_t{16} << 20);
    return text ? json::parse(*text, nullptr, false) : json();
}

/// "guide IN ('a', 'b')"
std::string among(const char* column, const std::set<std::string>& ids) {
    std::string list;
    for (const auto& id : ids) {
        std::string quoted = "'";
        for (const char c : id) quoted += c == '\'' ? std::string("''") : std::string(1, c);
        list += (list.empty() ? "" : ", ") + quoted + "'";
    }
    return fmt::format("{} IN ({})", column, list.empty() ? "''" : list);
}

/// What the guides of a copy need beside their rows.
struct Needed {
    std::set<std::string> recordings;
    std::set<std::string> documents;
    std::set<std::string> packs;  // of the editions that were issued last
};

class Taking {
public:
    Taking(std::string place, std::vector<GuideId> guides, bool films, const Progress& progress)
        : place_(std::move(place)), guides_(std::move(guides)), films_(films), progress_(progress) {}

    Outcome run() {
        const auto place = library_place(place_);
        if (!place) return tl::make_unexpected(place.error());
        if (!place->server)
            return fail(
                ErrorCode::Refused, core::key("Library", "This library lies on this computer, so there is nothing to take along."), place_);
        const std::string target = taken_folder(place_);
        if (guides_.empty()) {
            std::error_code ec;
            if (home_of_copy(target)) std::filesystem::remove_all(target, ec);
            return {};
        }
        if (auto made = make_folder(parent_of(target)); !made) return made;
        auto work = WorkFolder::in(parent_of(target));
        if (!work) return tl::make_unexpected(work.error());
        copy_ = work->path() + "/copy";
        if (auto made = Library::make_or_open(copy_); !made) return tl::make_unexpected(made.error());
        const std::string state = Library::stamp(place_);
        auto from = Database::connect(*place, Access::Read);
        if (!from) return tl::make_unexpected(from.error());
        if (auto rows = (*from)->at_one_moment([&] { return copy_rows(**from); }); !rows) return rows;
        auto files = LibraryFiles::of(*place);
        if (!files) return tl::make_unexpected(files.error());
        if (auto copied = copy_files(*files, target); !copied) return copied;
        json ids = json::array();
        for (const auto& g : guides_) ids.push_back(g.text());
        const json about{{"library", place_}, {"guides", ids}, {"films", films_}, {"at", utc_now()}, {"state", state}};
        if (auto written = write_file(copy_ + kTakenFile, about.dump(1) + "\n"); !written) return written;
        if (auto synced = sync_tree(copy_); !synced) return synced;
        // the copy before it is moved aside first: a computer that stops between the two has none, and takes it anew
        std::error_code ec;
        if (is_there(target)) std::filesystem::rename(target, work->path() + "/before", ec);
        std::filesystem::rename(copy_, target, ec);
        if (ec) return tl::make_unexpected(file_trouble(target, ec.value()));
        return sync_folder(parent_of(target));
    }

private:
    bool on(double share) const { return !progress_ || progress_(share); }
    static tl::unexpected<core::Error> stopped() {
        return fail(ErrorCode::Cancelled, core::key("Library", "It was stopped; what was taken along before stays as it was."));
    }

    static Outcome copy_table(const Database& from, const Database& to, const char* name, const std::string& where) {
        Filler filler(to, table(name));
        return each_line(
            from, table(name), [&](const std::string& line) { return filler(line); }, where);
    }

    Outcome copy_rows(const Database& from) {
        std::set<std::string> ids;
        for (const auto& g : guides_) ids.insert(g.text());
        const auto to = Database::connect(*library_place(copy_), Access::Write);
        if (!to) return tl::make_unexpected(to.error());
        auto done = (*to)->transaction("schema", [&]() -> Outcome {
            if (auto r = copy_table(from, **to, "guide", among("id", ids)); !r) return r;
            for (const char* name : {"change", "snapshot", "edition"})
                if (auto r = copy_table(from, **to, name, among("guide", ids)); !r) return r;
            for (const char* name : {"house", "record", "log"})
                if (auto r = copy_table(from, **to, name, {}); !r) return r;
            return {};
        });
        if (!done) return done;
        if (!on(kRowsShare / 2)) return stopped();
        if (auto known = find_needed(); !known) return known;
        return (*to)->transaction("schema", [&]() -> Outcome {
            if (auto r = copy_table(from, **to, "recording", among("id", needed_.recordings)); !r) return r;
            if (auto r = copy_table(from, **to, "segment", among("recording", needed_.recordings)); !r) return r;
            if (auto r = copy_table(from, **to, "document", among("id", needed_.documents)); !r) return r;
            return (*to)->engine().after_rows(**to);
        });
    }

    /// Asked of the copy, so that it is of the same moment.
    Outcome find_needed() {
        const auto copy = Library::read(copy_);
        if (!copy) return tl::make_unexpected(copy.error());
        for (const auto& g : guides_) {
            const auto state = (*copy)->guide_state(g);
            if (!state) return tl::make_unexpected(state.error());
            for (const auto& r : state->procedure.recordings) needed_.recordings.insert(r.id.text());
            for (const auto& s : state->procedure.sources)
                if (!s.document.empty()) needed_.documents.insert(s.document.text());
            const auto editions = (*copy)->editions(g);
            if (!editions) return tl::make_unexpected(editions.error());
            if (!editions->empty() && !editions->back().pack.empty()) needed_.packs.insert(editions->back().pack);
        }
        return {};
    }

    Outcome copy_files(LibraryFiles& files, const std::string& before) {
        std::vector<std::string> names;
        const auto add = [&](const std::string& prefix) -> Outcome {
            auto below = files.names(prefix);
            if (!below) return tl::make_unexpected(below.error());
            names.insert(names.end(), below->begin(), below->end());
            return {};
        };
        for (const auto& id : needed_.recordings)
            if (auto r = add("media/" + id + "/"); !r) return r;
        for (const auto& pack : needed_.packs)
            if (auto r = add("editions/" + pack + "/"); !r) return r;
        for (const auto& id : needed_.documents)
            if (auto r = add("documents/" + id); !r) return r;
        if (!films_)
            std::erase_if(names, [](const std::string& name) {
                return name.starts_with("media/") && name.substr(name.rfind('/') + 1).starts_with(kFilmName);
            });
        double done = 0;
        for (const auto& name : names) {
            const auto part = [&](double share) {
                return on(kRowsShare + (1 - kRowsShare) * (done + share) / static_cast<double>(names.size()));
            };
            if (!part(0)) return stopped();
            if (auto copied = copy_one(files, name, before, part); !copied) return copied;
            done += 1;
        }
        return {};
    }

    /// What is named by its content is the same as before.
    Outcome copy_one(LibraryFiles& files, const std::string& name, const std::string& before, const Progress& part) const {
        const std::string to = copy_ + "/" + name;
        if (auto made = make_folder(parent_of(to)); !made) return made;
        std::error_code ec;
        if (is_there(before + "/" + name) && !is_link(before + "/" + name)) {
            std::filesystem::create_hard_link(before + "/" + name, to, ec);
            if (!ec) return {};
        }
        const auto path = files.path(name, part);
        if (!path) return tl::make_unexpected(path.error());
        const auto copied = copy_file(*path, to, part);
        files.let_go();
        return copied ? Outcome{} : tl::make_unexpected(copied.error());
    }

    std::string place_;
    std::vector<GuideId> guides_;
    bool films_;
    const Progress& progress_;
    std::string copy_;
    Needed needed_;
};

}  // namespace

TakenAlong taken_along(const std::string& place) {
    TakenAlong out;
    const json j = taken_json(taken_folder(place));
    if (!j.is_object() || j.value("library", "") != place || !j.contains("guides") || !j["guides"].is_array()) return out;
    for (const auto& id : j["guides"])
        if (id.is_string() && core::is_id(id.get<std::string>())) out.guides.emplace_back(id.get<std::string>());
    out.films = j.value("films", false);
    out.at = j.value("at", "");
    out.state = j.value("state", "");
    return out;
}

Outcome take_along(const std::string& place, const std::vector<GuideId>& guides, bool films, const Progress& progress) {
    return core::caught([&] { return Taking(place, guides, films, progress).run(); });
}

std::string taken_folder(const std::string& place) {
    return fmt::format("{}/anagraph/taken/{}", QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation).toStdString(),
        sha256(place).substr(0, 16));
}

std::optional<std::string> home_of_copy(const std::string& folder) {
    const json j = taken_json(folder);
    if (!j.is_object() || !j.contains("library") || !j["library"].is_string()) return std::nullopt;
    return j["library"].get<std::string>();
}

}  // namespace anagraph::store
