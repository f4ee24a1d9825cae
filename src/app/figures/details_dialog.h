// DetailsDialog: what a figure holds for: variants, a condition, older numbers it replaces, and how its level is read.
#pragma once

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <vector>

#include "core/procedure/procedure.h"

namespace anagraph::app {

class DetailsDialog : public QDialog {
    Q_OBJECT
public:
    DetailsDialog(const core::Procedure& procedure, const core::Figure& figure, QWidget* parent);
    /// The figure with what was chosen; only after the dialog was accepted.
    const core::Figure& figure() const { return figure_; }

protected:
    void accept() override;

private:
    core::LevelRule level() const;

    core::Figure figure_;
    QComboBox* item_;
    QLineEdit* purpose_;
    std::vector<QCheckBox*> variants_;
    QLineEdit* condition_;
    QLineEdit* replaces_ = nullptr;
    QComboBox* temperature_ = nullptr;
    QComboBox* engine_ = nullptr;
    QLineEdit* minutes_ = nullptr;
    QComboBox* gauge_ = nullptr;
    QLabel* level_words_ = nullptr;
    QLabel* trouble_;
};

}  // namespace anagraph::app
