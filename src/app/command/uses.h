// How often each command was used, so that the finder shows the most used first. Kept with the person's settings: read once, and
// written when the window goes, so that a key pressed costs nothing.
#pragma once

#include <QString>
#include <map>

#include "app/running/settings.h"

namespace anagraph::app {

class Uses {
public:
    Uses() {
        settings_.beginGroup(QStringLiteral("uses"));
        for (const auto& command : settings_.childKeys()) counts_[command] = settings_.value(command).toInt();
    }
    ~Uses() {
        for (const auto& [command, count] : counts_) settings_.setValue(command, count);
    }
    Uses(const Uses&) = delete;
    Uses& operator=(const Uses&) = delete;

    int of(const QString& command) const {
        const auto it = counts_.find(command);
        return it == counts_.end() ? 0 : it->second;
    }
    void count(const QString& command) { ++counts_[command]; }

private:
    Settings settings_;
    std::map<QString, int> counts_;
};

}  // namespace anagraph::app
