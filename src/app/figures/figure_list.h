// FigureList: every figure as a row with its box and its number line.
#pragma once

#include <QWidget>
#include <map>

#include "app/figures/figure_filter.h"
#include "app/session/session.h"
#include "app/spoken/painted.h"
#include "core/figure/number_line.h"

namespace anagraph::app {

class FigureList : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    explicit FigureList(Session& session, QWidget* parent = nullptr);
    std::vector<spoken::Painted> painted() const override;
    const core::FigureId& chosen() const { return chosen_; }
    void choose(const core::FigureId& id);
    void refresh();
    void filter(const FigureFilter& filter);
    /// The figures that pass the filter, as they stand one under the other.
    const std::vector<core::FigureId>& shown() const { return shown_; }
    /// Number lines told in the other unit system as well.
    void show_both_units(bool both);
    bool both_units() const { return both_; }
    /// Where the figure stands, in the list's pixels; empty for one that is not shown.
    QRect row_of(const core::FigureId& id) const;

signals:
    void chosen_changed();
    void claim_clicked(std::size_t claim);
    void proof_clicked(std::size_t proof);
    void source_dropped(const anagraph::core::SourceId& source);  // on the chosen figure
    void file_dropped(const QString& path);

protected:
    bool event(QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dragMoveEvent(QDragMoveEvent* event) override;
    void dragLeaveEvent(QDragLeaveEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    const core::Figure* figure_at(const QPointF& at) const;
    void lay_out();
    int row_height(const core::Figure& figure) const;
    int below_line(const core::NumberLine& line) const;
    double pixel(const core::NumberLine& line, double value) const;
    std::vector<core::PlacedLabel> labels_of(const core::NumberLine& line) const;
    void paint_row(QPainter& p, const core::Figure& figure, const QRectF& row);
    void paint_line(QPainter& p, const core::Figure& figure, const core::NumberLine& line, const QRectF& row);
    void paint_stages(QPainter& p, const core::NumberLine& line, double base) const;
    void paint_pins(QPainter& p, const core::Figure& figure, const core::NumberLine& line, double base);
    void paint_designations(QPainter& p, const core::Figure& figure, const QRectF& place);

    static constexpr int kRow = 122;       // the least height of a row
    static constexpr int kLineLeft = 260;  // where a number line begins, and how far from the right edge it ends
    static constexpr int kLineRight = 64;
    static constexpr int kFirstLabel = 34;  // from the line up to the first row of labels, and from one to the next
    static constexpr int kLabel = 17;
    static constexpr int kDesignationTop = 16;  // where designations begin in a row, and how high each is
    static constexpr int kDesignation = 22;

    Session& session_;
    core::FigureId chosen_;
    FigureFilter filter_;
    bool both_ = false;
    std::vector<core::FigureId> shown_;
    std::vector<int> tops_;  // of each row, and the end of the last
    struct Width {
        int pixels = -1;
        bool both = false;
        friend bool operator==(const Width&, const Width&) = default;
    };
    struct Height {
        core::Figure of;
        int high = 0;
    };
    Width laid_out_for_;
    std::map<core::FigureId, Height> heights_;
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
