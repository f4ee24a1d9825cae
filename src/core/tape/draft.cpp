#include "core/tape/draft.h"

#include <algorithm>
#include <optional>
#include <set>

#include "core/edits/change_label.h"
#include "core/narration/lexicon.h"
#include "core/tape/logging.h"

namespace anagraph::core {
namespace {

constexpr double kLongest = 75;  // s: a step longer than this is divided at the next action
constexpr double kPause = 6;     // s without a word: whatever follows is another step

/// A stretch that becomes a step: its segments [first, last].
struct Stretch {
    std::size_t first;
    std::size_t last;
};

class Drafter {
public:
    Drafter(const Procedure& p, const RecordingId& recording, const std::vector<Segment>& narration, const std::vector<Mark>& marks,
        const FrameTime& end, const std::function<FrameTime(const FrameTime&)>& frame_from)
        : p_(p), recording_(recording), narration_(narration), marks_(marks), end_(end), frame_from_(frame_from) {}

    Result<Change> draft() {
        Change change{change_label("draft steps from the tape"), {}};
        Procedure now = p_;
        const auto add = [&](Result<Change> part) {
            if (!part) return false;
            auto after = core::apply(now, *part);
            if (!after) return false;
            now = std::move(*after);
            change.edits.insert(change.edits.end(), part->edits.begin(), part->edits.end());
            return true;
        };
        const auto found = stretches();
        if (found.empty())
            return fail(ErrorCode::Refused,
                p_.steps.empty() ? key("Tape", "Nothing that is done was heard on this recording; bracket the steps by hand with [ and ].")
                                 : key("Tape", "Everything that was heard is in a step already."));
        for (std::size_t i = 0; i < found.size(); ++i) {
            const FrameTime from = frame_from(narration_[found[i].first].start);
            const FrameTime to = end_of(found, i);
            if (!add(bracketed(now, from, to))) continue;
            const Step* made = step_at(now, recording_, from);
            if (made == nullptr) continue;
            const StepId id = made->id;
            Step s = *made;
            s.drafted = true;
            add(Change{"", {Put<Step>{std::move(s), std::nullopt}}});
            for (const auto& m : marks_) {
                if (!said_between(m, from, to) || is_dismissed(now, recording_, m)) continue;
                if (m.kind == MarkKind::Figure && !m.taken_back && wanted(m)) add(take_figure(now, recording_, m, id));
                if (m.kind == MarkKind::Caution) add(take_caution(now, m, id));
            }
        }
        if (change.edits.empty()) return fail(ErrorCode::Refused, key("Tape", "Everything that was heard is in a step already."));
        return change;
    }

private:
    /// The bracket with the items that are acted on in it; those the guide does not have yet come in with it.
    Result<Change> bracketed(const Procedure& now, const FrameTime& from, const FrameTime& to) const {
        Change items{"", {}};
        Procedure with = now;
        for (const auto& m : marks_) {
            if (m.kind != MarkKind::Step || m.guessed || m.about.empty() || !said_between(m, from, to) ||
                is_dismissed(now, recording_, m) || item_named(with, m.about) != nullptr)
                continue;
            const Put<Item> put{{fresh_id<ItemId>(m.about, with.items), kind_of(m.about), m.about, "", ""}, std::nullopt};
            auto after = core::apply(with, put);
            if (!after) continue;
            with = std::move(*after);
            items.edits.emplace_back(put);
        }
        auto step = bracket_step(with, recording_, from, to, marks_);
        if (step) step->edits.insert(step->edits.begin(), items.edits.begin(), items.edits.end());
        return step;
    }

    /// What kind of thing a name is, by its last word; the author puts right what it is not.
    static ItemKind kind_of(const std::string& name) {
        const auto space = name.rfind(' ');
        const std::string word(
            lexicon::singular(space == std::string::npos ? std::string_view(name) : std::string_view(name).substr(space + 1)));
        constexpr WordList kFasteners{"bolt nut plug screw stud clamp"};
        constexpr WordList kSeals{"washer seal gasket o-ring ring"};
        constexpr WordList kVessels{"pan tray jug bucket can"};
        constexpr WordList kFluids{"oil coolant fuel grease water fluid"};
        return kFasteners.has(word) ? ItemKind::Fastener
            : kSeals.has(word)      ? ItemKind::Seal
            : kVessels.has(word)    ? ItemKind::Vessel
            : kFluids.has(word)     ? ItemKind::Fluid
                                    : ItemKind::Part;
    }

    /// Counts and intervals are told, but seldom belong to a step; a person takes them where they do.
    static bool wanted(const Mark& m) {
        return m.figure_kind != FigureKind::Count && m.figure_kind != FigureKind::Interval && m.figure_kind != FigureKind::Reading;
    }

    FrameTime frame_from(const FrameTime& at) const { return frame_from_ ? frame_from_(at) : at; }
    bool taken(std::size_t segment) const { return step_at(p_, recording_, frame_from(narration_[segment].start)) != nullptr; }

    std::vector<Stretch> stretches() const {
        std::vector<Stretch> out;
        std::optional<Stretch> open;
        std::set<std::string> about;
        std::size_t mark = 0;
        const auto close = [&] {
            if (open) out.push_back(*open);
            open.reset();
            about.clear();
        };
        for (std::size_t i = 0; i < narration_.size(); ++i) {
            while (mark < marks_.size() && marks_[mark].segment < i) ++mark;
            bool talk = false;
            std::set<std::string> things;
            bool acts = false;
            for (std::size_t k = mark; k < marks_.size() && marks_[k].segment == i; ++k) {
                talk = talk || marks_[k].kind == MarkKind::Talk;
                if (marks_[k].kind != MarkKind::Step || marks_[k].guessed || is_dismissed(p_, recording_, marks_[k])) continue;
                acts = true;
                if (!marks_[k].about.empty()) things.insert(marks_[k].about);
            }
            if (talk || taken(i)) {
                close();
                continue;
            }
            const bool paused = i > 0 && narration_[i].start.seconds() - narration_[i - 1].end.seconds() > kPause;
            const bool long_enough = open && narration_[i].start.seconds() - narration_[open->first].start.seconds() > kLongest;
            const bool other = !things.empty() && !about.empty() &&
                std::none_of(things.begin(), things.end(), [&](const std::string& t) { return about.contains(t); });
            if (acts && (!open || paused || long_enough || other)) {
                close();
                open = Stretch{i, i};
            }
            if (open) {
                open->last = i;
                about.insert(things.begin(), things.end());
            }
        }
        close();
        return out;
    }

    /// A step ends where the next line begins, or with the recording, never within another step.
    FrameTime end_of(const std::vector<Stretch>& all, std::size_t i) const {
        FrameTime to = all[i].last + 1 < narration_.size() ? frame_from(narration_[all[i].last + 1].start) : end_;
        for (const auto& s : p_.steps)
            for (const auto& t : s.takes)
                if (t.recording == recording_ && narration_[all[i].first].start < t.from && t.from < to) to = t.from;
        return to;
    }

    const Procedure& p_;
    const RecordingId& recording_;
    const std::vector<Segment>& narration_;
    const std::vector<Mark>& marks_;
    FrameTime end_;
    const std::function<FrameTime(const FrameTime&)>& frame_from_;
};

}  // namespace

Result<Change> draft_steps(const Procedure& p, const RecordingId& recording, const std::vector<Segment>& narration,
    const std::vector<Mark>& marks, const FrameTime& end, const std::function<FrameTime(const FrameTime&)>& frame_from) {
    return Drafter(p, recording, narration, marks, end, frame_from).draft();
}

Result<Change> confirm_step(const Procedure& p, const StepId& id) {
    const Step* step = p.find(id);
    if (step == nullptr) return fail(ErrorCode::NotFound, key("Tape", "There is no step here."));
    if (!step->drafted) return fail(ErrorCode::Refused, key("Tape", "This step is no draft; there is nothing to confirm."));
    Step s = *step;
    s.drafted = false;
    Change change{change_label("confirm a drafted step"), {}};
    // who confirms it has listened to what a program heard in it
    for (const auto& heard : s.heard)
        if (const Figure* known = p.find(heard)) {
            Figure f = *known;
            for (auto& c : f.claims)
                if (std::any_of(s.takes.begin(), s.takes.end(),
                        [&](const Take& t) { return t.recording == c.recording && t.from <= c.at && c.at < t.to; }))
                    c.by_program = false;
            if (f != *known) change.edits.emplace_back(Put<Figure>{std::move(f), std::nullopt});
        }
    change.edits.emplace_back(Put<Step>{std::move(s), std::nullopt});
    return change;
}

}  // namespace anagraph::core
