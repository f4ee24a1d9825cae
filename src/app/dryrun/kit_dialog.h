// KitDialog: what is laid out before the job, as a list to tick, and its printing.
#pragma once

#include <QDialog>
#include <QTextBrowser>

#include "app/command/commands.h"
#include "core/schedule/kit.h"

namespace anagraph::app {

class KitDialog : public QDialog {
    Q_OBJECT
public:
    KitDialog(const core::Procedure& p, const std::string& variant, QWidget* parent);
    /// Prints the list into a PDF. False, and trouble(), where it cannot be written.
    bool print_into(const QString& file);
    QString trouble() const { return trouble_; }
    QString words() const { return list_->toPlainText(); }

private:
    void print();

    QString title_;
    Commands* commands_;
    QTextBrowser* list_;
    QString trouble_;
};

/// The list as HTML: a box to tick for each thing, its size, number and count, and the step it is needed in first.
QString kit_page(const core::Procedure& p, const std::string& variant);

}  // namespace anagraph::app
