// The Tape: the recordings of the job as one downward tape, the moving picture beside it, the step in hand below.
#pragma once

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QWidget>
#include <functional>
#include <optional>

#include "app/command/command_row.h"
#include "app/film/film_view.h"
#include "app/session/session.h"
#include "app/tape/tape_hand.h"
#include "app/tape/tape_view.h"

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
    Commands& commands() { return *commands_; }
    Hand in_hand() const;
    const LoadedRecording* recording() const { return film_->recording(); }
    /// The explanation shown for the line in hand.
    QString why() const { return why_->toolTip(); }

protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;

private:
    void build();
    void build_commands();
    QWidget* build_step_panel();
    void open_recording(const core::RecordingId& id);
    void reload_recordings();
    void reload_tape();
    void refresh();
    void follow();
    void show_step();
    void step_lines(int by);
    void go_to_recording(int by);
    void rename_step();
    void confirm_and_go_on();
    void compare_takes();
    void to_the_other_camera();
    void toggle_folds();
    void write_reshoot();
    std::vector<TapeView::Heading> headings();

    Session& session_;
    TapeView* tape_ = nullptr;
    FilmView* film_ = nullptr;
    std::unique_ptr<TapeHand> hand_;
    Commands* commands_ = nullptr;
    bool writing_reshoot_ = false;
    QComboBox* recordings_ = nullptr;
    QLabel* clock_ = nullptr;
    QLabel* number_ = nullptr;
    QLineEdit* heading_ = nullptr;
    QLabel* span_ = nullptr;
    QLabel* why_ = nullptr;
    HeardPanel* heard_ = nullptr;
};

}  // namespace anagraph::app
