#include "core/narration/line.h"

namespace anagraph::core {

using lexicon::Class;
using lexicon::is;

bool Line::any_of(const WordList& list, std::size_t from, std::size_t to) const {
    for (std::size_t i = from; i < std::min(to, size()); ++i)
        if (listed(list, at(i))) return true;
    return false;
}

namespace {

/// "engine's" -> "engine": a thing is called by its noun, whether something of it is spoken of or it is short for "is".
std::string_view noun(std::string_view word) { return word.ends_with("'s") && word.size() > 3 ? word.substr(0, word.size() - 2) : word; }

}  // namespace

std::string thing_near(const Line& line, std::size_t i, std::size_t from, std::size_t to) {
    to = std::min(to, line.size());
    const auto names = [&](std::size_t k) {
        return k >= from && k < to && (is(Class::Part, line.at(k)) || is(Class::Fluid, line.at(k))) && !is(Class::Tool, line.at(k));
    };
    std::size_t best = line.size();
    for (std::size_t reach = 0; reach < to - std::min(from, to) + 1 && best == line.size(); ++reach) {
        if (i >= reach && names(i - reach))
            best = i - reach;
        else if (names(i + reach))
            best = i + reach;
    }
    if (best == line.size()) return {};
    while (best + 1 < to && !line.starts_clause(best + 1) && names(best + 1)) ++best;
    std::string name(noun(line.at(best)));
    for (std::size_t k = best; k > from && best - k < 2; --k) {
        const auto before = line.before(k);
        const bool plain = listed("the a an old new of more same good clean little small big other first second third last", before);
        if (line.starts_clause(k) || plain || !(is(Class::Modifier, before) || is(Class::Part, before) || is(Class::Fluid, before))) break;
        name = std::string(noun(before)) + " " + name;
    }
    return name;
}

}  // namespace anagraph::core
