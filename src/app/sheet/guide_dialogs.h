// Dialogs of the Sheet about more than one step: variants side by side, the history of a line, a step of another guide.
#pragma once

#include <QWidget>
#include <optional>

#include "app/session/session.h"

namespace anagraph::app::guide_dialogs {

/// Every text as each variant reads it, differences marked; the first two columns can be any two, or one alone.
void show_variants(Session& session, QWidget* parent);
/// Who wrote the line, when, and what stood there before. A version can be taken back: the change is returned.
std::optional<core::Result<core::Change>> line_history(Session& session, int line, QWidget* parent);
/// A step of another guide of the library, copied in behind the step in hand.
std::optional<core::Result<core::Change>> copy_step(Session& session, QWidget* parent);

}  // namespace anagraph::app::guide_dialogs
