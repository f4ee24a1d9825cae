// StillFrame: where a place of a recorded frame stands on the still as it is shown (turned and cut), and back.
#pragma once

#include <optional>

#include "core/procedure/pictures.h"

namespace anagraph::core {

/// How much a picture turned by `tilt` tenths of a degree must grow so that no corner is empty; 1 when it is not turned.
double growth(int tilt, double aspect);

/// Places of the recorded frame, upright, and of the still. `aspect` is width over height of the frame. A place outside of
/// what is shown comes out beyond 0 to 10000.
Place shown_at(const Place& recorded, const StillCare& care, double aspect);
Place recorded_at(const Place& shown, const StillCare& care, double aspect);

/// The part of the frame that lies under an area of the turned, uncut picture: the smallest upright one that covers it.
Area recorded_area(const Area& shown, int tilt, double aspect);

/// Width over height of what is shown.
double shown_aspect(const StillCare& care, double aspect);

/// The plate with other care taken of its still: everything drawn on it stays on what it was drawn on. Callouts and marks that
/// would point beyond the still are left out. `aspect` is that of the frame.
Plate with_care(Plate plate, const StillCare& care, double aspect);

}  // namespace anagraph::core
