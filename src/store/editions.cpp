// Library: editions with their packs, and the house.
#include <fmt/format.h>

#include <nlohmann/json.hpp>
#include <set>

#include "core/base/caught.h"
#include "store/digest.h"
#include "store/files.h"
#include "store/library_state.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;
using nlohmann::json;

namespace {

tl::unexpected<core::Error> no_edition(const GuideId& id, int number) {
    return fail(ErrorCode::NotFound,
        core::say(core::key("Library", "There is no edition {0} of \"{1}\" in this library."), number, id.text()), id.text());
}

}  // namespace

Result<std::vector<IssuedEdition>> Library::editions(const GuideId& id) const {
    return core::caught([&]() -> Result<std::vector<IssuedEdition>> {
        auto query = state_->db->run("SELECT number, sha256, body, pack FROM edition WHERE guide = ? ORDER BY number", {q(id.text())});
        if (!query) return tl::make_unexpected(query.error());
        std::vector<IssuedEdition> out;
        while (query->next()) {
            const std::string body = s(query->value(2));
            if (sha256(body) != s(query->value(1)))
                return fail(ErrorCode::Damaged,
                    core::say(
                        core::key("Library", "Edition {0} in the library is not what was issued; put back library.db from your last copy."),
                        query->value(0).toInt()),
                    id.text());
            auto edition = core::edition_from_json(json::parse(body, nullptr, false));
            if (!edition) return tl::make_unexpected(edition.error());
            out.push_back({std::move(*edition), s(query->value(1)), s(query->value(3))});
        }
        return out;
    });
}

namespace {

/// Was an edition issued with this pack?
Result<bool> is_pack_known(const Database& db, const std::string& manifest) {
    auto row = db.run("SELECT COUNT(*) FROM edition WHERE pack = ?", {q(manifest)});
    if (!row) return tl::make_unexpected(row.error());
    return row->next() && row->value(0).toInt() > 0;
}

}  // namespace

Outcome Library::send_pack(const std::string& place, const std::string& manifest, const std::string& prepared, const Progress& progress) {
    return send_ahead(
        place, kEdition, manifest, [&](const Library& library) { return is_pack_known(*library.state_->db, manifest); }, prepared,
        progress);
}

Result<std::string> Library::enter_edition(
    const GuideId& id, std::int64_t sequence, const core::Edition& edition, const std::string& manifest, WorkFolder pack) {
    return core::caught([&]() -> Result<std::string> {
        auto& db = *state_->db;
        if (!core::is_sha256(manifest))
            return fail(ErrorCode::BadInput, core::key("Library", "A pack is named by the SHA-256 of its manifest."));
        const std::string body = core::canonical_text(core::to_json(edition));
        const std::string hash = sha256(body);
        const std::string place = state_->folder + kEditions + "/" + manifest;
        const auto known = [&] { return is_pack_known(db, manifest); };
        const Outcome done = state_->enter(
            kEdition, manifest, place, known, [&] { return pack.place_at(place); },
            [&](bool) -> Outcome {
                auto old = db.run("SELECT COUNT(*) FROM edition WHERE guide = ? AND number = ?", {q(id.text()), edition.number});
                if (!old) return tl::make_unexpected(old.error());
                old->next();
                const bool issued = old->value(0).toInt() > 0;
                old->finish();
                if (issued)
                    return fail(ErrorCode::Refused,
                        core::say(core::key("Library", "Edition {0} was already issued and stays as it is; issue the next number."),
                            edition.number),
                        id.text());
                return db.exec("INSERT INTO edition (guide, number, sequence, sha256, body, pack) VALUES (?, ?, ?, ?, ?, ?)",
                    {q(id.text()), edition.number, QVariant::fromValue<qlonglong>(sequence), q(hash), q(body), q(manifest)});
            });
        if (!done) return tl::make_unexpected(done.error());
        return hash;
    });
}

Result<std::int64_t> Library::sequence_of(const GuideId& id, int number) const {
    return core::caught([&]() -> Result<std::int64_t> {
        auto row = state_->db->run("SELECT sequence FROM edition WHERE guide = ? AND number = ?", {q(id.text()), number});
        if (!row) return tl::make_unexpected(row.error());
        if (!row->next()) return no_edition(id, number);
        return row->value(0).toLongLong();
    });
}

Result<std::string> Library::pack_folder(const GuideId& id, int number) const {
    return core::caught([&]() -> Result<std::string> {
        auto row = state_->db->run("SELECT pack FROM edition WHERE guide = ? AND number = ?", {q(id.text()), number});
        if (!row) return tl::make_unexpected(row.error());
        if (!row->next()) return no_edition(id, number);
        const std::string pack = s(row->value(0));
        if (core::is_sha256(pack)) return state_->folder + kEditions + "/" + pack;
        // as packs were kept before
        const std::string of_guide = state_->folder + kEditions + "/" + (core::is_id(id.text()) ? id.text() : "none");
        if (is_link(of_guide))
            return fail(ErrorCode::Refused,
                core::say(core::key("Library", "{0} is a link to somewhere else; put what it leads to in its place."), of_guide), of_guide);
        return fmt::format("{}/{}", of_guide, number);
    });
}

Result<std::optional<KnownPack>> Library::known_pack(const std::string& hash) const {
    return core::caught([&]() -> Result<std::optional<KnownPack>> {
        auto row = state_->db->run("SELECT guide, number, sha256, pack FROM edition WHERE sha256 = ?", {q(hash)});
        if (!row) return tl::make_unexpected(row.error());
        if (!row->next()) return std::optional<KnownPack>{};
        return KnownPack{GuideId(s(row->value(0))), row->value(1).toInt(), s(row->value(2)), s(row->value(3))};
    });
}

std::vector<std::string> Library::packs_not_known() const {
    std::set<std::string> known;
    if (auto rows = state_->db->run("SELECT pack FROM edition"))
        while (rows->next()) known.insert(s(rows->value(0)));
    std::vector<std::string> out;
    for (const auto& name : names_in(state_->folder + kEditions))
        if (core::is_sha256(name) && !known.contains(name) && !is_link(state_->folder + kEditions + "/" + name))
            out.push_back(state_->folder + kEditions + "/" + name);
    return out;
}

Result<core::House> Library::house() const {
    return core::caught([&]() -> Result<core::House> {
        auto row = state_->db->run("SELECT body FROM house WHERE part = 'all'");
        if (!row) return tl::make_unexpected(row.error());
        const std::string text = row->next() ? s(row->value(0)) : std::string();
        if (state_->house && state_->house->text == text) return state_->house->house;
        auto house = text.empty() ? core::House{} : core::house_from_json(text);
        if (house) state_->house = State::KnownHouse{text, *house};
        return house;
    });
}

Outcome Library::set_house_within(const core::House& house) {
    auto row = state_->db->run("SELECT body FROM house WHERE part = 'all'");
    if (!row) return tl::make_unexpected(row.error());
    const std::string text = row->next() ? s(row->value(0)) : std::string();
    row->finish();
    if (state_->house && state_->house->text != text)
        return fail(ErrorCode::Refused,
            core::key("Library",
                "What applies to the whole house was changed elsewhere meanwhile, so nothing was saved; look at it as it is now and do it "
                "again."));
    if (auto r = state_->db->exec("DELETE FROM house WHERE part = 'all'"); !r) return r;
    return state_->db->exec("INSERT INTO house (part, body) VALUES ('all', ?)", {q(core::to_json(house))});
}

Outcome Library::set_house(const core::House& house) {
    auto kept = append_all({}, house, {});
    return kept ? Outcome{} : tl::make_unexpected(kept.error());
}

}  // namespace anagraph::store
