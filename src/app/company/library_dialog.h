// LibraryDialog: this library: where it lives, what of its films is on this computer, which guides go along where its server is not, and
// its move elsewhere. Shows what fits the library in hand.
#pragma once

#include <QCheckBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QSpinBox>

#include "app/command/commands.h"
#include "app/company/taking_along.h"
#include "app/session/session.h"

class QVBoxLayout;

namespace anagraph::app {

class LibraryDialog : public QDialog {
    Q_OBJECT
public:
    LibraryDialog(Session& session, TakingAlong& along, QWidget* parent);
    /// Where it is to be moved; empty: nowhere.
    const QString& move_to() const { return move_to_; }

private:
    void build_commands();
    void add_films(QVBoxLayout* down);
    void add_along(QVBoxLayout* down);
    void add_move(QVBoxLayout* down);
    void say_taken();
    void take();
    void choose_folder();
    void move();

    Session& session_;
    TakingAlong& along_;
    Commands* commands_;
    QSpinBox* most_ = nullptr;
    QListWidget* guides_ = nullptr;
    QCheckBox* films_ = nullptr;
    QLabel* taken_ = nullptr;
    QLineEdit* to_ = nullptr;
    QLabel* trouble_;
    QString move_to_;
};

}  // namespace anagraph::app
