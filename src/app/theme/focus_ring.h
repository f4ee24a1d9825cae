// FocusRing: a frame around the list, table or scrolled place that has the keys, so that it is seen; fields and buttons show it
// themselves.
#pragma once

namespace anagraph::app::theme {

/// Once, after QApplication.
void show_focus_rings();

}  // namespace anagraph::app::theme
