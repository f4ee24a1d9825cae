#include "app/tape/tape_reasons.h"

#include <QCoreApplication>
#include <algorithm>

#include "app/command/reasons.h"
#include "app/hearing/hearing.h"
#include "app/tape/step_commands.h"
#include "app/tape/word_commands.h"
#include "core/tape/logging.h"

namespace anagraph::app::tape_reasons {

namespace {

/// So that what collects words for translation finds them under one name.
struct TapeReasonsWords {
    Q_DECLARE_TR_FUNCTIONS(TapeReasonsWords)
};

bool any_draft(const TapeHand& hand) {
    const auto& steps = hand.guide().steps;
    return std::any_of(steps.begin(), steps.end(), [](const core::Step& s) { return s.drafted && !s.takes.empty(); });
}

}  // namespace

QString no_recording(const TapeHand& hand) {
    return unless(hand.recording() != nullptr, TapeReasonsWords::tr("No recording is open; import one on the Shelf."));
}

QString no_step(const TapeHand& hand) {
    return unless(hand.step() != nullptr, TapeReasonsWords::tr("There is no step at this moment; open one first."));
}

QString no_drafted_step(const TapeHand& hand) { return unless(any_draft(hand), TapeReasonsWords::tr("Every drafted step is confirmed.")); }

QString no_bracket(const TapeHand& hand) {
    return unless(hand.opened.has_value(), TapeReasonsWords::tr("No step is open; open one where it begins."));
}

QString no_step_to_take_again(const TapeHand& hand) {
    if (hand.recording() == nullptr) return no_recording(hand);
    return unless(
        hand.guide().find(hand.session.step()) != nullptr, TapeReasonsWords::tr("Choose the step that is done again here first."));
}

QString no_second_take(const TapeHand& hand) {
    const auto* step = hand.step();
    if (step == nullptr) return no_step(hand);
    return unless(step->takes.size() > 1, TapeReasonsWords::tr("This step has one take only."));
}

QString no_line(const TapeHand& hand) { return unless(hand.line().has_value(), TapeReasonsWords::tr("Nothing is said at this moment.")); }

QString no_lines(const TapeHand& hand) {
    if (hand.recording() == nullptr) return no_recording(hand);
    return unless(!hand.recording()->narration.empty(),
        TapeReasonsWords::tr("This recording has no narration; let the program hear it, or type lines."));
}

QString nothing_to_hear(const TapeHand& hand) {
    if (hand.recording() == nullptr) return no_recording(hand);
    if (!hand.recording()->heard.empty())
        return TapeReasonsWords::tr("This recording has a narration; correct its lines where they are wrong.");
    if (!hand.index().has_sound) return TapeReasonsWords::tr("This recording has no sound; type what is done, a line at a time.");
    return unless(!hand.session.hearing().busy_with(hand.id()), TapeReasonsWords::tr("It is being heard."));
}

QString nothing_to_draft(const TapeHand& hand) {
    if (const QString none = no_lines(hand); !none.isEmpty()) return none;
    return unless(!any_draft(hand), TapeReasonsWords::tr("Confirm the drafted steps first."));
}

QString no_untaken_figure(const TapeHand& hand) {
    return unless(!step_commands::untaken_figures(hand).empty(), TapeReasonsWords::tr("No untaken figure is said in this line."));
}

QString no_caution(const TapeHand& hand) {
    const auto marks = hand.marks();
    return unless(std::any_of(marks.begin(), marks.end(), [](const core::Mark* m) { return m->kind == core::MarkKind::Caution; }),
        "No caution was found in this line.");
}

QString nothing_to_dismiss(const TapeHand& hand) {
    return unless(!step_commands::undecided(hand).empty(), TapeReasonsWords::tr("This line has no mark that is still open."));
}

QString nobody_heard(const TapeHand& hand) {
    return unless(hand.heard_line().has_value(), TapeReasonsWords::tr("Nobody is heard at this moment."));
}

QString no_line_to_tie(const TapeHand& hand, int which) {
    return unless(word_commands::line_to_tie(hand, which).has_value(),
        TapeReasonsWords::tr("There is no line of the narration here that could be tied to the film."));
}

QString no_note(const TapeHand& hand) {
    return unless(
        word_commands::nearest_note(hand) != nullptr, TapeReasonsWords::tr("There is no note within two seconds of this moment."));
}

QString no_other_camera(const TapeHand& hand) {
    return unless(
        word_commands::same_moment_elsewhere(hand).has_value(), TapeReasonsWords::tr("No other camera is aligned with this recording."));
}

QString no_other_recording(const TapeHand& hand) {
    return unless(hand.session.tape_order().size() > 1, TapeReasonsWords::tr("The guide has no other recording."));
}

}  // namespace anagraph::app::tape_reasons
