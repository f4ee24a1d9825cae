// How often each command was used, so that the finder shows the most used first. Kept with the person's settings.
#pragma once

#include <QSettings>
#include <QString>

namespace anagraph::app {

class Uses {
public:
    int of(const QString& command) const { return settings_.value(QStringLiteral("uses/") + command, 0).toInt(); }
    void count(const QString& command) { settings_.setValue(QStringLiteral("uses/") + command, of(command) + 1); }

private:
    QSettings settings_{QStringLiteral("anagraph"), QStringLiteral("anagraph")};
};

}  // namespace anagraph::app
