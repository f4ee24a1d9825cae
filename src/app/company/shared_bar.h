// SharedBar: what is not in the library yet, and why: its server is away, or a change of ours met another's. Not there while there is
// nothing to say.
#pragma once

#include <QFrame>
#include <QLabel>

#include "app/command/commands.h"
#include "app/session/session.h"

namespace anagraph::app {

class SharedBar : public QFrame {
    Q_OBJECT
public:
    /// `window`: has the command that decides, "window.decide".
    SharedBar(Session& session, Commands& window, QWidget* parent);
    QString words() const { return isVisible() ? words_->text() : QString(); }

private:
    void refresh();

    Session& session_;
    QLabel* words_;
};

/// Who else has the library open, for the head of the window: "trainer in step 4, checker elsewhere".
QString others_in_words(const Session& session);

}  // namespace anagraph::app
