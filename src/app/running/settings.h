// Settings: what a person set of the program itself: $XDG_CONFIG_HOME/anagraph/anagraph.conf.
#pragma once

#include <QSettings>

namespace anagraph::app {

class Settings : public QSettings {
public:
    Settings() : QSettings(QStringLiteral("anagraph"), QStringLiteral("anagraph")) {}
};

}  // namespace anagraph::app
