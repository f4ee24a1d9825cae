// KeysDialog: which key each command has. What would share a key is shown before it is so; the two can swap.
#pragma once

#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTreeWidget>

#include "app/command/own_keys.h"

namespace anagraph::app {

/// Takes the one key that is pressed in it; Tab and Escape go on to the dialog.
class KeyField : public QLineEdit {
    Q_OBJECT
public:
    explicit KeyField(QWidget* parent);

signals:
    void pressed(const QKeySequence& key);

protected:
    bool event(QEvent* event) override;
};

class KeysDialog : public QDialog {
    Q_OBJECT
public:
    KeysDialog(const std::vector<Commands*>& stations, QWidget* parent);
    /// As chosen here; not kept by the dialog.
    const OwnKeys& keys() const { return keys_; }

    QTreeWidget& list() { return *list_; }
    KeyField& key() { return *key_; }

protected:
    /// Enter in the list takes its command in hand and does not end the dialog.
    void keyPressEvent(QKeyEvent* event) override;

private:
    void fill();
    void seek(const QString& words);
    void show_chosen();
    void press(const QKeySequence& key);
    /// After a change: rows as they are now, nothing left to say.
    void changed();
    const Command* chosen() const;

    OwnKeys keys_;
    QLineEdit* sought_;
    QTreeWidget* list_;
    KeyField* key_;
    QLabel* trouble_;
    QPushButton* swap_;
    QPushButton* usual_;
    QPushButton* all_usual_;
    QKeySequence pressed_;  // what could not be had as it is
};

}  // namespace anagraph::app
