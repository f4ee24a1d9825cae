// EndedDialog: the program ended without closing the last time: what is saved, and a report that the person reads before it goes anywhere.
#pragma once

#include <QDialog>
#include <QLabel>
#include <QPlainTextEdit>

#include "app/session/session.h"
#include "store/running.h"

namespace anagraph::app {

class EndedDialog : public QDialog {
    Q_OBJECT
public:
    /// `session`: with the library that is open now.
    EndedDialog(const store::Ended& ended, const Session& session, QWidget* parent);
    QString report() const { return report_->toPlainText(); }
    /// What is saved, in a sentence or two.
    const QString& saved() const { return saved_; }

private:
    void save();

    QString saved_;
    QPlainTextEdit* report_;
    QLabel* trouble_;
};

}  // namespace anagraph::app
