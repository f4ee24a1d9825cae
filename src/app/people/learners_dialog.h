// LearnersDialog: the register of learners, what each has and has learned, and what has changed since for them.
#pragma once

#include <QDialog>
#include <QLabel>
#include <QTreeWidget>

#include "app/command/commands.h"
#include "app/session/session.h"
#include "core/records/owed.h"

namespace anagraph::app {

class LearnersDialog : public QDialog {
    Q_OBJECT
public:
    LearnersDialog(Session& session, QWidget* parent);
    QTreeWidget& list() { return *list_; }
    Commands& commands() { return *commands_; }
    QString owed_words() const;
    QString told() const { return told_->text(); }
    /// Reads learners and their groups, "learner, group" a line, and adds those who are not in the register. What came of it is told.
    void import_from(const QString& file);
    /// Judges and keeps answers to checks; without files those that came back over the desk. What came of each is told.
    void take_answers(const QStringList& files);
    void export_to(const QString& file);
    void write_notices(const QString& file);

private:
    void build_commands();
    void refresh();
    void show_owed();
    QString learner() const;
    qsizetype owing() const;  // learners who have to read something again
    bool record(const std::vector<core::Entry>& entries);
    void add_learner();
    void move_to_group();
    void confirm();
    void strike_hand_out();

    Session& session_;
    Commands* commands_ = nullptr;
    core::Records records_;
    std::vector<core::GuideEditions> guides_;
    std::vector<core::Owed> owed_;
    qsizetype waiting_ = 0;  // answers that came back over the desk
    QTreeWidget* list_ = nullptr;
    QLabel* told_ = nullptr;
    QLabel* owes_ = nullptr;
};

}  // namespace anagraph::app
