// Two takes of a step side by side, played together; one key chooses the better one.
#pragma once

#include <QDialog>
#include <QLabel>
#include <array>

#include "app/film/film_view.h"
#include "app/session/session.h"

namespace anagraph::app {

class TakesDialog : public QDialog {
    Q_OBJECT
public:
    /// The step must have two takes at least; the best one stands on the left.
    TakesDialog(Session& session, const core::StepId& step, QWidget* parent = nullptr);

private:
    struct Side {
        FilmView* film = nullptr;
        QLabel* label = nullptr;
        std::size_t take = 0;
    };

    void show_take(Side& side, std::size_t take);
    void other_take(int by);
    void play_both();
    void step_both(int by);
    void choose(const Side& side);

    Session& session_;
    core::StepId step_;
    std::array<Side, 2> sides_;
};

}  // namespace anagraph::app
