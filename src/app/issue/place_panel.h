// PlacePanel: one place of a guide as its checker looks at it: the old beside the new, a figure's change on its number line, what it
// rests on, what the dry run says, who learned the old.
#pragma once

#include <QFrame>
#include <QLabel>
#include <QScrollArea>

#include "app/issue/change_line_view.h"
#include "core/review/place_seen.h"

namespace anagraph::app {

class PlacePanel : public QScrollArea {
    Q_OBJECT
public:
    explicit PlacePanel(QWidget* parent = nullptr);
    /// `where`: "place 8 of 11, changed". `before`: number of the edition before; 0: there is none.
    void show_place(const QString& title, const QString& where, const core::PlaceSeen& seen, int before);
    /// Something else than a place: a title and sentences.
    void show_words(const QString& title, const QString& where, const QStringList& sentences);
    /// All that is shown, for those who have it read to them.
    QString told() const;

private:
    QLabel* card_label(QFrame* card, const QString& name);

    QLabel* title_;
    QLabel* where_;
    QFrame* was_card_;
    QFrame* is_card_;
    QLabel* was_title_;
    QLabel* is_title_;
    QLabel* was_;
    QLabel* is_;
    ChangeLineView* line_;
    QFrame* why_card_;
    QLabel* why_;
};

}  // namespace anagraph::app
