// MixturePanel: from the strength measured to the strength wanted, with a jug, and what it protects against.
#pragma once

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QWidget>

#include "core/fluids/mixture.h"
#include "core/procedure/procedure.h"

namespace anagraph::app {

class MixturePanel : public QWidget {
    Q_OBJECT
public:
    MixturePanel(const core::Figure& figure, QWidget* parent);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void reckon();

    QLineEdit* volume_ = nullptr;
    QLineEdit* have_ = nullptr;
    QLineEdit* want_ = nullptr;
    QLineEdit* concentrate_ = nullptr;
    QComboBox* type_ = nullptr;
    QLabel* answer_ = nullptr;
    double drained_ = 0;  // share of the system
};

}  // namespace anagraph::app
