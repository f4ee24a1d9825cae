#include "core/edition/compare_words.h"

#include <algorithm>
#include <cstdint>

namespace anagraph::core {
namespace {

constexpr std::size_t kMostWords = 3000;

/// Words with the space that follows them.
std::vector<std::string_view> words_in(std::string_view text) {
    std::vector<std::string_view> out;
    const auto is_space = [](char c) { return c == ' ' || c == '\n' || c == '\t'; };
    for (std::size_t from = 0; from < text.size();) {
        std::size_t to = from;
        while (to < text.size() && !is_space(text[to])) ++to;
        while (to < text.size() && is_space(text[to])) ++to;
        out.push_back(text.substr(from, to - from));
        from = to;
    }
    return out;
}

std::string_view bare(std::string_view word) { return word.substr(0, word.find_last_not_of(" \n\t") + 1); }

void add(std::vector<WordRun>& to, std::string_view word, bool changed) {
    if (to.empty() || to.back().changed != changed) to.push_back({"", changed});
    to.back().text += word;
}

}  // namespace

ComparedWords compare_words(std::string_view was, std::string_view is) {
    const auto a = words_in(was);
    const auto b = words_in(is);
    ComparedWords out;
    if (a.size() > kMostWords || b.size() > kMostWords) {
        const bool changed = was != is;
        if (!was.empty()) out.was.push_back({std::string(was), changed});
        if (!is.empty()) out.is.push_back({std::string(is), changed});
        return out;
    }
    // longest[i][k]: words that the rest of a from i and the rest of b from k have in common
    const std::size_t across = b.size() + 1;
    std::vector<std::uint16_t> longest((a.size() + 1) * across, 0);
    for (std::size_t i = a.size(); i-- > 0;)
        for (std::size_t k = b.size(); k-- > 0;)
            longest[i * across + k] = bare(a[i]) == bare(b[k]) ? static_cast<std::uint16_t>(longest[(i + 1) * across + k + 1] + 1)
                                                               : std::max(longest[(i + 1) * across + k], longest[i * across + k + 1]);
    std::size_t i = 0;
    std::size_t k = 0;
    while (i < a.size() || k < b.size()) {
        if (i < a.size() && k < b.size() && bare(a[i]) == bare(b[k])) {
            add(out.was, a[i++], false);
            add(out.is, b[k++], false);
        } else if (k == b.size() || (i < a.size() && longest[(i + 1) * across + k] >= longest[i * across + k + 1])) {
            add(out.was, a[i++], true);
        } else {
            add(out.is, b[k++], true);
        }
    }
    return out;
}

ComparedWords changed_lines(const ComparedWords& all) {
    const auto kept = [](const std::vector<WordRun>& runs) {
        std::vector<WordRun> out, line;
        const auto end = [&] {
            if (std::any_of(line.begin(), line.end(), [](const WordRun& r) { return r.changed; }))
                for (const auto& run : line) add(out, run.text, run.changed);
            line.clear();
        };
        for (const auto& run : runs)
            for (std::size_t from = 0; from < run.text.size();) {
                const auto to = std::min(run.text.find('\n', from), run.text.size() - 1) + 1;
                line.push_back({run.text.substr(from, to - from), run.changed});
                if (line.back().text.back() == '\n') end();
                from = to;
            }
        end();
        return out;
    };
    return {kept(all.was), kept(all.is)};
}

}  // namespace anagraph::core
