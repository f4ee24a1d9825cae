// MainWindow: the route rail, the head with the guide in hand, and the stations.
#pragma once

#include <QLabel>
#include <QMainWindow>
#include <QStackedWidget>
#include <memory>
#include <vector>

#include "app/command/command_row.h"
#include "app/command/uses.h"
#include "app/session/session.h"
#include "app/window/finder.h"
#include "app/window/route_rail.h"
#include "core/practice/tasks.h"

namespace anagraph::app {

class ShelfStation;
class TapeStation;
class FiguresStation;
class SheetStation;
class PlatesStation;
class DryRunStation;
class IssueStation;
class BenchStation;
class LogbookStation;
class SharedBar;
class TakingAlong;
class BackingUp;
class PracticeDialog;

class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    enum Stop { Tape, Figures, Sheet, Plates, DryRun, Issue, Shelf, Bench, Logbook };

    explicit MainWindow(std::unique_ptr<store::Library> library);
    /// What is being typed is kept; the stations go before the session they work on.
    ~MainWindow() override;

    Session& session() { return session_; }
    ShelfStation& shelf() { return *shelf_; }
    TapeStation& tape() { return *tape_; }
    FiguresStation& figures() { return *figures_; }
    SheetStation& sheet() { return *sheet_; }
    PlatesStation& plates() { return *plates_; }
    DryRunStation& dry_run() { return *dry_run_; }
    IssueStation& issue() { return *issue_; }
    BenchStation& bench() { return *bench_; }
    LogbookStation& logbook() { return *logbook_; }
    BackingUp& backing_up() { return *backing_up_; }
    RouteRail& rail() { return *rail_; }
    SharedBar& shared_bar() { return *shared_bar_; }
    void go(int stop);
    /// The commands of every station, and last those of the window itself.
    const std::vector<Commands*>& commands() const { return commands_; }
    /// Does a command of any station, there; or says why it cannot be done.
    void perform(Commands& where, const Command& command);
    /// Where the person wants the library moved, which is done once this window is closed; empty: nowhere.
    const QString& move_to() const { return move_to_; }
    /// Whether it was closed to be opened where it was, in other colours, another language or with other keys.
    bool wants_anew() const { return wants_anew_; }
    int station() const;
    /// The five places of the window, a sentence each; on the first start by itself, and never again.
    void show_way_round();
    void show_way_round_once();
    /// Who sits here, asked once and never again.
    void ask_post_once();
    /// Is a pack intact, and who vouches for it? Told on the Issue.
    void verify(const QString& pack);
    /// The sentence shown at the foot of the window, or empty.
    QString notice() const { return notice_->isVisible() ? notice_->text() : QString(); }

protected:
    bool event(QEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    QWidget* build_head(QWidget* whole);
    void build_commands();
    void keep_typing();
    void refresh();
    void show_notice(const QString& sentence);
    void next_open();
    void find();
    void set_guide();
    void decide();
    void choose_colours();
    void choose_language();
    void change_keys();
    void show_tasks();
    void take_in_hand(core::Task task);
    std::vector<FinderEntry> findable();
    void show_said(const store::SaidLine& said);

    Session session_;
    RouteRail* rail_ = nullptr;
    QLabel* title_ = nullptr;
    QLabel* subtitle_ = nullptr;
    QLabel* saved_ = nullptr;
    QLabel* others_ = nullptr;     // who else has the library open
    bool keys_in_station_ = true;  // when another window took them
    QLabel* post_ = nullptr;       // who sits here
    CommandRow* head_row_ = nullptr;
    Commands* own_ = nullptr;
    std::vector<Commands*> commands_;
    Uses uses_;
    std::vector<int> open_ = std::vector<int>(9, 0);  // points open, by station
    QStackedWidget* stations_ = nullptr;
    QLabel* notice_ = nullptr;
    void show_library();
    TakingAlong* along_;  // children of the session
    BackingUp* backing_up_;
    PracticeDialog* tasks_ = nullptr;  // once it was asked for
    QString move_to_;
    bool wants_anew_ = false;
    SharedBar* shared_bar_ = nullptr;
    ShelfStation* shelf_ = nullptr;
    TapeStation* tape_ = nullptr;
    FiguresStation* figures_ = nullptr;
    SheetStation* sheet_ = nullptr;
    PlatesStation* plates_ = nullptr;
    DryRunStation* dry_run_ = nullptr;
    IssueStation* issue_ = nullptr;
    BenchStation* bench_ = nullptr;
    LogbookStation* logbook_ = nullptr;
};

}  // namespace anagraph::app
