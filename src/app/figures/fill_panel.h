// FillPanel: an amount of fluid worked out: what goes in, in which pours, what a reading asks for, and which packs to open.
#pragma once

#include <QLabel>
#include <QLineEdit>
#include <QSlider>
#include <QSpinBox>
#include <QWidget>
#include <array>

#include "app/session/session.h"
#include "app/spoken/painted.h"
#include "core/fluids/grade.h"
#include "core/fluids/refill.h"
#include "core/house/house.h"

namespace anagraph::app {

/// The sump with its marks, the pours stacked in it, and the level of the reading.
class SumpView : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    explicit SumpView(QWidget* parent);
    void show_plan(const core::RefillPlan& plan, double between_marks, std::optional<double> reading);
    std::vector<spoken::Painted> painted() const override;
    QAccessible::Role painted_on() const override { return QAccessible::Graphic; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    core::RefillPlan plan_;
    double between_marks_ = 0;
    std::optional<double> reading_;
};

class FillPanel : public QWidget {
    Q_OBJECT
public:
    FillPanel(Session& session, const core::Figure& figure, QWidget* parent);

private:
    QLayout* known_column();
    QLayout* plan_column(const core::Figure& figure);
    void prefill(const core::Figure& figure);
    void reckon();
    QString packs_words(double need) const;
    QString vessel_words(const core::RefillPlan& plan, const core::FluidSystem& system) const;

    Session& session_;
    core::House house_;
    core::FluidSpec demanded_;           // of the fluid, by its item and its grade
    std::array<QLineEdit*, 6> known_{};  // in the order of FluidSystem
    QLineEdit* packs_ = nullptr;
    QSpinBox* machines_ = nullptr;
    QLineEdit* vessel_ = nullptr;
    QLabel* vessel_words_ = nullptr;
    QLabel* level_words_ = nullptr;
    QSlider* reading_ = nullptr;
    QLabel* reading_words_ = nullptr;
    QLabel* trouble_ = nullptr;
    QLabel* plan_ = nullptr;
    SumpView* sump_ = nullptr;
};

}  // namespace anagraph::app
