// WrenchPanel: a torque for the wrenches of the shop. Each wrench with its scale drawn and the mark to set, or the reason why
// it will not do.
#pragma once

#include <QLabel>
#include <QLineEdit>
#include <QWidget>
#include <vector>

#include "app/session/session.h"
#include "app/spoken/painted.h"
#include "app/theme/cut_text.h"
#include "core/house/house.h"

namespace anagraph::app {

/// The wrenches one below the other, the usable ones first.
class WrenchScales : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    static constexpr int kRow = 84;
    explicit WrenchScales(QWidget* parent);
    std::vector<spoken::Painted> painted() const override;
    void show_offers(std::vector<core::WrenchOffer> offers);
    std::size_t chosen() const { return chosen_; }
    const core::Wrench* wrench() const { return chosen_ < offers_.size() ? offers_[chosen_].wrench : nullptr; }
    /// What is said of the chosen wrench, for the ear as for the eye.
    QString words() const;

signals:
    void chosen_changed();

protected:
    bool event(QEvent* event) override { return cut_.tell(event, this) || QWidget::event(event); }
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    void choose(std::size_t i);
    void paint_row(QPainter& p, const core::WrenchOffer& offer, const QRectF& row, bool chosen);

    std::vector<core::WrenchOffer> offers_;
    std::size_t chosen_ = 0;
    theme::CutText cut_;
};

class WrenchPanel : public QWidget {
    Q_OBJECT
public:
    WrenchPanel(Session& session, const core::Figure& figure, QWidget* parent);

private:
    void reckon();
    void edit(const core::Wrench* wrench);
    void remove();
    bool keep();

    Session& session_;
    core::Figure figure_;
    core::House house_;
    QLineEdit* extension_ = nullptr;
    QLineEdit* angle_ = nullptr;
    QLabel* doubt_ = nullptr;
    QLabel* said_ = nullptr;
    WrenchScales* scales_ = nullptr;
};

}  // namespace anagraph::app
