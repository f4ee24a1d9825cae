// OrdersDialog: what a line orders, put right where it was read wrongly: a verb, what it is done to, what it is done with, a figure.
#pragma once

#include <QComboBox>
#include <QDialog>
#include <QListWidget>
#include <vector>

#include "app/command/commands.h"
#include "core/procedure/procedure.h"

namespace anagraph::app {

/// "loosen drain plug, with 17 mm socket": an action as a small mark beside its line.
QString order_words(const core::Procedure& p, const core::Action& action);

class OrdersDialog : public QDialog {
    Q_OBJECT
public:
    OrdersDialog(const core::Procedure& p, const core::Step& step, std::size_t line, QWidget* parent);
    const std::vector<core::Action>& actions() const { return actions_; }

private:
    void build(const QString& line);
    void fill();
    void show_action();
    void keep_action();
    void add();
    void remove();
    void as_read();

    const core::Procedure& p_;
    std::string line_;
    std::vector<core::Action> actions_;
    Commands* commands_ = nullptr;
    QListWidget* list_ = nullptr;
    QComboBox* verb_ = nullptr;
    QListWidget* items_ = nullptr;
    QListWidget* needs_ = nullptr;
    QComboBox* figure_ = nullptr;
    int shown_ = -1;
};

}  // namespace anagraph::app
