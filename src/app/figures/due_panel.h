// DuePanel: when the next service falls due, by meter or calendar, whichever comes first, drawn down a line of time.
#pragma once

#include <QCheckBox>
#include <QLabel>
#include <QLineEdit>
#include <QWidget>
#include <optional>

#include "app/spoken/painted.h"
#include "core/procedure/procedure.h"
#include "core/service/due.h"

namespace anagraph::app {

class DuePanel : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    DuePanel(const core::Procedure& procedure, const core::Figure& figure, QWidget* parent);
    std::vector<spoken::Painted> painted() const override;
    QAccessible::Role painted_on() const override { return QAccessible::Grouping; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    core::Result<core::ServicePlan> plan() const;
    void reckon();

    QLineEdit* intervals_ = nullptr;
    QLineEdit* run_in_ = nullptr;
    QCheckBox* first_ = nullptr;
    QCheckBox* hard_ = nullptr;
    QLineEdit* last_reading_ = nullptr;
    QLineEdit* last_day_ = nullptr;
    QLineEdit* reading_ = nullptr;
    QLineEdit* today_ = nullptr;
    QLineEdit* avoid_ = nullptr;
    QLabel* answer_ = nullptr;
    std::optional<core::NextDue> due_;
    core::ServicePlan plan_;
};

}  // namespace anagraph::app
