// What the program writes when it fails so badly that it ends: the signal and where it was, behind the note that it is running.
#pragma once

namespace anagraph::app {

/// From now on, to this file. The signal then does what it would have done.
void leave_last_words(int file);

}  // namespace anagraph::app
