// Order: in which order the things of a window are read, and the keys go through it: as they are laid out, whenever they were made.
#pragma once

#include <QWidget>
#include <vector>

namespace anagraph::app::spoken {

/// What is seen in a window and takes the keys by Tab, as it is laid out: down a column, along a row, a layout as its things were put
/// into it, what is placed without a layout by where it stands.
std::vector<QWidget*> in_order(QWidget& window);

/// Tab and Shift+Tab go in that order, in every window of the program. Once, after QApplication.
void keys_go_in_order();

}  // namespace anagraph::app::spoken
