#include "core/review/open_points.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <set>

#include "core/dryrun/dry_run.h"
#include "core/figure/evidence.h"
#include "core/plate/fastener_map.h"
#include "core/procedure/step_texts.h"
#include "core/procedure/text.h"

namespace anagraph::core {
namespace {

std::string lower(std::string text) {
    for (auto& c : text) c = static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    return text;
}

/// Is the item spoken of in the step: by its token, or by its name in a heading, a check or the words under a picture?
bool spoken_of(const Step& s, const Item& item) {
    // most parts are named by the lines; the rest of the text is read for the others only
    const auto named = [&](const std::string& line) { return names(line, TokenKind::Item, item.id.text()); };
    if (std::any_of(s.lines.begin(), s.lines.end(), named)) return true;
    const std::string name = lower(item.name);
    bool found = std::any_of(s.actions.begin(), s.actions.end(),
        [&](const Action& a) { return std::find(a.items.begin(), a.items.end(), item.id) != a.items.end(); });
    const auto said = [&](const std::string& text) { found = found || named(text) || lower(text).find(name) != std::string::npos; };
    each_text(s, [&](const std::string&, const std::string& text) { said(text); });
    for (const auto& c : s.checks)
        if (c.reading) said(c.reading->what);
    return found;
}

void step_points(const Procedure& p, const Step& s, std::size_t index, std::vector<OpenPoint>& out) {
    const auto add = [&](Station station, Words text, bool stops) {
        out.push_back({station, say(key("OpenPoints", "Step {0}: {1}"), index + 1, std::move(text)), s.id, {}, stops});
    };
    if (s.drafted) add(Station::Tape, key("OpenPoints", "it was drafted from what was said; look at it and confirm it."), true);
    if (s.heading.empty()) add(Station::Sheet, key("OpenPoints", "it has no heading yet; say what is done, as an order."), true);
    if (s.lines.empty()) add(Station::Sheet, key("OpenPoints", "no instruction is written yet."), true);
    std::set<std::string> unknown;
    each_text(s, [&](const std::string&, const std::string& text) {
        for (auto& name : unknown_names(p, text)) unknown.insert(std::move(name));
    });
    for (const auto& name : unknown)
        add(Station::Sheet, say(key("OpenPoints", "the text names {0}, which is not in this guide."), name), true);
    for (const auto& id : s.heard) {
        const bool written =
            std::any_of(s.lines.begin(), s.lines.end(), [&](const std::string& l) { return names(l, TokenKind::Figure, id.text()); });
        if (const Figure* f = p.find(id); f != nullptr && !written)
            add(Station::Sheet, say(key("OpenPoints", "\"{0}\" was taken from the tape but no line gives it."), title_of(p, *f)), false);
    }
    for (const auto& c : s.comments)
        if (!c.closed && c.answer.empty()) add(Station::Sheet, say(key("OpenPoints", "{0} says: {1}"), c.who, c.text), false);
    for (std::size_t i = 0; i + 1 < s.plates.size(); ++i) {
        const auto& a = s.plates[i];
        const auto& b = s.plates[i + 1];
        if (a.role == PairRole::None || b.role != counterpart(a.role)) continue;
        if (a.recording == b.recording && a.at == b.at)
            add(Station::Plates, key("OpenPoints", "the two pictures of a pair are the same frame."), false);
        if (a.marks.empty() && b.marks.empty() && a.callouts.empty() && b.callouts.empty())
            add(Station::Plates, key("OpenPoints", "nothing marks what differs between the two pictures of a pair."), false);
    }
    if (s.plates.empty()) add(Station::Plates, key("OpenPoints", "no picture shows it yet."), false);
    std::set<ItemId> shown;
    for (const auto& plate : s.plates) {
        for (const auto& c : plate.callouts) {
            const Item* item = p.find(c.item);
            if (item != nullptr && shown.insert(c.item).second && !spoken_of(s, *item))
                add(Station::Plates, say(key("OpenPoints", "\"{0}\" is called out but nothing in the step speaks of it."), item->name),
                    false);
        }
        for (const auto& f : plate.fasteners) shown.insert(f.item);
        for (auto& trouble : unstated(p, plate)) add(Station::Plates, std::move(trouble), false);
        for (auto& trouble : count_troubles(p, plate)) add(Station::Plates, std::move(trouble), false);
    }
    if (!s.plates.empty())
        for (const auto& line : s.lines)
            for (const auto& piece : pieces_of(line)) {
                const Item* item = piece.kind == TokenKind::Item ? p.find(ItemId(piece.text)) : nullptr;
                const bool visible =
                    item != nullptr && item->kind != ItemKind::Tool && item->kind != ItemKind::Fluid && item->kind != ItemKind::Protection;
                if (visible && shown.insert(item->id).second)
                    add(Station::Plates, say(key("OpenPoints", "\"{0}\" is named but not called out on its picture."), item->name), false);
            }
}

/// A figure before it that nothing tells it apart from: of the same thing, kind and purpose, for the same variants and
/// condition. Without an item or a purpose two figures are not known to be of one thing.
const Figure* twin_of(const Procedure& p, std::size_t i) {
    const Figure& f = p.figures[i];
    if (f.item.empty() || f.purpose.empty()) return nullptr;
    const auto end = p.figures.begin() + static_cast<std::ptrdiff_t>(i);
    const auto twin = std::find_if(p.figures.begin(), end, [&](const Figure& g) {
        return g.kind == f.kind && g.item == f.item && g.purpose == f.purpose && g.condition == f.condition && g.variants == f.variants;
    });
    return twin == end ? nullptr : &*twin;
}

}  // namespace

std::vector<OpenPoint> open_points(const Procedure& p) {
    std::vector<OpenPoint> out;
    for (const auto& f : p.figures)
        if (const auto number = ambiguous_number(f.value); !number.empty())
            out.push_back({Station::Figures,
                say(key("OpenPoints", "{0}: {1} can be read two ways; write it without the sign, or with other decimals."), title_of(p, f),
                    number),
                {}, f.id, true});
    for (const auto& f : p.figures)
        if (standing_of(p, f) != Standing::Proved)
            out.push_back({Station::Figures,
                say(key("OpenPoints", "{0} is {1}. {2}"), title_of(p, f), words_of(standing_of(p, f)), argue_standing(p, f)), {}, f.id,
                false});
    for (std::size_t i = 0; i < p.figures.size(); ++i)
        if (const auto* twin = twin_of(p, i))
            out.push_back({Station::Figures,
                say(key("OpenPoints",
                        "{0} stands here twice, {1} and {2}: join the two, or give each the variant, condition or purpose it is for."),
                    title_of(p, p.figures[i]), text_of(twin->value), text_of(p.figures[i].value)),
                {}, p.figures[i].id, false});
    for (const auto& f : p.figures)
        for (const auto* s : outdated_sources(p, f))
            out.push_back({Station::Figures,
                say(key("OpenPoints", "{0} stands on {1}, {2}; a newer edition is here: look it up again."), title_of(p, f), s->title,
                    s->edition),
                {}, f.id, false});
    for (std::size_t i = 0; i < p.steps.size(); ++i) step_points(p, p.steps[i], i, out);
    for (const auto& f : dry_run(p)) {
        if (f.weight() == Weight::Note) continue;
        const auto step = std::find_if(p.steps.begin(), p.steps.end(), [&](const Step& s) { return s.id == f.step; }) - p.steps.begin();
        out.push_back(
            {Station::DryRun, say(key("OpenPoints", "Step {0}: {1}"), step + 1, f.because), f.step, {}, f.weight() == Weight::Stop});
    }
    for (const auto& f : p.header.follow_ups)
        for (const auto& text : {f.when, f.what})
            for (const auto& name : unknown_names(p, text))
                out.push_back(
                    {Station::Sheet, say(key("OpenPoints", "A follow-up names {0}, which is not in this guide."), name), {}, {}, true});
    return out;
}

std::vector<Words> reasons_not_to_issue(const Procedure& p) { return reasons_not_to_issue(p, open_points(p)); }

std::vector<Words> reasons_not_to_issue(const Procedure& p, const std::vector<OpenPoint>& points) {
    std::vector<Words> out;
    if (p.steps.empty())
        out.emplace_back(key("OpenPoints", "The guide has no steps yet: bracket them on the tape or add them on the sheet."));
    if (p.header.number.empty())
        out.emplace_back(key("OpenPoints", "The guide has no guide number yet; give it one in the guide settings."));
    for (const auto& point : points)
        if (point.stops_issue) out.push_back(point.text);
    return out;
}

}  // namespace anagraph::core
