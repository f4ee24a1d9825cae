#include "app/command/own_keys.h"

#include <QCoreApplication>
#include <algorithm>

#include "app/command/commands.h"
#include "app/running/settings.h"

namespace anagraph::app {

namespace {

struct OwnKeysWords {
    Q_DECLARE_TR_FUNCTIONS(OwnKeysWords)
};

QString entry(const QString& id) { return QStringLiteral("keys/") + id; }

/// A key that writes a character where something is typed.
bool is_typed(const QKeySequence& key) {
    const auto modifiers = key[0].keyboardModifiers();
    return (modifiers & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier)) == 0 && key[0].key() < Qt::Key_Escape;
}

/// A key by which one walks in a list, a field or from place to place.
bool is_for_walking(const QKeySequence& key) {
    const auto modifiers = key[0].keyboardModifiers();
    switch (key[0].key()) {
        case Qt::Key_Tab:
        case Qt::Key_Backtab:
            return true;
        case Qt::Key_Up:
        case Qt::Key_Down:
        case Qt::Key_Left:
        case Qt::Key_Right:
        case Qt::Key_Home:
        case Qt::Key_End:
            return modifiers == Qt::NoModifier;
        default:
            return false;
    }
}

/// Where no command has a character for its usual key people type, or lists are searched by typing.
bool has_typing(const Commands& station) {
    return std::none_of(station.all().begin(), station.all().end(), [](const auto& c) { return is_typed(c->usual_key); });
}

}  // namespace

QKeySequence key_in_force(const QString& id, const QKeySequence& usual) {
    const auto own = QKeySequence::fromString(Settings().value(entry(id)).toString(), QKeySequence::PortableText);
    return own.isEmpty() ? usual : own;
}

OwnKeys::OwnKeys(std::vector<Commands*> stations) : stations_(std::move(stations)) {
    for (const auto* station : stations_)
        for (const auto& c : station->all()) {
            keys_[c.get()] = c->key;
            of_[c.get()] = station;
        }
}

const Commands& OwnKeys::station_of(const Command& command) const { return *of_.at(&command); }

QString OwnKeys::why_not(const Command& command, const QKeySequence& key) const {
    if (key.isEmpty()) return OwnKeysWords::tr("Press the key the command is to have.");
    if (key == command.usual_key) return {};
    if (is_for_walking(key)) return OwnKeysWords::tr("%1 goes from one place to the next, everywhere.").arg(key_words(key));
    if (is_typed(key) && has_typing(station_of(command)))
        return OwnKeysWords::tr("%1 is typed there. Press it with Ctrl or Alt.").arg(key_words(key));
    return {};
}

std::vector<OwnKeys::Holder> OwnKeys::holders(const Command& command, const QKeySequence& key) const {
    std::vector<Holder> out;
    for (const auto* station : stations_) {
        const bool meets = station == &station_of(command) || station == stations_.back() || &station_of(command) == stations_.back();
        for (const auto& c : station->all())
            if (meets && c.get() != &command && keys_.at(c.get()) == key) out.push_back({station, c.get()});
    }
    return out;
}

bool OwnKeys::set(const Command& command, const QKeySequence& key) {
    if (!why_not(command, key).isEmpty() || !holders(command, key).empty()) return false;
    keys_[&command] = key;
    return true;
}

bool OwnKeys::swap(const Command& command, const QKeySequence& key) {
    const auto held = holders(command, key);
    const QKeySequence given = key_of(command);
    if (held.size() != 1 || !why_not(command, key).isEmpty() || !why_not(*held[0].command, given).isEmpty()) return false;
    const auto others = holders(*held[0].command, given);
    if (std::any_of(others.begin(), others.end(), [&](const Holder& h) { return h.command != &command; })) return false;
    keys_[&command] = key;
    keys_[held[0].command] = given;
    return true;
}

void OwnKeys::set_all_usual() {
    for (auto& [command, key] : keys_) key = command->usual_key;
}

bool OwnKeys::differs() const {
    return std::any_of(keys_.begin(), keys_.end(), [](const auto& k) { return k.second != k.first->key; });
}

void OwnKeys::keep() const {
    Settings settings;
    for (const auto& [command, key] : keys_)
        if (key == command->usual_key)
            settings.remove(entry(command->id));
        else
            settings.setValue(entry(command->id), key.toString(QKeySequence::PortableText));
}

}  // namespace anagraph::app
