// TapeView: paints the downward tape and turns clicks into moments. Knows nothing of playing; the station connects both.
#pragma once

#include <QPixmap>
#include <QWidget>
#include <map>
#include <optional>

#include "app/tape/tape_layout.h"

namespace anagraph::app {

class Session;
struct LoadedRecording;

class TapeView : public QWidget {
    Q_OBJECT
public:
    explicit TapeView(Session& session, QWidget* parent = nullptr);

    void set_recording(const LoadedRecording* recording);
    void set_moment(const core::FrameTime& at);
    /// Where a step was opened and not yet closed.
    void set_open_bracket(std::optional<core::FrameTime> from);
    void set_zoom(double pixels_per_second);
    double zoom() const { return metrics_.pixels_per_second; }
    /// Call when the guide has changed.
    void refresh();

    std::optional<std::size_t> line_at(const core::FrameTime& at) const;
    double y_of(const core::FrameTime& at) const;
    const TapeLayout& layout_now() const { return layout_; }

signals:
    void moment_clicked(const anagraph::core::FrameTime& at);
    void step_clicked(const anagraph::core::StepId& step);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    bool event(QEvent* event) override;

private:
    void lay_out();
    void paint_sound(QPainter& p, const QRectF& clip) const;
    void paint_line(QPainter& p, const TapeLine& line) const;
    QRectF note_box(const core::Note& note) const;
    void paint_note(QPainter& p, const core::Note& note) const;
    QRectF paint_tag(QPainter& p, const QPointF& right_top, const core::Mark& mark) const;
    const QPixmap& thumbnail(std::size_t i);
    TapeInput input() const;

    Session& session_;
    const LoadedRecording* recording_ = nullptr;
    TapeMetrics metrics_;
    TapeLayout layout_;
    core::FrameTime moment_;
    std::optional<core::FrameTime> open_bracket_;
    std::map<std::size_t, QPixmap> thumbnails_;
};

}  // namespace anagraph::app
