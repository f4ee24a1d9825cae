#include "core/learner/learner_guide.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>

#include "core/base/letters.h"
#include "core/dryrun/dry_run.h"
#include "core/editing/line_actions.h"
#include "core/editing/usual_cautions.h"
#include "core/figure/evidence.h"
#include "core/fluids/refill.h"
#include "core/plate/layout.h"
#include "core/procedure/verbs.h"
#include "core/schedule/kit.h"

namespace anagraph::core {
namespace {

/// "book, page 2, torques; label": every source that gives it.
std::string evidence_words(const Procedure& p, const Figure& f, Standing standing) {
    if (standing == Standing::Disputed) return "the evidence differs";
    if (standing == Standing::Open) return f.value.known() ? "no source gives it" : "nobody has found it";
    std::vector<std::string> out;
    for (const auto& proof : f.proofs) {
        const auto* source = p.find(proof.source);
        if (source == nullptr || !counts(p, f, proof)) continue;
        out.push_back(fmt::format("{}{}{}", name_of(source->kind), proof.place.empty() ? "" : ", ", proof.place));
    }
    return fmt::format("{}", fmt::join(out, "; "));
}

/// What the evidence comes to, where the few words of evidence_words() do not say it: not of a figure that a source gives and
/// nothing contradicts, nor of one that nobody has looked for.
std::string finding(const Procedure& p, const Figure& f) {
    const auto standing = standing_of(p, f);
    const bool plain = f.settled.empty() &&
        std::all_of(f.proofs.begin(), f.proofs.end(), [&](const Proof& proof) { return counts(p, f, proof) && agrees(f, proof); });
    if ((standing == Standing::Proved && plain) || (standing == Standing::Open && f.proofs.empty() && f.looked.empty())) return "";
    return finding_of(p, f);
}

FigureRead read_one(const Procedure& p, const Figure& f, std::string variant = {}) {
    const auto standing = standing_of(p, f);
    const std::string tolerance = f.tolerance.empty() || !f.value.known() ? "" : fmt::format(" \u00B1 {}", f.tolerance);
    return {text_of(f.value) + tolerance, other_system_text(f), std::move(variant), standing, evidence_words(p, f, standing)};
}

/// One that differs by variant, for every variant; not known where one has none, and never another's.
std::vector<FigureRead> read_for_all(const Procedure& p, const Figure& f) {
    if (!differs_by_variant(p, f)) return {read_one(p, f)};
    std::vector<FigureRead> out;
    for (const auto& variant : p.header.variants) {
        const auto* own = figure_for(p, f, variant);
        out.push_back(
            own == nullptr ? FigureRead{"not known", "", variant, Standing::Open, "nobody has found it"} : read_one(p, *own, variant));
    }
    return out;
}

/// What names the item in a line: in its order, each once.
std::vector<ItemId> items_named(std::string_view line) {
    std::vector<ItemId> out;
    for (const auto& piece : pieces_of(line))
        if (piece.kind == TokenKind::Item && std::find(out.begin(), out.end(), ItemId(piece.text)) == out.end())
            out.emplace_back(piece.text);
    return out;
}

KitRead read_kit(const Item& item) { return {item.name, item.spec, item.number, item.variants}; }

/// What is laid out before the work, in the order of use: gear, tools and vessels, fluids, new parts; then what the guide lists and no
/// action needs. Of a guide for several variants no amount is told here: they differ.
std::vector<KitRead> kit(const Procedure& p) {
    const Kit needed = kit_of(p, "");
    std::vector<KitRead> out;
    std::vector<ItemId> told;
    const auto tell = [&](const ItemId& id, std::string amount) {
        if (std::find(told.begin(), told.end(), id) != told.end()) return;
        told.push_back(id);
        out.push_back(read_kit(*p.find(id)));
        if (p.header.variants.size() < 2) out.back().amount = std::move(amount);
    };
    const auto count = [](const KitEntry& e) { return e.count > 1 ? fmt::format("{} ×", e.count) : std::string(); };
    for (const auto& e : needed.protection) tell(e.item, "");
    for (const auto& e : needed.tools) tell(e.item, "");
    for (const auto& f : needed.fluids) {
        const std::string packs = packs_text(f);
        tell(f.entry.item, !f.litres ? "" : packs.empty() ? amount_text(*f.litres) : fmt::format("{}, {}", amount_text(*f.litres), packs));
    }
    for (const auto& e : needed.parts) tell(e.item, count(e));
    for (const ItemKind kind : {ItemKind::Protection, ItemKind::Tool, ItemKind::Vessel, ItemKind::Fluid, ItemKind::Seal, ItemKind::Part})
        for (const auto& item : p.items)
            if (item.kind == kind && (kind != ItemKind::Part || !item.number.empty())) tell(item.id, "");
    return out;
}

/// What the dry run found and the author keeps, with the reason.
std::vector<KeptRead> kept(const Procedure& p) {
    std::vector<KeptRead> out;
    for (std::size_t i = 0; i < p.steps.size(); ++i)
        for (const auto& a : p.steps[i].answered)
            if (const auto rule = rule_answered(a)) out.push_back({static_cast<int>(i) + 1, std::string(spoken_name_of(*rule)), a.because});
    return out;
}

/// What the hand takes up for a step: tools, vessels, gear, what is used up, in the order it is named. A fluid is taken up
/// only where it is put in; where it runs out it is there already.
std::vector<KitRead> needs(const Procedure& p, const Step& s) {
    std::vector<ItemId> taken;
    const auto take_from = [&](const std::string& line, bool put_in) {
        for (const auto& id : items_named(line)) {
            const auto* item = p.find(id);
            if (item == nullptr || item->kind == ItemKind::Part || item->kind == ItemKind::Fastener) continue;
            if ((item->kind != ItemKind::Fluid || put_in) && std::find(taken.begin(), taken.end(), id) == taken.end()) taken.push_back(id);
        }
    };
    for (const auto& c : s.cautions) take_from(c.text, false);
    for (std::size_t i = 0; i < s.lines.size(); ++i) {
        const auto orders = actions_of_line(s, i, p.items);
        take_from(s.lines[i], std::any_of(orders.begin(), orders.end(), [](const Action& a) { return verb_of(a.verb) == Verb::Fill; }));
    }
    std::vector<KitRead> out;
    for (const auto& id : taken) out.push_back(read_kit(*p.find(id)));
    return out;
}

/// A plate with so much on it that its numbers want the whole width of the page.
bool wants_the_width(const Plate& plate) { return plate.role == PairRole::None && plate.callouts.size() > kNarrowCallouts; }

/// Plates that are shown as one: a pair, or a plate alone.
std::vector<std::vector<std::size_t>> narrow_groups(const Step& s) {
    std::vector<std::vector<std::size_t>> out;
    bool open = false;
    for (std::size_t i = 0; i < s.plates.size(); ++i) {
        if (wants_the_width(s.plates[i])) {
            open = false;
            continue;
        }
        const bool second = open && s.plates[i].role == counterpart(s.plates[out.back().back()].role);
        if (second)
            out.back().push_back(i);
        else
            out.push_back({i});
        open = !second && s.plates[i].role != PairRole::None;
    }
    return out;
}

bool shows(const Plate& plate, const ItemId& item) {
    return std::any_of(plate.callouts.begin(), plate.callouts.end(), [&](const Callout& c) { return c.item == item; }) ||
        std::any_of(plate.fasteners.begin(), plate.fasteners.end(), [&](const FastenerPlace& f) { return f.item == item; });
}

/// Each group of plates stands at the first line that names something it shows and no group before it did; else at the first
/// that names anything it shows; else with the group before. The first group stands at the first line.
std::vector<StepRow> rows_of(const Procedure& p, const std::map<ItemId, int>& callouts, const Step& s) {
    std::vector<StepRow> rows(1);
    std::vector<std::size_t> before;  // plates of the groups before
    for (const auto& group : narrow_groups(s)) {
        const auto shown = [&](const std::vector<std::size_t>& plates, const ItemId& item) {
            return std::any_of(plates.begin(), plates.end(), [&](std::size_t i) { return shows(s.plates[i], item); });
        };
        std::size_t at = rows.back().first_line;
        if (!before.empty()) {
            std::optional<std::size_t> anew, again;
            for (std::size_t l = at; l < s.lines.size(); ++l)
                for (const auto& item : items_named(s.lines[l])) {
                    if (!shown(group, item)) continue;
                    if (!again) again = l;
                    if (!anew && !shown(before, item)) anew = l;
                }
            at = anew.value_or(again.value_or(at));
        }
        if (at > rows.back().first_line) rows.push_back({at, {}, {}});
        rows.back().plates.insert(rows.back().plates.end(), group.begin(), group.end());
        before.insert(before.end(), group.begin(), group.end());
    }
    for (std::size_t r = 0; r < rows.size(); ++r)
        for (std::size_t l = rows[r].first_line; l < (r + 1 < rows.size() ? rows[r + 1].first_line : s.lines.size()); ++l)
            rows[r].lines.push_back(sentence(p, callouts, s.lines[l]));
    return rows;
}

std::vector<MethodRead> methods(const Step& s, const std::vector<HouseMethod>& house) {
    std::vector<MethodRead> out;
    for (const auto& held : methods_of(s, house)) {
        MethodRead m{summary(held), std::string(held.topic->question), held.because,
            held.chosen == nullptr ? "" : std::string(held.chosen->reason), {}, held.chosen != nullptr && held.accepted.empty(), {}};
        for (const auto* way : held.accepted) m.accepted.push_back({std::string(way->name), std::string(way->reason)});
        if (held.chosen == nullptr)
            for (const auto& way : held.topic->ways) m.others.push_back({std::string(way.name), std::string(way.reason)});
        out.push_back(std::move(m));
    }
    return out;
}

class Reader {
public:
    explicit Reader(const Edition& e) : e_(e), p_(e.procedure) { out_.callouts = callout_numbers(p_); }

    LearnerGuide guide() {
        out_.language = p_.header.language;
        out_.safety = std::string(safety_statement());
        out_.kit = kit(p_);
        out_.kept = kept(p_);
        for (const auto& s : p_.steps) out_.steps.push_back(step(s));
        mark_repeated();
        for (const auto& f : p_.header.follow_ups) out_.later.push_back({read(f.when), read(f.what)});
        // each variant's figure stands in a row of its own
        for (const auto& f : p_.figures)
            out_.figures.push_back(
                {title_of(p_, f), read_one(p_, f), finding(p_, f), f.level ? text_of(*f.level).english() : std::string(), f.replaces});
        for (const auto& s : p_.sources) out_.sources.push_back(source(s));
        return std::move(out_);
    }

private:
    Sentence read(std::string_view line) const { return sentence(p_, out_.callouts, line); }

    Sentence figure(const FigureId& id) const {
        const auto* f = p_.find(id);
        return f == nullptr ? Sentence{} : Sentence{{TokenKind::Figure, "", 0, read_for_all(p_, *f)}};
    }

    void mark_repeated() {
        std::vector<const MethodRead*> told;
        for (auto& s : out_.steps)
            for (auto& m : s.methods) {
                m.again = std::any_of(told.begin(), told.end(), [&](const MethodRead* t) {
                    return t->summary == m.summary && t->because == m.because && t->accepted == m.accepted && t->others == m.others;
                });
                told.push_back(&m);
            }
    }

    StepRead step(const Step& s) const {
        StepRead r;
        r.heading = s.heading;
        r.variants = s.variants;
        for (const auto state : s.states) r.states.emplace_back(spoken_name_of(state));
        r.needs = needs(p_, s);
        for (const auto& c : s.cautions) {
            const auto* hazard = find_hazard(c.hazard);
            r.cautions.push_back({c.signal, hazard == nullptr ? "" : std::string(hazard->symbol), read(c.text)});
        }
        r.rows = rows_of(p_, out_.callouts, s);
        for (std::size_t i = 0; i < s.plates.size(); ++i)
            if (wants_the_width(s.plates[i])) r.across.push_back(i);
        for (const auto& w : s.waits) r.waits.push_back({figure(w.figure), read(w.text)});
        for (const auto& c : s.checks) r.checks.push_back(check(c));
        r.methods = methods(s, e_.methods);
        return r;
    }

    CheckRead check(const Check& c) const {
        CheckRead r{read(c.look), read(c.good), read(c.stop), read(c.ask), {}};
        if (!c.reading) return r;
        const auto* unit = find_unit(c.reading->unit);
        r.reading =
            ReadingRead{read(c.reading->what), unit == nullptr ? c.reading->unit : std::string(unit->symbol), figure(c.reading->limits)};
        return r;
    }

    static SourceRead source(const Source& s) {
        std::string holds = fmt::format("{}", fmt::join(s.variants, ", "));
        if (!s.serials.empty()) holds += fmt::format("{}serials {}", holds.empty() ? "" : ", ", s.serials);
        return {s.title, s.edition, s.date, std::move(holds), s.instrument};
    }

    const Edition& e_;
    const Procedure& p_;
    LearnerGuide out_;
};

}  // namespace

Sentence sentence(const Procedure& p, const std::map<ItemId, int>& callouts, std::string_view line) {
    Sentence out;
    for (const auto& piece : pieces_of(line)) {
        if (piece.kind == TokenKind::Words) {
            out.push_back({TokenKind::Words, piece.text});
        } else if (piece.kind == TokenKind::Item) {
            const auto* item = p.find(ItemId(piece.text));
            if (item == nullptr) continue;
            const auto n = callouts.find(item->id);
            out.push_back({TokenKind::Item, item->name, n == callouts.end() ? 0 : n->second});
        } else if (const auto* f = p.find(FigureId(piece.text))) {
            out.push_back({TokenKind::Figure, "", 0, read_for_all(p, *f)});
        }
    }
    return out;
}

std::vector<FigureRead> figures_of(const Sentence& sentence) {
    std::vector<FigureRead> out;
    for (const auto& part : sentence) out.insert(out.end(), part.figures.begin(), part.figures.end());
    return out;
}

LearnerGuide learner_guide(const Edition& edition) { return Reader(edition).guide(); }

}  // namespace anagraph::core
