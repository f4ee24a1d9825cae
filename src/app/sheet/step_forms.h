// StepForms: what a step says beside its lines, asked for in small forms. Each gives the change that was meant, or nothing when
// it was called off.
#pragma once

#include <QWidget>
#include <optional>

#include "app/session/session.h"

namespace anagraph::app::step_forms {

using Answer = std::optional<core::Result<core::Change>>;

/// Which variants it applies to and the state the machine must be in.
Answer facts(Session& session, QWidget* parent);
/// A caution by its parts: kind, source of harm, what can happen (which gives the signal word), how to avoid it. `which`: the
/// caution of the step, or -1 for a new one.
Answer caution(Session& session, int which, QWidget* parent);
/// A check with all its parts: good, stop, whom to ask, a reading with limits. `which` as above.
Answer check(Session& session, int which, QWidget* parent);
/// A wait: for what, and how long.
Answer wait(Session& session, QWidget* parent);
/// How a display is set back, press by press; one sequence for each kind of display.
Answer resets(Session& session, QWidget* parent);
/// What belongs to the guide and is done later.
Answer follow_ups(Session& session, QWidget* parent);
/// What a line orders, put right.
Answer orders(Session& session, int line, QWidget* parent);
/// A comment on a line (or on the step, with -1), or the answer to those that stand there.
Answer comment(Session& session, int line, QWidget* parent);

}  // namespace anagraph::app::step_forms
