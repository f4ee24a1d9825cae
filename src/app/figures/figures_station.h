// The Figures: each figure with its claims and sources against a number line, and the evidence of the chosen one.
#pragma once

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QScrollArea>
#include <QWidget>

#include "app/command/command_row.h"
#include "app/figures/figure_list.h"
#include "app/figures/page_reader.h"
#include "app/figures/source_chips.h"
#include "app/film/film_view.h"

namespace anagraph::app {

class FiguresStation : public QWidget {
    Q_OBJECT
public:
    explicit FiguresStation(Session& session, QWidget* parent = nullptr);
    void next_open();
    /// By value: what it is chosen from may be made anew meanwhile.
    void choose(core::FigureId id);
    FilmView& film() { return *film_; }
    Commands& commands() { return *commands_; }
    Hand in_hand() const;
    const core::FigureId& chosen() const { return list_->chosen(); }

protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override { (void)event, film_->pause(); }

private:
    void build_commands();
    QWidget* build_filter();
    void build_evidence(QWidget* parent);
    void follow_guide();
    void filter();
    void show_all();
    void refresh();
    void move_choice(int by);
    void hear(std::size_t claim);
    void hear_next();
    void set_value();
    /// Asks for a source; begins with one of the guide's, or with a file, where one is given.
    void add_source(const core::SourceId& source = {}, const QString& file = {});
    void remove_source();
    void see_page(std::size_t from);
    void set_details();
    void edit_house();
    void settle();
    void work_out();
    void take_rule();
    void take_measured();
    void not_found();
    void join();
    void part();
    void add_figure();
    void remove_figure();
    bool put(core::Figure figure, const char* label);
    const core::Figure* figure() const { return session_.procedure().find(list_->chosen()); }

    Session& session_;
    void show_strip();

    Commands* commands_ = nullptr;
    PageReader* pages_ = nullptr;
    PageReader* strip_pages_ = nullptr;  // for the eye alone, so that what is read for a source is not thrown away
    QLabel* strip_ = nullptr;            // the printed line a source gives the figure in
    std::optional<core::PageSpot> strip_spot_;
    QComboBox* by_standing_ = nullptr;
    QComboBox* by_step_ = nullptr;
    QComboBox* by_item_ = nullptr;
    QLabel* counted_ = nullptr;
    SourceChips* chips_ = nullptr;
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
    std::size_t claim_ = 0;
};

}  // namespace anagraph::app
