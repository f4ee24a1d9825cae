// What the author does to steps on the Tape: brackets and their edges, takes, what is taken from the words, pictures. Each is
// one change that can be undone. Whether each can be done just now says tape_reasons.
#pragma once

#include "app/tape/tape_hand.h"

namespace anagraph::app::step_commands {

/// The figures said in this line that the guide has not taken yet.
std::vector<const core::Mark*> untaken_figures(const TapeHand& hand);
/// The marks of this line that nobody has decided on yet.
std::vector<const core::Mark*> undecided(const TapeHand& hand);

void open_bracket(TapeHand& hand);
void open_take(TapeHand& hand);
void close_bracket(TapeHand& hand);
void drop_bracket(TapeHand& hand);
void take_figures(TapeHand& hand);
void take_cautions(TapeHand& hand);
void dismiss_marks(TapeHand& hand);
void keep_picture(TapeHand& hand);
void go_to_sharpest(TapeHand& hand);
void keep_clip(TapeHand& hand);
void split(TapeHand& hand);
void join_next(TapeHand& hand);
void nudge_by_frames(TapeHand& hand, int by);
void nudge_by_lines(TapeHand& hand, int by);
void edge_to_pause(TapeHand& hand);
void choose_take(TapeHand& hand);
void remove_take(TapeHand& hand);
void nest_check(TapeHand& hand);
void nest_wait(TapeHand& hand);
void draft(TapeHand& hand);

}  // namespace anagraph::app::step_commands
