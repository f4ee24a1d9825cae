// The Dry run: the guide walked before a learner meets it. Threads and plan as one picture that runs down, beside it what was found,
// what was answered and what was worked out, each with its reason and what can be done about it.
#pragma once

#include <QLabel>
#include <QListWidget>
#include <QWidget>
#include <optional>

#include "app/command/command_row.h"
#include "app/dryrun/thread_view.h"
#include "app/session/session.h"
#include "app/work/work.h"
#include "core/dryrun/worked_out.h"

namespace anagraph::app {

class DryRunStation : public QWidget {
    Q_OBJECT
public:
    explicit DryRunStation(Session& session, QWidget* parent = nullptr);
    void next_open();
    Commands& commands() { return *commands_; }
    ThreadView& view() { return *view_; }
    QListWidget& list() { return *list_; }
    Hand in_hand() const;
    /// Is the plan of the guide as it stands at hand?
    bool planned() const { return plan_.has_value() && !work_.busy(); }
    const std::optional<core::Plan>& plan() const { return plan_; }
    /// Is a fix for the finding in hand still being looked for?
    bool looking_for_fix() const { return fix_work_.busy(); }

signals:
    /// The line of a step is to be shown on the Sheet.
    void line_asked(const anagraph::core::StepId& step, int line);

protected:
    void showEvent(QShowEvent* event) override;

private:
    /// A row of the list.
    struct Row {
        enum class Kind { Finding, Answered, WorkedOut, Suggestion };
        Kind kind = Kind::Finding;
        std::size_t index = 0;  // of that kind
    };
    struct Answer {
        core::StepId step;
        core::Answered answer;
    };

    void build_commands();
    QWidget* build_side();
    void refresh();
    void make_plan();
    void show_in_view();
    void fill_list();
    void list_rows();
    void add_row(Row row, const QString& words, const QString& spoken);
    void row_chosen();
    std::optional<Row> row() const;
    const core::OrderFinding* finding() const;
    const core::WorkedOut* fact() const;
    const core::Step* step() const;
    std::string variant() const;
    void look_for_fix();
    void show_fix();

    void go_there();
    void take_fix();
    void keep_as_it_is();
    void ask_again();
    void confirm();
    void deny();
    void take_suggestion();
    void next_variant();
    void toggle_people();
    void pin();
    void set_time();
    void set_waits();
    void set_item();
    void print_kit();

    Session& session_;
    Commands* commands_ = nullptr;
    ThreadView* view_ = nullptr;
    QLabel* told_ = nullptr;
    QLabel* title_ = nullptr;
    QListWidget* list_ = nullptr;
    QLabel* fix_words_ = nullptr;
    std::vector<Row> rows_;
    std::vector<core::OrderFinding> findings_;
    std::vector<Answer> answers_;
    std::vector<core::WorkedOut> facts_;
    std::optional<core::OrderFinding> fix_for_;  // in hand, in the guide as it stands
    std::optional<core::Change> fix_;            // of it, once it is found
    std::optional<core::Plan> plan_;
    Work work_{this};
    Work fix_work_{this};
    QString variant_;
    int people_ = 1;
    std::optional<core::Procedure> walked_;  // the guide the findings are of
};

}  // namespace anagraph::app
