#include "core/editing/line_actions.h"

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

}  // namespace

bool looks(std::string_view verb) { return verb == "look" || verb == "check" || verb == "inspect" || verb == "read" || verb == "compare"; }

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
                const bool with =
                    i > 0 && (words[i - 1].lower == "with" || (i > 1 && words[i - 1].lower == "the" && words[i - 2].lower == "with"));
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
        const bool named = !a.items.empty() && std::all_of(a.items.begin(), a.items.end(), [&](const ItemId& i) {
            return std::any_of(lines.begin(), lines.end(), [&](const std::string& l) { return names(l, TokenKind::Item, i.text()); });
        });
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

}  // namespace anagraph::core
