// TapeView: paints the downward tape of a whole job and turns clicks into moments. Knows nothing of playing; the station
// connects both. It paints what is in sight only, so a tape of hours scrolls like one of minutes.
#pragma once

#include <QAbstractScrollArea>
#include <QCache>
#include <QPixmap>
#include <QStringList>
#include <map>
#include <memory>
#include <optional>
#include <set>

#include "app/spoken/painted.h"
#include "app/tape/tape_layout.h"
#include "media/proxy_reader.h"

namespace anagraph::app {

class Session;
struct LoadedRecording;

namespace tape_view {
/// What a mark is, in one or two words: "torque", "not seen", "tighten".
QString mark_words(const core::Mark& mark);
}  // namespace tape_view

class TapeView : public QAbstractScrollArea, public spoken::TellsPainted {
    Q_OBJECT
public:
    explicit TapeView(Session& session, QWidget* parent = nullptr);
    ~TapeView() override;

    /// What stands above and below a recording: its name; how it goes with the others; what is left undone after it.
    struct Heading {
        QString name;
        QString relation;
        QString undone;
    };
    void set_job(std::vector<const LoadedRecording*> recordings);
    void set_headings(std::vector<Heading> headings);
    /// The moment in hand; the tape scrolls so that it stays in sight.
    void set_moment(const core::RecordingId& recording, const core::FrameTime& at);
    /// Where a step was opened and not yet closed, in the recording of the moment in hand.
    void set_open_bracket(std::optional<core::FrameTime> from);
    /// True: the head stays where it is and the tape runs under it. False: the head runs down the tape.
    void set_head_stays(bool stays);
    bool head_stays() const { return head_stays_; }

    /// Pixels a second. The moment in hand keeps its place on the screen, or the middle does when it is out of sight.
    void set_zoom(double pixels_per_second);
    double zoom() const { return metrics_.pixels_per_second; }
    void show_whole_job();
    void show_single_frames();
    void show_for_reading() { set_zoom(kReading); }

    /// Folds everything that can be folded, or unfolds all.
    void fold_all(bool shut);
    bool folded() const { return folding_; }
    /// Opens or shuts the fold at the moment in hand; false when there is none.
    bool toggle_fold_here();
    std::size_t shut_folds() const;

    /// Call when the guide has changed.
    void refresh();

    /// The line at a moment of the recording in hand.
    std::optional<std::size_t> line_at(const core::FrameTime& at) const;
    const TapeLayout& layout_now() const { return layout_; }
    TapeInput input() const { return input_; }
    std::vector<spoken::Painted> painted() const override;

signals:
    void moment_clicked(const anagraph::core::RecordingId& recording, const anagraph::core::FrameTime& at);
    void step_clicked(const anagraph::core::StepId& step);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    bool viewportEvent(QEvent* event) override;

private:
    static constexpr double kReading = 20;  // pixels a second

    void lay_out();
    void fit_scroll_bar();
    void keep_in_sight();
    double whole_job_zoom() const;
    double offset() const;
    double y_now() const { return layout_.axis.y(current_, moment_.seconds()); }
    const LoadedRecording& recording(std::size_t i) const { return *job_[i]; }
    void paint_sound(QPainter& p, double top, double bottom) const;
    void paint_columns(QPainter& p, double top, double bottom);
    void paint_poor(QPainter& p, double top, double bottom) const;
    void paint_brackets(QPainter& p, double top, double bottom) const;
    void paint_line(QPainter& p, const TapeLine& line) const;
    void paint_folds(QPainter& p, double top, double bottom) const;
    void paint_headings(QPainter& p, double top, double bottom) const;
    void paint_notes(QPainter& p) const;
    void paint_head(QPainter& p) const;
    QRectF note_box(std::size_t recording, const core::Note& note) const;
    QRectF paint_tag(QPainter& p, const QPointF& right_top, std::size_t recording, const core::Mark& mark) const;
    QString words_of(const TapeLine& line) const;
    /// Where in words_of() the words stand that the recogniser was not sure of: begin and length.
    std::vector<std::pair<int, int>> unsure_in(const TapeLine& line, const QString& words) const;
    QString help_at(const QPointF& place) const;
    QString told(const TapeBracket& bracket) const;
    QString told(const TapeLine& line) const;
    const QPixmap& picture(std::size_t recording, std::size_t frame);

    Session& session_;
    std::vector<const LoadedRecording*> job_;
    std::vector<Heading> headings_;
    TapeInput input_;
    TapeMetrics metrics_;
    TapeLayout layout_;
    std::size_t current_ = 0;
    core::FrameTime moment_;
    std::optional<core::FrameTime> open_bracket_;
    bool head_stays_ = false;
    bool folding_ = false;
    std::map<core::RecordingId, std::set<core::FrameTime>> opened_;  // folds opened one by one, by their beginning
    QCache<QPair<int, int>, QPixmap> pictures_;
    std::map<std::size_t, std::unique_ptr<media::ProxyReader>> proxies_;
};

}  // namespace anagraph::app
