// CommandRow: the commands a station shows for the thing in hand, as one quiet row that wraps where the place is narrow.
#pragma once

#include <QPushButton>
#include <vector>

#include "app/command/commands.h"

namespace anagraph::app {

/// A command as a button: its words, and its key beside them in small letters. The way on is filled with the accent.
class CommandButton : public QPushButton {
    Q_OBJECT
public:
    CommandButton(Commands& commands, const Command& command, QWidget* parent);
    const Command& command() const { return command_; }
    /// Words, help and way on as they are now.
    void follow();
    void show_way_on(bool way_on);
    bool way_on() const { return way_on_; }
    /// For gloved fingers and two metres.
    void set_large();
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    Commands& commands_;
    const Command& command_;
    QString key_;
    bool way_on_ = false;
    bool large_ = false;
};

/// A command of a dialog as a button of its own; it is not shown while it cannot be done.
CommandButton* command_button(Commands& commands, const QString& id, QWidget* parent);
/// Several beside each other, in this order.
QLayout* command_line(Commands& commands, const QStringList& ids, QWidget* parent);

class CommandRow : public QWidget {
    Q_OBJECT
public:
    /// `large`: its buttons are for gloved fingers.
    CommandRow(Commands& commands, QWidget* parent, bool large = false);
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override { return place(width, false); }
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void follow();
    /// What has to be done before the way on is open; said where nothing else can be shown.
    QString missing() const;
    /// Where the buttons stand in `width`; moves them when asked to. Returns the height.
    int place(int width, bool move) const;

    Commands& commands_;
    bool large_;
    std::vector<CommandButton*> buttons_;
};

}  // namespace anagraph::app
