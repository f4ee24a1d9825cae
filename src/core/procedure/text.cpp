#include "core/procedure/text.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/figure/evidence.h"

namespace anagraph::core {

std::vector<TextPiece> pieces_of(std::string_view line) {
    std::vector<TextPiece> out;
    std::string words;
    while (!line.empty()) {
        const bool figure = line.starts_with("{figure:");
        const bool item = line.starts_with("{item:");
        const auto end = line.find('}');
        const std::size_t head = figure ? 8 : 6;
        if ((figure || item) && end != std::string_view::npos && end > head &&
            line.substr(head, end - head).find_first_of("{ ") == std::string_view::npos) {
            if (!words.empty()) out.push_back({TokenKind::Words, std::move(words)});
            words.clear();
            out.push_back({figure ? TokenKind::Figure : TokenKind::Item, std::string(line.substr(head, end - head))});
            line.remove_prefix(end + 1);
        } else {
            words += line.front();
            line.remove_prefix(1);
        }
    }
    if (!words.empty()) out.push_back({TokenKind::Words, std::move(words)});
    return out;
}

std::string line_of(const std::vector<TextPiece>& pieces) {
    std::string out;
    for (const auto& p : pieces)
        out += p.kind == TokenKind::Words ? p.text : fmt::format("{{{}:{}}}", p.kind == TokenKind::Figure ? "figure" : "item", p.text);
    return out;
}

bool names(std::string_view line, TokenKind kind, std::string_view id) {
    const auto pieces = pieces_of(line);
    return std::any_of(pieces.begin(), pieces.end(), [&](const TextPiece& p) { return p.kind == kind && p.text == id; });
}

std::string rendered(const Procedure& p, std::string_view line) {
    std::string out;
    for (const auto& piece : pieces_of(line)) {
        if (piece.kind == TokenKind::Words) {
            out += piece.text;
        } else if (piece.kind == TokenKind::Item) {
            const Item* item = p.find(ItemId(piece.text));
            out += item == nullptr ? fmt::format("(unknown: {})", piece.text) : item->name;
        } else {
            const Figure* figure = p.find(FigureId(piece.text));
            if (figure == nullptr) {
                out += fmt::format("(unknown: {})", piece.text);
                continue;
            }
            out += text_for_all(p, *figure);
        }
    }
    return out;
}

std::vector<std::string> unknown_names(const Procedure& p, std::string_view line) {
    std::vector<std::string> out;
    for (const auto& piece : pieces_of(line)) {
        if (piece.kind == TokenKind::Item && p.find(ItemId(piece.text)) == nullptr) out.push_back("item " + piece.text);
        if (piece.kind == TokenKind::Figure && p.find(FigureId(piece.text)) == nullptr) out.push_back("figure " + piece.text);
    }
    return out;
}

}  // namespace anagraph::core
