// The Sheet: the guide as its reader will see it, edited in place; open points beside it.
#pragma once

#include <QLabel>
#include <QListWidget>
#include <QScrollArea>
#include <QTimer>
#include <QWidget>
#include <vector>

#include "app/command/command_row.h"
#include "app/session/session.h"
#include "app/sheet/step_card.h"
#include "app/sheet/step_forms.h"

namespace anagraph::app {

class SheetStation : public QWidget {
    Q_OBJECT
public:
    explicit SheetStation(Session& session, QWidget* parent = nullptr);
    void next_open();
    /// Puts the cursor into a line of the step in hand; into its heading where there is no such line.
    void show_line(int line);
    Commands& commands() { return *commands_; }
    Hand in_hand();
    const std::vector<core::Finding>& found() const { return found_; }
    StepCard* card(std::size_t i) { return i < cards_.size() ? cards_[i] : nullptr; }

protected:
    void showEvent(QShowEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void refresh();
    void mark_current();
    void move_step(int by);
    void add_step();
    void remove_step();
    void list_points();
    void read();
    const core::Finding* finding_in_hand(int line);
    void mend();
    void let_stand();
    void catch_up();
    void leave_field();
    void split_step();
    void merge_steps();
    void replace_words();
    void build_commands();
    void perform(const step_forms::Answer& answer);
    void take(step_forms::Answer (*ask)(Session&, QWidget*));
    void with_number(int (StepCard::*which)() const, step_forms::Answer (*ask)(Session&, int, QWidget*));
    void choose_methods();
    void draft();
    void hear();
    void look_back();
    void translate();
    StepCard* current();
    int line_in_hand() { return current() == nullptr ? -1 : current()->line_in_hand(); }

    Session& session_;
    Commands* commands_ = nullptr;
    QScrollArea* scroll_ = nullptr;
    QFrame* side_ = nullptr;  // open points
    QVBoxLayout* stack_ = nullptr;
    QLabel* safety_ = nullptr;
    QListWidget* points_ = nullptr;
    QLabel* points_title_ = nullptr;
    std::vector<StepCard*> cards_;
    QTimer* reading_ = nullptr;
    core::Speller speller_;
    std::string spelt_in_;  // its language; empty before the first reading
    std::vector<core::Finding> found_;
};

}  // namespace anagraph::app
