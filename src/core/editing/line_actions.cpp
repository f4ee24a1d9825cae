#include "core/editing/line_actions.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/editing/line_words.h"
#include "core/narration/lexicon.h"

namespace anagraph::core {
namespace {

/// The verb by which the reader of narrations calls an order, with the particle that follows it if there is one.
std::string canonical_verb(const std::vector<LineWord>& words, std::size_t at, std::size_t end) {
    const auto form = lexicon::work_verb(words[at].lower);
    if (!form) return words[at].lower;
    for (const auto& pattern : form->patterns) {
        if (pattern.particles.empty()) continue;
        for (std::size_t i = at + 1; i < end; ++i)
            if (words[i].kind == TokenKind::Words && pattern.particles.has(words[i].lower)) return std::string(pattern.canonical);
    }
    return form->usual == nullptr ? words[at].lower : std::string(form->usual->canonical);
}

bool looks(std::string_view verb) { return verb == "look" || verb == "check" || verb == "inspect" || verb == "read" || verb == "compare"; }

std::string capital(std::string text) {
    if (!text.empty() && text[0] >= 'a' && text[0] <= 'z') text[0] = static_cast<char>(text[0] - 'a' + 'A');
    return text;
}

/// The figure heard in the step that an action on an item is done to.
FigureId figure_for_action(const Procedure& p, const Step& step, const Action& a) {
    if (!a.figure.empty()) return a.figure;
    if (a.items.empty()) return {};
    for (const auto& id : step.heard) {
        const Figure* f = p.find(id);
        if (f == nullptr || f->item != a.items.front()) continue;
        const bool tightened = a.verb == "tighten" && (f->kind == FigureKind::Torque || f->kind == FigureKind::Turn);
        const bool filled = (a.verb == "fill" || a.verb == "pour" || a.verb == "add") && f->kind == FigureKind::Volume;
        const bool run = (a.verb == "run" || a.verb == "warm" || a.verb == "wait") && f->kind == FigureKind::Duration;
        if (tightened || filled || run) return id;
    }
    return {};
}

/// A step with its lines, checks and waits drafted.
Step drafted(const Procedure& p, Step s) {
    std::vector<FigureId> written;
    for (const auto& a : s.actions) {
        const Item* item = a.items.empty() ? nullptr : p.find(a.items.front());
        if (looks(a.verb)) {
            if (item != nullptr && std::none_of(s.checks.begin(), s.checks.end(), [&](const Check& c) { return c.look == item->name; })) s.checks.push_back({item->name, "", ""});
            continue;
        }
        if (item == nullptr) continue;
        std::string line = fmt::format("{} the {{item:{}}}", capital(a.verb), item->id.text());
        if (const auto figure = figure_for_action(p, s, a); !figure.empty()) {
            const bool time = p.find(figure)->kind == FigureKind::Duration;
            line += fmt::format("{} {{figure:{}}}", time ? " for" : p.find(figure)->kind == FigureKind::Volume ? ":"
                                                                                                               : " to",
                                figure.text());
            written.push_back(figure);
        }
        line += '.';
        if (std::find(s.lines.begin(), s.lines.end(), line) == s.lines.end()) s.lines.push_back(std::move(line));
    }
    for (const auto& id : s.heard) {
        const Figure* f = p.find(id);
        const bool said = std::find(written.begin(), written.end(), id) != written.end() || std::any_of(s.waits.begin(), s.waits.end(), [&](const Wait& w) { return w.figure == id; });
        if (f != nullptr && f->kind == FigureKind::Duration && !said) s.waits.push_back({"", id});
    }
    return s;
}

constexpr const char* kNothingHeard = "Nothing was logged in this step that a line could be made of: take actions and figures on the Tape, or write the line.";

}  // namespace

std::vector<Action> actions_of_line(std::string_view line) {
    const auto words = line_words(line);
    const auto orders = orders_in(words);
    std::vector<Action> out;
    for (std::size_t k = 0; k < orders.size(); ++k) {
        const std::size_t from = orders[k].word;
        const std::size_t to = k + 1 < orders.size() ? orders[k + 1].joined_from : words.size();
        const std::size_t end = std::max(from + 1, std::min(to, words.size()));
        if (!lexicon::work_verb(words[from].lower)) continue;
        Action a{canonical_verb(words, from, end), {}, {}};
        for (std::size_t i = from + 1; i < end; ++i) {
            if (words[i].is_item()) {
                // what it is done with is no thing it is done to
                const bool with = i > 0 && (words[i - 1].lower == "with" || (i > 1 && words[i - 1].lower == "the" && words[i - 2].lower == "with"));
                if (!with) a.items.emplace_back(words[i].id);
            } else if (words[i].kind == TokenKind::Figure && a.figure.empty()) {
                a.figure = FigureId(words[i].id);
            }
        }
        if (!a.items.empty()) out.push_back(std::move(a));
    }
    return out;
}

std::vector<Action> actions_of(const std::vector<std::string>& lines, const std::vector<Action>& heard) {
    std::vector<Action> out;
    for (const auto& line : lines)
        for (auto& a : actions_of_line(line)) out.push_back(std::move(a));
    for (const auto& a : heard) {
        const bool named = !a.items.empty() && std::all_of(a.items.begin(), a.items.end(), [&](const ItemId& i) { return std::any_of(lines.begin(), lines.end(), [&](const std::string& l) { return names(l, TokenKind::Item, i.text()); }); });
        // an action on nothing is done when there are lines; it was only a word heard
        if (!named && (!a.items.empty() || lines.empty())) out.push_back(a);
    }
    return out;
}

Step with_lines(Step step, std::vector<std::string> lines) {
    auto heard = step.actions;
    for (const auto& line : step.lines)
        for (const auto& a : actions_of_line(line)) std::erase(heard, a);
    step.actions = actions_of(lines, heard);
    step.lines = std::move(lines);
    return step;
}

Result<Change> draft_lines(const Procedure& p, const StepId& id) {
    const Step* step = p.find(id);
    if (step == nullptr) return fail(ErrorCode::NotFound, "Choose the step whose lines are to be drafted.");
    if (!step->lines.empty()) return fail(ErrorCode::Refused, "This step has its lines already; a draft never writes over what a person wrote.");
    Step next = drafted(p, *step);
    if (next == *step) return fail(ErrorCode::Refused, kNothingHeard);
    return tried(p, Change{"draft lines from the tape", {Put<Step>{std::move(next), std::nullopt}}});
}

Result<Change> draft_all_lines(const Procedure& p) {
    Change change{"draft lines from the tape", {}};
    for (const auto& step : p.steps) {
        if (!step.lines.empty()) continue;
        if (Step next = drafted(p, step); next != step) change.edits.emplace_back(Put<Step>{std::move(next), std::nullopt});
    }
    if (change.edits.empty()) return fail(ErrorCode::Refused, std::all_of(p.steps.begin(), p.steps.end(), [](const Step& s) { return !s.lines.empty(); }) ? "Every step has its lines already; a draft never writes over what a person wrote." : kNothingHeard);
    return tried(p, std::move(change));
}

}  // namespace anagraph::core
