// Asks for a source of a figure: which book, label or drawing, the place in it, and what stands there.
#pragma once

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>

#include "core/procedure/edit.h"

namespace anagraph::app {

class SourceDialog : public QDialog {
    Q_OBJECT
public:
    SourceDialog(const core::Procedure& procedure, const core::Figure& figure, QWidget* parent);
    /// The change that adds source (when new) and proof; only after the dialog was accepted.
    core::Change change() const;

protected:
    void accept() override;

private:
    const core::Procedure& procedure_;
    core::Figure figure_;
    QComboBox* source_;
    QComboBox* kind_;
    QLineEdit* title_;
    QLineEdit* edition_;
    QLineEdit* place_;
    QLineEdit* value_;
    QLineEdit* tolerance_;
    QLabel* trouble_;
};

}  // namespace anagraph::app
