// Care of a still: what is hidden, turned, cut and brightened, on the picture itself or by numbers. The recording stays as
// it is.
#pragma once

#include <QDialog>
#include <QImage>
#include <QLabel>
#include <QListWidget>
#include <QRadioButton>
#include <QSpinBox>
#include <QWidget>
#include <array>

#include "core/procedure/pictures.h"

namespace anagraph::app {

/// The frame turned and brightened, with what is cut off darkened and what is hidden covered; an area is drawn on it.
class CareView : public QWidget {
    Q_OBJECT
public:
    explicit CareView(QImage frame, QWidget* parent);
    void show_care(const core::StillCare& care);

signals:
    void area_drawn(const anagraph::core::Area& area);  // of the picture as it is shown here

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

private:
    QRectF picture_rect() const;
    core::Place to_place(const QPointF& point) const;
    core::Area drawn() const;

    QImage frame_;
    QImage shown_;
    core::StillCare care_;
    core::StillCare made_;  // what shown_ was made with
    std::optional<core::Place> from_;
    core::Place to_;
};

class CareDialog : public QDialog {
    Q_OBJECT
public:
    CareDialog(const QImage& frame, core::StillCare care, QWidget* parent);
    const core::StillCare& care() const { return care_; }

private:
    void refresh();
    void take_area(const core::Area& area);

    double aspect_;
    core::StillCare care_;
    CareView* view_;
    QRadioButton* cutting_;
    QRadioButton* hiding_;
    QSpinBox* tilt_;
    QSpinBox* brighten_;
    std::array<QSpinBox*, 4> edges_{};   // of the cut, in per cent
    std::array<QSpinBox*, 4> covers_{};  // of the chosen hidden part
    QListWidget* hidden_;
    bool showing_ = false;
};

}  // namespace anagraph::app
