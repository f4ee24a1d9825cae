#include "core/editing/line_words.h"

#include <algorithm>
#include <cctype>

#include "core/narration/lexicon.h"

namespace anagraph::core {
namespace {

// Orders of common use that are no work on a part by themselves.
constexpr WordList kOrders{
    "stop wait let look read press push pull put lay keep leave go repeat watch write start run lift hold take give bring move set make "
    "wear stand ask note count mark compare listen finish measure catch pour screw wipe wash rinse dry shake turn open close fit undo "
    "loosen tighten remove check drain fill clean oil grease warm cool bleed pump switch connect disconnect record photograph label hang "
    "lock unlock isolate support lower raise slide tap tilt replace renew crack unscrew change inspect test"};
constexpr WordList kAfterVerb{
    "at the a an it them they this that these those your its all both each every new old any off on out in up down back away over under "
    "until with for by to into onto from through again slowly fully only"};
constexpr WordList kBeforeThing{"the a an it them this that these those your its all both each every new any one two three four six"};

constexpr WordList kState{"when until till once while if that which where because as unless after before whether"};

bool boundary(char c) { return c == '.' || c == ';' || c == '!' || c == '?'; }

/// Does the clause before word `i` tell a state ("when it is whole and clean") rather than give an order?
bool within_state(const std::vector<LineWord>& words, std::size_t i) {
    for (std::size_t k = i; k-- > 0;) {
        if (words[k].stop != ' ') return false;
        if (kState.has(words[k].lower)) return true;
    }
    return false;
}

/// A word that may be a thing as well needs something to act on behind it: "seat" in "clean the plug and seat" is none.
bool opens_clause(const std::vector<LineWord>& words, std::size_t i) {
    if (words[i].kind != TokenKind::Words || !is_order(words[i].lower)) return false;
    const bool thing = lexicon::is(lexicon::Class::Thing, words[i].lower) || lexicon::is(lexicon::Class::Fluid, words[i].lower) ||
        lexicon::is(lexicon::Class::Part, words[i].lower);
    if (i + 1 >= words.size()) return !thing;
    const LineWord& next = words[i + 1];
    if (next.is_item()) return true;
    if (thing) return kBeforeThing.has(next.lower);
    if (next.kind == TokenKind::Figure || words[i].stop != ' ') return true;
    return kAfterVerb.has(next.lower) || lexicon::is(lexicon::Class::Adverb, next.lower) ||
        lexicon::is(lexicon::Class::Modifier, next.lower) || lexicon::is(lexicon::Class::Thing, lexicon::singular(next.lower)) ||
        std::isdigit(static_cast<unsigned char>(next.text.front())) != 0;
}

}  // namespace

std::vector<LineWord> line_words(std::string_view line) {
    std::vector<LineWord> out;
    std::size_t at = 0;
    for (const auto& piece : pieces_of(line)) {
        const std::string raw = line_of({piece});
        if (piece.kind != TokenKind::Words) {
            out.push_back({raw, "", piece.kind, piece.text, at, at + raw.size()});
        } else {
            std::size_t i = 0;
            while (i < raw.size()) {
                const auto letter = [&](std::size_t k) {
                    return k < raw.size() &&
                        (std::isalnum(static_cast<unsigned char>(raw[k])) != 0 || static_cast<unsigned char>(raw[k]) >= 0x80 ||
                            raw[k] == '\'' || raw[k] == '-' || raw[k] == '%' || raw[k] == '/' ||
                            (raw[k] == '.' && k + 1 < raw.size() && std::isdigit(static_cast<unsigned char>(raw[k + 1])) != 0 && k > 0 &&
                                std::isdigit(static_cast<unsigned char>(raw[k - 1])) != 0));
                };
                if (!letter(i)) {
                    if (!out.empty() && out.back().to == at + i && out.back().stop == ' ' && raw[i] != ' ') out.back().stop = raw[i];
                    ++i;
                    continue;
                }
                const std::size_t begin = i;
                while (letter(i)) ++i;
                LineWord w{raw.substr(begin, i - begin), "", TokenKind::Words, "", at + begin, at + i};
                w.lower = w.text;
                std::transform(
                    w.lower.begin(), w.lower.end(), w.lower.begin(), [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
                out.push_back(std::move(w));
            }
        }
        at += raw.size();
    }
    return out;
}

std::string with_part(std::string_view line, std::size_t from, std::size_t to, std::string_view by) {
    return std::string(line.substr(0, from)) + std::string(by) + std::string(line.substr(to));
}

bool is_order(std::string_view lower) {
    if (kOrders.has(lower)) return true;
    const auto verb = lexicon::work_verb(lower);
    return verb && verb->form == lexicon::Form::Base && verb->usual != nullptr;
}

std::vector<OrderAt> orders_in(const std::vector<LineWord>& words) {
    std::vector<OrderAt> out;
    for (std::size_t i = 0; i < words.size(); ++i) {
        std::size_t joined = words[i].from;
        if (i > 0) {
            std::size_t k = i;
            // an adverb may stand before the verb: "and slowly open"
            const auto lower = [&](std::size_t w) -> std::string_view { return words[w].lower; };
            if (k > 1 && lexicon::is(lexicon::Class::Adverb, lower(k - 1)) && lower(k - 1) != "then") --k;
            bool join = boundary(words[k - 1].stop);
            while (k > 0 && (lower(k - 1) == "and" || lower(k - 1) == "then")) {
                join = true;
                --k;
            }
            if (!join || k == 0 || within_state(words, k)) continue;
            joined = words[k - 1].to;
        }
        if (opens_clause(words, i)) out.push_back({i, joined});
    }
    return out;
}

}  // namespace anagraph::core
