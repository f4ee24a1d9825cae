// Finder: one line to type in that finds every command, and the steps, items, figures, guides and spoken lines of the library.
#pragma once

#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <functional>
#include <vector>

#include "app/window/said_search.h"
#include "core/find/word_match.h"

namespace anagraph::app {

/// One thing that can be found.
struct FinderEntry {
    QString kind;    // "Tape", "Step", "Figure": where it belongs
    QString words;   // what it is called
    QString beside;  // one sentence, or why it cannot be done just now
    QString key;
    QStringList also;
    bool possible = true;
    int uses = 0;  // the most used first, where two fit equally
    std::function<void()> go;
};

class Finder : public QDialog {
    Q_OBJECT
public:
    static constexpr std::size_t kMostEntries = 200;
    static constexpr int kMostLines = 60;

    /// `library`: its folder, in which spoken lines are looked for; `show_line` shows one.
    Finder(std::vector<FinderEntry> entries, const std::string& library, std::function<void(const store::SaidLine&)> show_line,
        QWidget* parent);
    QLineEdit& line() { return *line_; }
    QListWidget& list() { return *list_; }
    /// What the chosen entry does; empty while none is chosen. Done by who opened the finder, once it is closed.
    std::function<void()> chosen() const;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void look();
    void show_lines(const std::vector<store::SaidLine>& lines);
    void add(const FinderEntry& entry);
    void accept() override;

    std::vector<FinderEntry> entries_;
    std::vector<core::Findable> findable_;  // of each entry
    std::vector<FinderEntry> shown_;
    std::function<void(const store::SaidLine&)> show_line_;
    SaidSearch search_;
    bool looking_ = false;
    bool go_there_ = false;  // Enter was pressed before the lines were there
    QLineEdit* line_;
    QListWidget* list_;
    QLabel* count_;
};

}  // namespace anagraph::app
