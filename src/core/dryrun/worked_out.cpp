#include "core/dryrun/worked_out.h"

#include <fmt/format.h>

#include <algorithm>
#include <map>

#include "core/base/letters.h"
#include "core/dryrun/job.h"
#include "core/edits/change_label.h"
#include "core/procedure/verbs.h"
#include "core/workout/known.h"

namespace anagraph::core {
namespace {

constexpr WordList kClosing{"plug screw cock tap valve bolt cap nut union"};
constexpr WordList kDraining{"drain sump"};
constexpr WordList kFilling{"fill filler filling"};
constexpr WordList kVents{"breather vent bleed bleeder"};
constexpr WordList kFluidFilters{"filter canister"};
constexpr WordList kOtherFilters{"air cabin dust pollen"};
constexpr WordList kCovers{"cover guard shield tray panel shroud hood cowl housing lid plate bonnet casing"};
constexpr WordList kCommon{"oil fluid liquid plug cap screw the of and gear filler drain fill level"};

/// One action of the guide, in the order in which things were done.
struct Done {
    Verb verb;
    std::vector<ItemId> items;
    std::size_t step;
};

/// It is back: put on again, or a new one in its place.
bool is_back(Verb v) { return puts_on(v) || v == Verb::Replace; }

/// On the film, where every step has its place there; else as written.
std::vector<Done> done_in_order(const Procedure& p) {
    std::vector<std::size_t> order;
    for (std::size_t i = 0; i < p.steps.size(); ++i) order.push_back(i);
    if (std::all_of(p.steps.begin(), p.steps.end(), [](const Step& s) { return !s.takes.empty(); })) {
        const auto tape = [&](const Step& s) {
            return std::find_if(p.recordings.begin(), p.recordings.end(), [&](const RecordingUse& r) {
                return r.id == s.takes.front().recording;
            }) - p.recordings.begin();
        };
        std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) {
            const auto on_a = tape(p.steps[a]);
            const auto on_b = tape(p.steps[b]);
            return on_a != on_b ? on_a < on_b : p.steps[a].takes.front().from < p.steps[b].takes.front().from;
        });
    }
    std::vector<Done> out;
    for (const auto i : order)
        for (const auto& a : p.steps[i].actions)
            if (const auto verb = verb_of(a.verb)) out.push_back({*verb, a.items, i});
    return out;
}

bool has(const std::vector<ItemId>& list, const ItemId& id) { return std::find(list.begin(), list.end(), id) != list.end(); }

class Worker {
public:
    explicit Worker(const Procedure& p) : p_(p), done_(done_in_order(p)) {
        for (const auto& d : done_)
            if (d.verb == Verb::Drain || d.verb == Verb::Fill)
                for (const auto& id : d.items)
                    if (const Item* item = p.find(id); item != nullptr && item->kind == ItemKind::Fluid && !has(fluids_, id))
                        fluids_.push_back(id);
    }

    std::vector<WorkedOut> all() {
        know();
        for (const auto& item : p_.items) {
            if (may(item, Trait::Closes) && !item.closes) closes(item);
            if (may(item, Trait::Behind) && item.behind.empty()) behind(item);
            if (item.kind == ItemKind::Seal && may(item, Trait::Under) && item.under.empty()) under(item);
            if (item.kind == ItemKind::Seal && may(item, Trait::Renew) && item.renew == Renewal::NotSaid) renew(item);
            if (item.kind == ItemKind::Fluid) amounts(item);
            if (item.kind == ItemKind::Vessel && may(item, Trait::Holds) && item.holds.empty()) holds(item);
        }
        return std::move(out_);
    }

private:
    static bool may(const Item& item, Trait trait) {
        return std::find(item.none_of.begin(), item.none_of.end(), name_of(trait)) == item.none_of.end();
    }
    void add(Trait trait, Item with, Words says, Words because) {
        out_.push_back({trait, std::move(with), std::move(says), std::move(because)});
    }
    const std::string& name(const ItemId& id) const { return p_.find(id)->name; }

    // -- closes -----------------------------------------------------------------------------------------------------------

    static std::optional<Opening> place_by_name(const Item& item, bool undone) {
        const auto own = name_words(item.name);
        if (!own.empty() && kFluidFilters.has(own.back()) && !called(item.name, kOtherFilters))
            return undone ? std::optional(Opening::Bottom) : std::nullopt;
        const bool closing = called(item.name, kClosing);
        if (closing && called(item.name, kDraining)) return Opening::Bottom;
        if (called(item.name, kFilling) && (closing || called(item.name, WordList{"filler neck tube"}))) return Opening::Top;
        if (closing && called(item.name, WordList{"level"})) return Opening::Side;
        if (called(item.name, WordList{"dipstick"}) && called(item.name, WordList{"tube"})) return Opening::Top;
        if (called(item.name, kVents)) return Opening::Vent;
        return std::nullopt;
    }

    /// The fluid a thing closes in: the only one, else the one that shares a word with its name, else the one that is drained or
    /// filled next after it was undone.
    std::pair<const Item*, Words> fluid_for(const Item& item) const {
        if (fluids_.size() == 1)
            return {p_.find(fluids_.front()), say(key("WorkedOut", "No fluid but the {0} is drained or filled."), name(fluids_.front()))};
        for (const auto& id : fluids_)
            for (const auto& word : name_words(name(id)))
                if (const auto own = name_words(item.name + " " + item.spec);
                    !kCommon.has(word) && std::find(own.begin(), own.end(), word) != own.end())
                    return {p_.find(id), say(key("WorkedOut", "It shares the word “{0}” with the {1}."), word, name(id))};
        bool undone = false;
        for (const auto& d : done_) {
            undone = undone || ((takes_off(d.verb) || d.verb == Verb::Loosen) && has(d.items, item.id));
            if (undone && (d.verb == Verb::Drain || d.verb == Verb::Fill))
                for (const auto& id : d.items)
                    if (has(fluids_, id))
                        return {p_.find(id),
                            say(d.verb == Verb::Drain ? key("WorkedOut", "The {0} is drained next after it is undone.")
                                                      : key("WorkedOut", "The {0} is filled next after it is undone."),
                                name(id))};
        }
        return {nullptr, Words()};
    }

    void closes(const Item& item) {
        if (item.kind != ItemKind::Part && item.kind != ItemKind::Fastener) return;
        const auto at = known(item).place;
        if (!at) return;
        const auto [fluid, why] = fluid_for(item);
        if (fluid == nullptr) return;
        Item with = item;
        with.closes = Closes{fluid->id, *at};
        add(Trait::Closes, std::move(with),
            say(*at == Opening::Bottom     ? key("WorkedOut", "The {0} closes the {1} at the bottom.")
                    : *at == Opening::Side ? key("WorkedOut", "The {0} closes the {1} at the side.")
                    : *at == Opening::Top  ? key("WorkedOut", "The {0} closes the {1} where it is filled.")
                                           : key("WorkedOut", "The {0} vents the {1} at the top."),
                item.name, fluid->name),
            one_after_other({say(key("WorkedOut", "It is called “{0}”."), item.name), why}));
    }

    // -- behind -----------------------------------------------------------------------------------------------------------

    struct Times {
        std::size_t off = 0, on = 0;
        bool both = false;
    };
    /// What is asked of every item beside every other, worked out once: when it came off first and went back last, and what its name says.
    struct Known {
        Times times;
        bool off = false;
        bool undone = false;  // it is undone at all
        bool cover = false;
        std::optional<Opening> place;
    };
    void know() {
        std::map<ItemId, Known*> by_id;
        known_.resize(p_.items.size());
        for (std::size_t i = 0; i < p_.items.size(); ++i) {
            by_id[p_.items[i].id] = &known_[i];
            known_[i].cover = p_.items[i].kind == ItemKind::Part && called(p_.items[i].name, kCovers);
        }
        for (std::size_t i = 0; i < done_.size(); ++i)
            for (const auto& id : done_[i].items) {
                const auto it = by_id.find(id);
                if (it == by_id.end()) continue;
                Known& k = *it->second;
                k.undone = k.undone || takes_off(done_[i].verb) || done_[i].verb == Verb::Replace || done_[i].verb == Verb::Loosen;
                if (!k.off && takes_off(done_[i].verb)) k.times.off = i, k.off = true;
                if (k.off && is_back(done_[i].verb)) k.times.on = i, k.times.both = true;
            }
        for (std::size_t i = 0; i < p_.items.size(); ++i) known_[i].place = place_by_name(p_.items[i], known_[i].undone);
    }
    const Known& known(const Item& item) const { return known_[static_cast<std::size_t>(&item - p_.items.data())]; }

    void behind(const Item& item) {
        // fasteners hold things; of them only those that close something are looked for behind a cover
        if (item.kind != ItemKind::Part && !(item.kind == ItemKind::Fastener && (item.closes || known(item).place))) return;
        const Times own = known(item).times;
        if (!own.both) return;
        Item with = item;
        for (const auto& other : p_.items) {
            // a plug or a lid that closes a system stands in nobody's way
            const Known& theirs = known(other);
            if (other.id == item.id || other.closes || theirs.place || has(other.behind, item.id)) continue;
            const bool cover = theirs.cover;
            const bool holds = other.kind == ItemKind::Fastener && item.kind == ItemKind::Part;
            if (!cover && !holds) continue;
            const Times& before = theirs.times;
            if (!before.both || before.off >= own.off || before.on <= own.on) continue;
            // a fastener holds what comes off straight after it
            if (holds && !cover && !straight_after(before.off, own.off)) continue;
            with.behind.push_back(other.id);
        }
        if (with.behind.empty()) return;
        std::vector<Words> names;
        for (const auto& id : with.behind) names.emplace_back(std::string(name(id)));
        add(Trait::Behind, std::move(with), say(key("WorkedOut", "Reached only past the {0}: the {1}."), listed_all(names), item.name),
            key("WorkedOut", "It came off after that and went back before."));
    }
    /// Nothing but fasteners comes off between the two.
    bool straight_after(std::size_t first, std::size_t second) const {
        for (std::size_t i = first + 1; i < second; ++i)
            if (takes_off(done_[i].verb))
                for (const auto& id : done_[i].items)
                    if (const Item* it = p_.find(id); it != nullptr && it->kind != ItemKind::Fastener) return false;
        return true;
    }

    // -- seals ------------------------------------------------------------------------------------------------------------

    void under(const Item& item) {
        const Item* over = nullptr;
        Words why;
        std::size_t most = 0;
        const auto own = name_words(item.name);
        for (const auto& other : p_.items) {
            if (other.kind != ItemKind::Part && other.kind != ItemKind::Fastener) continue;
            const auto theirs = name_words(other.name);
            const bool within = !theirs.empty() && std::all_of(theirs.begin(), theirs.end(), [&](const std::string& w) {
                return std::find(own.begin(), own.end(), w) != own.end();
            });
            if (within && theirs.size() > most) {
                over = &other;
                most = theirs.size();
                why = key("WorkedOut", "Its name says so.");
            }
        }
        for (std::size_t i = 0; over == nullptr && i < done_.size(); ++i) {
            if (!is_back(done_[i].verb) || !has(done_[i].items, item.id)) continue;
            for (std::size_t k = i; k < done_.size() && done_[k].step == done_[i].step && over == nullptr; ++k)
                if (is_back(done_[k].verb))
                    for (const auto& id : done_[k].items)
                        if (const Item* next = p_.find(id); next != nullptr && id != item.id &&
                            (next->kind == ItemKind::Part || next->kind == ItemKind::Fastener) && over == nullptr) {
                            over = next;
                            why = say(key("WorkedOut", "The {0} goes on next after it."), next->name);
                        }
        }
        if (over == nullptr) return;
        Item with = item;
        with.under = {over->id};
        add(Trait::Under, std::move(with), say(key("WorkedOut", "The {0} sits under the {1}."), item.name, over->name), std::move(why));
    }

    void renew(const Item& item) {
        const std::string said = item.name + " " + item.spec;
        const bool once = (called(said, WordList{"new"}) && called(said, WordList{"each every always"})) ||
            (called(said, WordList{"single"}) && called(said, WordList{"use"})) ||
            (called(said, WordList{"never"}) && called(said, WordList{"twice"}));
        const bool may_go_back = called(said, WordList{"damaged reusable reused worn"});
        if (once == may_go_back) return;
        Item with = item;
        with.renew = once ? Renewal::EachTime : Renewal::IfDamaged;
        add(Trait::Renew, std::move(with),
            say(once ? key("WorkedOut", "The {0} is new each time.") : key("WorkedOut", "The {0} is new if damaged."), item.name),
            say(key("WorkedOut", "Its size says “{0}”."), item.spec));
    }

    // -- amounts ----------------------------------------------------------------------------------------------------------

    void amounts(const Item& item) {
        for (const auto& [trait, field, amount] :
            {std::tuple(Trait::Total, &Item::total, &FluidSystem::total), std::tuple(Trait::Refill, &Item::refill, &FluidSystem::refill)}) {
            if (!may(item, trait) || !(item.*field).empty()) continue;
            const auto it = std::find_if(p_.figures.begin(), p_.figures.end(), [&](const Figure& f) {
                return f.kind == FigureKind::Volume && f.item == item.id && f.value.known() && amount_meant(f.purpose) == amount;
            });
            if (it == p_.figures.end()) continue;
            Item with = item;
            with.*field = it->id;
            add(trait, std::move(with),
                trait == Trait::Total ? say(key("WorkedOut", "Of {0}, {1} is all the system holds."), item.name, words_of(it->value))
                                      : say(key("WorkedOut", "Of {0}, {1} goes in again."), item.name, words_of(it->value)),
                say(key("WorkedOut", "The figure is called “{0}”."), it->purpose));
        }
    }
    void holds(const Item& item) {
        const auto it = std::find_if(p_.figures.begin(), p_.figures.end(),
            [&](const Figure& f) { return f.kind == FigureKind::Volume && f.item == item.id && f.value.known(); });
        if (it == p_.figures.end()) return;
        Item with = item;
        with.holds = it->id;
        add(Trait::Holds, std::move(with), say(key("WorkedOut", "The {0} holds {1}."), item.name, words_of(it->value)),
            key("WorkedOut", "It is the figure about it."));
    }

    const Procedure& p_;
    std::vector<Done> done_;
    std::vector<Known> known_;
    std::vector<ItemId> fluids_;
    std::vector<WorkedOut> out_;
};

void take_over(Item& item, const WorkedOut& fact) {
    switch (fact.trait) {
        case Trait::Closes:
            item.closes = fact.item.closes;
            break;
        case Trait::Behind:
            item.behind = fact.item.behind;
            break;
        case Trait::Under:
            item.under = fact.item.under;
            break;
        case Trait::Renew:
            item.renew = fact.item.renew;
            break;
        case Trait::Total:
            item.total = fact.item.total;
            break;
        case Trait::Refill:
            item.refill = fact.item.refill;
            break;
        case Trait::Holds:
            item.holds = fact.item.holds;
            break;
    }
}

}  // namespace

std::vector<WorkedOut> worked_out(const Procedure& p) { return Worker(p).all(); }

Procedure with_worked_out(const Procedure& p) {
    Procedure out = p;
    for (const auto& fact : worked_out(p))
        for (auto& item : out.items)
            if (item.id == fact.item.id) take_over(item, fact);
    return out;
}

Item without_denials(Item item) {
    const auto said = [&](Trait trait) {
        switch (trait) {
            case Trait::Closes:
                return item.closes.has_value();
            case Trait::Behind:
                return !item.behind.empty();
            case Trait::Under:
                return !item.under.empty();
            case Trait::Renew:
                return item.renew != Renewal::NotSaid;
            case Trait::Total:
                return !item.total.empty();
            case Trait::Refill:
                return !item.refill.empty();
            case Trait::Holds:
                return !item.holds.empty();
        }
        return false;
    };
    std::erase_if(item.none_of, [&](const std::string& field) {
        const auto trait = from_name<Trait>(field);
        return trait && said(*trait);
    });
    return item;
}

Result<Change> confirm(const Procedure& p, const WorkedOut& fact) {
    const Item* item = p.find(fact.item.id);
    if (item == nullptr) return fail(ErrorCode::NotFound, key("DryRunRules", "That item is no longer in the guide."));
    Item next = *item;
    take_over(next, fact);
    return tried(p, {change_label("confirm what was worked out"), {Put<Item>{std::move(next), std::nullopt}}});
}

Result<Change> deny(const Procedure& p, const WorkedOut& fact) {
    const Item* item = p.find(fact.item.id);
    if (item == nullptr) return fail(ErrorCode::NotFound, key("DryRunRules", "That item is no longer in the guide."));
    Item next = *item;
    next.none_of.emplace_back(name_of(fact.trait));
    return tried(p, {change_label("say that it is not so"), {Put<Item>{std::move(next), std::nullopt}}});
}

}  // namespace anagraph::core
