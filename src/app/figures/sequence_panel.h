// SequencePanel: in which order so many bolts are tightened, drawn where they sit and told as a list.
#pragma once

#include <QComboBox>
#include <QLabel>
#include <QSpinBox>
#include <QWidget>
#include <vector>

#include "core/procedure/procedure.h"
#include "core/torque/sequence.h"

namespace anagraph::app {

class SequencePanel : public QWidget {
    Q_OBJECT
public:
    SequencePanel(const core::Figure& figure, QWidget* parent);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void reckon();

    QSpinBox* count_ = nullptr;
    QComboBox* pattern_ = nullptr;
    QLabel* list_ = nullptr;
    std::vector<int> order_;
};

}  // namespace anagraph::app
