#include "core/dryrun/mends.h"

#include <algorithm>

#include "core/editing/line_actions.h"
#include "core/editing/usual_cautions.h"
#include "core/edits/change_label.h"
#include "core/procedure/text.h"

namespace anagraph::core::dryrun {
namespace {

using Changes = std::vector<Change>;

/// A place between actions: before that action of that step; its number of actions is the end of the step.
struct Place {
    std::size_t step = 0;
    std::size_t action = 0;
};

std::size_t place_of(const Procedure& p, const StepId& id) {
    return static_cast<std::size_t>(
        std::find_if(p.steps.begin(), p.steps.end(), [&](const Step& s) { return s.id == id; }) - p.steps.begin());
}
Place place_of(const Procedure& p, const OrderFinding& f) { return {place_of(p, f.step), f.action.value_or(0)}; }

/// The places from one on: the later ones of its step, and those of the steps after it; in a very long guide the nearest.
std::vector<Place> places_from(const Procedure& p, Place from) {
    const std::size_t most = tries_in(p);
    std::vector<Place> out;
    for (std::size_t s = from.step; s < p.steps.size(); ++s)
        for (std::size_t a = s == from.step ? from.action : 0; a <= p.steps[s].actions.size() && out.size() < most; ++a)
            out.push_back({s, a});
    return out;
}
Place after(Place place) { return {place.step, place.action + 1}; }
Place at_end(const Procedure& p) { return p.steps.empty() ? Place{} : Place{p.steps.size() - 1, p.steps.back().actions.size()}; }

bool has(const std::vector<ItemId>& list, const ItemId& id) { return std::find(list.begin(), list.end(), id) != list.end(); }
bool is(const Action& a, std::initializer_list<Verb> verbs) {
    const auto verb = verb_of(a.verb);
    return verb && std::find(verbs.begin(), verbs.end(), *verb) != verbs.end();
}
Action action(Verb verb, std::vector<ItemId> items, FigureId figure = {}, std::vector<ItemId> needs = {}) {
    return {std::string(name_of(verb)), std::move(items), std::move(figure), std::move(needs)};
}

/// The step with actions and the lines that order them, put in before one of its actions. Lines are written in English, so a guide
/// in another language is left to its author.
std::optional<Step> with_actions(const Procedure& p, Step step, std::size_t before, const std::vector<Action>& actions) {
    if (p.header.language != "en") return std::nullopt;
    const auto lines = lines_of_actions(step, p.items);
    std::size_t line = step.lines.size();
    if (before < lines.size() && lines[before]) line = *lines[before];
    // several actions of one line stay together: the new ones stand before or behind them all
    while (before > 0 && before < lines.size() && lines[before] && lines[before - 1] == lines[before]) --before;
    for (std::size_t i = 0; i < actions.size(); ++i) {
        const std::string words = line_for(p, actions[i]);
        step.lines.insert(step.lines.begin() + static_cast<std::ptrdiff_t>(line + i), words);
        step.actions.insert(step.actions.begin() + static_cast<std::ptrdiff_t>(before + i), actions[i]);
        if (const auto read = actions_of_line(words, p.items); read != std::vector{actions[i]})
            step.put_right.push_back({words, {actions[i]}});
    }
    return step;
}

/// The step without an action and the line that orders it; nothing where that line orders more.
std::optional<Step> without_action(const Procedure& p, Step step, std::size_t action) {
    const auto lines = lines_of_actions(step, p.items);
    if (action >= step.actions.size()) return std::nullopt;
    if (lines[action]) {
        if (std::count(lines.begin(), lines.end(), lines[action]) > 1) return std::nullopt;
        step.lines.erase(step.lines.begin() + static_cast<std::ptrdiff_t>(*lines[action]));
    }
    step.actions.erase(step.actions.begin() + static_cast<std::ptrdiff_t>(action));
    return step;
}

Edit put(Step step) { return Put<Step>{std::move(step), std::nullopt}; }

void insert(Changes& out, const Procedure& p, Place at, const std::vector<Action>& actions, const char* label) {
    if (at.step >= p.steps.size()) return;
    if (auto step = with_actions(p, p.steps[at.step], at.action, actions)) out.push_back({label, {put(std::move(*step))}});
}

void move(Changes& out, const Procedure& p, Place from, Place to, const char* label) {
    const Action a = p.steps[from.step].actions[from.action];
    auto taken = without_action(p, p.steps[from.step], from.action);
    if (!taken) return;
    if (from.step == to.step) {
        const std::size_t at = to.action > from.action ? to.action - 1 : to.action;
        if (auto step = with_actions(p, std::move(*taken), at, {a})) out.push_back({label, {put(std::move(*step))}});
        return;
    }
    // a step that did nothing else is not left empty
    if (taken->actions.empty() && taken->lines.empty()) return;
    if (auto step = with_actions(p, p.steps[to.step], to.action, {a}))
        out.push_back({label, {put(std::move(*taken)), put(std::move(*step))}});
}

/// The figure that says how tight.
FigureId tightness_of(const Procedure& p, const ItemId& item) {
    for (const auto kind : {FigureKind::Torque, FigureKind::Turn})
        for (const auto& f : p.figures)
            if (f.item == item && f.kind == kind) return f.id;
    return {};
}

/// What ends an opening: the counterpart of how it was opened.
Verb counterpart(const Action& opened) {
    switch (verb_of(opened.verb).value_or(Verb::Remove)) {
        case Verb::Open:
            return Verb::Close;
        case Verb::Disconnect:
            return Verb::Connect;
        case Verb::Cut:
            return Verb::Replace;
        default:
            return Verb::Fit;
    }
}

/// The places from one on at which an action on one of the items is done with one of the verbs.
std::vector<Place> done_later(const Procedure& p, Place from, const ItemId& item, std::initializer_list<Verb> verbs) {
    std::vector<Place> out;
    for (const auto& at : places_from(p, from))
        if (at.action < p.steps[at.step].actions.size()) {
            const auto& a = p.steps[at.step].actions[at.action];
            if (is(a, verbs) && has(a.items, item)) out.push_back(at);
        }
    return out;
}

/// The action put off to each place after the next one.
Changes later(const Procedure& p, const OrderFinding& f, const char* label) {
    Changes out;
    const Place at = place_of(p, f);
    for (const auto& to : places_from(p, {at.step, at.action + 2})) move(out, p, at, to, label);
    return out;
}

const Item* item_of_kind(const Procedure& p, const OrderFinding& f, ItemKind kind) {
    for (const auto& id : f.items)
        if (const Item* item = p.find(id); item != nullptr && item->kind == kind) return item;
    return nullptr;
}

}  // namespace

std::size_t tries_in(const Procedure& p) {
    constexpr std::size_t kActionsWalked = 60000;
    std::size_t actions = 1;
    for (const auto& s : p.steps) actions += s.actions.size();
    return std::max<std::size_t>(10, kActionsWalked / actions);
}

Changes open_it_before(const Procedure& p, const OrderFinding& f) {
    Changes out;
    const Place at = place_of(p, f);
    for (const auto& later : done_later(p, at, f.items.front(), {Verb::Open, Verb::Remove, Verb::Loosen}))
        move(out, p, later, at, change_label("open the filling place first"));
    insert(out, p, at, {action(Verb::Open, {f.items.front()})}, change_label("open the filling place first"));
    return out;
}

Changes fill_later(const Procedure& p, const OrderFinding& f) { return later(p, f, change_label("fill it once it is closed")); }

Changes put_it_back(const Procedure& p, const OrderFinding& f) {
    Changes out;
    const ItemId& item = f.items.front();
    const Place off = place_of(p, f);
    if (off.action >= p.steps[off.step].actions.size()) return out;
    const auto back = action(counterpart(p.steps[off.step].actions[off.action]), {item});
    constexpr const char* kLabel = change_label("put it back on");
    const auto tightened = done_later(p, after(off), item, {Verb::Tighten});
    if (!tightened.empty()) insert(out, p, tightened.front(), {back}, kLabel);
    std::vector<Action> with_tightening{back};
    const Item* thing = p.find(item);
    const auto figure = tightness_of(p, item);
    if (tightened.empty() && thing != nullptr && (!figure.empty() || thing->kind == ItemKind::Fastener))
        with_tightening.push_back(action(Verb::Tighten, {item}, figure));
    // before it is filled, before it is run, and then wherever it can be done
    std::vector<Place> places;
    const auto later = places_from(p, after(off));
    for (const auto verb : {Verb::Fill, Verb::Release, Verb::Run})
        for (const auto& at : later)
            if (at.action < p.steps[at.step].actions.size() && is(p.steps[at.step].actions[at.action], {verb})) {
                places.push_back(at);
                break;
            }
    places.insert(places.end(), later.rbegin(), later.rend());
    for (const auto& at : places) {
        insert(out, p, at, {back}, kLabel);
        if (with_tightening.size() > 1) insert(out, p, at, with_tightening, kLabel);
    }
    return out;
}

Changes tighten_it(const Procedure& p, const OrderFinding& f) {
    Changes out;
    const ItemId& item = f.items.front();
    const auto figure = tightness_of(p, item);
    for (const auto& at : places_from(p, after(place_of(p, f))))
        insert(out, p, at, {action(Verb::Tighten, {item}, figure)}, change_label("tighten it"));
    return out;
}

Changes do_it_later(const Procedure& p, const OrderFinding& f) { return later(p, f, change_label("tighten it once all are started")); }

Changes renew_it(const Procedure& p, const OrderFinding& f) {
    Changes out;
    const Place at = place_of(p, f);
    const ItemId& seal = f.items.front();
    insert(out, p, at, {action(Verb::Replace, {seal})}, change_label("renew the seal"));
    for (const auto& fitted : done_later(p, {}, seal, {Verb::Fit}))
        insert(out, p, fitted, {action(Verb::Remove, {seal})}, change_label("take the old seal off"));
    return out;
}

Changes take_off_what_is_before(const Procedure& p, const OrderFinding& f) {
    Changes out;
    const Place at = place_of(p, f);
    if (at.action >= p.steps[at.step].actions.size() || f.items.size() < 2) return out;
    const auto& a = p.steps[at.step].actions[at.action];
    const std::vector<ItemId> before(f.items.begin() + 1, f.items.end());
    for (const auto& later : done_later(p, at, before.front(), {Verb::Remove, Verb::Open}))
        move(out, p, later, at, change_label("take off what is in front first"));
    if (is(a, {Verb::Drain})) insert(out, p, at, {action(Verb::Remove, before)}, change_label("open it first"));
    if (is(a, {Verb::Fill})) insert(out, p, at, {action(Verb::Open, before)}, change_label("open it first"));
    return out;
}

Changes bring_the_state(const Procedure& p, const OrderFinding& f) {
    Changes out;
    const Place at = place_of(p, f);
    if (f.action) {
        const auto& a = p.steps[at.step].actions[at.action];
        if (is(a, {Verb::Run}))
            insert(out, p, at, {action(Verb::Release, {})}, change_label("free the machine first"));
        else
            insert(out, p, at, {action(Verb::Stop, {})}, change_label("stop the machine first"));
        return out;
    }
    // the last place before the step at which it can be done
    for (const auto verb : {Verb::Stop, Verb::Isolate, Verb::Run}) {
        if (at.step > 0)
            insert(out, p, {at.step - 1, p.steps[at.step - 1].actions.size()}, {action(verb, {})}, change_label("bring the state about"));
        insert(out, p, {at.step, 0}, {action(verb, {})}, change_label("bring the state about"));
    }
    Step first = p.steps.front();
    first.states.push_back(MachineState::Level);
    if (p.steps[at.step].states != first.states)
        out.push_back({change_label("ask for level ground at the beginning"), {put(std::move(first))}});
    return out;
}

Changes warn_of_heat(const Procedure& p, const OrderFinding& f) {
    Step step = *p.find(f.step);
    step.cautions.push_back(usual_caution(*find_hazard("hot-oil")));
    return {{change_label("warn of hot oil"), {put(std::move(step))}}};
}

Changes lower_it_on_stands(const Procedure& p, const OrderFinding& f) {
    Changes out;
    std::vector<ItemId> stands;
    for (const auto& item : p.items)
        if (is_stand(item.name)) stands.push_back(item.id);
    if (stands.empty()) return out;
    const Place at = place_of(p, f);
    std::vector<ItemId> lifted;
    for (std::size_t s = 0; s <= at.step; ++s)
        for (std::size_t a = 0; a < (s == at.step ? at.action : p.steps[s].actions.size()); ++a)
            if (is(p.steps[s].actions[a], {Verb::Lift})) lifted = p.steps[s].actions[a].items;
    insert(out, p, at, {action(Verb::Lower, lifted, {}, stands)}, change_label("lower it on its stands"));
    return out;
}

Changes name_the_vessel(const Procedure& p, const OrderFinding& f) {
    Changes out;
    std::vector<ItemId> vessels;
    for (const auto& item : p.items)
        if (item.kind == ItemKind::Vessel) vessels.push_back(item.id);
    if (vessels.size() != 1) return out;
    insert(out, p, place_of(p, f), {action(Verb::Place, vessels)}, change_label("put the vessel under it"));
    return out;
}

Changes name_a_larger_vessel(const Procedure& p, const OrderFinding& f) {
    Changes out;
    const Place at = place_of(p, f);
    for (const auto& item : p.items)
        if (item.kind == ItemKind::Vessel && !has(f.items, item.id))
            insert(out, p, at, {action(Verb::Place, {item.id})}, change_label("take a larger vessel as well"));
    return out;
}

Changes close_after_the_test(const Procedure& p, const OrderFinding& f) {
    Changes out;
    const std::size_t at = place_of(p, f.step);
    for (std::size_t to = at + 1; to < p.steps.size(); ++to)
        out.push_back({change_label("close it after the test"), {MoveStep{f.step, to}}});
    return out;
}

Changes look_at_it(const Procedure& p, const OrderFinding& f) {
    Changes out;
    for (const auto& at : places_from(p, place_of(p, f)))
        if (at.action > 0 && is(p.steps[at.step].actions[at.action - 1], {Verb::Run}))
            insert(out, p, at, {action(Verb::Inspect, f.items)}, change_label("look for leaks"));
    return out;
}

Changes fill_it(const Procedure& p, const OrderFinding& f) {
    Changes out;
    const Item* fluid = p.find(f.items.front());
    if (fluid == nullptr) return out;
    for (const auto& at : places_from(p, after(place_of(p, f))))
        insert(out, p, at, {action(Verb::Fill, {fluid->id}, fluid->refill)}, change_label("fill it again"));
    return out;
}

Changes pour_the_refill(const Procedure& p, const OrderFinding& f) {
    Changes out;
    const Item* fluid = item_of_kind(p, f, ItemKind::Fluid);
    const Place at = place_of(p, f);
    if (fluid == nullptr || fluid->refill.empty() || at.action >= p.steps[at.step].actions.size()) return out;
    Step step = p.steps[at.step];
    auto& a = step.actions[at.action];
    const auto lines = lines_of_actions(step, p.items);
    if (lines[at.action]) {
        auto pieces = pieces_of(step.lines[*lines[at.action]]);
        for (auto& piece : pieces)
            if (piece.kind == TokenKind::Figure && piece.text == a.figure.text()) piece.text = fluid->refill.text();
        step.lines[*lines[at.action]] = line_of(pieces);
    }
    a.figure = fluid->refill;
    out.push_back({change_label("pour what goes in again"), {put(std::move(step))}});
    return out;
}

Changes read_the_level(const Procedure& p, const OrderFinding& f) {
    Changes out;
    std::vector<ItemId> gauges;
    for (const auto& item : p.items)
        if (is_gauge(item)) gauges.push_back(item.id);
    if (gauges.empty()) gauges.push_back(f.items.front());
    for (const auto& at : places_from(p, after(place_of(p, f))))
        for (const auto& gauge : gauges) insert(out, p, at, {action(Verb::Measure, {gauge})}, change_label("read the level"));
    return out;
}

Changes leave_it_out(const Procedure& p, const OrderFinding& f) {
    Changes out;
    const Place at = place_of(p, f);
    if (f.action)
        if (auto step = without_action(p, p.steps[at.step], at.action); step && !step->lines.empty())
            out.push_back({change_label("leave it out"), {put(std::move(*step))}});
    return out;
}

Changes dispose_of_it(const Procedure& p, const OrderFinding& f) {
    Changes out;
    insert(out, p, at_end(p), {action(Verb::Dispose, f.items)}, change_label("say where it goes"));
    return out;
}

Changes record_it(const Procedure& p, const OrderFinding&) {
    Changes out;
    insert(out, p, at_end(p), {action(Verb::Record, {})}, change_label("write it into the book"));
    return out;
}

}  // namespace anagraph::core::dryrun
