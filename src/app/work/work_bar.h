// WorkBar: how far long work is, in words and as a bar, with the time that is left and its cancel. It shows itself while it runs.
#pragma once

#include <QLabel>
#include <QProgressBar>
#include <QWidget>

#include "app/work/work.h"

namespace anagraph::app {

class WorkBar : public QWidget {
    Q_OBJECT
public:
    /// `cancel` stands behind the bar and becomes its child.
    WorkBar(Work& work, const QString& name, QWidget* cancel, QWidget* parent);
    /// What the work begun next is called until it tells something itself.
    void set_words(const QString& words);

private:
    void show_progress(const QString& what, double share, int seconds_left);

    QString words_;
    QLabel* said_;
    QProgressBar* bar_;
};

}  // namespace anagraph::app
