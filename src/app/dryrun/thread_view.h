// ThreadView: the dry run as a picture that runs down: each item a thread that changes its drawing as it is undone, off, back and
// tight, fluids as columns that empty and fill, the machine as a band, findings where step and thread meet, and the plan beside it.
// It can be stood on at any place, and played down the page while Space is held.
#pragma once

#include <QAbstractScrollArea>
#include <QElapsedTimer>
#include <QTimer>
#include <optional>

#include "app/dryrun/thread_layout.h"
#include "app/spoken/painted.h"
#include "app/theme/cut_text.h"
#include "core/dryrun/finding.h"

namespace anagraph::app {

class ThreadView : public QAbstractScrollArea, public spoken::TellsPainted {
    Q_OBJECT
public:
    explicit ThreadView(QWidget* parent = nullptr);
    std::vector<spoken::Painted> painted() const override;
    QAccessible::Role painted_on() const override { return QAccessible::Table; }

    struct Shown {
        core::Threads threads;
        std::vector<QString> headings;
        std::vector<int> numbers;  // of the steps in the whole guide
        std::vector<bool> pinned;
        std::vector<core::OrderFinding> findings;
        std::optional<core::Plan> plan;
    };
    void show(Shown shown);
    const Shown& shown() const { return shown_; }
    const ThreadLayout& layout() const { return layout_; }

    /// The place that is looked at: what lies beside the machine then is told.
    const core::Down& place() const { return place_; }
    void stand_on(const core::Down& place);
    void choose_finding(int finding);
    int finding() const { return finding_; }
    bool playing() const { return play_.isActive(); }
    void play(bool on);
    /// How the machine is at that place, in a sentence.
    QString told() const;
    /// Where a finding is marked, in the widget's pixels; empty where it is out of sight.
    QRectF mark_of(int finding) const;

signals:
    void stood(int step);
    void finding_clicked(int finding);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    bool viewportEvent(QEvent* event) override;

private:
    static constexpr double kRing = 10;  // around a finding

    void lay_out();
    void go_down();
    void keep_in_sight();
    QPointF offset() const;
    QPointF mark_place(const core::OrderFinding& f) const;
    double y_of(const core::OrderFinding& f) const;
    void paint_rows(QPainter& p);
    void paint_names(QPainter& p);
    void paint_band(QPainter& p);
    void paint_thread(QPainter& p, const core::Thread& thread, double x);
    void paint_fluid(QPainter& p, const core::FluidThread& fluid, double x);
    void paint_findings(QPainter& p);
    void paint_plan(QPainter& p);
    void paint_place(QPainter& p);

    Shown shown_;
    ThreadLayout layout_;
    core::Down place_;
    int finding_ = -1;
    QTimer play_;
    QElapsedTimer clock_;
    theme::CutText cut_;
};

}  // namespace anagraph::app
