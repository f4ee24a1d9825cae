// Told to close from outside: the desktop ends the session, or somebody the program. It then closes as it does by hand: what is being
// typed is kept.
#pragma once

#include <QObject>

namespace anagraph::app {

class ToldToClose : public QObject {
    Q_OBJECT
public:
    /// One of a program.
    explicit ToldToClose(QObject* parent);
    /// Whether it was; what is asked before the window's own loop ends too.
    bool was() const { return was_; }

private:
    bool was_ = false;
};

}  // namespace anagraph::app
