#include "core/figure/evidence.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>

#include "core/edits/change_label.h"
#include "core/procedure/step_texts.h"
#include "core/procedure/text.h"

namespace anagraph::core {
namespace {

bool same_thing(const Figure& a, const Figure& b) { return a.kind == b.kind && a.item == b.item && a.purpose == b.purpose; }

std::string name_of_proof(const Procedure& p, const Proof& proof) {
    const Source* s = p.find(proof.source);
    return s == nullptr ? proof.place : fmt::format("{}, {}", s->title, proof.place);
}

/// The text with one figure named in another's place.
std::string renamed(const std::string& text, const FigureId& from, const FigureId& to) {
    auto pieces = pieces_of(text);
    for (auto& piece : pieces)
        if (piece.kind == TokenKind::Figure && piece.text == from.text()) piece.text = to.text();
    return line_of(pieces);
}

/// The step with one figure put in another's place everywhere.
Step renamed(Step s, const FigureId& from, const FigureId& to) {
    const auto line = [&](std::string& text) { text = renamed(text, from, to); };
    const auto id = [&](FigureId& figure) {
        if (figure == from) figure = to;
    };
    each_text(s, [&](const std::string&, std::string& text) { line(text); });
    for (auto& t : s.translated) {
        line(t.of);
        line(t.text);
    }
    for (auto& c : s.comments) line(c.at);
    for (auto& a : s.answered) line(a.text);
    for (auto& w : s.waits) id(w.figure);
    for (auto& a : s.actions) id(a.figure);
    for (auto& l : s.put_right) {
        line(l.line);
        for (auto& a : l.actions) id(a.figure);
    }
    for (auto& c : s.checks)
        if (c.reading) id(c.reading->limits);
    for (auto& r : s.resets)
        for (auto& press : r.presses) id(press.hold);
    for (auto& plate : s.plates)
        for (auto& m : plate.marks) id(m.figure);
    if (s.clip)
        for (auto& m : s.clip->marks) id(m.mark.figure);
    std::vector<FigureId> heard;
    for (const auto& known : s.heard) {
        const FigureId now = known == from ? to : known;
        if (std::find(heard.begin(), heard.end(), now) == heard.end()) heard.push_back(now);
    }
    s.heard = std::move(heard);
    return s;
}

}  // namespace

std::vector<const Figure*> figures_alike(const Procedure& p, const Figure& figure) {
    std::vector<const Figure*> out;
    for (const auto& f : p.figures)
        if (same_thing(f, figure)) out.push_back(&f);
    return out;
}

bool holds_for(const Figure& figure, std::string_view variant) {
    return figure.variants.empty() || std::find(figure.variants.begin(), figure.variants.end(), variant) != figure.variants.end();
}

const Figure* figure_for(const Procedure& p, const Figure& figure, std::string_view variant) {
    const Figure* general = nullptr;
    for (const auto* f : figures_alike(p, figure)) {
        if (f->condition != figure.condition || !holds_for(*f, variant)) continue;
        if (!f->variants.empty()) return f;
        general = f;
    }
    return general;
}

bool differs_by_variant(const Procedure& p, const Figure& figure) {
    // without item and purpose two figures are not known to be of one thing
    if (figure.item.empty() || figure.purpose.empty() || p.header.variants.size() < 2) return false;
    return std::any_of(p.figures.begin(), p.figures.end(),
        [&](const Figure& f) { return same_thing(f, figure) && f.condition == figure.condition && !f.variants.empty(); });
}

std::string text_for_all(const Procedure& p, const Figure& figure) {
    if (!differs_by_variant(p, figure)) return text_in_both(figure);
    std::string out;
    for (const auto& variant : p.header.variants) {
        const Figure* f = figure_for(p, figure, variant);
        out += fmt::format("{}{} for {}", out.empty() ? "" : ", ", f == nullptr ? std::string("not known") : text_in_both(*f), variant);
    }
    return out;
}

bool counts(const Procedure& p, const Figure& figure, const Proof& proof) {
    const Source* s = p.find(proof.source);
    if (s == nullptr || s->variants.empty()) return s != nullptr;
    const auto& wanted = figure.variants.empty() ? p.header.variants : figure.variants;
    return std::all_of(wanted.begin(), wanted.end(),
        [&](const std::string& v) { return std::find(s->variants.begin(), s->variants.end(), v) != s->variants.end(); });
}

namespace {

/// The figure without what does not count for it.
Figure counted(const Procedure& p, Figure figure) {
    std::erase_if(figure.proofs, [&](const Proof& proof) { return !counts(p, figure, proof); });
    return figure;
}

bool all_count(const Procedure& p, const Figure& figure) {
    return std::all_of(figure.proofs.begin(), figure.proofs.end(), [&](const Proof& proof) { return counts(p, figure, proof); });
}

}  // namespace

Standing standing_of(const Procedure& p, const Figure& figure) { return standing_of(all_count(p, figure) ? figure : counted(p, figure)); }

namespace {

/// What does not count for the figure, a sentence for each.
Words not_counted(const Procedure& p, const Figure& figure) {
    std::vector<Words> out;
    for (const auto& proof : figure.proofs)
        if (!counts(p, figure, proof))
            out.push_back(p.find(proof.source) == nullptr
                    ? say(key("Evidence", "{0} applies to other variants only and does not count here."), name_of_proof(p, proof))
                    : say(key("Evidence", "{0} applies to {1} only and does not count here."), name_of_proof(p, proof),
                          fmt::format("{}", fmt::join(p.find(proof.source)->variants, ", "))));
    return one_after_other(out);
}

}  // namespace

Words finding_of(const Procedure& p, const Figure& figure) {
    return one_after_other({finding_of(counted(p, figure)), not_counted(p, figure)});
}
Words argue_standing(const Procedure& p, const Figure& figure) {
    return one_after_other({argue_standing(counted(p, figure)), not_counted(p, figure)});
}

std::vector<const Source*> outdated_sources(const Procedure& p, const Figure& figure) {
    std::vector<const Source*> out;
    for (const auto& proof : figure.proofs) {
        const Source* s = p.find(proof.source);
        if (s == nullptr || s->date.empty()) continue;
        const bool newer = std::any_of(p.sources.begin(), p.sources.end(),
            [&](const Source& n) { return n.kind == s->kind && n.title == s->title && n.date > s->date; });
        // looked up in the newer one too: done
        const bool again = std::any_of(figure.proofs.begin(), figure.proofs.end(), [&](const Proof& other) {
            const Source* o = p.find(other.source);
            return o != nullptr && o->title == s->title && o->date > s->date;
        });
        if (newer && !again && std::find(out.begin(), out.end(), s) == out.end()) out.push_back(s);
    }
    return out;
}

std::optional<Ruling> ruling(const Procedure& p, const Figure& figure, const House& house) {
    std::vector<const Proof*> best;
    std::vector<const Proof*> all;
    std::size_t rank = 0;
    for (const auto& proof : figure.proofs) {
        if (!counts(p, figure, proof)) continue;
        all.push_back(&proof);
        const std::size_t now = rank_of(house, p.find(proof.source)->kind);
        if (best.empty() || now < rank) best.clear();
        if (best.empty() || now == rank) {
            rank = now;
            best.push_back(&proof);
        }
    }
    if (best.empty()) return std::nullopt;
    const Proof& first = *best.front();
    Figure ruled = figure;
    ruled.value = first.value;
    if (!std::all_of(best.begin(), best.end(), [&](const Proof* q) { return agrees(ruled, *q); })) return std::nullopt;
    std::vector<std::string> against;
    for (const auto* q : all)
        if (!agrees(ruled, *q)) against.push_back(fmt::format("{} ({})", name_of_proof(p, *q), text_of(q->value)));
    std::size_t said = 0;
    for (const auto& c : figure.claims) said += agrees(ruled, c) ? 0 : 1;
    if (said > 0) against.push_back(said == 1 ? std::string("what was said once") : fmt::format("what was said {} times", said));
    const bool differs = !figure.value.known() || !agrees(figure, first);
    if (against.empty() && !differs) return std::nullopt;
    Ruling out;
    out.value = first.value;
    out.changes = differs;
    out.why = against.empty()
        ? fmt::format("{} gives it", name_of_proof(p, first))
        : fmt::format("house rule, {}: {} outranks {}", rule_text(house), name_of_proof(p, first), fmt::join(against, " and "));
    return out;
}

Change take_ruling(const Figure& figure, const Ruling& r) {
    Figure next = figure;
    if (r.changes) next.value = r.value;
    next.settled = r.why;
    return {change_label("resolve a figure by the house rule"), {Put<Figure>{std::move(next), std::nullopt}}};
}

std::optional<Words> contradiction(const Figure& figure) {
    for (std::size_t i = 0; i < figure.claims.size(); ++i)
        for (std::size_t k = i + 1; k < figure.claims.size(); ++k) {
            const auto& a = figure.claims[i];
            const auto& b = figure.claims[k];
            // twice the same words say nothing new
            if (a.value == b.value || agrees(a.value, b.value, {}) || agrees(b.value, a.value, {})) continue;
            return say(key("Evidence", "“{0}” at {1} and “{2}” at {3} cannot both be right."), a.words, clock_text(a.at, false), b.words,
                clock_text(b.at, false));
        }
    return std::nullopt;
}

Result<Change> join_figures(const Procedure& p, const FigureId& id, const FigureId& other_id) {
    const Figure* figure = p.find(id);
    const Figure* other = p.find(other_id);
    if (figure == nullptr || other == nullptr || id == other_id)
        return fail(ErrorCode::NotFound, key("Evidence", "Two figures of this guide are needed to join them."));
    if (figure->kind != other->kind)
        return fail(ErrorCode::Refused,
            say(key("Evidence", "A {0} and a {1} cannot be one figure."), spoken_name_of(figure->kind), spoken_name_of(other->kind)));
    Figure joined = *figure;
    joined.claims.insert(joined.claims.end(), other->claims.begin(), other->claims.end());
    joined.proofs.insert(joined.proofs.end(), other->proofs.begin(), other->proofs.end());
    joined.looked.insert(joined.looked.end(), other->looked.begin(), other->looked.end());
    if (!joined.value.known()) joined.value = other->value;
    // what was settled for one alone has to be looked at with the other's evidence
    joined.settled.clear();
    Change change{change_label("merge two figures"), {Put<Figure>{std::move(joined), std::nullopt}}};
    for (const auto& s : p.steps)
        if (Step now = renamed(s, other_id, id); now != s) change.edits.emplace_back(Put<Step>{std::move(now), std::nullopt});
    for (Item item : p.items) {
        bool held = false;
        for (auto* amount : {&item.total, &item.refill, &item.holds})
            if (*amount == other_id) *amount = id, held = true;
        if (held) change.edits.emplace_back(Put<Item>{std::move(item), std::nullopt});
    }
    Header header = p.header;
    for (auto& f : header.follow_ups)
        for (auto* text : {&f.when, &f.what}) *text = renamed(*text, other_id, id);
    if (header != p.header) change.edits.emplace_back(SetHeader{std::move(header)});
    change.edits.emplace_back(Remove<FigureId>{other_id});
    return tried(p, std::move(change));
}

Result<Change> part_claim(const Procedure& p, const FigureId& id, std::size_t claim) {
    const Figure* figure = p.find(id);
    if (figure == nullptr || claim >= figure->claims.size())
        return fail(ErrorCode::NotFound, key("Evidence", "Choose the claim that is to become a figure of its own."));
    if (figure->claims.size() == 1 && figure->proofs.empty())
        return fail(ErrorCode::Refused, key("Evidence", "It is all that speaks for this figure: there is nothing to part."));
    Figure rest = *figure;
    Figure own;
    own.kind = figure->kind;
    own.item = figure->item;
    own.purpose = figure->purpose;
    own.value = figure->claims[claim].value;
    own.claims = {figure->claims[claim]};
    own.id = fresh_id<FigureId>(
        fmt::format("{} {}", figure->item.text(), figure->purpose.empty() ? std::string(spoken_name_of(figure->kind)) : figure->purpose),
        p.figures);
    rest.claims.erase(rest.claims.begin() + static_cast<std::ptrdiff_t>(claim));
    if (rest.proofs.empty() && !rest.claims.empty() && rest.value == own.value) rest.value = rest.claims.front().value;
    const auto after =
        std::find_if(p.figures.begin(), p.figures.end(), [&](const Figure& f) { return f.id == id; }) - p.figures.begin() + 1;
    return tried(p,
        {change_label("part a claim from a figure"),
            {Put<Figure>{std::move(rest), std::nullopt}, Put<Figure>{std::move(own), static_cast<std::size_t>(after)}}});
}

Change note_not_found(const Figure& figure, FailedSearch looked) {
    Figure next = figure;
    next.looked.push_back(std::move(looked));
    return {change_label("note where a figure was looked for"), {Put<Figure>{std::move(next), std::nullopt}}};
}

}  // namespace anagraph::core
