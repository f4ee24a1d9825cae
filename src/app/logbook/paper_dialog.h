// PaperDialog: a table of past services before it is taken in: what each column was taken for, and the lines that are doubtful. All are
// taken in, or none.
#pragma once

#include <QDialog>
#include <QLabel>
#include <QPushButton>
#include <QTreeWidget>

#include "app/session/session.h"
#include "core/logbook/paper.h"

namespace anagraph::app {

class PaperDialog : public QDialog {
    Q_OBJECT
public:
    PaperDialog(Session& session, const QString& file, core::Paper paper, QWidget* parent);
    QTreeWidget& list() { return *list_; }
    QString told() const { return told_->text(); }
    /// Services that were taken in.
    std::size_t taken() const { return taken_; }

private:
    void take_in();

    Session& session_;
    core::Paper paper_;
    QLabel* told_ = nullptr;
    QTreeWidget* list_ = nullptr;
    QPushButton* take_ = nullptr;
    std::size_t taken_ = 0;
};

}  // namespace anagraph::app
