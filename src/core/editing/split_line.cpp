#include "core/editing/split_line.h"

#include <algorithm>

#include "core/editing/line_actions.h"
#include "core/edits/change_label.h"
#include "core/procedure/text.h"

namespace anagraph::core {
namespace {

bool said_in(const std::vector<std::string>& lines, TokenKind kind, const std::string& id) {
    return std::any_of(lines.begin(), lines.end(), [&](const std::string& line) { return names(line, kind, id); });
}

}  // namespace

Result<Change> split_at_line(const Procedure& p, const StepId& id, std::size_t line) {
    const Step* step = p.find(id);
    if (step == nullptr) return fail(ErrorCode::NotFound, key("Editor", "Choose the step that is to be split."));
    if (line == 0 || line >= step->lines.size())
        return fail(ErrorCode::Refused,
            key("Editor", "Put the cursor into the line that is to begin the new step; each of the two keeps at least one line."));
    Step first = *step;
    Step second;
    second.id = fresh_id<StepId>("step", p.steps);
    second.variants = step->variants;
    second.drafted = step->drafted;
    second.states = step->states;
    const auto cut = first.lines.begin() + static_cast<std::ptrdiff_t>(line);
    second.lines.assign(cut, first.lines.end());
    first.lines.erase(cut, first.lines.end());
    const auto only_later = [&](TokenKind kind, const std::string& token) {
        return said_in(second.lines, kind, token) && !said_in(first.lines, kind, token);
    };
    const auto move = [](auto& from, auto& to, auto&& belongs) {
        for (auto it = from.begin(); it != from.end();)
            if (belongs(*it)) {
                to.push_back(std::move(*it));
                it = from.erase(it);
            } else {
                ++it;
            }
    };
    // actions go with their lines; what no line orders stays, unless only the later lines name what it is done to
    const auto ordered_in = lines_of_actions(*step, p.items);
    first.actions.clear();
    for (std::size_t i = 0; i < step->actions.size(); ++i) {
        const Action& a = step->actions[i];
        const bool later = ordered_in[i] ? *ordered_in[i] >= line
                                         : !a.items.empty() &&
                std::all_of(a.items.begin(), a.items.end(), [&](const ItemId& thing) { return only_later(TokenKind::Item, thing.text()); });
        (later ? second : first).actions.push_back(a);
    }
    first.hands = {};  // each of the two takes its own time
    move(first.put_right, second.put_right,
        [&](const LineActions& l) { return std::find(second.lines.begin(), second.lines.end(), l.line) != second.lines.end(); });
    move(first.heard, second.heard, [&](const FigureId& f) { return only_later(TokenKind::Figure, f.text()); });
    move(first.answered, second.answered,
        [&](const Answered& a) { return std::find(second.lines.begin(), second.lines.end(), a.text) != second.lines.end(); });
    move(first.comments, second.comments,
        [&](const Comment& c) { return std::find(second.lines.begin(), second.lines.end(), c.at) != second.lines.end(); });
    move(first.translated, second.translated,
        [&](const Translated& t) { return std::find(second.lines.begin(), second.lines.end(), t.of) != second.lines.end(); });
    const auto at = static_cast<std::size_t>(
                        std::find_if(p.steps.begin(), p.steps.end(), [&](const Step& s) { return s.id == id; }) - p.steps.begin()) +
        1;
    return tried(p, {change_label("split a step"), {Put<Step>{std::move(first), std::nullopt}, Put<Step>{std::move(second), at}}});
}

}  // namespace anagraph::core
