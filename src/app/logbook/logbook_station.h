// LogbookStation: the fleet at a glance, and the machine in hand with its life: what is due, what is open, what was entered.
#pragma once

#include <QLabel>
#include <QListWidget>
#include <QScrollArea>
#include <QWidget>
#include <optional>

#include "app/command/command_row.h"
#include "app/logbook/fleet_view.h"
#include "app/session/session.h"
#include "app/work/work_bar.h"
#include "core/logbook/history.h"
#include "shop/logbook.h"

namespace anagraph::app {

class LogbookStation : public QWidget {
    Q_OBJECT
public:
    explicit LogbookStation(Session& session, QWidget* parent = nullptr);
    Commands& commands() { return *commands_; }
    FleetView& fleet() { return *fleet_; }
    QListWidget& entries() { return *entries_; }
    /// What is told of the machine in hand.
    QString told() const;
    /// The last sentence about what was entered, taken in or written.
    QString said() const { return said_->text(); }
    void refresh();
    /// Takes an entry into the hand, with its machine.
    void show_entry(std::int64_t number);
    /// Takes runs in, each once; what came of each is told.
    void take_runs(const QStringList& files);
    /// Those that came back over the desk.
    void take_waiting_runs();
    /// Shows the services of a table, and takes them in when they are right.
    void take_paper(const QString& file);
    /// The stretches of a calendar file become days in which the machine in hand is kept free.
    void take_calendar(const QString& file);
    void write_warranty(const QString& file);
    void write_sample_form(std::int64_t sample, const QString& file);
    void write_history(shop::HistoryForm form, const QString& file);
    void write_labels(shop::LabelForm form, const QString& file);

protected:
    void showEvent(QShowEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void build_commands();
    Hand in_hand() const;
    const core::Machine* machine() const;
    const core::EntryRead* entry() const;
    void show_machine();
    /// Writes an entry; the sentence that says why it could not be, or nothing.
    QString enter(core::LogBody body);
    void add_machine();
    void read_meter();
    void enter_service();
    void add_rule();
    void note_finding();
    void close_finding();
    void move_machine();
    void strike();
    /// The day on which something due is done, with what that costs.
    void plan_service();
    void show_cost(const QString& rule, core::Day day);
    void plan(const QString& rule, core::Day day, const QString& because);
    void keep_free();
    void keep_evidence();
    void show_samples();
    void add_unit();
    void fit_unit();
    void take_unit_off();
    void count_stock();
    void take_sample();
    void answer_sample();
    /// Units that are on the machine in hand, or on none.
    std::vector<const core::RotatingUnit*> units(bool fitted_here) const;
    std::vector<const core::SampleInLog*> samples() const;  // of the machine in hand, that are not answered
    QString came_of(const core::Result<shop::TakenRun>& taken) const;
    void say(const QString& words) { said_->setText(words); }

    Session& session_;
    Commands* commands_ = nullptr;
    core::Logbook log_;
    std::vector<core::EntryRead> read_;   // every entry, as it is read
    std::vector<core::EntryRead> shown_;  // of the machine in hand, newest first
    QStringList to_order_;
    qsizetype waiting_ = 0;  // runs that came back over the desk
    FleetView* fleet_ = nullptr;
    QLabel* title_ = nullptr;
    QLabel* about_ = nullptr;
    QListWidget* entries_ = nullptr;
    QLabel* said_ = nullptr;
    WorkBar* bar_ = nullptr;
    Work work_;
    bool entry_in_hand_ = false;
};

}  // namespace anagraph::app
