#include "core/editing/draft_lines.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/letters.h"
#include "core/editing/line_actions.h"
#include "core/edits/change_label.h"
#include "core/procedure/text.h"
#include "core/procedure/verbs.h"

namespace anagraph::core {
namespace {

/// The figure heard in the step that an action on an item is done to.
FigureId figure_for_action(const Procedure& p, const Step& step, const Action& a) {
    if (!a.figure.empty()) return a.figure;
    if (a.items.empty()) return {};
    for (const auto& id : step.heard) {
        const Figure* f = p.find(id);
        if (f == nullptr || f->item != a.items.front()) continue;
        const auto verb = verb_of(a.verb);
        const bool tightened = verb == Verb::Tighten && (f->kind == FigureKind::Torque || f->kind == FigureKind::Turn);
        const bool filled = verb == Verb::Fill && f->kind == FigureKind::Volume;
        const bool run = (verb == Verb::Run || verb == Verb::Wait) && f->kind == FigureKind::Duration;
        if (tightened || filled || run) return id;
    }
    return {};
}

/// A step with its lines, checks and waits drafted, the latter two with the stretch of the tape they were said in.
Step drafted(const Procedure& p, Step s, const std::vector<TapeLines>& tapes) {
    std::vector<FigureId> written;
    std::vector<std::string> lines = s.lines;
    for (const auto& a : s.actions) {
        const Item* item = a.items.empty() ? nullptr : p.find(a.items.front());
        if (looks(a.verb)) {
            if (item != nullptr && std::none_of(s.checks.begin(), s.checks.end(), [&](const Check& c) { return c.look == item->name; }))
                s.checks.push_back({item->name, "", ""});
            continue;
        }
        if (item == nullptr) continue;
        std::string line = fmt::format("{} the {{item:{}}}", capitalised(a.verb), item->id.text());
        if (const auto figure = figure_for_action(p, s, a); !figure.empty()) {
            line += figure_phrase(p, figure);
            written.push_back(figure);
        }
        line += '.';
        if (std::find(lines.begin(), lines.end(), line) == lines.end()) lines.push_back(std::move(line));
    }
    if (lines != s.lines) s = with_lines(std::move(s), std::move(lines), p.items);
    for (const auto& id : s.heard) {
        const Figure* f = p.find(id);
        const bool said = std::find(written.begin(), written.end(), id) != written.end() ||
            std::any_of(s.waits.begin(), s.waits.end(), [&](const Wait& w) { return w.figure == id; });
        if (f != nullptr && f->kind == FigureKind::Duration && !said) s.waits.push_back({"", id});
    }
    for (std::size_t i = 0; i < s.checks.size(); ++i)
        if (!s.checks[i].shown) s.checks[i].shown = where_said(p, s, {StepPart::Check, i}, tapes);
    for (std::size_t i = 0; i < s.waits.size(); ++i)
        if (!s.waits[i].shown) s.waits[i].shown = where_said(p, s, {StepPart::Wait, i}, tapes);
    return s;
}

constexpr Key kNothingHeard =
    key("Editor", "Nothing was logged in this step that a line could be made of: take its actions and figures first, or write the line.");

}  // namespace

Result<Change> draft_lines(const Procedure& p, const StepId& id, const std::vector<TapeLines>& tapes) {
    const Step* step = p.find(id);
    if (step == nullptr) return fail(ErrorCode::NotFound, key("Editor", "Choose the step whose lines are to be drafted."));
    if (!step->lines.empty())
        return fail(ErrorCode::Refused, key("Editor", "This step has its lines already; a draft never writes over what a person wrote."));
    Step next = drafted(p, *step, tapes);
    if (next == *step) return fail(ErrorCode::Refused, kNothingHeard);
    return tried(p, Change{change_label("draft lines from the tape"), {Put<Step>{std::move(next), std::nullopt}}});
}

Result<Change> draft_all_lines(const Procedure& p, const std::vector<TapeLines>& tapes) {
    Change change{change_label("draft lines from the tape"), {}};
    for (const auto& step : p.steps) {
        if (!step.lines.empty()) continue;
        if (Step next = drafted(p, step, tapes); next != step) change.edits.emplace_back(Put<Step>{std::move(next), std::nullopt});
    }
    if (change.edits.empty())
        return fail(ErrorCode::Refused,
            std::all_of(p.steps.begin(), p.steps.end(), [](const Step& s) { return !s.lines.empty(); })
                ? key("Editor", "Every step has its lines already; a draft never writes over what a person wrote.")
                : kNothingHeard);
    return tried(p, std::move(change));
}

}  // namespace anagraph::core
