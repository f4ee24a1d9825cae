#include "core/edition/edition.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <nlohmann/json.hpp>

#include "core/figure/evidence.h"
#include "core/house/house.h"
#include "core/plate/fastener_map.h"
#include "core/procedure/json.h"
#include "core/procedure/text.h"

namespace anagraph::core {

using nlohmann::json;

json to_json(const Edition& e) {
    json j{{"edition", e.number}, {"issued", e.issued}, {"author", e.author}, {"checker", e.checker}, {"safety", safety_statement()},
        {"changes", e.changes}, {"procedure", to_json(e.procedure)}};
    if (!e.desk.empty()) j["desk"] = e.desk;
    if (!e.taught.empty()) j["taught"] = e.taught;
    if (!e.rule.empty()) j["rule"] = e.rule;  // editions of before had none, and keep their text
    if (!e.methods.empty()) j["methods"] = methods_to_json(e.methods);
    for (const auto& signer : e.signers) j["signers"].push_back({{"role", signer.role}, {"post", signer.post}, {"key", signer.key}});
    for (const auto& w : e.wrenches)
        j["wrenches"].push_back(
            {{"figure", w.figure.text()}, {"wrench", w.wrench}, {"setting", w.setting}, {"unit", w.unit}, {"step", w.step}});
    return j;
}

Result<Edition> edition_from_json(const json& j) {
    const auto bad = [] {
        return fail(ErrorCode::BadInput,
            key("Edition", "This is no edition of a guide, or a damaged one; take edition.json from a pack that verifies."));
    };
    if (!j.is_object() || !j.contains("procedure") || !j.contains("edition") || !j.at("edition").is_number_integer()) return bad();
    for (const char* name : {"issued", "author", "checker"})
        if (!j.contains(name) || !j.at(name).is_string()) return bad();
    auto procedure = procedure_from_json(j.at("procedure"));
    if (!procedure) return tl::make_unexpected(procedure.error());
    Edition e{j.at("edition").get<int>(), j.at("issued").get<std::string>(), j.at("author").get<std::string>(),
        j.at("checker").get<std::string>(), std::move(*procedure), {}};
    for (const auto& [name, list] : {std::pair("changes", &e.changes), std::pair("taught", &e.taught)})
        if (j.contains(name) && j.at(name).is_array())
            for (const auto& c : j.at(name))
                if (c.is_string()) list->push_back(c.get<std::string>());
    if (j.contains("rule") && j.at("rule").is_string()) e.rule = j.at("rule").get<std::string>();
    if (j.contains("desk") && j.at("desk").is_string()) e.desk = j.at("desk").get<std::string>();
    for (const char* list : {"signers", "wrenches"})
        if (j.contains(list) && !j.at(list).is_array()) return bad();
    const auto text = [](const json& of, const char* name) {
        return of.is_object() && of.contains(name) && of.at(name).is_string() ? of.at(name).get<std::string>() : std::string();
    };
    for (const auto& s : j.value("signers", json::array())) e.signers.push_back({text(s, "role"), text(s, "post"), text(s, "key")});
    for (const auto& w : j.value("wrenches", json::array()))
        e.wrenches.push_back({FigureId(text(w, "figure")), text(w, "wrench"), text(w, "setting"), text(w, "unit"), text(w, "step")});
    if (j.contains("methods")) {
        try {
            e.methods = methods_from_json(j.at("methods"));
        } catch (const json::exception&) {
            return bad();
        }
    }
    return e;
}

// nlohmann::json keeps object keys sorted by their bytes, which is the canonical order.
std::string canonical_text(const json& j) { return j.dump(-1, ' ', false, json::error_handler_t::replace) + "\n"; }

namespace {

std::string in_steps(const Procedure& p, const FigureId& id) {
    const auto steps = steps_using(p, id);
    if (steps.empty()) return "";
    return fmt::format(" Used in step{} {}.", steps.size() == 1 ? "" : "s", fmt::join(steps, ", "));
}

/// The first step that reads a figure.
StepId first_step(const Procedure& p, const FigureId& id) {
    const auto steps = steps_using(p, id);
    return steps.empty() ? StepId{} : p.steps[static_cast<std::size_t>(steps.front() - 1)].id;
}

void figure_differences(const Procedure& before, const Procedure& after, std::vector<Difference>& out) {
    for (const auto& f : after.figures) {
        const Figure* old = before.find(f.id);
        const std::string title = title_of(after, f);
        const auto tell = [&](std::string text, bool again, std::string was = {}, std::string is = {}) {
            out.push_back({std::move(text), again, first_step(after, f.id), f.id, std::move(was), std::move(is)});
        };
        if (old == nullptr) {
            tell(fmt::format("New: {}, {}.{}", title, text_in_both(f), in_steps(after, f.id)), true, "", text_in_both(f));
            continue;
        }
        if (old->value != f.value) {
            tell(fmt::format("{}: now {}; it was {}.{}", title, text_in_both(f), text_in_both(*old), in_steps(after, f.id)), true,
                text_in_both(*old), text_in_both(f));
        } else if (old->tolerance != f.tolerance) {
            const auto tolerance = [](const Figure& x) { return x.tolerance.empty() ? "not given" : "\u00B1 " + x.tolerance; };
            tell(fmt::format("{}: its tolerance is now {}; it was {}.{}", title, tolerance(f), tolerance(*old), in_steps(after, f.id)),
                true, text_in_both(*old), text_in_both(f));
        }
        if (old->variants != f.variants || old->condition != f.condition)
            tell(fmt::format("{}: it was given for {} before.", title, title_of(before, *old)), true);
        if (old->level != f.level && f.level)
            tell(fmt::format("{}: how the level is read is now: {}", title, text_of(*f.level)), true,
                old->level ? text_of(*old->level).english() : std::string(), text_of(*f.level));
        const Standing was = standing_of(before, *old);
        const Standing is = standing_of(after, f);
        if (was != is)
            tell(fmt::format("{} is now {}; it was {}.", title, name_of(is), name_of(was)), is != Standing::Proved,
                std::string(name_of(was)), std::string(name_of(is)));
        if (old->kind != f.kind || old->item != f.item || old->purpose != f.purpose)
            tell(fmt::format("What was called \u201C{}\u201D is now \u201C{}\u201D.", title_of(before, *old), title), true,
                title_of(before, *old), title);
        if (was == is &&
            (old->proofs != f.proofs || old->claims != f.claims || old->settled != f.settled || old->looked != f.looked ||
                old->replaces != f.replaces))
            tell(fmt::format("{}: what it rests on changed.", title), false);
    }
    for (const auto& f : before.figures)
        if (after.find(f.id) == nullptr)
            out.push_back({fmt::format("No longer given: {} ({}).", title_of(before, f), text_of(f.value)), true, first_step(before, f.id),
                f.id, text_in_both(f), ""});
}

std::string step_title(std::size_t index, const Step& s) {
    return fmt::format("Step {}, {}", index + 1, s.heading.empty() ? "(no heading)" : s.heading);
}

/// The cautions of a step in one line each: "WARNING Hot oil."
std::string cautions_text(const Procedure& p, const Step& s) {
    std::string out;
    for (const auto& c : s.cautions) out += fmt::format("{}{} {}", out.empty() ? "" : "\n", name_of(c.signal), rendered(p, c.text));
    return out;
}

void step_differences(const Procedure& before, const Procedure& after, std::vector<Difference>& out) {
    std::vector<StepId> order_before;
    std::vector<StepId> order_after;
    for (std::size_t i = 0; i < after.steps.size(); ++i) {
        const Step& s = after.steps[i];
        const Step* old = before.find(s.id);
        if (old == nullptr) {
            out.push_back({fmt::format("New: {}.", step_title(i, s)), true, s.id});
            continue;
        }
        order_after.push_back(s.id);
        const auto tell = [&](const std::string& text, bool again, std::string was = {}, std::string is = {}) {
            out.push_back({fmt::format("{}: {}", step_title(i, s), text), again, s.id, {}, std::move(was), std::move(is)});
        };
        if (old->cautions != s.cautions)
            tell("its cautions changed. Read them again.", true, cautions_text(before, *old), cautions_text(after, s));
        if (old->heading != s.heading) tell(fmt::format("it was headed \u201C{}\u201D.", old->heading), false, old->heading, s.heading);
        if (old->lines != s.lines) {
            for (const auto& line : s.lines)
                if (std::find(old->lines.begin(), old->lines.end(), line) == old->lines.end())
                    tell(fmt::format("it now says \u201C{}\u201D", rendered(after, line)), false, "", rendered(after, line));
            for (const auto& line : old->lines)
                if (std::find(s.lines.begin(), s.lines.end(), line) == s.lines.end())
                    tell(fmt::format("it no longer says \u201C{}\u201D", rendered(before, line)), false, rendered(before, line), "");
            if (std::is_permutation(old->lines.begin(), old->lines.end(), s.lines.begin(), s.lines.end()))
                tell("the order of its lines changed.", true);
        }
        if (old->checks != s.checks) tell("what to check changed.", true);
        if (old->waits != s.waits) tell("what to wait for changed.", true);
        if (old->states != s.states) tell("the state the machine must be in changed.", true);
        if (old->resets != s.resets) tell("how it is set back changed.", true);
        if (old->methods != s.methods) tell("which way it is done changed.", true);
        if (old->variants != s.variants) tell("the variants it applies to changed.", true);
        if (old->plates != s.plates || old->clip != s.clip) tell("its pictures changed.", false);
        if (old->actions != s.actions) tell("what is done to what changed.", false);
        if (old->hands != s.hands) tell("the time it takes changed.", false, text_of(old->hands), text_of(s.hands));
    }
    for (std::size_t i = 0; i < before.steps.size(); ++i) {
        const Step& gone = before.steps[i];
        if (after.find(gone.id) == nullptr)
            out.push_back({fmt::format("No longer there: {}.", step_title(i, gone)), true, gone.id});
        else
            order_before.push_back(gone.id);
    }
    if (order_before != order_after) {
        std::vector<std::string> headings;
        for (const auto& s : after.steps) headings.push_back(s.heading);
        out.push_back({fmt::format("The order of the steps changed. It is now: {}.", fmt::join(headings, "; ")), true});
    }
}

/// What of an item is told nowhere else: the rest of it.
Item relations_of(Item item) {
    item.id = {};
    item.kind = {};
    item.name.clear();
    item.spec.clear();
    item.number.clear();
    item.fastening = {};
    item.variants.clear();
    item.translated.clear();  // a translation is not what the guide says
    return item;
}

void item_differences(const Procedure& before, const Procedure& after, std::vector<Difference>& out) {
    for (const auto& item : after.items) {
        const Item* old = before.find(item.id);
        if (old == nullptr) {
            // gear that protects and things to work with must be laid out before the job begins
            out.push_back({fmt::format("New: {}{}.", item.name, item.spec.empty() ? "" : ", " + item.spec),
                item.kind == ItemKind::Protection || item.kind == ItemKind::Fluid || item.kind == ItemKind::Seal});
            continue;
        }
        if (old->fastening != item.fastening)
            out.push_back({fmt::format("\u201C{}\u201D: {}.", item.name,
                               item.fastening == Fastening{} ? "length, head and washer are not known any more"
                                                             : "now " + fastening_words(item.fastening)),
                true});
        if (old->name != item.name || old->spec != item.spec || old->number != item.number)
            out.push_back({fmt::format("\u201C{}\u201D is now {}{}{}.", old->name, item.name, item.spec.empty() ? "" : ", " + item.spec,
                               item.number.empty() ? "" : ", part " + item.number),
                false});
        if (old->kind != item.kind)
            out.push_back(
                {fmt::format("\u201C{}\u201D is listed as {} now; it was listed as {}.", item.name, name_of(item.kind), name_of(old->kind)),
                    false});
        if (old->variants != item.variants)
            out.push_back({fmt::format("\u201C{}\u201D: the variants it belongs to changed.", item.name), true});
        if (relations_of(*old) != relations_of(item))
            out.push_back(
                {fmt::format("\u201C{}\u201D: what it closes, lies behind, is renewed with or holds changed.", item.name), false});
    }
    for (const auto& item : before.items)
        if (after.find(item.id) == nullptr)
            out.push_back({fmt::format("No longer listed: {}.", item.name), item.kind == ItemKind::Protection});
}

void source_differences(const Procedure& before, const Procedure& after, std::vector<Difference>& out) {
    for (const auto& source : after.sources) {
        const Source* old = before.find(source.id);
        if (old == nullptr)
            out.push_back({fmt::format("New source: {}{}.", source.title, source.edition.empty() ? "" : ", " + source.edition), false});
        else if (!(*old == source))
            out.push_back({fmt::format("The source \u201C{}\u201D changed: it is now {}{}.", old->title, source.title,
                               source.edition.empty() ? "" : ", " + source.edition),
                false});
    }
    for (const auto& source : before.sources)
        if (after.find(source.id) == nullptr) out.push_back({fmt::format("No longer a source: {}.", source.title), false});
}

/// What is printed under clips; what the author notes for himself is not.
void caption_differences(const Procedure& before, const Procedure& after, std::vector<Difference>& out) {
    const bool clips = std::any_of(after.steps.begin(), after.steps.end(), [](const Step& s) { return s.clip.has_value(); });
    for (const auto& use : after.recordings) {
        const RecordingUse* old = before.find(use.id);
        if (clips && old != nullptr &&
            (old->corrections != use.corrections || old->typed != use.typed || old->anchors != use.anchors ||
                old->speakers != use.speakers))
            out.push_back({fmt::format("The captions of the clips of \u201C{}\u201D were corrected.", use.title), false});
    }
}

void header_differences(const Procedure& before, const Procedure& after, std::vector<Difference>& out) {
    if (before.header.follow_ups != after.header.follow_ups) out.push_back({"The follow-ups changed.", true});
    // a translation is not what the guide says, and follow-ups were told
    const auto rest = [](Header h) {
        h.follow_ups.clear();
        h.translated.clear();
        return h;
    };
    if (rest(before.header) != rest(after.header))
        out.push_back({"Title, number, language, variants or the workshop note changed.", false});
}

}  // namespace

std::vector<Difference> differences(const Procedure& before, const Procedure& after) {
    std::vector<Difference> out;
    figure_differences(before, after, out);
    step_differences(before, after, out);
    item_differences(before, after, out);
    source_differences(before, after, out);
    caption_differences(before, after, out);
    header_differences(before, after, out);
    std::stable_sort(out.begin(), out.end(), [](const Difference& a, const Difference& b) { return a.read_again && !b.read_again; });
    return out;
}

std::vector<Difference> differences(const Edition& before, const Edition& after) {
    auto out = differences(before.procedure, after.procedure);
    for (std::size_t i = 0; i < after.procedure.steps.size(); ++i) {
        const Step& step = after.procedure.steps[i];
        const Step* old = before.procedure.find(step.id);
        if (old == nullptr || old->methods != step.methods) continue;
        const auto now = methods_of(step, after.methods);
        const auto then = methods_of(step, before.methods);
        for (std::size_t k = 0; k < now.size() && k < then.size(); ++k)
            if (now[k].chosen != then[k].chosen || now[k].accepted != then[k].accepted)
                out.push_back({fmt::format("{}: {} {}", step_title(i, step), now[k].topic->question, summary(now[k])), true, step.id, {},
                    summary(then[k]), summary(now[k])});
    }
    // editions of before told of no wrench
    for (const auto& now : before.wrenches.empty() ? std::vector<WrenchSetting>{} : after.wrenches) {
        const Figure* f = after.procedure.find(now.figure);
        const Figure* old = before.procedure.find(now.figure);
        if (f == nullptr || old == nullptr || old->value != f->value) continue;  // told as a figure
        const auto then = std::find_if(before.wrenches.begin(), before.wrenches.end(),
            [&](const WrenchSetting& w) { return w.figure == now.figure && w.wrench == now.wrench; });
        const std::string was = then == before.wrenches.end() ? "" : text_of(*then);
        const std::string is = text_of(now);
        if (was == is) continue;
        out.push_back({fmt::format("{}: on the {} it is {}set to {}{}.{}", title_of(after.procedure, *f), now.wrench,
                           was.empty() ? "" : "now ", is, was.empty() ? "" : "; it was " + was, in_steps(after.procedure, f->id)),
            !was.empty(), first_step(after.procedure, f->id), f->id, was, is});
    }
    if (before.desk != after.desk)
        out.push_back({after.desk.empty() ? "Printed pages do not name a desk any more."
                                          : fmt::format("Printed pages now name the desk {}.", after.desk),
            false});
    if (before.rule != after.rule)
        out.push_back({after.rule.empty() ? "The house has no rule any more for sources that differ."
                                          : fmt::format("Where sources differ, it is now: {}", after.rule),
            false});
    std::stable_sort(out.begin(), out.end(), [](const Difference& a, const Difference& b) { return a.read_again && !b.read_again; });
    return out;
}

}  // namespace anagraph::core
