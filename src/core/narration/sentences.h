// Sentences of a text as they were written, found again by the words the reader counts.
#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace anagraph::core {

class Sentences {
public:
    /// Keeps views of `text`, which must outlive it.
    explicit Sentences(std::string_view text);

    std::size_t words() const { return words_; }
    /// The sentences that hold the words from `first` to `last`, counted as words_of counts, with what ends them; empty where there are
    /// no such words.
    std::string holding(std::size_t first, std::size_t last) const;

private:
    struct Sentence {
        std::string_view text;
        std::size_t end = 0;  // words of the text up to its end
    };
    std::vector<Sentence> all_;
    std::size_t words_ = 0;
};

}  // namespace anagraph::core
