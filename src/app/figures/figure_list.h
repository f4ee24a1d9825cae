// FigureList: every figure as a row with its box and its number line.
#pragma once

#include <QWidget>

#include "app/figures/figure_filter.h"
#include "app/session/session.h"

namespace anagraph::app {

class FigureList : public QWidget {
    Q_OBJECT
public:
    explicit FigureList(Session& session, QWidget* parent = nullptr);
    const core::FigureId& chosen() const { return chosen_; }
    void choose(const core::FigureId& id);
    void refresh();
    void filter(const FigureFilter& filter);
    /// The figures that pass the filter, as they stand one under the other.
    const std::vector<core::FigureId>& shown() const { return shown_; }
    /// Number lines told in the other unit system as well.
    void show_both_units(bool both);
    bool both_units() const { return both_; }
    static constexpr int kRow = 122;

signals:
    void chosen_changed();
    void claim_clicked(std::size_t claim);
    void proof_clicked(std::size_t proof);
    void source_dropped(const anagraph::core::SourceId& source);  // on the chosen figure
    void file_dropped(const QString& path);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dragMoveEvent(QDragMoveEvent* event) override;
    void dragLeaveEvent(QDragLeaveEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    const core::Figure* figure_at(const QPointF& at) const;
    void paint_row(QPainter& p, const core::Figure& figure, const QRectF& row);
    void paint_designations(QPainter& p, const core::Figure& figure, const QRectF& place);

    Session& session_;
    core::FigureId chosen_;
    FigureFilter filter_;
    bool both_ = false;
    std::vector<core::FigureId> shown_;
    core::FigureId over_;  // a source is held over it
    struct EvidencePlace {
        QRectF box;
        core::FigureId figure;
        std::size_t index;  // of the claim, or of the proof
        bool proof;
    };
    std::vector<EvidencePlace> evidence_;
};

}  // namespace anagraph::app
