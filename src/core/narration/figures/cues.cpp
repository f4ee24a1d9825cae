#include "core/narration/figures/cues.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>

namespace anagraph::core {

using lexicon::Class;
using lexicon::is;
using lexicon::unit_of;

std::string plain(double value) {
    std::string s = fmt::format("{:.4f}", value);
    s.erase(s.find_last_not_of('0') + 1);
    if (s.back() == '.') s.pop_back();
    return s;
}

bool whole(double v) { return v == std::floor(v); }

bool near_any_of(const Line& line, const WordList& list, std::size_t from, std::size_t end, std::size_t reach) {
    return line.any_of(list, from > reach ? from - reach : 0, end + reach);
}

bool near_class(const Line& line, Class what, std::size_t from, std::size_t end, std::size_t reach) {
    return line.any(what, from > reach ? from - reach : 0, end + reach);
}

bool hedged_beside(const Line& line, std::size_t from, std::size_t end) {
    const std::size_t begin = line.clause_begin(std::min(from, line.size() - 1));
    for (std::size_t k = from; k > begin && from - k < 4; --k) {
        const auto w = line.before(k);
        if (is(Class::Hedge, w) && !(listed("about think", w) && listed("the that this what it", line.at(k)))) return true;
        if (w == "like" && k == from) return true;
        if (listed("over under", w) && line.before(k, 2) == "just") return true;
        if (w == "call" && line.at(k) == "it") return true;
        if (unit_of(w, "", "")) break;  // belongs to the figure before
    }
    static constexpr std::string_view kBehind[] = {"or so", "or thereabouts", "give or take", "something like that", "near enough",
        "near as", "i think", "i reckon", "i believe", "i guess", "i'm guessing", "or something", "more or less", "and a bit", "if that"};
    for (std::size_t k = end; k < std::min(line.size(), end + 4); ++k) {
        if (std::any_of(std::begin(kBehind), std::end(kBehind), [&](std::string_view s) { return line.stands_at(s, k); })) return true;
        if (listed("roughly maybe ish thereabouts approximately reckon", line.at(k))) return true;
        if (line.at(k) == "about" && (k + 1 >= line.size() || line.words[k + 1].sentence_start)) return true;
        if (read_number(line.words, k)) break;
    }
    return false;
}

std::optional<std::size_t> correction_after(const Line& line, std::size_t after) {
    const auto word = line.at(after);
    const bool plain_no = listed("no nah nope sorry wait actually rather correction oops", word) &&
        !listed("more less need no problem one", line.at(after + 1));
    const bool phrase = line.stands_at("hang on", after) || line.stands_at("i mean", after) || line.stands_at("make that", after) ||
        line.stands_at("or rather", after);
    if (!plain_no && !phrase) return std::nullopt;
    for (std::size_t k = after + 1; k < std::min(line.size(), after + 11); ++k) {
        if (listed("one that's", line.at(k)) && line.at(k) == "one") continue;
        const auto n = read_number(line.words, k);
        if (n &&
            (!n->fraction || unit_of(line.at(k + n->length + 1), line.at(k + n->length + 2), "") ||
                unit_of(line.at(k + n->length + 2), "", "")))
            return k;
    }
    return std::nullopt;
}

bool price_or_mass(const Line& line, std::size_t after) {
    const auto next = line.at(after);
    if (is(Class::Uncounted, next)) return true;
    return next == "k" && is(Class::Uncounted, line.at(after + 1));
}

}  // namespace anagraph::core
