#include "core/edits/copy_step.h"

#include <fmt/format.h>

#include <algorithm>
#include <map>

#include "core/edits/change_label.h"
#include "core/figure/evidence.h"
#include "core/procedure/step_texts.h"
#include "core/procedure/text.h"

namespace anagraph::core {
namespace {

class Copier {
public:
    Copier(const Procedure& from, const Procedure& to) : from_(from), to_(to) {}

    Change copied(Step step, std::size_t at) {
        step.id = fresh_id<StepId>(step.heading.empty() ? "step" : step.heading, to_.steps);
        step.comments.clear();
        std::erase_if(step.takes, [&](const Take& t) { return taken(t); });
        const auto away = [&](const auto& nested) {
            return nested.shown && std::none_of(step.takes.begin(), step.takes.end(), [&](const Take& t) {
                return t.recording == nested.shown->recording && !(nested.shown->from < t.from) && !(t.to < nested.shown->to);
            });
        };
        for (auto& c : step.checks)
            if (away(c)) c.shown.reset();
        for (auto& w : step.waits)
            if (away(w)) w.shown.reset();
        // a method picked for the step was picked in the other guide; the question stays and the house answers it
        for (auto& m : step.methods) m = {m.topic};
        for (auto& t : step.takes) use(t.recording);
        each_text(step, [&](const std::string&, std::string& line) { line = renamed(line); });
        for (auto& a : step.answered) a.text = renamed(a.text);
        for (auto& t : step.translated) {
            t.of = renamed(t.of);
            t.text = renamed(t.text);
        }
        carry_actions(step.actions);
        for (auto& l : step.put_right) {
            l.line = renamed(l.line);
            carry_actions(l.actions);
        }
        for (auto& f : step.heard) f = figure(f);
        for (auto& c : step.checks)
            if (c.reading) c.reading->limits = figure(c.reading->limits);
        for (auto& w : step.waits) w.figure = figure(w.figure);
        for (auto& r : step.resets)
            for (auto& press : r.presses) press.hold = figure(press.hold);
        for (auto& plate : step.plates) {
            plate.id = fresh_plate(plate.id);
            use(plate.recording);
            for (auto& c : plate.callouts) c.item = item(c.item);
            for (auto& f : plate.fasteners) f.item = item(f.item);
            for (auto& i : plate.off_order) i = item(i);
            for (auto& m : plate.marks) m.figure = figure(m.figure);
        }
        if (step.clip) {
            use(step.clip->take.recording);
            for (auto& m : step.clip->marks) {
                if (!m.item.empty()) m.item = item(m.item);
                m.mark.figure = figure(m.mark.figure);
            }
        }
        for (auto& thing : related_later_) change_.edits.emplace_back(Put<Item>{std::move(thing), {}});
        for (auto& use : whole_later_) change_.edits.emplace_back(Put<RecordingUse>{std::move(use), {}});
        change_.edits.emplace_back(Put<Step>{std::move(step), at});
        return std::move(change_);
    }

private:
    bool taken(const Take& t) const {
        return std::any_of(to_.steps.begin(), to_.steps.end(), [&](const Step& s) {
            return std::any_of(s.takes.begin(), s.takes.end(),
                [&](const Take& o) { return o.recording == t.recording && t.from < o.to && o.from < t.to; });
        });
    }

    std::string renamed(const std::string& line) {
        auto pieces = pieces_of(line);
        for (auto& p : pieces) {
            if (p.kind == TokenKind::Item) p.text = item(ItemId(p.text)).text();
            if (p.kind == TokenKind::Figure) p.text = figure(FigureId(p.text)).text();
        }
        return line_of(pieces);
    }

    void carry_actions(std::vector<Action>& actions) {
        for (auto& a : actions) {
            for (auto& i : a.items) i = item(i);
            for (auto& i : a.needs) i = item(i);
            a.figure = figure(a.figure);
        }
    }

    void use(const RecordingId& id) {
        if (to_.find(id) != nullptr || used_.count(id) != 0) return;
        const auto* known = from_.find(id);
        const RecordingUse whole = known == nullptr ? RecordingUse{id, "", {}} : *known;
        RecordingUse first = whole;
        used_[id] = false;  // not there yet
        if (whole.alongside) {
            const auto& with = whole.alongside->with;
            use(with);
            // two that run alongside each other: the one that comes first learns of the other afterwards
            if (const auto it = used_.find(with); it != used_.end() && !it->second) first.alongside.reset();
        }
        used_[id] = true;
        const bool later = first.alongside != whole.alongside;
        change_.edits.emplace_back(Put<RecordingUse>{std::move(first), {}});
        if (later) whole_later_.push_back(whole);
    }

    /// What an id is called here, after `same` thing was looked for and a fresh id was given where there is none.
    template <class IdType, class Thing, class Same>
    IdType carried(const IdType& id, std::map<IdType, IdType>& known, const std::vector<Thing>& here, Same&& same) {
        const auto it = known.find(id);
        if (it != known.end()) return it->second;
        const Thing* original = from_.find(id);
        if (original == nullptr) return id;  // named but in neither guide: pointed out as before
        const auto there = std::find_if(here.begin(), here.end(), [&](const Thing& t) { return same(t, *original); });
        if (there != here.end()) return known[id] = there->id;
        std::vector<Thing> taken = here;
        for (const auto& [of, as] : known)
            if (const Thing* other = from_.find(of)) {
                taken.push_back(*other);
                taken.back().id = as;
            }
        const bool free = std::none_of(taken.begin(), taken.end(), [&](const Thing& t) { return t.id == id; });
        return known[id] = free ? id : fresh_id<IdType>(id.text(), taken);
    }
    template <class IdType, class Thing, class Same>
    std::pair<IdType, bool> carry(const IdType& id, std::map<IdType, IdType>& known, const std::vector<Thing>& here, Same&& same) {
        const bool seen = known.count(id) != 0;
        const IdType as = carried(id, known, here, same);
        const bool fresh =
            !seen && from_.find(id) != nullptr && std::none_of(here.begin(), here.end(), [&](const Thing& t) { return t.id == as; });
        return {as, fresh};
    }

    ItemId item(const ItemId& id) {
        const auto [as, fresh] = carry(id, items_, to_.items, [](const Item& a, const Item& b) {
            return a.kind == b.kind && a.name == b.name && a.spec == b.spec && a.number == b.number && a.fastening == b.fastening;
        });
        if (fresh) {
            Item thing = *from_.find(id);
            thing.id = as;
            Item alone = thing;  // first without what it is related to, which may be related to it
            alone.closes.reset();
            alone.behind.clear();
            alone.under.clear();
            alone.total = alone.refill = alone.holds = {};
            change_.edits.emplace_back(Put<Item>{alone, {}});
            if (thing.closes) thing.closes->fluid = item(thing.closes->fluid);
            for (auto& i : thing.behind) i = item(i);
            for (auto& i : thing.under) i = item(i);
            for (auto* f : {&thing.total, &thing.refill, &thing.holds}) *f = figure(*f);
            if (thing != alone) related_later_.push_back(std::move(thing));
        }
        return as;
    }
    SourceId source(const SourceId& id) {
        const auto [as, fresh] = carry(id, sources_, to_.sources, [](const Source& a, const Source& b) {
            return a.kind == b.kind && a.title == b.title && a.edition == b.edition && a.document == b.document;
        });
        if (fresh) {
            Source thing = *from_.find(id);
            thing.id = as;
            change_.edits.emplace_back(Put<Source>{std::move(thing), {}});
        }
        return as;
    }
    FigureId figure(const FigureId& id) {
        if (id.empty()) return id;
        const auto [as, fresh] = carry(id, figures_, to_.figures, [&](const Figure& a, const Figure& b) {
            return a.kind == b.kind && a.value == b.value && a.variants == b.variants && a.condition == b.condition &&
                title_of(to_, a) == title_of(from_, b);
        });
        if (fresh) {
            Figure thing = *from_.find(id);
            thing.id = as;
            if (!thing.item.empty()) thing.item = item(thing.item);
            for (auto& p : thing.proofs) p.source = source(p.source);
            for (auto& c : thing.claims) use(c.recording);
            change_.edits.emplace_back(Put<Figure>{std::move(thing), {}});
            // the same thing of the other variants, so that none of them reads "not known" for want of it
            for (const auto* alike : figures_alike(from_, *from_.find(id))) figure(alike->id);
        }
        return as;
    }

    PlateId fresh_plate(const PlateId& id) {
        auto taken = plates_of(to_);
        taken.insert(taken.end(), plates_.begin(), plates_.end());
        Plate plate;
        plate.id =
            std::none_of(taken.begin(), taken.end(), [&](const Plate& p) { return p.id == id; }) ? id : fresh_id<PlateId>(id.text(), taken);
        plates_.push_back(plate);
        return plate.id;
    }

    const Procedure& from_;
    const Procedure& to_;
    Change change_{change_label("copy a step"), {}};
    std::map<RecordingId, bool> used_;  // is it there by the edits so far?
    std::vector<RecordingUse> whole_later_;
    std::vector<Item> related_later_;
    std::map<ItemId, ItemId> items_;
    std::map<SourceId, SourceId> sources_;
    std::map<FigureId, FigureId> figures_;
    std::vector<Plate> plates_;
};

}  // namespace

Result<Change> copy_step(const Procedure& from, const StepId& id, const Procedure& to, std::size_t at) {
    const Step* step = from.find(id);
    if (step == nullptr) return fail(ErrorCode::NotFound, key("Edits", "Choose the step that is to be copied."));
    return tried(to, Copier(from, to).copied(*step, at));
}

}  // namespace anagraph::core
