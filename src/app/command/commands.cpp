#include "app/command/commands.h"

#include <QContextMenuEvent>
#include <QCoreApplication>
#include <QMenu>
#include <QShortcut>
#include <algorithm>

#include "app/command/own_keys.h"
#include "app/theme/controls.h"

namespace anagraph::app {

QString key_words(const QKeySequence& key) {
    QString out = key.toString(QKeySequence::NativeText);
    const auto printed = [&](const char* technical, const QString& words) { out.replace(QLatin1String(technical), words); };
    printed("Return", QCoreApplication::translate("Keys", "Enter"));
    printed("PgDown", QCoreApplication::translate("Keys", "Page Down"));
    printed("PgUp", QCoreApplication::translate("Keys", "Page Up"));
    return out;
}

Commands::Commands(const QString& station, QWidget* scope, std::function<Hand()> in_hand)
    : QObject(scope), station_(station), scope_(scope), in_hand_(std::move(in_hand)) {
    scope_->installEventFilter(this);
}

void Commands::add(Command command) {
    command.usual_key = command.key;
    command.key = key_in_force(command.id, command.usual_key);
    all_.push_back(std::make_unique<const Command>(std::move(command)));
    const Command* c = all_.back().get();
    if (c->key.isEmpty()) return;
    auto* shortcut = new QShortcut(c->key, scope_);
    shortcut->setContext(scope_->isWindow() ? Qt::WindowShortcut : Qt::WidgetWithChildrenShortcut);
    connect(shortcut, &QShortcut::activated, this, [this, c] { perform(*c); });
    keys_[c] = shortcut;
}

const Command* Commands::find(const QString& id) const {
    const auto it = std::find_if(all_.begin(), all_.end(), [&](const auto& c) { return c->id == id; });
    return it == all_.end() ? nullptr : it->get();
}

bool Commands::fits(const Command& c, Hand hand) { return c.fits.empty() || std::find(c.fits.begin(), c.fits.end(), hand) != c.fits.end(); }

QString Commands::cannot(const Command& c) const { return c.cannot ? c.cannot() : QString(); }

std::vector<const Command*> Commands::possible(bool shown_only) const {
    const Hand hand = in_hand();
    std::vector<const Command*> out;
    for (const auto& c : all_)
        if ((c->shown || !shown_only) && fits(*c, hand) && cannot(*c).isEmpty()) out.push_back(c.get());
    return out;
}

std::vector<const Command*> Commands::row() const {
    auto out = possible(true);
    const auto on = std::find_if(out.begin(), out.end(), [](const Command* c) { return is_way_on(*c); });
    if (on != out.end()) std::rotate(out.begin(), on, on + 1);
    if (out.size() > kMostShown) out.resize(kMostShown);
    return out;
}

bool Commands::perform(const Command& c) {
    if (c.before) c.before();
    if (const QString why = cannot(c); !why.isEmpty()) {
        emit refused(why);
        return false;
    }
    c.run();
    emit performed(c);
    refresh();
    return true;
}

void Commands::refresh() {
    // Escape belongs to others while there is nothing to leave here
    for (const auto& [c, shortcut] : keys_)
        if (c->key == QKeySequence(Qt::Key_Escape)) shortcut->setEnabled(cannot(*c).isEmpty());
    emit refreshed();
}

void Commands::show_menu(const QPoint& at) {
    QMenu menu(scope_);
    menu.setToolTipsVisible(true);
    QString group;
    std::map<const QAction*, const Command*> of;
    for (const auto* c : this->menu()) {
        if (!menu.isEmpty() && c->group != group) menu.addSeparator();
        group = c->group;
        // the key stands beside it and is not the menu's own: it works without the menu
        auto* action = menu.addAction(c->key.isEmpty() ? words(*c) : words(*c) + QLatin1Char('\t') + key_words(c->key));
        action->setToolTip(c->help);
        of[action] = c;
    }
    if (of.empty()) return;
    if (const auto* chosen = chosen_from(menu, at)) perform(*of.at(chosen));
}

bool Commands::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::ContextMenu) return QObject::eventFilter(watched, event);
    show_menu(static_cast<QContextMenuEvent*>(event)->globalPos());
    return true;
}

}  // namespace anagraph::app
