// The clip of a step: trimmed to the frame, slowed, silent or not, with its poster and what is drawn over it; length and size
// as they will be in the pack.
#pragma once

#include <QDialog>
#include <QLabel>
#include <QListWidget>
#include <QTimer>
#include <QVBoxLayout>

#include "app/command/commands.h"
#include "app/film/film_view.h"
#include "app/session/session.h"
#include "app/work/work.h"

namespace anagraph::app {

class ClipOverlay;

class ClipDialog : public QDialog {
    Q_OBJECT
public:
    ClipDialog(Session& session, core::Clip clip, QWidget* parent);
    const core::Clip& clip() const { return clip_; }
    FilmView& film() { return *film_; }
    /// The size in the pack, measured by cutting it; 0 while it is being cut.
    std::int64_t bytes() const { return bytes_; }

private:
    void build_commands();
    void build_side(QVBoxLayout* side);
    void changed();
    void set_begin();
    void set_end();
    void set_poster();
    void add_mark();
    void remove_mark();
    void time_mark(bool begin);
    void move_mark(int dx, int dy, bool far_end);
    void place_mark(const core::Place& place, bool far_end);
    void play();
    void show_facts();
    void measure();
    core::FrameTime next_frame(const core::FrameTime& at) const;
    core::ClipMark* mark();

    Session& session_;
    const LoadedRecording* recording_;
    core::Clip clip_;
    FilmView* film_;
    ClipOverlay* overlay_;
    QLabel* moment_;
    QLabel* facts_;
    QLabel* trouble_;
    QListWidget* marks_;
    QTimer rest_;
    Work work_{this};
    Commands* commands_ = nullptr;
    std::int64_t bytes_ = 0;
};

}  // namespace anagraph::app
