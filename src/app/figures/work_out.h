// WorkOut: a figure worked out for the tool, the pack or the vessel in hand: which panel that is follows from its kind.
#pragma once

#include <QDialog>

#include "app/session/session.h"

namespace anagraph::app {

class WorkOut : public QDialog {
    Q_OBJECT
public:
    WorkOut(Session& session, const core::Figure& figure, QWidget* parent);
    /// Is there anything to work out for figures of that kind?
    static bool serves(core::FigureKind kind);
};

}  // namespace anagraph::app
