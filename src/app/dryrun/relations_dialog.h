// RelationsDialog: what the dry run has to know of an item and cannot always work out: what it closes, what it lies behind, what a seal
// sits under, how much a system or a vessel holds.
#pragma once

#include <QComboBox>
#include <QDialog>
#include <QListWidget>

#include "core/edits/edit.h"

namespace anagraph::app {

class RelationsDialog : public QDialog {
    Q_OBJECT
public:
    /// `first`: the item shown first; empty: the first of the guide.
    RelationsDialog(const core::Procedure& p, const core::ItemId& first, QWidget* parent);
    /// All items that were changed, as one change; without edits where none was.
    core::Change change() const;
    void accept() override;

private:
    void build();
    void show_item();
    void keep_item();
    void fill_figures(QComboBox* box, const core::FigureId& now) const;
    core::Item* now();

    const core::Procedure& p_;
    std::vector<core::Item> items_;
    QComboBox* item_ = nullptr;
    QComboBox* fluid_ = nullptr;
    QComboBox* at_ = nullptr;
    QListWidget* behind_ = nullptr;
    QListWidget* under_ = nullptr;
    QComboBox* renew_ = nullptr;
    QComboBox* total_ = nullptr;
    QComboBox* refill_ = nullptr;
    QComboBox* holds_ = nullptr;
    class QFormLayout* form_ = nullptr;
    int shown_ = -1;
};

}  // namespace anagraph::app
