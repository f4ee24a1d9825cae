// The words of an instruction line with their places in it, tokens as single words.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/procedure/text.h"

namespace anagraph::core {

struct LineWord {
    std::string text;   // as written; a token whole
    std::string lower;  // in lower case; empty for a token
    TokenKind kind = TokenKind::Words;
    std::string id;        // of a token
    std::size_t from = 0;  // in the line
    std::size_t to = 0;
    char stop = ' ';  // the sign right after it, if it is one of . , ; : ! ?
    bool is_item() const { return kind == TokenKind::Item; }
};

std::vector<LineWord> line_words(std::string_view line);

/// The line as it would be with part of it replaced.
std::string with_part(std::string_view line, std::size_t from, std::size_t to, std::string_view by);

/// A word that orders something to be done, where it opens a clause: "loosen", "wait".
bool is_order(std::string_view lower);
/// The places in `words` at which a clause begins with an order: the line's first word, and each after "and", "then", a full
/// stop or a semicolon. `joined_from`: where the joining words before it begin ("and then"), for cutting the line there.
struct OrderAt {
    std::size_t word = 0;
    std::size_t joined_from = 0;
};
std::vector<OrderAt> orders_in(const std::vector<LineWord>& words);

}  // namespace anagraph::core
