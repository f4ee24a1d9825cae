// Which recogniser the house lets listen to films that come without a narration: the program's own, or a command; tried on the spot.
#pragma once

#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

#include "app/work/work.h"

namespace anagraph::app {

class RecogniserDialog : public QDialog {
    Q_OBJECT
public:
    RecogniserDialog(const std::string& command, QWidget* parent);
    std::string command() const { return command_->text().trimmed().toStdString(); }

private:
    void try_it();
    void refresh();

    QLineEdit* command_;
    QPushButton* try_;
    QLabel* heard_;
    Work work_{this};
};

}  // namespace anagraph::app
