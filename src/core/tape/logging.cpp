#include "core/tape/logging.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/letters.h"
#include "core/edits/change_label.h"

namespace anagraph::core {
namespace {

std::string purpose_of(const Mark& m) {
    switch (m.figure_kind) {
        case FigureKind::Torque:
            return "tightening torque";
        case FigureKind::Turn:
            return "turn after contact";
        case FigureKind::Duration:
            return "time";
        case FigureKind::Volume:
        case FigureKind::Size:
        case FigureKind::Grade:
        case FigureKind::PartNumber:
        case FigureKind::Pressure:
        case FigureKind::Temperature:
        case FigureKind::Interval:
        case FigureKind::Reading:
        case FigureKind::Length:
        case FigureKind::Speed:
        case FigureKind::Percent:
        case FigureKind::Count:
        case FigureKind::Force:
            return std::string(spoken_name_of(m.figure_kind));
    }
    return "";
}

/// Position in the order of the job: which recording, then when.
std::pair<std::size_t, FrameTime> tape_place(const Procedure& p, const RecordingId& recording, const FrameTime& at) {
    const auto it = std::find_if(p.recordings.begin(), p.recordings.end(), [&](const RecordingUse& r) { return r.id == recording; });
    return {static_cast<std::size_t>(it - p.recordings.begin()), at};
}

/// Whether one text holds the other: two readings of a line may have caught a word more or less at an end.
bool overlaps(const std::string& a, const std::string& b) {
    return (" " + a + " ").find(" " + b + " ") != std::string::npos || (" " + b + " ").find(" " + a + " ") != std::string::npos;
}

/// Pictures marked to be kept in the step's stretch become its plates.
void take_kept_pictures(const Procedure& p, Step& s, Change& change) {
    const Take& take = s.takes.front();
    const RecordingUse* known = p.find(take.recording);
    if (known == nullptr) return;
    RecordingUse use = *known;
    auto plates = plates_of(p);
    std::erase_if(use.notes, [&](const Note& n) {
        if (n.kind != NoteKind::Keep || n.at < take.from || !(n.at < take.to)) return false;
        s.plates.push_back({fresh_id<PlateId>(s.id.text(), plates), take.recording, n.at, n.text, {}});
        plates.push_back(s.plates.back());
        return true;
    });
    if (!s.plates.empty()) change.edits.emplace_back(Put<RecordingUse>{std::move(use), std::nullopt});
}

/// The figure the claim belongs to: of the same thing and kind and for the same purpose (speech that names none may mean any),
/// with a value that is the same within 3 %, or taken back in words for it. Another value is another figure: which of the two
/// holds, or what tells them apart, is asked, not decided (open_points.h).
std::vector<Figure>::const_iterator claimed_figure(const Procedure& p, const Mark& m, const ItemId& item, const std::string& purpose) {
    constexpr double kSame = 0.03;
    const auto same_value = [&](const Figure& f) {
        return within(kSame, f.value, m.value) ||
            std::any_of(f.claims.begin(), f.claims.end(), [&](const Claim& c) { return within(kSame, c.value, m.value); });
    };
    const auto of_it = [&](const Figure& f) { return !item.empty() && f.kind == m.figure_kind && f.item == item; };
    const bool unnamed = purpose == spoken_name_of(m.figure_kind);
    auto found = std::find_if(p.figures.begin(), p.figures.end(),
        [&](const Figure& f) { return of_it(f) && f.purpose == purpose && (m.taken_back || same_value(f)); });
    if (found == p.figures.end() && unnamed)
        found = std::find_if(p.figures.begin(), p.figures.end(), [&](const Figure& f) { return of_it(f) && same_value(f); });
    return found;
}

}  // namespace

const Item* item_named(const Procedure& p, const std::string& name) {
    const std::string slug = slug_of(name);
    const auto it = std::find_if(p.items.begin(), p.items.end(), [&](const Item& i) { return slug_of(i.name) == slug; });
    if (it != p.items.end()) return &*it;
    // "plug" after "drain plug": the only item that ends in the word said
    const Item* found = nullptr;
    for (const auto& i : p.items) {
        const std::string own = slug_of(i.name);
        const bool ends = own.size() > slug.size() && own.ends_with("-" + slug);
        if (ends && found != nullptr) return nullptr;
        if (ends) found = &i;
    }
    return found;
}

const Step* step_at(const Procedure& p, const RecordingId& recording, const FrameTime& at) {
    for (const auto& s : p.steps)
        for (const auto& t : s.takes)
            if (t.recording == recording && !(at < t.from) && at < t.to) return &s;
    return nullptr;
}

bool said_between(const Mark& mark, const FrameTime& from, const FrameTime& to) {
    constexpr double kFrame = 0.2;  // s: the longest a frame lasts that is worth stepping by
    return mark.at.seconds() >= from.seconds() - kFrame && mark.at.seconds() < to.seconds() - kFrame;
}

Result<Change> bracket_step(
    const Procedure& p, const RecordingId& recording, const FrameTime& from, const FrameTime& to, const std::vector<Mark>& marks) {
    Step s;
    s.takes.push_back({recording, from, to});
    Change change{change_label("bracket a step"), {}};
    if (p.find(recording) == nullptr) change.edits.emplace_back(Put<RecordingUse>{{recording, "", {}}, std::nullopt});
    for (const auto& m : marks) {
        if (m.kind != MarkKind::Step || m.guessed || !said_between(m, from, to) || is_dismissed(p, recording, m)) continue;
        if (s.heading.empty() && !m.about.empty()) s.heading = capitalised(fmt::format("{} the {}", m.verb, m.about));
        Action action{m.verb, {}, {}};
        if (const Item* item = m.about.empty() ? nullptr : item_named(p, m.about)) action.items.push_back(item->id);
        s.actions.push_back(std::move(action));
    }
    s.id = fresh_id<StepId>(s.heading.empty() ? "step" : s.heading, p.steps);
    take_kept_pictures(p, s, change);
    const auto place = tape_place(p, recording, from);
    std::size_t at = p.steps.size();
    for (std::size_t i = 0; i < p.steps.size(); ++i) {
        const auto& takes = p.steps[i].takes;
        if (!takes.empty() && place < tape_place(p, takes.front().recording, takes.front().from)) {
            at = i;
            break;
        }
    }
    change.edits.emplace_back(Put<Step>{std::move(s), at});
    return tried(p, std::move(change));
}

Result<Change> take_figure(const Procedure& p, const RecordingId& recording, const Mark& m, const StepId& step_id) {
    const Step* step = p.find(step_id);
    if (step == nullptr) return fail(ErrorCode::NotFound, key("Tape", "There is no step here yet; bracket one first."));
    Change change{change_label("take a heard figure"), {}};
    if (p.find(recording) == nullptr) change.edits.emplace_back(Put<RecordingUse>{{recording, "", {}}, std::nullopt});
    ItemId item;
    if (!m.about.empty()) {
        if (const Item* known = item_named(p, m.about)) {
            item = known->id;
        } else {
            item = fresh_id<ItemId>(m.about, p.items);
            change.edits.emplace_back(Put<Item>{{item, ItemKind::Part, m.about, "", ""}, std::nullopt});
        }
    }
    // into a step of a person's own a person takes it, who was at that line
    const Claim claim{recording, m.at, m.words, m.value, m.by_program && step->drafted};
    const std::string purpose = purpose_of(m);
    const auto same = claimed_figure(p, m, item, purpose);
    Figure f;
    if (same != p.figures.end()) {
        f = *same;
        if (std::find(f.claims.begin(), f.claims.end(), claim) == f.claims.end()) f.claims.push_back(claim);
    } else {
        f.id = fresh_id<FigureId>(fmt::format("{} {}", item.text(), spoken_name_of(m.figure_kind)), p.figures);
        f.kind = m.figure_kind;
        f.item = item;
        f.purpose = purpose;
        // A force said for a torque is kept as the claim; the value itself stays open until somebody knows.
        const Unit* unit = find_unit(m.value.unit);
        const bool wrong_unit = m.figure_kind == FigureKind::Torque && unit != nullptr && unit->dimension != Dimension::Torque;
        if (!wrong_unit) f.value = m.value;
        f.claims.push_back(claim);
    }
    Step s = *step;
    if (std::find(s.heard.begin(), s.heard.end(), f.id) == s.heard.end()) s.heard.push_back(f.id);
    change.edits.emplace_back(Put<Figure>{std::move(f), std::nullopt});
    change.edits.emplace_back(Put<Step>{std::move(s), std::nullopt});
    return tried(p, std::move(change));
}

Result<Change> take_caution(const Procedure& p, const Mark& m, const StepId& step_id) {
    const Step* step = p.find(step_id);
    if (step == nullptr) return fail(ErrorCode::NotFound, key("Tape", "There is no step here yet; bracket one first."));
    Step s = *step;
    const Caution caution{Signal::Caution, capitalised(m.words) + (m.words.ends_with('.') ? "" : ".")};
    if (std::find(s.cautions.begin(), s.cautions.end(), caution) != s.cautions.end())
        return fail(ErrorCode::Refused, key("Tape", "This caution is in the step already."));
    s.cautions.push_back(caution);
    return tried(p, Change{change_label("take a heard caution"), {Put<Step>{std::move(s), std::nullopt}}});
}

Result<Change> dismiss(const Procedure& p, const RecordingId& recording, const Mark& m) {
    RecordingUse use = use_of(p, recording);
    use.dismissed.push_back({m.at, m.words});
    return tried(p, Change{change_label("dismiss a mark"), {Put<RecordingUse>{std::move(use), std::nullopt}}});
}

Result<Change> add_note(const Procedure& p, const RecordingId& recording, Note note) {
    if (note.kind != NoteKind::DropAsTalk && note.kind != NoteKind::Keep && note.text.find_first_not_of(' ') == std::string::npos)
        return fail(ErrorCode::Refused, key("Tape", "An empty note says nothing; write what is missing or to be looked up."));
    RecordingUse use = use_of(p, recording);
    if (std::find(use.notes.begin(), use.notes.end(), note) != use.notes.end())
        return fail(ErrorCode::Refused, key("Tape", "This is noted here already."));
    use.notes.insert(
        std::upper_bound(use.notes.begin(), use.notes.end(), note, [](const Note& a, const Note& b) { return a.at < b.at; }), note);
    return tried(p,
        Change{note.kind == NoteKind::DropAsTalk ? change_label("drop a line as talk")
                : note.kind == NoteKind::Keep    ? change_label("mark a picture to be kept")
                                                 : change_label("note something on the tape"),
            {Put<RecordingUse>{std::move(use), std::nullopt}}});
}

Result<Change> remove_note(const Procedure& p, const RecordingId& recording, const Note& note) {
    RecordingUse use = use_of(p, recording);
    const auto it = std::find(use.notes.begin(), use.notes.end(), note);
    if (it == use.notes.end()) return fail(ErrorCode::NotFound, key("Tape", "This note is gone already."));
    use.notes.erase(it);
    return tried(p, Change{change_label("remove a note"), {Put<RecordingUse>{std::move(use), std::nullopt}}});
}

bool is_dismissed(const Procedure& p, const RecordingId& recording, const Mark& m) {
    const RecordingUse* use = p.find(recording);
    if (use == nullptr) return false;
    if (std::any_of(use->notes.begin(), use->notes.end(), [&](const Note& n) { return n.kind == NoteKind::DropAsTalk && n.at == m.at; }))
        return true;
    // a moment of a paragraph was once put aside by the whole paragraph
    const bool moment = m.kind == MarkKind::Caution || m.kind == MarkKind::Slip || m.kind == MarkKind::Unseen;
    return std::any_of(use->dismissed.begin(), use->dismissed.end(),
        [&](const auto& d) { return d.at == m.at && (d.what == m.words || (moment && d.what.find(m.words) != std::string::npos)); });
}

const Figure* taken_as(const Procedure& p, const RecordingId& recording, const Mark& m) {
    const auto it = std::find_if(p.figures.begin(), p.figures.end(), [&](const Figure& f) {
        return std::any_of(f.claims.begin(), f.claims.end(), [&](const Claim& c) {
            return c.recording == recording && c.at == m.at && (c.words == m.words || (c.value == m.value && overlaps(c.words, m.words)));
        });
    });
    return it == p.figures.end() ? nullptr : &*it;
}

std::vector<const Mark*> open_marks(const Procedure& p, const RecordingId& recording, const std::vector<Mark>& marks) {
    std::vector<const Mark*> out;
    for (const auto& m : marks) {
        const bool decides = (m.kind == MarkKind::Figure && !m.taken_back) || m.kind == MarkKind::Slip || m.kind == MarkKind::Unseen;
        if (decides && !is_dismissed(p, recording, m) && !(m.kind == MarkKind::Figure && taken_as(p, recording, m) != nullptr))
            out.push_back(&m);
    }
    return out;
}

}  // namespace anagraph::core
