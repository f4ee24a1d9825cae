// DecideDialog: a change of ours met another's. Mine, theirs and what both came from stand side by side; the person says which stands.
#pragma once

#include <QDialog>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include "app/session/session.h"

namespace anagraph::app {

class DecideDialog : public QDialog {
    Q_OBJECT
public:
    DecideDialog(Session& session, QWidget* parent);

    QPushButton& mine() { return *mine_stands_; }
    QPushButton& theirs() { return *theirs_stands_; }

private:
    /// The first that nobody has decided on; closes the dialog where there is none.
    void show_next();
    void decide(bool mine);

    Session& session_;
    std::size_t index_ = 0;  // of the waiting changes
    QLabel* what_ = nullptr;
    QLabel* left_ = nullptr;
    struct Column {
        QLabel* whose;
        QLabel* words;
    };
    Column column(QHBoxLayout* across, const QString& title, const char* edge);
    static void show_value(const Column& column, const nlohmann::json& value, const QString& none);
    Column mine_;
    Column theirs_;
    Column before_;
    QPushButton* mine_stands_ = nullptr;
    QPushButton* theirs_stands_ = nullptr;
};

}  // namespace anagraph::app
