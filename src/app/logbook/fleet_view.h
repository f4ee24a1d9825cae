// FleetView: the machines across, the weeks down: what was done, today, and what comes, with what is overdue told by shape and word.
#pragma once

#include <QAbstractScrollArea>
#include <optional>
#include <vector>

#include "app/spoken/painted.h"
#include "core/logbook/fleet.h"

namespace anagraph::app {

class FleetView : public QAbstractScrollArea, public spoken::TellsPainted {
    Q_OBJECT
public:
    explicit FleetView(QWidget* parent = nullptr);
    std::vector<spoken::Painted> painted() const override;
    void show_fleet(std::vector<core::FleetColumn> columns, core::Day today);
    const std::vector<core::FleetColumn>& columns() const { return columns_; }
    /// The machine in hand; empty: there is none.
    QString machine() const;
    void choose(const QString& machine);
    /// What stands at a machine, in words.
    QString words(std::size_t column) const;

signals:
    void chosen();
    /// What is due is being pulled to another day; it was let go there.
    void pulled(const QString& rule, anagraph::core::Day day);
    void dropped(const QString& rule, anagraph::core::Day day);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool viewportEvent(QEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    void paint_weeks(QPainter& p, const QRect& area) const;
    void paint_column(QPainter& p, const core::FleetColumn& column, const QRectF& box, bool chosen) const;
    double y_of(core::Day day) const;
    core::Day day_at(double y) const;
    /// The mark of what is due under the pointer; null: none.
    const core::FleetMark* mark_at(const QPoint& at) const;
    int column_at(int x) const;
    void set_current(int column);
    void fit();

    std::vector<core::FleetColumn> columns_;
    core::Day today_{};
    int current_ = 0;
    struct Pull {
        QString rule;
        core::Day day;
        bool moved = false;
    };
    std::optional<Pull> pull_;  // by the mouse
};

}  // namespace anagraph::app
