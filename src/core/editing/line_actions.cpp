#include "core/editing/line_actions.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>

#include "core/base/letters.h"
#include "core/editing/line_orders.h"
#include "core/procedure/text.h"
#include "core/procedure/verbs.h"

namespace anagraph::core {
namespace {

const LineActions* put_right_of(const Step& step, const std::string& line) {
    const auto it = std::find_if(step.put_right.begin(), step.put_right.end(), [&](const LineActions& l) { return l.line == line; });
    return it == step.put_right.end() ? nullptr : &*it;
}

std::vector<Action> actions_of_line(const Step& step, const std::string& line, const std::vector<Item>& items) {
    const auto* kept = put_right_of(step, line);
    return kept == nullptr ? core::actions_of_line(line, items) : kept->actions;
}

/// The corrections of the old lines that still hold: for lines that stand as they stood, and for the line in the place of one that
/// reads the same.
std::vector<LineActions> kept_corrections(const Step& before, const std::vector<std::string>& lines, const std::vector<Item>& items) {
    std::vector<LineActions> out;
    for (const auto& l : before.put_right) {
        if (std::find(lines.begin(), lines.end(), l.line) != lines.end()) {
            out.push_back(l);
            continue;
        }
        const auto old = std::find(before.lines.begin(), before.lines.end(), l.line);
        const auto place = static_cast<std::size_t>(old - before.lines.begin());
        if (old == before.lines.end() || before.lines.size() != lines.size()) continue;
        if (core::actions_of_line(l.line, items) == core::actions_of_line(lines[place], items)) out.push_back({lines[place], l.actions});
    }
    return out;
}

/// Is an action that names nothing about the machine? What is fitted or filled has a name, and the line has yet to give it.
bool may_be_of_the_machine(std::string_view word) {
    constexpr std::array kWhole{Verb::Run, Verb::Stop, Verb::Isolate, Verb::Release, Verb::Lift, Verb::Lower, Verb::Wait, Verb::Record,
        Verb::Mark, Verb::Inspect, Verb::Check, Verb::Reset};
    const auto verb = verb_of(word);
    return verb && std::find(kWhole.begin(), kWhole.end(), *verb) != kWhole.end();
}

}  // namespace

bool looks(std::string_view word) {
    const auto verb = verb_of(word);
    return verb == Verb::Inspect || verb == Verb::Check || verb == Verb::Measure;
}

bool same_verb(std::string_view a, std::string_view b) {
    const auto verb = verb_of(a);
    return a == b || (verb && verb == verb_of(b));
}

std::vector<Action> actions_of_line(std::string_view line, const std::vector<Item>& items) {
    std::vector<Action> out;
    for (auto& o : line_orders(line, items))
        if (!o.items.empty() || may_be_of_the_machine(o.verb))
            out.push_back({std::move(o.verb), std::move(o.items), o.figure, std::move(o.needs)});
    return out;
}

std::vector<Action> actions_of_line(const Step& step, std::size_t line, const std::vector<Item>& items) {
    return line < step.lines.size() ? actions_of_line(step, step.lines[line], items) : std::vector<Action>{};
}

std::vector<Action> actions_of(const Step& step, const std::vector<Item>& items, const std::vector<Action>& heard) {
    std::vector<Action> out;
    for (const auto& line : step.lines)
        for (auto& a : actions_of_line(step, line, items)) out.push_back(std::move(a));
    const auto named = [&](const ItemId& i) {
        return std::any_of(step.lines.begin(), step.lines.end(), [&](const std::string& l) { return names(l, TokenKind::Item, i.text()); });
    };
    for (const auto& a : heard) {
        // an action on nothing is done when there are lines; it was only a word heard
        const bool written = a.items.empty() ? !step.lines.empty() : std::all_of(a.items.begin(), a.items.end(), named);
        if (!written) out.push_back(a);
    }
    return out;
}

Step with_lines(Step step, std::vector<std::string> lines, const std::vector<Item>& items) {
    auto heard = step.actions;
    for (const auto& line : step.lines)
        for (const auto& a : actions_of_line(step, line, items))
            if (const auto it = std::find(heard.begin(), heard.end(), a); it != heard.end()) heard.erase(it);
    step.put_right = kept_corrections(step, lines, items);
    step.lines = std::move(lines);
    step.actions = actions_of(step, items, heard);
    return step;
}

Step with_line_actions(Step step, std::size_t line, std::vector<Action> actions, const std::vector<Item>& items) {
    if (line >= step.lines.size()) return step;
    const std::string words = step.lines[line];
    Step without = with_lines(step, {}, items);  // what was heard and is written in no line
    std::erase_if(step.put_right, [&](const LineActions& l) { return l.line == words; });
    if (actions != core::actions_of_line(words, items)) step.put_right.push_back({words, std::move(actions)});
    step.actions = actions_of(step, items, without.actions);
    return step;
}

std::vector<std::optional<std::size_t>> lines_of_actions(const Step& step, const std::vector<Item>& items) {
    std::vector<std::optional<std::size_t>> out(step.actions.size());
    std::size_t next = 0;
    for (std::size_t line = 0; line < step.lines.size(); ++line)
        for (const auto& a : actions_of_line(step, step.lines[line], items)) {
            const auto same = [&](const Action& own) { return same_verb(own.verb, a.verb) && own.items == a.items; };
            const auto it = std::find_if(step.actions.begin() + static_cast<std::ptrdiff_t>(next), step.actions.end(), same);
            if (it == step.actions.end()) continue;
            next = static_cast<std::size_t>(it - step.actions.begin());
            out[next++] = line;
        }
    // what is read otherwise than it is kept stands at the line that names what it is done to
    for (std::size_t i = 0; i < out.size(); ++i)
        for (std::size_t line = 0; !out[i] && !step.actions[i].items.empty() && line < step.lines.size(); ++line)
            if (names(step.lines[line], TokenKind::Item, step.actions[i].items.front().text())) out[i] = line;
    return out;
}

std::string figure_phrase(const Procedure& p, const FigureId& figure) {
    const Figure* f = p.find(figure);
    const bool time = f != nullptr && f->kind == FigureKind::Duration;
    const bool poured = f != nullptr && f->kind == FigureKind::Volume;
    return fmt::format("{} {{figure:{}}}", time ? " for" : poured ? ":" : " to", figure.text());
}

std::string line_for(const Procedure& p, const Action& action) {
    const auto verb = verb_of(action.verb).value_or(Verb::Hold);
    const auto list = [&](const std::vector<ItemId>& ids) {
        std::string out;
        for (std::size_t i = 0; i < ids.size(); ++i)
            out += fmt::format("{}the {{item:{}}}", i == 0 ? "" : i + 1 == ids.size() ? " and " : ", ", ids[i].text());
        return out;
    };
    std::string line = capitalised(std::string(name_of(verb)));
    if (verb == Verb::Inspect) line = "Look at";
    if (verb == Verb::Dispose) line = "Dispose of";
    if (verb == Verb::Wait && !action.items.empty()) line = "Let " + list(action.items) + " stand";
    if (verb == Verb::Record && action.items.empty()) line = "Record the date and the meter reading";
    if (action.items.empty() && verb != Verb::Record && verb != Verb::Wait) line += " the machine";
    if (!action.items.empty() && verb != Verb::Wait) line += " " + list(action.items);
    if (!action.figure.empty()) line += figure_phrase(p, action.figure);
    if (!action.needs.empty()) line += (verb == Verb::Drain ? " into " : " with ") + list(action.needs);
    return line + ".";
}

}  // namespace anagraph::core
