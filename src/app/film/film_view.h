// FilmView: the moving picture. Plays a recording, steps frame by frame, shows the exact frame when it rests. While a frame
// is being sought, the same frame of the small copy is shown, so that scrubbing never waits; while the original is away,
// the small copy is all there is. Of one that lies far the small copy is played, and the exact frame comes where it rests.
#pragma once

#include <QImage>
#include <QTimer>
#include <QWidget>
#include <memory>

#include "app/work/work.h"
#include "core/base/frame_time.h"
#include "media/player.h"
#include "media/proxy_reader.h"
#include "media/recording_index.h"

namespace anagraph::app {

struct LoadedRecording;

class FilmView : public QWidget {
    Q_OBJECT
public:
    explicit FilmView(QWidget* parent = nullptr);
    ~FilmView() override;

    /// Shows a recording, paused at its first frame. Null empties the view.
    void open(const LoadedRecording* recording);
    const LoadedRecording* recording() const { return recording_; }

    std::size_t frame() const;
    core::FrameTime time() const;
    bool playing() const;
    bool slow() const;
    /// True while the picture on the screen is not yet the frame asked for.
    bool settling() const;
    /// True while the picture shown comes from the small copy.
    bool scrubbing() const { return !scrubbed_.isNull(); }
    /// True while the picture shown is the frame of an original that lies far.
    bool shows_exact() const { return !scrubbing() && !exact_.isNull(); }
    /// The picture as the player made it, upright.
    QImage picture() const;
    /// Where the picture lies in this widget.
    QRectF picture_rect() const;

    void show_frame(std::size_t frame);
    /// The first frame at that moment or after it.
    void show_time(const core::FrameTime& time);
    /// Plays until `time`, then stops there; for hearing one claim.
    void play_until(const core::FrameTime& time);

public slots:
    void toggle_play();
    void pause();
    void step_frames(int by);
    void toggle_slow();

signals:
    void moved();  // frame, playing or speed changed

protected:
    void paintEvent(QPaintEvent* event) override;
    QSize sizeHint() const override { return {640, 360}; }

private:
    void take_news();
    /// Shows the frame wanted from the small copy at once; false when there is none.
    bool show_small_copy();
    void seek_wanted();
    /// Of a far original: its own frame, once for each the film rests at.
    void fetch_exact();
    void forget_exact();

    const LoadedRecording* recording_ = nullptr;
    std::unique_ptr<media::Player> player_;
    QString trouble_;
    std::optional<core::FrameTime> stop_at_;
    std::unique_ptr<media::ProxyReader> small_;  // opened at the first use
    std::optional<std::size_t> wanted_;          // asked for and not yet sought in the original
    QTimer rest_;
    media::Picture small_picture_;
    QImage scrubbed_;  // a view of it, until the frame asked for is there
    Work exact_work_{this};
    std::optional<std::size_t> exact_frame_;  // of a far original, that was asked for ...
    QImage exact_;                            // ... and came
};

}  // namespace anagraph::app
