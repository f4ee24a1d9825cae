#include "core/narration/sentences.h"

#include <algorithm>

#include "core/base/letters.h"
#include "core/narration/words.h"

namespace anagraph::core {

Sentences::Sentences(std::string_view text) {
    std::size_t from = 0;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const bool ends = text[i] == '.' || text[i] == '?' || text[i] == '!';
        if (i + 1 < text.size() && !(ends && text[i + 1] == ' ')) continue;
        const auto sentence = trimmed(text.substr(from, i + 1 - from));
        from = i + 1;
        words_ += words_of(sentence).size();
        if (!sentence.empty()) all_.push_back({sentence, words_});
    }
}

std::string Sentences::holding(std::size_t first, std::size_t last) const {
    std::string out;
    const auto begin = std::upper_bound(all_.begin(), all_.end(), first, [](std::size_t word, const Sentence& s) { return word < s.end; });
    for (auto it = begin; it != all_.end(); ++it) {
        out += (out.empty() ? "" : " ") + std::string(it->text);
        if (last < it->end) break;
    }
    return out;
}

}  // namespace anagraph::core
