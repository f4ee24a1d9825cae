// PracticeDialog: the three tasks on the demo guide. It stands beside the window while they are done, and says what each still lacks.
#pragma once

#include <QDialog>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <functional>

#include "app/command/commands.h"
#include "app/session/session.h"
#include "core/practice/tasks.h"

namespace anagraph::app {

class PracticeDialog : public QDialog {
    Q_OBJECT
public:
    /// `go` takes what a task is about in hand, at its station.
    PracticeDialog(Session& session, const std::vector<Commands*>& stations, std::function<void(core::Task)> go, QWidget* parent);

    QListWidget& list() { return *list_; }

private:
    /// As the guide in hand stands now.
    void follow();
    QString todo(core::Task task) const;

    Session& session_;
    const std::vector<Commands*>& stations_;
    QListWidget* list_;
    QLabel* todo_;
    QLabel* state_;
    QPushButton* go_;
};

}  // namespace anagraph::app
