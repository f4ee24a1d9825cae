// The Issue: what changed since the last edition, what stands in the way, who checked; freezing the next edition.
#pragma once

#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QProgressBar>
#include <QWidget>
#include <atomic>
#include <memory>

#include "app/command/command_row.h"
#include "app/session/beside.h"
#include "app/session/session.h"

namespace anagraph::app {

class IssueStation : public QWidget {
    Q_OBJECT
public:
    explicit IssueStation(Session& session, QWidget* parent = nullptr);
    QLineEdit& checker() { return *checker_; }
    bool issuing() const { return issuing_; }
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
    QWidget* work_ = nullptr;
    QLabel* work_words_ = nullptr;
    QProgressBar* bar_ = nullptr;
    QListWidget* editions_ = nullptr;
    QLabel* verdict_ = nullptr;
    bool issuing_ = false;
    bool something_to_issue_ = false;
    Stop stop_;
};

}  // namespace anagraph::app
