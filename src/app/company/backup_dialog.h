// BackupDialog: where the library's backups go, how often, and which are there.
#pragma once

#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QSpinBox>

#include "app/command/commands.h"
#include "app/company/backing_up.h"

namespace anagraph::app {

class BackupDialog : public QDialog {
    Q_OBJECT
public:
    BackupDialog(BackingUp& backing_up, QWidget* parent);

private:
    void keep();
    void choose_folder();
    void make();
    void show_there();

    BackingUp& backing_up_;
    Commands* commands_;
    QLineEdit* folder_;
    QSpinBox* every_;
    QListWidget* there_;
    QLabel* trouble_;
};

}  // namespace anagraph::app
