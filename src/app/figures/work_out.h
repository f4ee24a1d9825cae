// WorkOut: a figure worked out for the tool, the pack or the vessel in hand: which panel that is follows from its kind.
#pragma once

#include <QDialog>

#include "app/session/session.h"

namespace anagraph::app {

class WorkOut : public QDialog {
    Q_OBJECT
public:
    WorkOut(Session& session, const core::Figure& figure, QWidget* parent);
    /// Is there anything to work out for the figure? A share only where it is one of a fluid.
    static bool serves(const core::Procedure& procedure, const core::Figure& figure);
};

}  // namespace anagraph::app
