// A command of the program as one value. Buttons, menus, keys, tooltips, the finder and the help are all made from these values;
// what a command is called, its key and when it can be done stands nowhere else.
#pragma once

#include <QKeySequence>
#include <QString>
#include <QStringList>
#include <functional>
#include <vector>

namespace anagraph::app {

/// What the person has in hand at a station. It decides which commands are shown.
enum class Hand {
    Nothing,
    Recording,
    Bracket,  // a step that is opened and not closed yet
    Line,
    Step,
    Draft,  // a step that was drafted and not confirmed yet
    Figure,
    Caution,
    Check,
    Plate,
    Callout,
    Mark,
    Fasteners,  // are being placed
    Guide,
    Finding,   // of the dry run
    Answered,  // a finding that is kept as it is
    WorkedOut,
    Suggestion,
    Place,    // of a guide in review
    Edition,  // that was issued
    Learner,
    Machine,
    Entry,   // of the logbook
    Job,     // an edition to work by at the bench
    Run,     // that was begun and waits to go on
    Kit,     // is laid out before the work
    AtWork,  // a step at the machine
    Paused,  // a run
    RunDone  // and to be assessed and signed
};

struct Command {
    /// Names it for tests and settings; never shown: "tape.close-step".
    QString id;
    /// An order in the trade's words: "Close step".
    QString words;
    QKeySequence key;
    /// One sentence: what happens.
    QString help;
    /// The heading it stands under in menus and in the help.
    QString group;
    /// What has to be in hand for it to be shown; empty: whatever is in hand.
    std::vector<Hand> fits;
    std::function<void()> run;
    /// Why it cannot be done just now, as a sentence; an empty one where it can. Not set: it always can.
    std::function<QString()> cannot{};
    /// Other words under which people may look for it.
    QStringList also{};
    /// Shown in the row of the station; the others stand in the context menu and the finder.
    bool shown = false;
    /// Is it the next sensible thing just now? Then it is shown first, in the accent. Not set: never.
    std::function<bool()> way_on{};
    /// What it is called at this moment, where that changes: "Pause" for "Play".
    std::function<QString()> words_now{};
    /// What happens at this moment, where that changes: what is undone. Not set: `help`.
    std::function<QString()> help_now{};
    /// Done when it is called for, before it is judged whether it can be done: what is just being typed counts then.
    std::function<void()> before{};
    /// The key it comes with; `key` is another where the person wants it so. Set when it is added.
    QKeySequence usual_key{};
};

/// A key as it stands on the keyboard: "Ctrl+Enter".
QString key_words(const QKeySequence& key);

/// For a command that is the next sensible thing wherever it can be done.
inline bool always() { return true; }

}  // namespace anagraph::app
