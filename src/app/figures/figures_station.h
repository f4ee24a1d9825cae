// The Figures: each figure with its claims and sources against a number line, and the evidence of the chosen one.
#pragma once

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QScrollArea>
#include <QWidget>

#include "app/figures/figure_list.h"
#include "app/film/film_view.h"
#include "app/theme/controls.h"

namespace anagraph::app {

class FiguresStation : public QWidget {
    Q_OBJECT
public:
    explicit FiguresStation(Session& session, QWidget* parent = nullptr);
    void next_open();
    void choose(const core::FigureId& id);
    FilmView& film() { return *film_; }
    const core::FigureId& chosen() const { return list_->chosen(); }

protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override { (void)event, film_->pause(); }

private:
    void build_evidence(QWidget* parent);
    void refresh();
    void move_choice(int by);
    void hear(std::size_t claim);
    void hear_next();
    void set_value();
    void add_source();
    void settle();
    void work_out();
    void take_rule();
    void not_found();
    void join();
    void part();
    void add_figure();
    void remove_figure();
    bool put(core::Figure figure, const char* label);
    const core::Figure* figure() const { return session_.procedure().find(list_->chosen()); }

    Session& session_;
    FigureList* list_ = nullptr;
    QScrollArea* scroll_ = nullptr;
    FilmView* film_ = nullptr;
    QLabel* title_ = nullptr;
    QLabel* why_ = nullptr;
    QLabel* words_ = nullptr;
    QLabel* uses_ = nullptr;
    QLabel* proofs_ = nullptr;
    QLineEdit* value_ = nullptr;
    QLineEdit* tolerance_ = nullptr;
    KeyButton* settle_ = nullptr;
    KeyButton* hear_ = nullptr;
    KeyButton* work_ = nullptr;
    KeyButton* rule_ = nullptr;
    KeyButton* absent_ = nullptr;
    KeyButton* join_ = nullptr;
    KeyButton* part_ = nullptr;
    std::size_t claim_ = 0;
};

}  // namespace anagraph::app
