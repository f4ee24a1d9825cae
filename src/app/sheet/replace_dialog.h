// ReplaceDialog: words replaced in the whole guide, and in the other guides of the library where that is wanted. Those are looked
// through beside the window, when the typing rests and not at every letter.
#pragma once

#include <QCheckBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTimer>

#include "app/session/session.h"
#include "app/work/work.h"
#include "shop/replace.h"

namespace anagraph::app {

class ReplaceDialog : public QDialog {
    Q_OBJECT
public:
    ReplaceDialog(Session& session, QWidget* parent);
    /// What was asked for, done as one change; what it came to is told by the session.
    void replace();

private:
    void look();
    void show_count();

    Session& session_;
    QLineEdit* words_;
    QLineEdit* by_;
    QCheckBox* everywhere_;
    QLabel* count_;
    QPushButton* ok_;
    QTimer rest_;
    Work looking_{this};
    shop::GuidesWithWords others_;
    bool looked_ = false;  // at the other guides, for the words as they are
};

}  // namespace anagraph::app
