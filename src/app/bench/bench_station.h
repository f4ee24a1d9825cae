// BenchStation: the guide at the machine, one step at a time, for gloved hands and two metres: what is laid out before, the step in hand
// with its figures, readings, checks and waits, and at the end what the trainer says of each step.
#pragma once

#include <QLabel>
#include <QListWidget>
#include <QScrollArea>
#include <QStackedWidget>
#include <QTimer>
#include <QWidget>
#include <functional>
#include <optional>

#include "app/bench/bench_views.h"
#include "app/bench/progress_view.h"
#include "app/bench/wrench_port.h"
#include "app/command/command_row.h"
#include "app/people/key_ring.h"
#include "app/session/session.h"
#include "app/work/work_bar.h"
#include "shop/bench.h"

namespace anagraph::app {

class BenchStation : public QWidget {
    Q_OBJECT
public:
    explicit BenchStation(Session& session, QWidget* parent = nullptr);
    Commands& commands() { return *commands_; }
    QListWidget& list() { return *list_; }
    QListWidget& kit() { return *kit_; }
    QListWidget& steps() { return *steps_; }
    WrenchPort& wrench() { return *wrench_; }
    /// The run in hand; null: none.
    const core::Bench* bench() const { return run_ ? &run_->bench() : nullptr; }
    /// All that is read on the page in hand.
    QString told() const;
    QString said() const { return said_->text(); }
    void refresh();
    /// Begins a run; the sentence why it could not, or nothing.
    QString begin(const shop::BenchEdition& edition, core::RunBegun about);
    /// Keeps what happened, on the disk when it returns; false: it could not be, and said() says why.
    bool happen(const std::vector<core::BenchBody>& bodies);
    void keep_photograph(const QString& file);
    /// By the camera, or from files where that is chosen there.
    void take_photograph();
    void write_certificate(const QString& file);
    /// Another clock than that of the machine, for tests and the demo; none: that one again.
    void set_clock(std::function<core::Moment()> clock);
    /// What happens every second: the clocks go on, and the library is told that the program is there.
    void tick();

protected:
    void showEvent(QShowEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    /// Pictures that are dropped are photographs of the step in hand.
    void dropEvent(QDropEvent* event) override;

private:
    enum Page { Start, Before, Work, End };
    void build_commands();
    QWidget* start_page();
    QWidget* before_page();
    QWidget* work_page();
    QWidget* end_page();
    Hand in_hand() const;
    /// Which step, edition or run the commands are about.
    const core::BenchStep* step() const { return run_ ? run_->bench().step() : nullptr; }
    bool open_step() const;  // is the step in hand open, and worked on?
    void show_run();
    void show_start();
    void show_before();
    void show_step();
    /// `next`: what is to be done now.
    QWidget* step_page(const core::BenchStep& step, QWidget*& next);
    void show_end();
    void show_picture();
    void say(const QString& words);
    void way_on();
    QString way_on_words() const;
    void begin_run();
    void go_on_with(std::size_t run);
    void write_reading();
    void look(bool good);
    void give_reason();
    void stop(core::StepState how);
    void note_finding();
    /// What was found on the machine before and is not put right yet.
    std::vector<core::FindingInLog> open_findings() const;
    void put_right();
    void note_used();
    void turn_step(int by);
    void take_wrench(const core::WrenchReading& reading);
    void connect_wrench();
    void assess(core::Assessed how);
    void sign();
    void hand_in();
    void give_up();

    Session& session_;
    Commands* commands_ = nullptr;
    std::function<core::Moment()> clock_;
    shop::BenchStart start_;
    std::optional<shop::RunAtBench> run_;
    KeyRing ring_;
    WrenchPort* wrench_ = nullptr;
    QTimer second_;
    QLabel* about_ = nullptr;
    QStackedWidget* pages_ = nullptr;
    QListWidget* list_ = nullptr;
    ProgressView* progress_ = nullptr;
    QListWidget* kit_ = nullptr;
    QLabel* before_ = nullptr;
    StepDiscs* discs_ = nullptr;
    QScrollArea* scroll_ = nullptr;
    QLabel* picture_words_ = nullptr;
    BenchPicture* picture_ = nullptr;
    ClockView* clocks_ = nullptr;
    std::size_t plate_ = 0;      // of the step, that is shown
    std::string shown_picture_;  // its file, read once
    QLabel* verdict_ = nullptr;
    QListWidget* steps_ = nullptr;
    QLabel* said_ = nullptr;
    WorkBar* bar_ = nullptr;
    app::Work work_;
};

}  // namespace anagraph::app
