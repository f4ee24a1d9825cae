// Instruction text with tokens: {figure:ID} and {item:ID} stand for values that are written once, in the procedure.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/procedure/ids.h"

namespace anagraph::core {

struct Procedure;

enum class TokenKind { Words, Figure, Item };

/// A piece of an instruction: plain words, or a token with the id between colon and brace.
struct TextPiece {
    TokenKind kind = TokenKind::Words;
    std::string text;  // the words, or the id
    friend bool operator==(const TextPiece&, const TextPiece&) = default;
};

/// Splits a line. What is not exactly a token stays words; joining the pieces gives the line back.
std::vector<TextPiece> pieces_of(std::string_view line);
std::string line_of(const std::vector<TextPiece>& pieces);
bool names(std::string_view line, TokenKind kind, std::string_view id);

/// The line as a person reads it: figures with both units, items by name, unknown ids as "(unknown: x)".
std::string rendered(const Procedure& p, std::string_view line);
/// Ids in the line that the procedure does not have, as "figure t9".
std::vector<std::string> unknown_names(const Procedure& p, std::string_view line);

}  // namespace anagraph::core
