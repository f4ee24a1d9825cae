// TurnPanel: a turn after contact, drawn with the two marks that show when it is done.
#pragma once

#include <QWidget>
#include <optional>

#include "core/torque/turn.h"

namespace anagraph::app {

class TurnPanel : public QWidget {
    Q_OBJECT
public:
    TurnPanel(const core::Figure& figure, QWidget* parent);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::optional<core::TurnAfterContact> turn_;
};

}  // namespace anagraph::app
