#include "core/editing/step_words.h"

#include <algorithm>

#include "core/editing/line_words.h"

namespace anagraph::core {

std::set<std::string> words_of(const Procedure& p, const std::vector<std::string>& lines, const std::vector<Action>& actions) {
    std::set<std::string> out;
    const auto add_word = [&](const std::string& lower) {
        out.insert(lower);
        out.insert(std::string(lexicon::singular(lower)));
        // "V-belt" is a belt
        if (const auto dash = lower.rfind('-'); dash != std::string::npos && dash + 1 < lower.size())
            out.insert(std::string(lexicon::singular(lower.substr(dash + 1))));
    };
    const auto add = [&](const std::string& text) {
        for (const auto& w : line_words(text)) add_word(w.lower);
    };
    for (const auto& line : lines)
        for (const auto& w : line_words(line)) {
            if (w.kind == TokenKind::Words) {
                add_word(w.lower);
            } else if (const Item* item = w.is_item() ? p.find(ItemId(w.id)) : nullptr) {
                add(item->name);
                add(item->spec);
            }
        }
    for (const auto& a : actions) {
        out.insert(a.verb);
        for (const auto& id : a.items)
            if (const Item* item = p.find(id)) {
                add(item->name);
                add(item->spec);
            }
    }
    return out;
}

std::set<std::string> words_of_step(const Procedure& p, const Step& step) {
    return words_of(p, step.lines, step.lines.empty() ? step.actions : std::vector<Action>{});
}

bool any(const std::set<std::string>& words, const WordList& of) {
    return std::any_of(words.begin(), words.end(), [&](const std::string& w) { return of.has(w); });
}

}  // namespace anagraph::core
