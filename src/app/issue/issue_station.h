// The Issue: what changed since the last edition, what stands in the way, who checked; freezing the next edition.
#pragma once

#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QWidget>

#include "app/command/command_row.h"
#include "app/session/session.h"
#include "app/work/work_bar.h"

namespace anagraph::app {

class IssueStation : public QWidget {
    Q_OBJECT
public:
    explicit IssueStation(Session& session, QWidget* parent = nullptr);
    QLineEdit& checker() { return *checker_; }
    /// Is an edition being issued, or a pack verified or copied?
    bool busy() const { return work_.busy(); }
    /// The folder of the edition chosen in the list, or empty.
    QString chosen_pack() const;
    /// Copies the pack of the chosen edition into a new folder in this one.
    void copy_pack_into(const QString& folder);
    Commands& commands() { return *commands_; }

protected:
    void showEvent(QShowEvent* event) override;

private:
    void build_commands();
    void refresh();
    void issue();
    void open_pack();
    void verify_pack();
    void copy_pack();
    int chosen_edition() const;

    Session& session_;
    Commands* commands_ = nullptr;
    int next_edition_ = 1;
    QLabel* header_ = nullptr;  // number, interval and note of the guide
    QLabel* what_title_ = nullptr;
    QListWidget* what_ = nullptr;
    QLineEdit* checker_ = nullptr;
    Work work_{this};
    WorkBar* bar_ = nullptr;
    QListWidget* editions_ = nullptr;
    QLabel* verdict_ = nullptr;
    bool something_to_issue_ = false;
};

}  // namespace anagraph::app
