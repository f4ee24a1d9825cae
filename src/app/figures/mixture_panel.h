// MixturePanel: from the strength measured to the strength wanted by draining or topping up, or a mixture by ratio; with what
// it protects against, and the marks on the jug in hand.
#pragma once

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QWidget>
#include <vector>

#include "app/spoken/painted.h"
#include "core/fluids/mixture.h"
#include "core/procedure/procedure.h"

namespace anagraph::app {

class MixturePanel : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    MixturePanel(const core::Procedure& procedure, const core::Figure& figure, QWidget* parent);
    std::vector<spoken::Painted> painted() const override;
    QAccessible::Role painted_on() const override { return QAccessible::Grouping; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    enum class Way { Replace, TopUp, Ratio };
    struct Row {
        QLabel* label;
        QLineEdit* edit;
    };
    /// What is poured into the jug, one after the other, in litres.
    struct Pour {
        double litres;
        QString of;
    };
    void reckon();
    QString answer();
    QString protection(double percent) const;
    QString jug_words() const;
    Way way() const { return static_cast<Way>(way_->currentData().toInt()); }

    QComboBox* way_ = nullptr;
    Row volume_{};
    Row room_{};
    Row have_{};
    Row want_{};
    Row concentrate_{};
    Row ratio_{};
    Row jug_{};
    QComboBox* type_ = nullptr;
    QLabel* answer_ = nullptr;
    std::vector<Pour> pours_;
};

}  // namespace anagraph::app
