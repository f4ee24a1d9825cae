// One line of a narration as the readers see it: its words, where its clauses begin, and a few questions about them.
#pragma once

#include <algorithm>
#include <initializer_list>
#include <string>
#include <string_view>
#include <vector>

#include "core/narration/lexicon.h"
#include "core/narration/words.h"

namespace anagraph::core {

struct Line {
    std::vector<Word> words;

    std::size_t size() const { return words.size(); }
    std::string_view at(std::size_t i) const { return i < words.size() ? std::string_view(words[i].text) : std::string_view{}; }
    /// The word `back` places before i, or empty.
    std::string_view before(std::size_t i, std::size_t back = 1) const { return i >= back ? at(i - back) : std::string_view{}; }
    bool starts_clause(std::size_t i) const { return i >= words.size() || words[i].clause_start; }
    /// First word of the clause (by punctuation) that holds words[i], and one past its last.
    std::size_t clause_begin(std::size_t i) const {
        while (i > 0 && !words[i].clause_start) --i;
        return i;
    }
    std::size_t clause_end(std::size_t i) const {
        do ++i;
        while (i < words.size() && !words[i].clause_start);
        return std::min(i, words.size());
    }
    bool has(std::string_view word, std::size_t from = 0, std::size_t to = std::string_view::npos) const {
        for (std::size_t i = from; i < std::min(to, words.size()); ++i)
            if (words[i].text == word) return true;
        return false;
    }
    bool any(std::initializer_list<std::string_view> list, std::size_t from = 0, std::size_t to = std::string_view::npos) const {
        const std::uint64_t there = bits_of(from, to);
        return std::any_of(list.begin(), list.end(), [&](std::string_view w) { return (there & bit_of(w)) != 0 && has(w, from, to); });
    }
    /// Is one of the words of the list there?
    bool any_of(const WordList& list, std::size_t from = 0, std::size_t to = std::string_view::npos) const;
    bool any(lexicon::Class what, std::size_t from = 0, std::size_t to = std::string_view::npos) const {
        for (std::size_t i = from; i < std::min(to, words.size()); ++i)
            if (lexicon::among(words[i].classes, what)) return true;
        return false;
    }
    std::size_t count(lexicon::Class what) const {
        return static_cast<std::size_t>(
            std::count_if(words.begin(), words.end(), [&](const Word& w) { return lexicon::among(w.classes, what); }));
    }
    /// Where the blank-separated words stand one after the other, or npos. "*" stands for any one word.
    std::size_t find(std::string_view sequence, std::size_t from = 0) const {
        const auto first = sequence.substr(0, sequence.find(' '));
        for (std::size_t i = from; i < words.size(); ++i)
            if ((words[i].text == first || first == "*") && (first.size() == sequence.size() || stands_at(sequence, i))) return i;
        return std::string_view::npos;
    }
    bool says(std::string_view sequence) const { return find(sequence) != std::string_view::npos; }
    bool says_any(std::initializer_list<std::string_view> sequences) const {
        const std::uint64_t there = bits_of(0, words.size());
        return std::any_of(sequences.begin(), sequences.end(),
            [&](std::string_view s) { return ((there & bit_of(s.substr(0, s.find(' ')))) != 0 || s.front() == '*') && says(s); });
    }
    /// Which words may be there, as a sieve: most words asked for are not, and are turned away by it.
    std::uint64_t bits_of(std::size_t from, std::size_t to) const {
        std::uint64_t bits = 0;
        for (std::size_t i = from; i < std::min(to, words.size()); ++i) bits |= bit_of(words[i].text);
        return bits;
    }
    static std::uint64_t bit_of(std::string_view word) {
        return std::uint64_t{1} << ((static_cast<unsigned char>(word.front()) * 7 + static_cast<unsigned char>(word.back()) * 3 +
                                        word.size()) %
                   64);
    }
    bool stands_at(std::string_view sequence, std::size_t i) const {
        while (!sequence.empty()) {
            const auto blank = sequence.find(' ');
            const auto word = sequence.substr(0, blank);
            if (i >= words.size() || (word != "*" && words[i].text != word)) return false;
            ++i;
            sequence = blank == std::string_view::npos ? std::string_view{} : sequence.substr(blank + 1);
        }
        return true;
    }
    std::string said(std::size_t from, std::size_t count) const {
        std::string out;
        for (std::size_t i = from; i < std::min(words.size(), from + count); ++i) out += (out.empty() ? "" : " ") + words[i].text;
        return out;
    }
};

/// Is `word` one of the words of `list`?
inline bool listed(const WordList& list, std::string_view word) { return list.has(word); }

/// The thing named nearest to words[i], with what stands before it ("old copper washer" -> "copper washer"); empty when
/// none is named between `from` and `to`.
std::string thing_near(const Line& line, std::size_t i, std::size_t from = 0, std::size_t to = std::string_view::npos);

}  // namespace anagraph::core
