// The signs that can be drawn on a plate or over a clip, by their names.
#pragma once

#include <QMenu>
#include <QString>
#include <vector>

#include "core/procedure/pictures.h"

namespace anagraph::app {

/// "Turn clockwise".
QString mark_words(core::PlateSign sign);
/// An entry a sign, with a letter to press; its data is the sign's number.
void fill_mark_menu(QMenu& menu, const std::vector<core::PlateSign>& signs);

}  // namespace anagraph::app
