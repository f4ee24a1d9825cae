// FigureList: every figure as a row with its box and its number line.
#pragma once

#include <QWidget>

#include "app/session/session.h"

namespace anagraph::app {

class FigureList : public QWidget {
    Q_OBJECT
public:
    explicit FigureList(Session& session, QWidget* parent = nullptr);
    const core::FigureId& chosen() const { return chosen_; }
    void choose(const core::FigureId& id);
    void refresh();
    static constexpr int kRow = 122;

signals:
    void chosen_changed();
    void claim_clicked(std::size_t claim);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    void paint_row(QPainter& p, const core::Figure& figure, const QRectF& row);

    Session& session_;
    core::FigureId chosen_;
    struct PinPlace {
        QRectF box;
        core::FigureId figure;
        std::size_t claim;
    };
    std::vector<PinPlace> pins_;
};

}  // namespace anagraph::app
