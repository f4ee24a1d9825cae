// Why a command of the Tape cannot be done just now, as a sentence; an empty one where it can.
#pragma once

#include "app/tape/tape_hand.h"

namespace anagraph::app::tape_reasons {

QString no_recording(const TapeHand& hand);
QString no_step(const TapeHand& hand);
QString no_drafted_step(const TapeHand& hand);
QString no_bracket(const TapeHand& hand);
QString no_step_to_take_again(const TapeHand& hand);
QString no_second_take(const TapeHand& hand);
QString no_line(const TapeHand& hand);
/// Nothing to draft from: no narration, or steps that nobody confirmed yet stand there.
QString nothing_to_draft(const TapeHand& hand);
QString no_lines(const TapeHand& hand);
/// A narration is there, or nothing to make one of.
QString nothing_to_hear(const TapeHand& hand);
QString no_untaken_figure(const TapeHand& hand);
QString no_caution(const TapeHand& hand);
QString nothing_to_dismiss(const TapeHand& hand);
QString no_note(const TapeHand& hand);
QString no_other_camera(const TapeHand& hand);
QString no_other_recording(const TapeHand& hand);
QString nobody_heard(const TapeHand& hand);
QString no_line_to_tie(const TapeHand& hand, int which);

}  // namespace anagraph::app::tape_reasons
