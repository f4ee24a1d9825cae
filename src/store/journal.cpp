// Library: guides as journals of changes.
#include <fmt/format.h>

#include <algorithm>
#include <limits>
#include <nlohmann/json.hpp>

#include "core/base/caught.h"
#include "core/edits/change_label.h"
#include "core/edits/difference.h"
#include "core/procedure/json.h"
#include "store/library_state.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;
using nlohmann::json;

namespace {

constexpr int kSnapshotEvery = 200;  // changes between snapshots: a bound on what opening a guide has to replay

std::string text_of(const json& j) { return j.dump(-1, ' ', false, json::error_handler_t::replace); }

QVariant number(std::int64_t n) { return QVariant::fromValue<qlonglong>(n); }

Outcome add_change(const Database& db, const GuideId& id, std::int64_t sequence, const std::string& before, const std::string& at,
    const std::string& author, const core::Change& change) {
    const std::string body = text_of(core::to_json(change));
    return db.exec("INSERT INTO change (guide, sequence, at, author, body, seal) VALUES (?, ?, ?, ?, ?, ?)",
        {q(id.text()), number(sequence), q(at), q(author), q(body), q(change_seal(before, sequence, at, author, body))});
}

Outcome add_snapshot(const Database& db, const GuideId& id, std::int64_t sequence, const core::Procedure& p) {
    const std::string body = text_of(core::to_json(p));
    return db.exec("INSERT INTO snapshot (guide, sequence, body, seal) VALUES (?, ?, ?, ?)",
        {q(id.text()), number(sequence), q(body), q(snapshot_seal(sequence, body))});
}

std::string cover_of(const core::Procedure& p) { return p.recordings.empty() ? "" : p.recordings.front().id.text(); }

constexpr const char* kGuideColumns =
    "SELECT g.id, g.title, g.machine, g.changed, COALESCE(e.issued, 0), g.sequence, COALESCE(e.last, -1), g.cover FROM guide g LEFT JOIN "
    "(SELECT guide, COUNT(*) AS issued, MAX(sequence) AS last FROM edition GROUP BY guide) e ON e.guide = g.id ";

Result<std::vector<GuideEntry>> entries(Result<QSqlQuery> query) {
    if (!query) return tl::make_unexpected(query.error());
    std::vector<GuideEntry> out;
    while (query->next()) {
        // a library that was received may hold anything
        const std::string id = s(query->value(0));
        if (!core::is_id(id))
            return fail(ErrorCode::Damaged,
                core::say(
                    core::key("Library",
                        "The library holds a guide whose id cannot be one (\u201C{0}\u201D); it was not written by this program. Open a "
                        "copy you trust."),
                    id));
        const std::string cover = s(query->value(7));
        out.push_back({GuideId(id), s(query->value(1)), s(query->value(2)), s(query->value(3)), query->value(4).toInt(),
            query->value(5).toLongLong() > query->value(6).toLongLong(), core::RecordingId(core::is_id(cover) ? cover : "")});
    }
    return out;
}

/// A snapshot that is whole, the newest first.
struct Snapshot {
    std::int64_t sequence = 0;
    core::Procedure procedure;
};

Result<std::optional<Snapshot>> newest_whole(const Database& db, const GuideId& id, std::int64_t until, bool& some) {
    auto query = db.run("SELECT sequence, body, seal FROM snapshot WHERE guide = ? AND sequence <= ? ORDER BY sequence DESC",
        {q(id.text()), number(until)});
    if (!query) return tl::make_unexpected(query.error());
    while (query->next()) {
        some = true;
        const auto sequence = query->value(0).toLongLong();
        const std::string body = s(query->value(1));
        if (snapshot_seal(sequence, body) != s(query->value(2))) continue;
        auto p = core::procedure_from_json(json::parse(body, nullptr, false));
        if (p) return Snapshot{sequence, std::move(*p)};
        if (p.error().code == ErrorCode::Refused) return tl::make_unexpected(p.error());
    }
    return std::optional<Snapshot>{};
}

}  // namespace

Result<std::vector<GuideEntry>> Library::guides() const {
    return core::caught(
        [&] { return entries(state_->db->run(QString::fromLatin1(kGuideColumns) + QStringLiteral("ORDER BY g.machine, g.title"))); });
}

Result<std::vector<GuideEntry>> Library::guides_that_may_say(const std::string& words) const {
    return core::caught([&]() -> Result<std::vector<GuideEntry>> {
        // the words as they stand in JSON; those it writes in its own way are looked for in every guide
        if (words.empty() || words.find_first_of("\"\\") != std::string::npos ||
            std::any_of(words.begin(), words.end(), [](char c) { return static_cast<unsigned char>(c) < 0x20; }))
            return guides();
        const QVariant w = q(words);
        return entries(state_->db->run(QString::fromLatin1(kGuideColumns) +
                QStringLiteral(
                    "WHERE EXISTS (SELECT 1 FROM snapshot x WHERE x.guide = g.id AND x.sequence = (SELECT MAX(y.sequence) FROM snapshot y "
                    "WHERE y.guide = g.id) AND %1) OR EXISTS (SELECT 1 FROM change c WHERE c.guide = g.id AND %2) ORDER BY g.machine, "
                    "g.title")
                    .arg(state_->db->engine().holds("x.body"), state_->db->engine().holds("c.body")),
            {w, w}));
    });
}

Result<GuideId> Library::create_guide(const core::Procedure& start, const std::string& author) {
    return core::caught([&]() -> Result<GuideId> {
        auto& db = *state_->db;
        GuideId id;
        const core::Change change{core::change_label("Begin the guide"), {core::SetHeader{start.header}}};
        const Outcome done = db.transaction("guides", [&]() -> Outcome {
            const std::string slug = core::slug_of(start.header.machine + " " + start.header.title);
            auto alike = db.run("SELECT id FROM guide WHERE id >= ? AND id < ?", {q(slug), q(slug + "~")});
            if (!alike) return tl::make_unexpected(alike.error());
            struct Taken {
                GuideId id;
            };
            std::vector<Taken> taken;
            while (alike->next()) taken.push_back({GuideId(s(alike->value(0)))});
            alike->finish();
            id = core::fresh_id<GuideId>(slug, taken);
            const std::string now = utc_now();
            if (auto r = db.exec("INSERT INTO guide (id, title, machine, changed, cover, sequence) VALUES (?, ?, ?, ?, ?, 1)",
                    {q(id.text()), q(start.header.title), q(start.header.machine), q(now), q(cover_of(start))});
                !r)
                return r;
            if (auto r = add_change(db, id, 1, id.text(), now, author, change); !r) return r;
            return add_snapshot(db, id, 1, start);
        });
        if (!done) return tl::make_unexpected(done.error());
        return id;
    });
}

Result<GuideState> Library::guide_state(const GuideId& id) const { return guide_state_at(id, std::numeric_limits<std::int64_t>::max()); }

Result<GuideState> Library::guide_state_at(const GuideId& id, std::int64_t until) const {
    return core::caught([&]() -> Result<GuideState> {
        auto& db = *state_->db;
        bool some = false;
        auto from = newest_whole(db, id, until, some);
        if (!from) return tl::make_unexpected(from.error());
        if (!some)
            return fail(
                ErrorCode::NotFound, core::say(core::key("Library", "There is no guide \"{0}\" in this library."), id.text()), id.text());
        if (!*from)
            return fail(ErrorCode::Damaged,
                core::say(core::key("Library", "The journal of the guide \"{0}\" is damaged; put back library.db from your last copy."),
                    id.text()),
                id.text());
        GuideState out{std::move((*from)->procedure), (*from)->sequence, {}};
        auto changes = db.run(
            "SELECT sequence, at, author, body, seal FROM change WHERE guide = ? AND sequence >= ? AND sequence <= ? ORDER BY sequence",
            {q(id.text()), number(out.sequence), number(until)});
        if (!changes) return tl::make_unexpected(changes.error());
        std::string seal;
        std::int64_t last = out.sequence;
        while (changes->next()) {
            const auto sequence = changes->value(0).toLongLong();
            const std::string own = s(changes->value(4));
            if (sequence == out.sequence && out.lost.empty()) {  // the change the snapshot stands on
                seal = own;
                continue;
            }
            const std::string body = s(changes->value(3));
            // an append after damage begins a new chain with a snapshot, so that one missing link ends the reading
            const bool whole = out.lost.empty() && sequence == out.sequence + 1 &&
                change_seal(seal, sequence, s(changes->value(1)), s(changes->value(2)), body) == own;
            const auto change =
                whole ? core::change_from_json(json::parse(body, nullptr, false)) : fail(ErrorCode::Damaged, core::key("Library", ""));
            last = sequence;
            if (change) {
                out.procedure = core::replay(std::move(out.procedure), *change);
                out.sequence = sequence;
                seal = own;
            } else if (change.error().code == ErrorCode::Refused) {
                return tl::make_unexpected(change.error());
            } else {
                out.lost.push_back(
                    core::say(core::key("Library", "A change of {0} by {1} is damaged or stands on a damaged one, and is missing."),
                        s(changes->value(1)), s(changes->value(2))));
            }
        }
        if (!out.lost.empty()) state_->broken.insert(id);
        out.sequence = last;
        return out;
    });
}

Result<core::Procedure> Library::load_guide(const GuideId& id) const {
    auto state = guide_state(id);
    if (!state) return tl::make_unexpected(state.error());
    return std::move(state->procedure);
}

Result<std::variant<core::Change, core::Conflict>> Library::brought_to(
    const GuideChange& c, std::int64_t now, const core::Procedure& is) const {
    if (c.made_on) return core::rebase(*c.made_on, core::difference(*c.made_on, is), c.change);
    if (c.base < 1 || c.base > now)
        return fail(ErrorCode::BadInput,
            core::say(core::key("Library", "The guide \"{0}\" has its changes 1 to {1}; there is no {2} to stand on."), c.guide.text(), now,
                c.base));
    const auto was = guide_state_at(c.guide, c.base);
    if (!was) return tl::make_unexpected(was.error());
    if (auto applied = core::apply(was->procedure, c.change); !applied) return tl::make_unexpected(applied.error());
    return core::rebase(was->procedure, core::difference(was->procedure, is), c.change);
}

Result<std::variant<Appended, core::Conflict>> Library::append_within(const GuideChange& c, const std::string& author) {
    auto& db = *state_->db;
    auto last = db.run("SELECT sequence, seal FROM change WHERE guide = ? ORDER BY sequence DESC LIMIT 1", {q(c.guide.text())});
    if (!last) return tl::make_unexpected(last.error());
    if (!last->next())
        return fail(ErrorCode::NotFound, core::say(core::key("Library", "There is no guide \"{0}\" in this library."), c.guide.text()),
            c.guide.text());
    const std::int64_t now = last->value(0).toLongLong();
    const std::string seal = s(last->value(1));
    last->finish();
    const bool as_made = !c.made_on && (c.base == 0 || c.base == now);
    core::Change change = c.change;
    core::Procedure after;
    if (!as_made) {
        const auto state = guide_state(c.guide);
        if (!state) return tl::make_unexpected(state.error());
        auto brought = brought_to(c, now, state->procedure);
        if (!brought) return tl::make_unexpected(brought.error());
        if (auto* conflict = std::get_if<core::Conflict>(&*brought)) return std::move(*conflict);
        change = std::get<core::Change>(std::move(*brought));
        if (change.edits.empty()) return Appended{now, true, false};
        after = core::replay(state->procedure, change);
    }
    const core::Procedure& p = as_made ? c.after : after;
    const std::string at = utc_now();
    if (auto r = add_change(db, c.guide, now + 1, seal, at, author, change); !r) return tl::make_unexpected(r.error());
    if (auto r = db.exec("UPDATE guide SET title = ?, machine = ?, changed = ?, cover = ?, sequence = ? WHERE id = ?",
            {q(p.header.title), q(p.header.machine), q(at), q(cover_of(p)), number(now + 1), q(c.guide.text())});
        !r)
        return tl::make_unexpected(r.error());
    if ((now + 1) % kSnapshotEvery == 0 || state_->broken.contains(c.guide))
        if (auto r = add_snapshot(db, c.guide, now + 1, p); !r) return tl::make_unexpected(r.error());
    return Appended{now + 1, !as_made};
}

Outcome Library::append(const GuideId& id, const core::Change& change, const core::Procedure& after, const std::string& author) {
    auto kept = append_all({{id, change, after}}, std::nullopt, author);
    return kept ? Outcome{} : tl::make_unexpected(kept.error());
}

Result<std::variant<Appended, core::Conflict>> Library::append_on(
    const GuideId& id, std::int64_t base, const core::Change& change, const std::string& author) {
    // where nobody wrote since, the guide with the change is what it is applied to
    auto state = guide_state(id);
    if (!state) return tl::make_unexpected(state.error());
    core::Procedure after;
    if (base == state->sequence) {
        auto applied = core::apply(state->procedure, change);
        if (!applied) return tl::make_unexpected(applied.error());
        after = std::move(*applied);
    } else if (base < 1 || base > state->sequence) {
        return fail(ErrorCode::BadInput,
            core::say(core::key("Library", "The guide \"{0}\" has its changes 1 to {1}; there is no {2} to stand on."), id.text(),
                state->sequence, base));
    }
    auto kept = append_all({{id, change, std::move(after), base}}, std::nullopt, author);
    if (!kept) return tl::make_unexpected(kept.error());
    if (auto* conflict = std::get_if<core::Conflict>(&*kept)) return std::move(*conflict);
    return std::get<std::vector<Appended>>(*kept).front();
}

Result<Kept> Library::append_all(
    const std::vector<GuideChange>& changes, const std::optional<core::House>& house, const std::string& author) {
    return core::caught([&]() -> Result<Kept> {
        // held in one order by everybody, so that no two wait for each other
        std::vector<std::string> names;
        for (const auto& c : changes) names.push_back("guide " + c.guide.text());
        if (house) names.emplace_back("house");
        std::sort(names.begin(), names.end());
        names.erase(std::unique(names.begin(), names.end()), names.end());
        std::vector<Appended> appended;
        std::optional<core::Conflict> conflict;
        const auto done = state_->db->transaction(names, [&]() -> Outcome {
            for (const auto& c : changes) {
                auto r = append_within(c, author);
                if (!r) return tl::make_unexpected(r.error());
                if (auto* open = std::get_if<core::Conflict>(&*r)) {
                    conflict = std::move(*open);
                    return fail(ErrorCode::Refused, conflict->what);
                }
                appended.push_back(std::get<Appended>(*r));
            }
            return house ? set_house_within(*house) : Outcome{};
        });
        if (conflict) return Kept{std::move(*conflict)};
        if (!done) return tl::make_unexpected(done.error());
        for (const auto& c : changes) state_->broken.erase(c.guide);
        if (house) state_->house = State::KnownHouse{core::to_json(*house), *house};
        return Kept{std::move(appended)};
    });
}

Result<bool> Library::was_kept(const std::string& transaction) const {
    return core::caught([&] { return state_->db->was_kept(transaction); });
}

Result<std::int64_t> Library::last_change(const GuideId& id) const {
    return core::caught([&]() -> Result<std::int64_t> {
        auto row = state_->db->run("SELECT sequence FROM guide WHERE id = ?", {q(id.text())});
        if (!row) return tl::make_unexpected(row.error());
        if (!row->next())
            return fail(
                ErrorCode::NotFound, core::say(core::key("Library", "There is no guide \"{0}\" in this library."), id.text()), id.text());
        return row->value(0).toLongLong();
    });
}

Result<std::vector<HistoryEntry>> Library::history(const GuideId& id, std::int64_t since) const {
    return core::caught([&]() -> Result<std::vector<HistoryEntry>> {
        auto query = state_->db->run("SELECT sequence, at, author, body FROM change WHERE guide = ? AND sequence > ? ORDER BY sequence",
            {q(id.text()), number(since)});
        if (!query) return tl::make_unexpected(query.error());
        std::vector<HistoryEntry> out;
        while (query->next()) {
            auto change = core::change_from_json(json::parse(s(query->value(3)), nullptr, false));
            // what cannot be read has no place in the history of a line; guide_state() tells it
            if (change) out.push_back({query->value(0).toLongLong(), s(query->value(1)), s(query->value(2)), std::move(*change)});
        }
        return out;
    });
}

}  // namespace anagraph::store
