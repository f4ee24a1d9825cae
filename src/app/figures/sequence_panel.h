// SequencePanel: in which order so many bolts are tightened and in which stages, drawn where they sit and told as a list.
#pragma once

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>
#include <QWidget>
#include <vector>

#include "app/spoken/painted.h"
#include "core/procedure/procedure.h"
#include "core/torque/sequence.h"

namespace anagraph::app {

class SequencePanel : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    SequencePanel(const core::Procedure& procedure, const core::Figure& figure, QWidget* parent);
    std::vector<spoken::Painted> painted() const override;
    QAccessible::Role painted_on() const override { return QAccessible::Grouping; }

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    void reckon();
    bool free() const { return pattern_->currentData().toInt() < 0; }
    QRectF field() const;  // where the bolts are drawn
    std::vector<core::BoltPlace> places_typed() const;

    QSpinBox* count_ = nullptr;
    QComboBox* pattern_ = nullptr;
    QLabel* free_label_ = nullptr;
    QLineEdit* free_ = nullptr;
    QLineEdit* stages_ = nullptr;
    QLabel* list_ = nullptr;
    std::vector<core::BoltPlace> places_;
    std::vector<int> order_;
};

}  // namespace anagraph::app
