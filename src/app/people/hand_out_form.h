// Handing an edition out: to whom, and how.
#pragma once

#include <QWidget>

#include "app/session/session.h"

namespace anagraph::app::people {

/// Asks and records. True: it was handed out to somebody.
bool hand_out(Session& session, const store::GuideId& guide, int edition, QWidget* parent);

}  // namespace anagraph::app::people
