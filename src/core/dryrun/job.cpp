#include "core/dryrun/job.h"

#include <fmt/format.h>

#include <algorithm>
#include <map>

#include "core/dryrun/worked_out.h"
#include "core/editing/line_words.h"
#include "core/editing/usual_cautions.h"
#include "core/figure/evidence.h"
#include "core/figure/value_in.h"
#include "core/procedure/variant_view.h"
#include "core/workout/known.h"

namespace anagraph::core::dryrun {
namespace {

// -- what names say -------------------------------------------------------------------------------------------------------

constexpr WordList kByHand{
    "wing thumb knurled cap lid dipstick clip clips circlip pin pins cotter split latch strap straps toggle catch hook tie wire ring"};
constexpr WordList kRamps{"ramp pit lift post"};
constexpr WordList kFilters{"filter canister cartridge element strainer bowl"};
constexpr WordList kTaps{"tap valve cock isolator breaker switch damper"};

int pieces_said(std::string_view name) {
    constexpr std::array kNumbers{"two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"};
    for (const auto& w : name_words(name)) {
        const auto it = std::find(kNumbers.begin(), kNumbers.end(), w);
        if (it != kNumbers.end()) return static_cast<int>(it - kNumbers.begin()) + 2;
    }
    return 1;
}

// -- what figures say -----------------------------------------------------------------------------------------------------

std::optional<Range> range_in(const FigureValue& v, const char* unit) {
    const auto low = value_in(v.low, v.unit, unit);
    if (!low) return std::nullopt;
    const auto high = value_in(v.high, v.unit, unit);
    if (v.limit == Limit::AtLeast) return Range{*low, kUnknown};
    if (v.limit == Limit::AtMost) return Range{0, *low};
    return Range{*low, high.value_or(*low)};
}

/// The torques a wrench can be set to, where its name or size says them: "10 to 60 Nm".
std::vector<Range> wrench_ranges(const Item& item) {
    std::vector<Range> out;
    for (const std::string& text : {item.spec, item.name}) {
        std::size_t from = 0;
        while (from <= text.size()) {
            const std::size_t to = std::min(text.find_first_of(",;()", from), text.size());
            const auto value = parse_figure_value(text.substr(from, to - from));
            if (value && !value->high.empty())
                if (const auto range = range_in(*value, "Nm")) out.push_back(*range);
            from = to + 1;
        }
    }
    return out;
}

// -- making the job -------------------------------------------------------------------------------------------------------

class Maker {
public:
    Maker(const Procedure& whole, Job& job) : whole_(whole), job_(job), p_(job.guide) {}

    void make() {
        for (const auto& item : p_.items) thing_of(item);
        for (const auto& item : p_.items) relate(item);
        for (const auto& item : p_.items)
            if (item.kind == ItemKind::Fluid) fluid_of(number(item.id));
        tell_siblings();
        tell_old_from_new();
        find_cycles();
        for (const auto& step : p_.steps) step_of(step);
        tell_levels();
        tell_how_found();
    }

private:
    int number(const ItemId& id) {
        const auto it = numbers_.find(id);
        if (it != numbers_.end()) return it->second;
        Thing t;
        t.id = id;
        t.name = id.text();
        return numbered(std::move(t));
    }
    int numbered(Thing t) {
        const int n = static_cast<int>(job_.things.size());
        numbers_[t.id] = n;
        job_.things.push_back(std::move(t));
        return n;
    }
    Thing& at(int n) { return job_.things[static_cast<std::size_t>(n)]; }

    const Figure* figure_for_variant(const FigureId& id) const {
        const Figure* f = p_.find(id);
        return f == nullptr || job_.variant.empty() ? f : figure_for(p_, *f, job_.variant);
    }
    /// By its figure, else by its size; litres.
    double holds(const Item& vessel) const {
        if (const auto litres = litres_of(vessel.holds)) return litres->low;
        const auto said = vessel_size(vessel);
        return said && vessel.holds.empty() ? said->in(*find_unit("L")) : kUnknown;
    }
    std::optional<Range> litres_of(const FigureId& id) const {
        const Figure* f = figure_for_variant(id);
        return f == nullptr ? std::nullopt : range_in(f->value, "L");
    }

    void thing_of(const Item& item) {
        Thing t;
        t.id = item.id;
        t.known = true;
        t.kind = item.kind;
        t.name = item.name.empty() ? item.id.text() : item.name;
        t.renew = item.renew;
        t.by_hand = called(item.name, kByHand);
        t.gauge = is_gauge(item);
        t.stand = is_stand(item.name);
        t.ramp = called(item.name, kRamps) && item.kind == ItemKind::Tool;
        t.filter = called(item.name, kFilters);
        t.machine = item.kind == ItemKind::Part && (is_the_machine(item.name) || called_last(item.name, lexicon::kMachines));
        const auto words = name_words(item.name);
        t.starts_off = !words.empty() && words.front() == "new";
        t.pieces = pieces_said(item.name);
        if (t.pieces == 1) t.pieces = pieces_said(item.spec);
        if (item.kind == ItemKind::Tool) {
            t.wrench = wrench_ranges(item);
            t.torque_wrench = !t.wrench.empty() || called(item.name, WordList{"torque"});
        }
        if (item.kind == ItemKind::Vessel) t.holds = holds(item);
        numbered(std::move(t));
    }
    bool is_the_machine(const std::string& name) const {
        const auto own = name_words(name);
        const auto head = name_words(p_.header.machine);
        return !own.empty() &&
            std::all_of(own.begin(), own.end(), [&](const std::string& w) { return std::find(head.begin(), head.end(), w) != head.end(); });
    }
    static bool called_last(const std::string& name, const WordList& list) {
        const auto words = name_words(name);
        return !words.empty() && (list.has(words.back()) || list.has(lexicon::singular(words.back())));
    }

    void relate(const Item& item) {
        const int n = number(item.id);
        const auto list = [&](const std::vector<ItemId>& ids) {
            std::vector<ThingNo> out;
            for (const auto& id : ids)
                if (!of_another_variant(id) && id != item.id) out.push_back(number(id));
            return out;
        };
        auto behind = list(item.behind);
        for (const int b : behind) at(b).hides.push_back(n);
        at(n).behind = std::move(behind);
        for (const int u : list(item.under)) at(u).seals.push_back(n);
        for (const auto& f : p_.figures)
            if (f.item == item.id && (f.kind == FigureKind::Torque || f.kind == FigureKind::Turn)) at(n).tightened_to = true;
        if (item.closes && !of_another_variant(item.closes->fluid)) {
            const int fluid = fluid_of(number(item.closes->fluid));
            auto& system = job_.fluids[static_cast<std::size_t>(fluid)];
            at(n).fluid = fluid;
            at(n).at = item.closes->at;
            switch (item.closes->at) {
                case Opening::Bottom:
                    system.bottom.push_back(n);
                    break;
                case Opening::Side:
                    system.side.push_back(n);
                    break;
                case Opening::Top:
                    system.top.push_back(n);
                    break;
                case Opening::Vent:
                    system.vent.push_back(n);
                    break;
            }
        }
    }

    int fluid_of(int thing) {
        const auto it = std::find_if(job_.fluids.begin(), job_.fluids.end(), [&](const Fluid& f) { return f.thing == thing; });
        if (it != job_.fluids.end()) return static_cast<int>(it - job_.fluids.begin());
        Fluid f;
        f.thing = thing;
        if (const Item* item = p_.find(at(thing).id)) {
            f.total = litres_of(item->total);
            f.refill = litres_of(item->refill);
            for (const auto& figure : p_.figures)
                if (figure.level && figure.item == item->id && (job_.variant.empty() || holds_for(figure, job_.variant)))
                    f.rule = figure.level;
        }
        job_.fluids.push_back(std::move(f));
        return static_cast<int>(job_.fluids.size()) - 1;
    }

    bool of_another_variant(const ItemId& id) const { return p_.find(id) == nullptr && whole_.find(id) != nullptr; }

    /// Fasteners that hold one thing: it lies behind them all, a seal sits under them all, or one action takes them together. Plugs
    /// close a system each for itself.
    void tell_siblings() {
        const auto tell = [&](const std::vector<ThingNo>& group) {
            for (const int a : group)
                for (const int b : group)
                    if (a != b && at(a).kind == ItemKind::Fastener && at(b).kind == ItemKind::Fastener &&
                        std::find(at(a).siblings.begin(), at(a).siblings.end(), b) == at(a).siblings.end())
                        at(a).siblings.push_back(b);
        };
        for (const auto& item : p_.items) {
            const int n = number(item.id);
            tell(at(n).behind);
            std::vector<ThingNo> under;
            for (const auto& id : item.under)
                if (const auto it = numbers_.find(id); it != numbers_.end()) under.push_back(it->second);
            tell(under);
        }
        for (const auto& step : p_.steps)
            for (const auto& a : step.actions) {
                std::vector<ThingNo> together;
                for (const auto& id : a.items)
                    if (const auto it = numbers_.find(id); it != numbers_.end() && at(it->second).fluid == kNone)
                        together.push_back(it->second);
                if (verb_of(a.verb) == Verb::Remove || verb_of(a.verb) == Verb::Loosen) tell(together);
            }
    }

    /// "new filter" takes the place of "old filter". What closes a system is no opening of it while it lies ready.
    void tell_old_from_new() {
        for (auto& t : job_.things) {
            if (!t.starts_off) continue;
            const std::string rest = t.name.substr(3);
            for (std::size_t i = 0; i < job_.things.size(); ++i)
                if (job_.things[i].name == "old" + rest || job_.things[i].name == "used" + rest) t.instead_of = static_cast<int>(i);
            if (t.fluid != kNone) t.starts_off = false;
        }
    }

    /// What lies behind itself by way of others cannot be reached at all.
    void find_cycles() {
        enum class Seen { No, Open, Done };
        std::vector<Seen> seen(job_.things.size(), Seen::No);
        for (std::size_t start = 0; start < job_.things.size(); ++start) {
            if (seen[start] != Seen::No) continue;
            std::vector<std::pair<int, std::size_t>> way{{static_cast<int>(start), 0}};
            seen[start] = Seen::Open;
            while (!way.empty()) {
                auto& [n, next] = way.back();
                const auto& behind = at(n).behind;
                if (next == behind.size()) {
                    seen[static_cast<std::size_t>(n)] = Seen::Done;
                    way.pop_back();
                    continue;
                }
                const int b = behind[next++];
                if (seen[static_cast<std::size_t>(b)] == Seen::Open)
                    for (auto it = way.rbegin(); it != way.rend(); ++it) {
                        at(it->first).cyclic = true;
                        if (it->first == b) break;
                    }
                if (seen[static_cast<std::size_t>(b)] == Seen::No) {
                    seen[static_cast<std::size_t>(b)] = Seen::Open;
                    way.emplace_back(b, 0);
                }
            }
        }
    }

    void step_of(const Step& step) {
        JobStep out;
        out.step = &step;
        out.number = 1 + static_cast<int>(std::find_if(whole_.steps.begin(), whole_.steps.end(), [&](const Step& s) {
            return s.id == step.id;
        }) - whole_.steps.begin());
        const Hazard& heat = *find_hazard("hot-oil");
        out.warns_of_heat =
            std::any_of(step.cautions.begin(), step.cautions.end(), [&](const Caution& c) { return warns_of(heat, p_, c); });
        for (const auto& line : step.lines) out.stands_level = out.stands_level || speaks_of_level_ground(line);
        job_.asks_level = job_.asks_level || std::find(step.states.begin(), step.states.end(), MachineState::Level) != step.states.end();
        for (const auto& wait : step.waits) {
            const Figure* f = figure_for_variant(wait.figure);
            if (f != nullptr && f->kind == FigureKind::Temperature) {
                out.waits_to_cool = true;
                continue;
            }
            const auto minutes = f == nullptr ? std::nullopt : minutes_in(f->value);
            out.waits_minutes = out.waits_minutes.value_or(0) + minutes.value_or(0);
        }
        for (std::size_t i = 0; i < step.actions.size(); ++i)
            if (const auto verb = verb_of(step.actions[i].verb))
                out.doings.push_back(doing_of(step, step.actions[i], *verb, static_cast<int>(i)));
        for (const auto& check : step.checks)
            if (auto d = doing_of(step, check)) out.doings.push_back(std::move(*d));
        job_.steps.push_back(std::move(out));
    }

    /// A check looks at what its words name; one that speaks of leaks and names nothing looks at all of it.
    std::optional<Doing> doing_of(const Step& step, const Check& check) {
        Action action{check.reading ? "measure" : "inspect", {}, {}};
        for (const auto* text : {&check.look, &check.good})
            for (const auto& piece : pieces_of(*text))
                if (piece.kind == TokenKind::Item && p_.find(ItemId(piece.text)) != nullptr) action.items.emplace_back(piece.text);
        const bool leaks = called(check.look + " " + check.good + " " + check.stop, WordList{"leak leaks leaking tight dry"});
        if (action.items.empty() && !leaks) return std::nullopt;
        return doing_of(step, action, *verb_of(action.verb), kNone);
    }

    static bool speaks_of_level_ground(const std::string& line) {
        const auto words = name_words(line);
        for (std::size_t i = 0; i + 1 < words.size(); ++i)
            if (words[i] == "level" && WordList{"ground floor surface concrete hardstanding"}.has(words[i + 1])) return true;
        return false;
    }

    Doing doing_of(const Step& step, const Action& action, Verb verb, int place) {
        Doing d;
        d.verb = verb;
        d.step = static_cast<int>(job_.steps.size());
        d.place = place;
        for (const auto& id : action.items)
            if (!of_another_variant(id)) d.items.push_back(number(id));
        for (const auto& id : action.needs)
            if (!of_another_variant(id)) d.needs.push_back(number(id));
        if (!action.figure.empty()) {
            d.figure = figure_for_variant(action.figure);
            d.figure_missing = d.figure == nullptr;
        }
        if (d.figure != nullptr) {
            d.standing = standing_of(p_, *d.figure);
            d.minutes = minutes_in(d.figure->value);
            if (const auto torque = value_in(d.figure->value.low, d.figure->value.unit, "Nm")) d.torque = torque;
            d.litres = range_in(d.figure->value, "L");
            d.temperature =
                d.figure->kind == FigureKind::Temperature || value_in(d.figure->value.low, d.figure->value.unit, "degC").has_value();
        }
        if (verb == Verb::Drain || verb == Verb::Fill || verb == Verb::Wait || verb == Verb::Dispose || verb == Verb::Inspect ||
            verb == Verb::Check || verb == Verb::Measure)
            d.fluids = fluids_meant(d);
        if (verb == Verb::Fill)
            d.to_overflow = std::any_of(step.lines.begin(), step.lines.end(), runs_over) ||
                std::any_of(d.items.begin(), d.items.end(), [&](int n) { return at(n).fluid != kNone && at(n).at == Opening::Side; });
        return d;
    }

    /// The fluids a doing is about: those it names; of a drain or a fill that names a part, those of that part, else the only one.
    std::vector<int> fluids_meant(const Doing& d) {
        std::vector<int> out;
        const auto add = [&](int f) {
            if (f != kNone && std::find(out.begin(), out.end(), f) == out.end()) out.push_back(f);
        };
        for (const int n : d.items)
            if (at(n).kind == ItemKind::Fluid && at(n).known) add(fluid_of(n));
        if (!out.empty() || (d.verb != Verb::Drain && d.verb != Verb::Fill)) return out;
        for (const int n : d.items) add(at(n).fluid);
        if (out.empty() && job_.fluids.size() == 1 && std::none_of(d.items.begin(), d.items.end(), [&](int n) {
                return at(n).kind == ItemKind::Vessel || at(n).kind == ItemKind::Tool || at(n).filter;
            }))
            add(0);
        return out;
    }

    /// A line that has something filled until it runs over.
    static bool runs_over(const std::string& line) {
        const auto words = name_words(line);
        for (std::size_t i = 0; i < words.size(); ++i) {
            if (WordList{"overflow overflows weep weeps seep seeps dribble dribbles trickle trickles"}.has(words[i])) return true;
            if (i > 0 && (words[i] == "over" || words[i] == "out") &&
                WordList{"run runs flow flows spill spills come comes well wells"}.has(words[i - 1]))
                return true;
        }
        return false;
    }

    /// Which systems have something that shows their level.
    void tell_levels() {
        for (auto& f : job_.fluids) f.has_gauge = !f.side.empty() || f.rule.has_value();
        for (auto& t : job_.things) {
            if (t.gauge) t.shows = shown_by(t);
            for (const int f : t.shows) job_.fluids[static_cast<std::size_t>(f)].has_gauge = true;
        }
    }

    /// A gauge shows the fluid it closes in, else the one its name has a word in common with, else any oil, else any.
    std::vector<int> shown_by(const Thing& gauge) const {
        if (gauge.fluid != kNone) return {gauge.fluid};
        std::vector<int> out;
        std::size_t most = 0;
        const auto own = name_words(gauge.name);
        for (std::size_t f = 0; f < job_.fluids.size(); ++f) {
            const auto words = name_words(job_.thing(job_.fluids[f].thing).name);
            const auto common = static_cast<std::size_t>(std::count_if(
                own.begin(), own.end(), [&](const std::string& w) { return std::find(words.begin(), words.end(), w) != words.end(); }));
            if (common > most) out.clear();
            most = std::max(most, common);
            if (common == most) out.push_back(static_cast<int>(f));
        }
        if (most > 0) return out;
        std::vector<int> oils = out;
        std::erase_if(oils, [&](int f) { return !called(job_.thing(job_.fluid(f).thing).name, WordList{"oil"}); });
        return oils.empty() ? out : oils;
    }

    /// A tap that is shut first in the job stood open.
    void tell_how_found() {
        std::vector<bool> met(job_.things.size(), false);
        for (const auto& step : job_.steps)
            for (const auto& d : step.doings)
                for (const int n : d.items) {
                    auto seen = met[static_cast<std::size_t>(n)];
                    if (!seen && d.verb == Verb::Close && at(n).fluid == kNone && called(at(n).name, kTaps)) at(n).starts_open = true;
                    if (d.verb == Verb::Open || d.verb == Verb::Close) met[static_cast<std::size_t>(n)] = true;
                }
    }

    const Procedure& whole_;
    Job& job_;
    const Procedure& p_;
    std::map<ItemId, int> numbers_;
};

}  // namespace

Words Job::name(ThingNo n) const { return thing(n).name; }

Words Job::name(const std::vector<ThingNo>& list) const {
    std::vector<Words> out;
    for (const int n : list) out.push_back(name(n));
    return listed_all(out);
}

bool Job::many(const std::vector<ThingNo>& list) const {
    if (list.size() != 1) return list.size() > 1;
    const auto words = name_words(thing(list.front()).name);
    return thing(list.front()).pieces > 1 || (!words.empty() && lexicon::is_plural(words.back()));
}

Job job_of(const Procedure& guide, std::string_view variant) {
    Job job;
    job.variant = std::string(variant);
    job.guide = with_worked_out(guide);
    if (!variant.empty()) job.guide = for_variant(job.guide, variant);
    Maker(guide, job).make();
    return job;
}

}  // namespace anagraph::core::dryrun
