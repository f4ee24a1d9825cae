// What the author does to the words of the Tape, notes at a moment, and how recordings run together.
#pragma once

#include "app/tape/tape_hand.h"

namespace anagraph::app::word_commands {

void note(TapeHand& hand, core::NoteKind kind);
/// The note nearest to this moment, within two seconds; null where there is none.
const core::Note* nearest_note(const TapeHand& hand);
void remove_note(TapeHand& hand);
void drop_line(TapeHand& hand);
void correct_line(TapeHand& hand);
void type_line(TapeHand& hand);
void say_speaker(TapeHand& hand);
/// The line at this moment (0) or the next one (1), where it is one of the narration.
std::optional<std::size_t> line_to_tie(const TapeHand& hand, int which);
/// That line is really heard at this moment.
void tie_line(TapeHand& hand, int which);
void untie_line(TapeHand& hand);
/// Lays the recording in hand alongside the others by their sound.
void align_by_sound(TapeHand& hand);
/// The same moment in another camera's recording, if there is one.
std::optional<std::pair<core::RecordingId, core::FrameTime>> same_moment_elsewhere(const TapeHand& hand);

}  // namespace anagraph::app::word_commands
