// The commands of the Figures as a table.
#include <algorithm>

#include "app/command/reasons.h"
#include "app/figures/figures_station.h"
#include "app/figures/work_out.h"
#include "app/theme/theme.h"
#include "core/figure/evidence.h"
#include "core/review/taught.h"

namespace anagraph::app {

Hand FiguresStation::in_hand() const { return figure() == nullptr ? Hand::Nothing : Hand::Figure; }

void FiguresStation::build_commands() {
    commands_ = new Commands(tr("Figures"), this, [this] { return in_hand(); });
    const auto add = [this](Command c) { commands_->add(std::move(c)); };
    // a reason asked of the figure in hand
    using Reason = std::function<QString(const core::Figure&)>;
    const auto of_figure = [this](const Reason& reason) {
        return [this, reason] {
            const auto* f = figure();
            return f == nullptr ? tr("No figure is in hand.") : reason(*f);
        };
    };
    const auto any = of_figure([](const core::Figure&) { return QString(); });
    const auto standing = [this](const core::Figure& f) { return core::standing_of(session_.procedure(), f); };
    const auto is = [this, standing](core::Standing wanted) {
        return [this, standing, wanted] { return figure() != nullptr && standing(*figure()) == wanted; };
    };
    const auto disputed = [standing](const core::Figure& f) { return standing(f) == core::Standing::Disputed && !f.proofs.empty(); };
    const std::vector<Hand> one{Hand::Figure};

    const QString evidence = tr("Evidence");
    add({"figures.resolve", tr("Resolve difference"), Qt::Key_D, tr("The value holds, with a reason that is printed with the guide."),
        evidence, one, [this] { settle(); }, of_figure([disputed](const core::Figure& f) {
            return unless(!f.settled.empty() || disputed(f), tr("Its sources do not differ; there is nothing to resolve."));
        }),
        {tr("settle"), tr("dispute")}, true, is(core::Standing::Disputed),
        [this] { return figure() != nullptr && !figure()->settled.empty() ? tr("Reopen difference") : tr("Resolve difference"); }});
    add({"figures.add-source", tr("Add source"), Qt::Key_B, tr("A page, a label or a measurement that gives the figure."), evidence, one,
        [this] { add_source(); }, any, {tr("proof"), tr("book"), tr("measurement"), tr("manual")}, true, is(core::Standing::Open)});
    add({"figures.hear", tr("Play claim"), Qt::Key_Space, tr("Plays the moment where the figure is said."), evidence, one,
        [this] { film_->playing() ? film_->pause() : hear(claim_); },
        of_figure([](const core::Figure& f) { return unless(!f.claims.empty(), tr("The figure is not said in any recording.")); }), {},
        true, {}, [this] { return film_->playing() ? tr("Pause") : tr("Play claim"); }});
    add({"figures.next-claim", tr("Play next claim"), Qt::Key_C, tr("Plays the next moment where the figure is said."), evidence, one,
        [this] { hear_next(); },
        of_figure([](const core::Figure& f) { return unless(f.claims.size() > 1, tr("The figure is not said a second time.")); }), {},
        true});
    add({"figures.page", tr("Show page"), Qt::Key_V, tr("Shows the page of the book on which the figure stands."), evidence, one,
        [this] { see_page(0); }, of_figure([this](const core::Figure& f) {
            return unless(
                std::any_of(f.proofs.begin(), f.proofs.end(), [this](const core::Proof& proof) { return session_.has_page(proof); }),
                tr("None of its sources has a page here."));
        }),
        {tr("manual"), tr("pdf")}, true});
    add({"figures.house-rule", tr("Follow house rule"), Qt::Key_R, tr("Takes the value of the source that comes first in this house."),
        evidence, one, [this] { take_rule(); }, of_figure([this, standing](const core::Figure& f) {
            const auto house = session_.library().house();
            if (!house) return theme::text(house.error().message);
            if (core::ruling(session_.procedure(), f, *house)) return QString();
            return f.proofs.empty() ? tr("Speech alone proves nothing, so the house rule has nothing to go by.")
                : standing(f) == core::Standing::Proved
                ? tr("All sources agree; there is nothing to resolve.")
                : tr("Two sources of the same rank differ: find out which holds, and resolve it with the reason.");
        }),
        {tr("precedence")}, true});
    add({"figures.measured", tr("Take measured value"), Qt::SHIFT | Qt::Key_R,
        tr("What a run at the machine read with an instrument becomes a source of the figure."), evidence, one, [this] { take_measured(); },
        of_figure([this](const core::Figure& f) {
            const auto all = core::measured(session_.procedure(), session_.came_back().runs);
            return unless(std::any_of(all.begin(), all.end(), [&](const core::Measured& m) { return m.figure == f.id; }),
                tr("No run read it with an instrument."));
        }),
        {tr("measurement"), tr("bench"), tr("run")}});
    add({"figures.not-found", tr("Note as not found"), Qt::Key_X, tr("Where it was looked for without finding it; printed with the guide."),
        evidence, one, [this] { not_found(); },
        of_figure([](const core::Figure& f) { return unless(f.proofs.empty(), tr("The figure has a source; it was found.")); }),
        {tr("unknown")}, true});
    add({"figures.withdraw", tr("Remove source"), Qt::SHIFT | Qt::Key_B, tr("A source no longer counts for the figure."), evidence, one,
        [this] { remove_source(); },
        of_figure([](const core::Figure& f) { return unless(!f.proofs.empty(), tr("The figure has no source.")); }), {tr("remove proof")}});

    const QString self = tr("The figure");
    add({"figures.work-out", tr("Work it out"), Qt::Key_W,
        tr("A torque for the wrench, an amount as a filling plan, a strength as a mixture, bolts as their order, an interval as its next "
           "day."),
        self, one, [this] { work_out(); }, of_figure([this](const core::Figure& f) {
            return unless(WorkOut::serves(session_.procedure(), f), tr("There is nothing to work out for this kind of figure."));
        }),
        {tr("torque wrench setting"), tr("calculate"), tr("filling plan"), tr("mixture"), tr("tightening sequence"), tr("next service due"),
            tr("angle")},
        true});
    add({"figures.applies-to", tr("Say what it applies to"), Qt::Key_E,
        tr("Variants, condition, what it replaces, and how a level is read."), self, one, [this] { set_details(); }, any,
        {tr("details"), tr("level"), tr("superseded")}, true});
    add({"figures.new", tr("New figure"), Qt::Key_N, tr("A figure entered by hand."), self, {}, [this] { add_figure(); },
        [this] { return no_guide(session_); }, {tr("torque"), tr("capacity")}, true, [this] { return figure() == nullptr; }});
    add({"figures.join", tr("Merge with another"), Qt::Key_J,
        tr("Two figures that are the same become one, with the claims and sources of both."), self, one, [this] { join(); },
        of_figure([this](const core::Figure& f) {
            const auto& all = session_.procedure().figures;
            return unless(
                std::any_of(all.begin(), all.end(), [&](const core::Figure& other) { return other.id != f.id && other.kind == f.kind; }),
                tr("There is no other figure of this kind."));
        }),
        {}});
    add({"figures.part", tr("Split claim off"), Qt::Key_P, tr("The claim in hand becomes a figure of its own."), self, one,
        [this] { part(); }, of_figure([](const core::Figure& f) {
            return unless(f.claims.size() + f.proofs.size() > 1 && !f.claims.empty(), tr("It rests on one claim or source only."));
        }),
        {}});
    add({"figures.remove", tr("Remove figure"), Qt::Key_Delete, tr("Where no step uses it."), self, one, [this] { remove_figure(); }, any,
        {}});

    const QString view = tr("View");
    add({"figures.next", tr("Next figure"), Qt::Key_Down, tr("The one below."), view, {}, [this] { move_choice(1); }});
    add({"figures.before", tr("Figure before"), Qt::Key_Up, tr("The one above."), view, {}, [this] { move_choice(-1); }});
    add({"figures.only-open", tr("Show open figures only"), Qt::Key_O, tr("What is not proved yet, or every figure again."), view, {},
        [this] { by_standing_->setCurrentIndex(by_standing_->currentIndex() == 0 ? 1 : 0); }, {}, {tr("filter")}, false, {},
        [this] { return by_standing_->currentIndex() == 0 ? tr("Show open figures only") : tr("Show every standing"); }});
    add({"figures.show-all", tr("Show every figure"), Qt::Key_Escape, tr("Nothing is filtered any longer."), view, {},
        [this] { show_all(); },
        [this] {
            return by_standing_->currentIndex() + by_step_->currentIndex() + by_item_->currentIndex() > 0 ? QString()
                                                                                                          : tr("Every figure is shown.");
        },
        {tr("filter")}});
    add({"figures.both-units", tr("Show both unit systems"), Qt::Key_U, tr("Metric and inch beside each other, or as the value was given."),
        view, {}, [this] { list_->show_both_units(!list_->both_units()); }, {}, {tr("convert"), tr("imperial"), tr("metric")}, false, {},
        [this] { return list_->both_units() ? tr("Show values as given") : tr("Show both unit systems"); }});
    add({"figures.house", tr("House settings"), Qt::Key_H,
        tr("Which source comes first here, the packs in the store, methods, and the editor's rules."), tr("House"), {},
        [this] { edit_house(); }, {},
        {tr("preferences"), tr("wrench settings"), tr("torque wrench"), tr("store"), tr("precedence"), tr("methods")}});
    connect(commands_, &Commands::refused, &session_, &Session::tell);
}

}  // namespace anagraph::app
