#include "app/tape/step_commands.h"

#include <QCoreApplication>
#include <algorithm>

#include "app/theme/theme.h"
#include "core/edits/change_label.h"
#include "core/tape/draft.h"
#include "core/tape/logging.h"
#include "core/tape/takes.h"

namespace anagraph::app::step_commands {

using theme::text;

namespace {

/// So that what collects words for translation finds them under one name.
struct StepCommandsWords {
    Q_DECLARE_TR_FUNCTIONS(StepCommandsWords)
};

/// Where an edge set now is meant: while the film runs keys come late, so it snaps to a pause; at rest the frame is meant.
core::FrameTime meant(const TapeHand& hand, bool begin) {
    return hand.film.playing() ? hand.index().snapped(hand.now(), begin) : hand.now();
}

bool put(TapeHand& hand, const char* label, core::Step step) {
    return hand.session.perform(core::Change{label, {core::Put<core::Step>{std::move(step), std::nullopt}}});
}

void move_edge(TapeHand& hand, const core::TakeEdge& edge, const core::FrameTime& to) {
    hand.session.perform(core::move_edge(hand.guide(), hand.step()->id, edge, to));
}

/// The stretch of the line in hand within the take in hand; three seconds where nothing is said.
core::Take line_stretch(const TapeHand& hand) {
    const core::Take& whole = hand.take();
    core::Take part = whole;
    const auto line = hand.line();
    const auto& index = hand.index();
    const auto frame_from = [&](const core::FrameTime& t) { return index.times[index.frame_from(t)]; };
    if (line && hand.now() < hand.recording()->narration[*line].end) {
        part.from = frame_from(hand.recording()->narration[*line].start);
        part.to = frame_from(hand.recording()->narration[*line].end);
    } else {
        part.from = hand.now();
        part.to = frame_from(core::FrameTime::from_milliseconds(static_cast<std::int64_t>(hand.now().seconds() * 1000) + 3000));
    }
    part.from = std::max(part.from, whole.from);
    part.to = std::min(part.to, whole.to);
    return part;
}

}  // namespace

std::vector<const core::Mark*> untaken_figures(const TapeHand& hand) {
    auto out = hand.marks();
    std::erase_if(out, [&](const core::Mark* m) {
        return m->kind != core::MarkKind::Figure || m->taken_back || core::taken_as(hand.guide(), hand.id(), *m) != nullptr;
    });
    return out;
}

std::vector<const core::Mark*> undecided(const TapeHand& hand) {
    auto out = hand.marks();
    std::erase_if(out, [&](const core::Mark* m) {
        return m->kind == core::MarkKind::Step || m->kind == core::MarkKind::Talk || core::is_dismissed(hand.guide(), hand.id(), *m) ||
            core::taken_as(hand.guide(), hand.id(), *m) != nullptr;
    });
    return out;
}

void open_bracket(TapeHand& hand) {
    hand.opened = meant(hand, true);
    hand.take_of = {};
}

void open_take(TapeHand& hand) {
    hand.opened = meant(hand, true);
    hand.take_of = hand.session.step();
}

void drop_bracket(TapeHand& hand) {
    hand.opened.reset();
    hand.take_of = {};
}

void close_bracket(TapeHand& hand) {
    const auto from = *hand.opened;
    const auto to = meant(hand, false);
    const auto change = hand.take_of.empty() ? core::bracket_step(hand.guide(), hand.id(), from, to, hand.recording()->marks)
                                             : core::add_take(hand.guide(), hand.take_of, {hand.id(), from, to});
    if (!hand.session.perform(change)) return;
    drop_bracket(hand);
    if (const auto* step = core::step_at(hand.guide(), hand.id(), from)) hand.session.set_step(step->id);
    // stay within the step just closed, so that its figures can be taken at once
    if (!hand.film.playing()) hand.film.step_frames(-1);
}

void take_figures(TapeHand& hand) {
    // by id: every change replaces the guide, and with it the step
    const core::StepId step = hand.step() == nullptr ? core::StepId{} : hand.step()->id;
    for (const auto* m : untaken_figures(hand))
        if (!hand.session.perform(core::take_figure(hand.guide(), hand.id(), *m, step))) return;
}

void take_cautions(TapeHand& hand) {
    const auto* step = hand.step();
    for (const auto* m : hand.marks())
        if (m->kind == core::MarkKind::Caution) {
            hand.session.perform(core::take_caution(hand.guide(), *m, step == nullptr ? core::StepId{} : step->id));
            return;
        }
}

void dismiss_marks(TapeHand& hand) {
    for (const auto* m : undecided(hand)) hand.session.perform(core::dismiss(hand.guide(), hand.id(), *m));
}

void keep_picture(TapeHand& hand) {
    if (hand.step() == nullptr) {
        if (hand.session.perform(core::add_note(hand.guide(), hand.id(), {core::NoteKind::Keep, hand.now(), ""})))
            hand.session.tell(StepCommandsWords::tr("This picture is kept for the step that is marked over it."));
        return;
    }
    core::Step s = *hand.step();
    s.plates.push_back({core::fresh_id<core::PlateId>(s.id.text(), core::plates_of(hand.guide())), hand.id(), hand.now(), "", {}});
    put(hand, core::change_label("keep a picture"), std::move(s));
}

void go_to_sharpest(TapeHand& hand) {
    const auto& take = hand.take();
    hand.film.pause();
    hand.film.show_frame(hand.index().sharpest(take.from, take.to));
    hand.session.tell(StepCommandsWords::tr("This is the sharpest picture of the step."));
}

void keep_clip(TapeHand& hand) {
    core::Step s = *hand.step();
    if (s.clip)
        s.clip.reset();
    else
        s.clip = core::Clip{s.takes.front()};
    put(hand, s.clip ? core::change_label("make a clip") : core::change_label("remove the clip"), std::move(s));
}

void split(TapeHand& hand) { hand.session.perform(core::split_step(hand.guide(), hand.step()->id, hand.id(), hand.now())); }

void join_next(TapeHand& hand) { hand.session.perform(core::merge_with_next(hand.guide(), hand.step()->id)); }

void nudge_by_frames(TapeHand& hand, int by) {
    const auto edge = core::nearest_edge(*hand.step(), hand.id(), hand.now());
    const auto& t = hand.step()->takes[edge->take];
    const auto& times = hand.index().times;
    const auto at = std::lower_bound(times.begin(), times.end(), edge->edge == core::Edge::Begin ? t.from : t.to) - times.begin();
    const auto to = std::clamp<std::ptrdiff_t>(at + by, 0, static_cast<std::ptrdiff_t>(times.size()));
    move_edge(hand, *edge, to == static_cast<std::ptrdiff_t>(times.size()) ? hand.index().end : times[static_cast<std::size_t>(to)]);
}

void nudge_by_lines(TapeHand& hand, int by) {
    const auto edge = core::nearest_edge(*hand.step(), hand.id(), hand.now());
    const auto& t = hand.step()->takes[edge->take];
    const auto at = edge->edge == core::Edge::Begin ? t.from : t.to;
    const auto& index = hand.index();
    // where the lines begin on the film, from the edge on
    std::optional<core::FrameTime> to;
    for (const auto& line : hand.recording()->narration) {
        const auto begins = index.times[index.frame_from(line.start)];
        if (by < 0 && begins < at) to = begins;
        if (by > 0 && at < begins && !to) to = begins;
    }
    if (by > 0 && !to) to = index.end;
    if (to) move_edge(hand, *edge, *to);
}

void edge_to_pause(TapeHand& hand) {
    const auto edge = core::nearest_edge(*hand.step(), hand.id(), hand.now());
    const auto& t = hand.step()->takes[edge->take];
    const auto before = edge->edge == core::Edge::Begin ? t.from : t.to;
    const auto to = hand.index().nearest_pause_edge(before);
    if (to == before || hand.index().pauses.empty())
        hand.session.tell(hand.index().pauses.empty() ? StepCommandsWords::tr("There is no pause in the sound of this recording.")
                                                      : StepCommandsWords::tr("The edge stands at a pause already."));
    else
        move_edge(hand, *edge, to);
}

void choose_take(TapeHand& hand) {
    hand.session.perform(core::choose_take(hand.guide(), hand.step()->id, core::take_at(*hand.step(), hand.id(), hand.now()).value_or(0)));
}

void remove_take(TapeHand& hand) {
    hand.session.perform(core::remove_take(hand.guide(), hand.step()->id, core::take_at(*hand.step(), hand.id(), hand.now()).value_or(0)));
}

void nest_check(TapeHand& hand) {
    const auto id = hand.step()->id;
    const core::Take shown = line_stretch(hand);
    const auto look = hand.ask(StepCommandsWords::tr("Check"),
        StepCommandsWords::tr("What is looked at here? What is good and what stops the job is written on the Sheet."));
    if (look) hand.session.perform(core::nest_check(hand.guide(), id, {look->toStdString(), "", "", shown}));
}

void nest_wait(TapeHand& hand) {
    const auto id = hand.step()->id;
    const core::Take shown = line_stretch(hand);
    // a time said in this line and taken is how long
    core::FigureId time;
    for (const auto* m : hand.marks())
        if (m->kind == core::MarkKind::Figure && m->figure_kind == core::FigureKind::Duration)
            if (const auto* taken = core::taken_as(hand.guide(), hand.id(), *m)) time = taken->id;
    const auto what =
        hand.ask(StepCommandsWords::tr("Wait"), StepCommandsWords::tr("What is waited for? (\"until the oil has run down\")"));
    if (what) hand.session.perform(core::nest_wait(hand.guide(), id, {what->toStdString(), time, shown}));
}

void draft(TapeHand& hand) {
    const auto before = hand.guide().steps.size();
    const auto frame_from = [index = &hand.index()](const core::FrameTime& at) { return index->times[index->frame_from(at)]; };
    if (!hand.session.perform(
            core::draft_steps(hand.guide(), hand.id(), hand.recording()->narration, hand.recording()->marks, hand.index().end, frame_from)))
        return;
    const auto made = static_cast<qsizetype>(hand.guide().steps.size() - before);
    hand.session.tell(StepCommandsWords::tr("%n steps were drafted from what was said. Look at each and confirm it.",
        "1 step was drafted from what was said. Look at it and confirm it.", static_cast<int>(made)));
}

}  // namespace anagraph::app::step_commands
