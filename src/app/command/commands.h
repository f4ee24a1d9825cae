// Commands: those of one station. Its keys work here, its row and its context menu are made from it, and the finder and the help
// read it. A command that cannot be done is not offered; its key says why.
#pragma once

#include <QObject>
#include <QPoint>
#include <QWidget>
#include <map>
#include <memory>

#include "app/command/command.h"

class QShortcut;

namespace anagraph::app {

class Commands : public QObject {
    Q_OBJECT
public:
    static constexpr std::size_t kMostShown = 8;

    /// Keys work while `scope` or something in it has the focus. `in_hand`: null where a station knows one kind of thing only.
    Commands(const QString& station, QWidget* scope, std::function<Hand()> in_hand = {});

    void add(Command command);
    const QString& station() const { return station_; }
    QWidget* scope() const { return scope_; }
    const std::vector<std::unique_ptr<const Command>>& all() const { return all_; }
    const Command* find(const QString& id) const;

    Hand in_hand() const { return in_hand_ ? in_hand_() : Hand::Nothing; }
    bool fits(const Command& c) const { return fits(c, in_hand()); }
    QString cannot(const Command& c) const;
    static bool is_way_on(const Command& c) { return c.way_on && c.way_on(); }
    QString help(const Command& c) const { return c.help_now ? c.help_now() : c.help; }
    QString words(const Command& c) const { return c.words_now ? c.words_now() : c.words; }
    /// What is shown of what fits the thing in hand and can be done, the way on first; at most kMostShown.
    std::vector<const Command*> row() const;
    /// Everything that fits the thing in hand and can be done, in the order of the table.
    std::vector<const Command*> menu() const { return possible(false); }

    /// Does it, or says why it cannot be done. True where it was done.
    bool perform(const Command& c);
    /// Something may fit or be possible now that was not, or the other way round.
    void refresh();
    void show_menu(const QPoint& at);

signals:
    void refreshed();
    void refused(const QString& sentence);
    void performed(const anagraph::app::Command& command);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    static bool fits(const Command& c, Hand hand);
    std::vector<const Command*> possible(bool shown_only) const;

    QString station_;
    QWidget* scope_;
    std::function<Hand()> in_hand_;
    std::vector<std::unique_ptr<const Command>> all_;
    std::map<const Command*, QShortcut*> keys_;
};

}  // namespace anagraph::app
