#include "core/tape/mishearings.h"

#include <algorithm>

#include "core/edits/change_label.h"
#include "core/tape/spoken_lines.h"

namespace anagraph::core {
namespace {

constexpr std::size_t kLongestRun = 4;     // words
constexpr std::size_t kFewestLetters = 5;  // of what was heard: less may be anything

using HeardWords = std::vector<std::string_view>;

constexpr std::string_view kSigns = ".,;:!?\"()";

/// A word without the signs around it.
std::string_view bare(std::string_view word) {
    const auto from = word.find_first_not_of(kSigns);
    return from == std::string_view::npos ? std::string_view() : word.substr(from, word.find_last_not_of(kSigns) + 1 - from);
}

/// Capitals and the signs around a word are the author's writing, nothing that was heard otherwise.
bool same_word(std::string_view a, std::string_view b) {
    const auto small = [](char c) { return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c; };
    return std::equal(a.begin(), a.end(), b.begin(), b.end(), [&](char x, char y) { return small(x) == small(y); });
}

HeardWords bare_words(const std::string& text) {
    HeardWords out = said_words(text);
    for (auto& word : out) word = bare(word);
    return out;
}

std::string joined(const HeardWords& words, std::size_t from, std::size_t to) {
    std::string out;
    for (std::size_t i = from; i < to; ++i) {
        if (i > from) out += ' ';
        out += words[i];
    }
    return out;
}

/// How many words from a pair on are the same in both, at most.
std::vector<std::vector<std::size_t>> common_from(const HeardWords& a, const HeardWords& b) {
    std::vector<std::vector<std::size_t>> common(a.size() + 1, std::vector<std::size_t>(b.size() + 1, 0));
    for (std::size_t i = a.size(); i-- > 0;)
        for (std::size_t k = b.size(); k-- > 0;)
            common[i][k] = same_word(a[i], b[k]) ? common[i + 1][k + 1] + 1 : std::max(common[i + 1][k], common[i][k + 1]);
    return common;
}

/// Where the words of `run` stand one after the other in `words`, from `from` on; words.size() where they do not.
std::size_t find_run(const HeardWords& words, const HeardWords& run, std::size_t from) {
    const auto at = std::search(words.begin() + static_cast<std::ptrdiff_t>(from), words.end(), run.begin(), run.end(),
        [](std::string_view a, std::string_view b) { return same_word(bare(a), bare(b)); });
    return static_cast<std::size_t>(at - words.begin());
}

}  // namespace

std::vector<Mishearing> mishearings(const std::string& heard, const std::string& meant) {
    const HeardWords a = bare_words(heard), b = bare_words(meant);
    const auto common = common_from(a, b);
    std::vector<Mishearing> out;
    for (std::size_t i = 0, k = 0; i < a.size() || k < b.size();) {
        if (i < a.size() && k < b.size() && same_word(a[i], b[k])) {
            ++i;
            ++k;
            continue;
        }
        const std::size_t from_a = i, from_b = k;
        while ((i < a.size() || k < b.size()) && !(i < a.size() && k < b.size() && same_word(a[i], b[k]))) {
            if (k >= b.size() || (i < a.size() && common[i + 1][k] >= common[i][k + 1]))
                ++i;
            else
                ++k;
        }
        const Mishearing wrong{joined(a, from_a, i), joined(b, from_b, k)};
        if (i - from_a <= kLongestRun && k - from_b <= kLongestRun && wrong.heard.size() >= kFewestLetters && !wrong.meant.empty() &&
            std::find(out.begin(), out.end(), wrong) == out.end())
            out.push_back(wrong);
    }
    return out;
}

std::string put_right(const std::string& text, const std::vector<Mishearing>& wrong) {
    std::string out = text;
    for (const auto& w : wrong) {
        const std::string before = out;
        const HeardWords words = said_words(before), run = said_words(w.heard);
        out.clear();
        for (std::size_t from = 0; from < words.size();) {
            const std::size_t at = find_run(words, run, from);
            const auto add = [&](const std::string& piece) {
                if (!piece.empty()) out += (out.empty() ? "" : " ") + piece;
            };
            add(joined(words, from, at));
            if (at == words.size()) break;
            from = at + run.size();
            // the signs behind the last of the words stay
            const std::string_view last = words[from - 1];
            const auto signs = last.find_last_not_of(kSigns);
            add(w.meant + std::string(signs == std::string_view::npos ? std::string_view() : last.substr(signs + 1)));
        }
    }
    return out;
}

std::vector<std::size_t> lines_misheard_alike(const Procedure& p, const RecordingId& recording, const std::vector<Segment>& heard,
    std::size_t corrected, const std::vector<Mishearing>& wrong) {
    std::vector<std::size_t> out;
    const auto* use = p.find(recording);
    for (std::size_t i = 0; i < heard.size(); ++i) {
        const bool touched = use != nullptr &&
            std::any_of(use->corrections.begin(), use->corrections.end(), [&](const Correction& c) { return c.at == heard[i].start; });
        const auto words = said_words(heard[i].text);
        if (i != corrected && !touched && std::any_of(wrong.begin(), wrong.end(), [&](const Mishearing& w) {
                return find_run(words, said_words(w.heard), 0) < words.size();
            }))
            out.push_back(i);
    }
    return out;
}

Result<Change> correct_lines_alike(const Procedure& p, const RecordingId& recording, const std::vector<Segment>& heard,
    std::size_t corrected, const std::string& text, const std::vector<std::size_t>& others) {
    auto change = correct_line(p, recording, heard[corrected], text);
    if (!change) return change;
    const auto wrong = mishearings(heard[corrected].text, text);
    for (const std::size_t other : others) {
        auto after = apply(p, *change);
        if (!after) return tl::make_unexpected(after.error());
        change = correct_line(*after, recording, heard[other], put_right(heard[other].text, wrong));
        if (!change) return change;
    }
    if (!others.empty()) change->label = change_label("correct a line, and those misheard alike");
    return change;
}

}  // namespace anagraph::core
