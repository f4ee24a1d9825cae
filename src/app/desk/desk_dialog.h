// DeskDialog: the desk opened and closed, its address as a code for tablets, who reads what, and the code that pairs a tablet. The desk
// stays open when the dialog is closed.
#pragma once

#include <QDialog>
#include <QLabel>
#include <QListWidget>
#include <QSpinBox>
#include <QTimer>
#include <memory>

#include "app/command/commands.h"
#include "app/session/session.h"
#include "shop/desk/desk.h"

namespace anagraph::app {

class DeskDialog : public QDialog {
    Q_OBJECT
public:
    /// `desk`: whoever keeps it open; null while it is closed.
    DeskDialog(Session& session, std::unique_ptr<shop::Desk>& desk, QWidget* parent);
    Commands& commands() { return *commands_; }
    QSpinBox& port() { return *port_; }
    QString told() const { return told_->text(); }

private:
    void build_commands();
    void refresh();
    void open_desk();
    void print_address();
    QString printed() const;

    Session& session_;
    std::unique_ptr<shop::Desk>& desk_;
    Commands* commands_ = nullptr;
    QLabel* told_ = nullptr;
    QLabel* address_ = nullptr;
    QLabel* code_ = nullptr;  // the address as a picture
    QLabel* pairing_ = nullptr;
    QLabel* printed_ = nullptr;
    QListWidget* readers_ = nullptr;
    QSpinBox* port_ = nullptr;
    QTimer again_;
};

}  // namespace anagraph::app
