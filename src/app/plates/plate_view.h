// PlateView: the still with its callouts, placed and dragged by mouse or moved by keys.
#pragma once

#include <QImage>
#include <QWidget>
#include <optional>

#include "app/session/session.h"
#include "app/spoken/painted.h"

namespace anagraph::app {

class PlateView : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    explicit PlateView(Session& session, QWidget* parent = nullptr);
    std::vector<spoken::Painted> painted() const override;
    QAccessible::Role painted_on() const override { return QAccessible::Graphic; }
    void show_plate(const core::Plate* plate, const QImage& still, const QString& note);
    std::optional<std::size_t> selected() const { return selected_; }
    void select(std::optional<std::size_t> callout);
    /// Takes the next callout in hand; after the last one the first.
    void select_next();
    QRectF picture_rect() const;
    QPointF to_widget(const core::Place& place) const;
    core::Place to_place(const QPointF& point) const;
    double aspect() const;
    /// The mark in hand; arrows move it, with Shift its far end.
    std::optional<std::size_t> selected_mark() const { return mark_; }
    void select_mark(std::optional<std::size_t> mark);
    /// A cross that arrows move and Enter sets down, while fasteners are placed.
    void show_cursor(bool on);
    bool cursor_shown() const { return cursor_.has_value(); }
    const core::Place& cursor() const { return *cursor_; }
    const QImage& still() const { return still_; }

signals:
    void callouts_changed(const std::vector<anagraph::core::Callout>& callouts, const QString& label);
    void marks_changed(const std::vector<anagraph::core::PlateMark>& marks);
    void point_clicked(const anagraph::core::Place& place);  // an empty place of the picture, or where the cross was set down
    void selection_changed();

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    double radius() const;

    Session& session_;
    std::optional<core::Plate> plate_;
    QImage still_;
    QString note_;
    bool move_by_key(int key, Qt::KeyboardModifiers modifiers);
    std::optional<std::size_t> selected_;
    std::optional<std::size_t> mark_;
    std::optional<core::Place> cursor_;
    enum class Grip { None, Label, Target, Mark, MarkEnd } grip_ = Grip::None;
    bool dragged_ = false;
};

}  // namespace anagraph::app
