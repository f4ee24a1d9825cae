// HouseDialog: what the workshop keeps for all its guides: which source outranks which, the fluids in its store, and which
// rules the editor reads a guide by. Its wrenches are kept where they are used, with the torques (wrench_panel.h).
#pragma once

#include <QDialog>
#include <QLabel>
#include <QListWidget>
#include <QVBoxLayout>

#include "app/command/commands.h"
#include "core/house/house.h"

namespace anagraph::app {

class HouseDialog : public QDialog {
    Q_OBJECT
public:
    HouseDialog(core::House house, QWidget* parent);
    const core::House& house() const { return house_; }

private:
    void build_commands();
    QVBoxLayout* rank_column();
    QVBoxLayout* store_column();
    QVBoxLayout* rules_column();
    QLabel* foot_of_column(const QString& words);
    void show_house();
    void move_rank(int by);
    void edit_fluid(bool fresh);
    void remove_fluid();

    core::House house_;
    Commands* commands_ = nullptr;
    QListWidget* rank_ = nullptr;
    QLabel* methods_ = nullptr;
    QLabel* recogniser_ = nullptr;
    QLabel* rule_ = nullptr;
    QListWidget* store_ = nullptr;
    QListWidget* rules_ = nullptr;
};

}  // namespace anagraph::app
