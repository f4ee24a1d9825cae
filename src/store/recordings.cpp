// Library: recordings, what was said in them, documents.
#include <fmt/format.h>

#include "core/base/caught.h"
#include "core/narration/words_json.h"
#include "store/digest.h"
#include "store/files.h"
#include "store/library_state.h"
#include "store/search_words.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

namespace {

constexpr const char* kColumns = "SELECT id, name, path, added, length, lines FROM recording ";

RecordingEntry entry_of(const QSqlQuery& row, const std::string& path) {
    RecordingEntry out{core::RecordingId(s(row.value(0))), s(row.value(1)), path, s(row.value(3)), row.value(5).toInt() > 0, std::nullopt,
        row.value(5).toInt()};
    if (const auto length = core::FrameTime::parse(s(row.value(4)))) out.length = *length;
    return out;
}

Outcome write_narration(const Database& db, const core::RecordingId& id, const std::vector<core::Segment>& segments) {
    if (auto r = db.exec("DELETE FROM segment WHERE recording = ?", {q(id.text())}); !r) return r;
    auto insert = db.prepared(db.engine().add_line());
    if (!insert) return tl::make_unexpected(insert.error());
    int position = 0;
    for (const auto& segment : segments) {
        std::vector<QVariant> values{q(id.text()), position++, q(segment.start.text()), q(segment.end.text()), q(segment.text),
            q(segment.speaker), q(core::words_json(segment))};
        if (const QVariant found = db.engine().found_by(segment.text); found.isValid()) values.push_back(found);
        if (auto r = db.again(*insert, values); !r) return r;
    }
    return db.exec("UPDATE recording SET lines = ? WHERE id = ?", {position, q(id.text())});
}

/// What the search asks for: the letters and digits of the words, each run as the beginning of a word, and the words as they
/// stand, since a sign that is no letter stands for itself.
struct Asked {
    std::vector<QStringList> beginnings;  // the runs of one word follow each other; the last may go on
    QStringList like;
};

Asked asked_for(const std::string& words) {
    Asked out;
    for (QString word : QString::fromStdString(words).split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
        const QStringList runs = words_in(word);
        if (!runs.isEmpty()) out.beginnings.push_back(runs);
        if (runs == QStringList{word}) continue;
        word.replace(QLatin1Char('\\'), QStringLiteral("\\\\"))
            .replace(QLatin1Char('%'), QStringLiteral("\\%"))
            .replace(QLatin1Char('_'), QStringLiteral("\\_"));
        out.like << QLatin1Char('%') + word + QLatin1Char('%');
    }
    return out;
}

}  // namespace

Result<std::vector<RecordingEntry>> Library::recordings() const {
    return core::caught([&]() -> Result<std::vector<RecordingEntry>> {
        auto query = state_->db->run(QString::fromLatin1(kColumns) + QStringLiteral("ORDER BY added, name"));
        if (!query) return tl::make_unexpected(query.error());
        std::vector<RecordingEntry> out;
        while (query->next()) {
            if (!core::is_id(s(query->value(0))))
                return fail(ErrorCode::Damaged,
                    core::key("Library",
                        "The library holds a recording whose id cannot be one; it was not written by this program. Open a copy you "
                        "trust."));
            out.push_back(entry_of(*query, state_->whole_path(s(query->value(2)))));
        }
        return out;
    });
}

Result<RecordingEntry> Library::recording(const core::RecordingId& id) const {
    return core::caught([&]() -> Result<RecordingEntry> {
        auto query = state_->db->run(QString::fromLatin1(kColumns) + QStringLiteral("WHERE id = ?"), {q(id.text())});
        if (!query) return tl::make_unexpected(query.error());
        if (!query->next() || !core::is_id(id.text()))
            return fail(ErrorCode::NotFound, core::key("Library", "That recording is not in this library; import it again."), id.text());
        return entry_of(*query, state_->whole_path(s(query->value(2))));
    });
}

Outcome Library::enter_recording(
    const RecordingEntry& entry, const std::optional<std::vector<core::Segment>>& narration, WorkFolder prepared) {
    return core::caught([&]() -> Outcome {
        auto& db = *state_->db;
        if (!core::is_id(entry.id.text())) return fail(ErrorCode::BadInput, core::key("Library", "A recording is named by what is in it."));
        const std::string place = recording_folder(entry.id);
        const auto known = [&]() -> Result<bool> {
            const auto there = recording(entry.id);
            if (!there && there.error().code != ErrorCode::NotFound) return tl::make_unexpected(there.error());
            return there.has_value();
        };
        return state_->enter(
            kRecording, entry.id.text(), place, known, [&] { return prepared.place_at(place); },
            [&](bool here) -> Outcome {
                const std::string length = entry.length ? entry.length->text() : "";
                const std::string path = state_->kept_path(entry.path);
                Outcome r = here
                    ? db.exec("UPDATE recording SET name = ?, path = ?, length = ? WHERE id = ?",
                          {q(entry.name), q(path), q(length), q(entry.id.text())})
                    : db.exec("INSERT INTO recording (id, name, path, added, length) VALUES (?, ?, ?, ?, ?)",
                          {q(entry.id.text()), q(entry.name), q(path), q(entry.added.empty() ? utc_now() : entry.added), q(length)});
                return r && narration ? write_narration(db, entry.id, *narration) : r;
            });
    });
}

Outcome Library::send_recording(
    const std::string& place, const core::RecordingId& id, const std::string& prepared, const Progress& progress) {
    const auto known = [&](const Library& library) -> Result<bool> {
        const auto there = library.recording(id);
        if (!there && there.error().code != ErrorCode::NotFound) return tl::make_unexpected(there.error());
        return there.has_value();
    };
    return send_ahead(place, kRecording, id.text(), known, prepared, progress);
}

bool Library::has_original(const RecordingEntry& entry) const {
    return is_there(entry.path) || (state_->cache && entry.path.starts_with(state_->folder + "/"));
}

Outcome Library::keep_narration(const core::RecordingId& id, const std::vector<core::Segment>& narration) {
    return core::caught([&]() -> Outcome {
        return state_->db->transaction(kRecording, [&]() -> Outcome {
            const auto known = recording(id);
            if (!known) return tl::make_unexpected(known.error());
            if (known->lines > 0)
                return fail(ErrorCode::Refused,
                    core::key("Library", "This recording has a narration already; guides may rest on its lines, so it stays."), id.text());
            return write_narration(*state_->db, id, narration);
        });
    });
}

Outcome Library::move_recording(const core::RecordingId& id, const std::string& path) {
    return core::caught([&]() -> Outcome {
        return state_->db->transaction(kRecording, [&]() -> Outcome {
            if (auto known = recording(id); !known) return tl::make_unexpected(known.error());
            return state_->db->exec("UPDATE recording SET path = ? WHERE id = ?", {q(state_->kept_path(path)), q(id.text())});
        });
    });
}

Outcome Library::set_length(const core::RecordingId& id, const core::FrameTime& length) {
    return core::caught([&] { return state_->db->exec("UPDATE recording SET length = ? WHERE id = ?", {q(length.text()), q(id.text())}); });
}

Result<std::vector<core::Segment>> Library::narration(const core::RecordingId& id) const {
    return core::caught([&]() -> Result<std::vector<core::Segment>> {
        auto query = state_->db->run(
            "SELECT start_at, end_at, words, speaker, heard FROM segment WHERE recording = ? ORDER BY position", {q(id.text())});
        if (!query) return tl::make_unexpected(query.error());
        std::vector<core::Segment> out;
        while (query->next()) {
            const auto start = core::FrameTime::parse(s(query->value(0)));
            const auto end = core::FrameTime::parse(s(query->value(1)));
            core::Segment line{start.value_or(core::FrameTime()), end.value_or(core::FrameTime()), s(query->value(2)), s(query->value(3))};
            if (!start || !end || !core::take_words_json(line, s(query->value(4))))
                return fail(ErrorCode::Damaged,
                    core::key(
                        "Library", "The narration of this recording is damaged; import the recording again together with its narration."),
                    id.text());
            out.push_back(std::move(line));
        }
        return out;
    });
}

Result<std::vector<SaidLine>> Library::find_said(const std::string& words, int most) const {
    return core::caught([&]() -> Result<std::vector<SaidLine>> {
        const Asked asked = asked_for(words);
        if (asked.beginnings.empty() && asked.like.isEmpty()) return std::vector<SaidLine>{};
        const auto& engine = state_->db->engine();
        QString sql = QStringLiteral(
            "SELECT t.recording, r.name, t.start_at, t.end_at, t.words, t.position FROM segment t JOIN recording r ON r.id = t.recording "
            "WHERE 1 = 1");
        std::vector<QVariant> values;
        if (!asked.beginnings.empty()) {
            // lines are numbered in the order they came in: the first of them are found without looking at all
            const SqlPart lines = engine.lines_with(asked.beginnings, asked.like.isEmpty() ? most : 0);
            sql += QStringLiteral(" AND t.id IN (%1)").arg(lines.sql);
            values.insert(values.end(), lines.values.begin(), lines.values.end());
        }
        for (const auto& like : asked.like) {
            sql += QStringLiteral(" AND t.words %1 ? ESCAPE '\\'").arg(engine.like());
            values.emplace_back(like);
        }
        sql += QStringLiteral(" ORDER BY r.added, r.name, t.position LIMIT ?");
        values.emplace_back(most);
        auto query = state_->db->run(sql, values);
        if (!query) return tl::make_unexpected(query.error());
        std::vector<SaidLine> out;
        while (query->next()) {
            const auto start = core::FrameTime::parse(s(query->value(2)));
            const auto end = core::FrameTime::parse(s(query->value(3)));
            if (start && end)
                out.push_back({core::RecordingId(s(query->value(0))), s(query->value(1)), {*start, *end, s(query->value(4))}});
        }
        return out;
    });
}

std::string Library::recording_folder(const core::RecordingId& id) const {
    return state_->folder + kMedia + "/" + (core::is_id(id.text()) ? id.text() : "none");
}

Result<core::DocumentId> Library::keep_document(const std::string& path) {
    return core::caught([&]() -> Result<core::DocumentId> {
        auto work = work_folder(state_->folder);
        if (!work) return tl::make_unexpected(work.error());
        const std::string copy = work->path() + "/document";
        const auto hash = copy_file(path, copy);
        if (!hash) return tl::make_unexpected(hash.error());
        const core::DocumentId id(*hash);
        const std::string place = document_path(id);
        auto& db = *state_->db;
        if (auto made = make_folder(state_->folder + kDocuments); !made) return tl::make_unexpected(made.error());
        if (is_link(place))
            return fail(
                ErrorCode::Refused, core::say(core::key("Library", "{0} is a link to somewhere else; take it away first."), place), place);
        const auto known = [&]() -> Result<bool> {
            auto row = db.run("SELECT COUNT(*) FROM document WHERE id = ?", {q(*hash)});
            if (!row) return tl::make_unexpected(row.error());
            return row->next() && row->value(0).toInt() > 0;
        };
        // one that is known and was damaged is mended by the good one
        const auto put = [&]() -> Outcome {
            std::error_code ec;
            std::filesystem::rename(copy, place, ec);
            if (ec) return tl::make_unexpected(file_trouble(place, ec.value()));
            return sync_folder(state_->folder + kDocuments);
        };
        const Outcome done = state_->enter(kDocument, *hash, place, known, put, [&](bool kept) -> Outcome {
            return kept ? Outcome{} : db.exec("INSERT INTO document (id, added) VALUES (?, ?)", {q(*hash), q(utc_now())});
        });
        if (!done) return tl::make_unexpected(done.error());
        return id;
    });
}

std::string Library::document_path(const core::DocumentId& id) const {
    return state_->folder + kDocuments + "/" + (core::is_id(id.text()) ? id.text() : "none");
}

}  // namespace anagraph::store
