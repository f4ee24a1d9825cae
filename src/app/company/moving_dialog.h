// MovingDialog: moves a library elsewhere while no window has it open, with its progress; stopped or failed, it is as it was.
#pragma once

#include <QDialog>
#include <QLabel>
#include <QString>

#include "app/work/work.h"

class QProgressBar;
class QPushButton;

namespace anagraph::app {

class MovingDialog : public QDialog {
    Q_OBJECT
public:
    MovingDialog(const QString& from, const QString& to);
    /// Accepted: it is there.
    void reject() override;

private:
    void show_progress(double share, int seconds_left);
    void ended(const core::Outcome& done);

    QString from_;
    QString to_;
    QLabel* said_;
    QProgressBar* bar_;
    QPushButton* button_;
    Work work_{this};
};

}  // namespace anagraph::app
