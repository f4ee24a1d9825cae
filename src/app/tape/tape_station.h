// The Tape: the recording as one downward tape, the moving picture beside it, the step in hand below.
#pragma once

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QScrollArea>
#include <QWidget>
#include <optional>

#include "app/film/film_view.h"
#include "app/session/session.h"
#include "app/tape/tape_view.h"
#include "app/theme/controls.h"

namespace anagraph::app {

class HeardPanel;

class TapeStation : public QWidget {
    Q_OBJECT
public:
    explicit TapeStation(Session& session, QWidget* parent = nullptr);

    void show_moment(const core::RecordingId& id, const core::FrameTime& at, bool play);
    /// Goes to the next mark nobody has decided on; wraps round.
    void next_open();
    FilmView& film() { return *film_; }
    TapeView& tape() { return *tape_; }
    const LoadedRecording* recording() const { return film_->recording(); }

protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;

private:
    void build();
    QWidget* build_transport();
    QWidget* build_step_panel();
    void open_recording(const core::RecordingId& id);
    void reload_recordings();
    void refresh();
    void follow();
    void step_lines(int by);
    void open_bracket();
    void close_bracket();
    void take_figures();
    void take_cautions();
    void put_aside();
    void keep_picture();
    void keep_clip();
    void rename_step();
    void split_here();
    void join_next();
    void nudge_edge(const core::FrameTime& to);
    void nudge_by_frames(int by);
    void nudge_by_lines(int by);
    void draft();
    void confirm_and_go_on();
    void note_here(core::NoteKind kind, const QString& title, const QString& question);
    void drop_line();
    void correct_line();
    void write_reshoot();
    const core::Step* step_in_hand() const;
    std::vector<const core::Mark*> marks_here() const;

    Session& session_;
    TapeView* tape_ = nullptr;
    QScrollArea* scroll_ = nullptr;
    FilmView* film_ = nullptr;
    QComboBox* recordings_ = nullptr;
    QLabel* clock_ = nullptr;
    QLabel* number_ = nullptr;
    QLineEdit* heading_ = nullptr;
    QLabel* span_ = nullptr;
    HeardPanel* heard_ = nullptr;
    KeyButton* play_ = nullptr;
    KeyButton* slow_ = nullptr;
    KeyButton* close_ = nullptr;
    KeyButton* picture_ = nullptr;
    KeyButton* clip_ = nullptr;
    KeyButton* split_ = nullptr;
    KeyButton* join_ = nullptr;
    KeyButton* confirm_ = nullptr;
    KeyButton* reshoot_ = nullptr;
    std::optional<core::FrameTime> opened_;
};

}  // namespace anagraph::app
