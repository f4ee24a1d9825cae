// StepCard: one step of the guide as its reader will see it, edited in place.
#pragma once

#include <QComboBox>
#include <QFrame>
#include <QLabel>
#include <QLineEdit>
#include <QVBoxLayout>
#include <vector>

#include "app/session/session.h"
#include "app/sheet/line_field.h"
#include "core/dryrun/finding.h"
#include "core/editing/editor.h"
#include "core/review/taught.h"

namespace anagraph::app {

class PlatePreview;

class StepCard : public QFrame {
    Q_OBJECT
public:
    StepCard(Session& session, const core::StepId& id, QWidget* parent);
    const core::StepId& step() const { return id_; }
    /// Shows the step as it is now; the field being typed in is left alone.
    void refresh();
    void focus_heading() { heading_->setFocus(); }
    void focus_line(int line);
    void add_line(int after);
    void add_caution();
    void add_check();
    /// What the editor found in this step, each beside what it is about.
    /// `taught`: what runs of the step brought back; null: nothing.
    void show_findings(const std::vector<core::Finding>& found, const std::vector<core::OrderFinding>& of_the_order,
        const core::StepTaught* taught = nullptr);
    /// What a line orders, as it stands under it; empty where it orders nothing.
    QString orders_of(int line) const;
    /// The line that is typed in, or -1; the caution; the check one of whose fields has the keys.
    int line_in_hand() const;
    int caution_in_hand() const;
    int check_in_hand() const;
    /// The text that has the keys; the step as a whole where none of the others has.
    core::PartOfStep part_in_hand() const;
    LineField* line(int i) { return i < static_cast<int>(lines_.size()) ? lines_[static_cast<std::size_t>(i)] : nullptr; }

signals:
    void entered();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    struct CautionRow {
        QWidget* row;
        QLabel* sign;  // of its hazard
        QComboBox* signal;
        LineField* words;
    };
    struct CheckRow {
        QWidget* row;
        QLineEdit* look;
        QLineEdit* good;
        QLineEdit* stop;
        QLabel* more;  // whom to ask, and what is written down
    };
    void show_cautions(const core::Step& step);
    void show_lines(const core::Step& step);
    void show_orders(const core::Step& step, std::size_t line);
    void show_checks(const core::Step& step);
    void show_waits(const core::Step& step);
    void show_facts(const core::Step& step);
    void show_ways(const core::Step& step);
    void show_resets(const core::Step& step);
    void show_comments(const core::Step& step);
    void show_others();
    void save(const char* label);
    void watch(QWidget* widget);
    const core::Step* now() const { return session_.procedure().find(id_); }

    Session& session_;
    core::StepId id_;
    QLabel* number_;
    QLabel* others_;  // who else is in this step
    QLineEdit* heading_;
    QVBoxLayout* caution_box_;
    QVBoxLayout* line_box_;
    QVBoxLayout* check_box_;
    PlatePreview* preview_;
    std::vector<CautionRow> cautions_;
    std::vector<LineField*> lines_;
    std::vector<QLabel*> line_notes_;   // under each line
    std::vector<QLabel*> line_orders_;  // what each line orders
    QLabel* step_note_;                 // of the step as a whole
    QLabel* check_note_;
    QLabel* facts_;     // for which variants, and the state of the machine
    QLabel* ways_;      // what the house says where practitioners differ
    QLabel* comments_;  // that are not done with
    std::vector<QLabel*> resets_;
    std::vector<std::string> strips_;  // what they were drawn from
    QVBoxLayout* reset_box_;
    std::vector<CheckRow> checks_;
    struct WaitRow {
        QWidget* row;
        QLabel* time;
        QLineEdit* words;
    };
    std::vector<WaitRow> waits_;
};

}  // namespace anagraph::app
