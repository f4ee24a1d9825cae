// OwnKeys: the keys of the commands as a person wants them. Only what differs from the usual key is kept in the settings, under the
// command's id.
#pragma once

#include <QKeySequence>
#include <QString>
#include <map>
#include <vector>

#include "app/command/command.h"

namespace anagraph::app {

class Commands;

/// The key a command has: the person's own, or the usual one.
QKeySequence key_in_force(const QString& id, const QKeySequence& usual);

/// A choice of keys that is being made; nothing of it counts before it is kept.
class OwnKeys {
public:
    struct Holder {
        const Commands* station;
        const Command* command;
    };

    /// Of every station, those of the window last: their keys work at each of the others too.
    explicit OwnKeys(std::vector<Commands*> stations);

    const std::vector<Commands*>& stations() const { return stations_; }
    QKeySequence key_of(const Command& command) const { return keys_.at(&command); }
    /// Why a command can never have that key, as a sentence; empty where it can.
    QString why_not(const Command& command, const QKeySequence& key) const;
    /// Which other commands have it where this one works.
    std::vector<Holder> holders(const Command& command, const QKeySequence& key) const;

    /// False, and nothing changes, where it cannot have it or another has it.
    bool set(const Command& command, const QKeySequence& key);
    /// The command gets the key of the one that holds it, and that one gets its key. False, and nothing changes, where several hold it or
    /// one of the two cannot have what the other had.
    bool swap(const Command& command, const QKeySequence& key);
    void set_all_usual();
    bool differs() const;
    /// Into the settings; a window that is made from here on has them.
    void keep() const;

private:
    const Commands& station_of(const Command& command) const;

    std::vector<Commands*> stations_;
    std::map<const Command*, QKeySequence> keys_;
    std::map<const Command*, const Commands*> of_;
};

}  // namespace anagraph::app
