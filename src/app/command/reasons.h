// Reasons that commands of several stations share.
#pragma once

#include <QCoreApplication>
#include <QString>

#include "app/session/session.h"

namespace anagraph::app {

/// Nothing where it is possible, else the reason why not.
inline QString unless(bool possible, const QString& reason) { return possible ? QString() : reason; }

inline QString no_guide(const Session& session) {
    return unless(session.has_guide(), QCoreApplication::translate("Reasons", "No guide is open; open one on the Shelf."));
}

}  // namespace anagraph::app
