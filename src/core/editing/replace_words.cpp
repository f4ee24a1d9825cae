#include "core/editing/replace_words.h"

#include <fmt/format.h>

#include <cctype>

#include "core/editing/line_actions.h"
#include "core/edits/change_label.h"
#include "core/procedure/step_texts.h"
#include "core/procedure/text.h"

namespace anagraph::core {
namespace {

bool within_word(char c) { return std::isalnum(static_cast<unsigned char>(c)) != 0 || static_cast<unsigned char>(c) >= 0x80; }

/// Where the words stand in a text as whole words.
std::vector<std::size_t> places(std::string_view text, std::string_view words) {
    std::vector<std::size_t> out;
    for (std::size_t at = text.find(words); at != std::string_view::npos; at = text.find(words, at + words.size())) {
        const bool begins = at == 0 || !within_word(text[at - 1]) || !within_word(words.front());
        const std::size_t end = at + words.size();
        const bool ends = end == text.size() || !within_word(text[end]) || !within_word(words.back());
        if (begins && ends) out.push_back(at);
    }
    return out;
}

/// Does something to every text of a step, tokens aside.
template <class Do>
void each_words(Step& s, Do&& what) {
    each_text(s, [&](const std::string&, std::string& text) {
        auto pieces = pieces_of(text);
        for (auto& piece : pieces)
            if (piece.kind == TokenKind::Words) what(piece.text);
        text = line_of(pieces);
    });
}

}  // namespace

std::size_t times_said(const Procedure& p, std::string_view words) {
    if (words.empty()) return 0;
    std::size_t count = 0;
    for (Step s : p.steps) each_words(s, [&](const std::string& text) { count += places(text, words).size(); });
    return count;
}

Result<Change> replace_words(const Procedure& p, std::string_view words, std::string_view by) {
    Change change{change_label("replace words"), {}};
    if (!words.empty())
        for (const auto& step : p.steps) {
            Step next = step;
            each_words(next, [&](std::string& text) {
                const auto at = places(text, words);
                for (auto it = at.rbegin(); it != at.rend(); ++it) text.replace(*it, words.size(), by);
            });
            // what is ordered now is what is done now, and a comment goes with its line
            for (std::size_t i = 0; i < step.lines.size(); ++i)
                for (auto& c : next.comments)
                    if (c.at == step.lines[i]) c.at = next.lines[i];
            if (auto lines = next.lines; lines != step.lines) {
                next.lines = step.lines;
                next = with_lines(std::move(next), std::move(lines), p.items);
            }
            if (next != step) change.edits.emplace_back(Put<Step>{std::move(next), std::nullopt});
        }
    if (change.edits.empty())
        return fail(ErrorCode::Refused,
            words.empty() ? "Say which words are to be replaced." : fmt::format("“{}” stands nowhere in the text of this guide.", words));
    return tried(p, std::move(change));
}

}  // namespace anagraph::core
