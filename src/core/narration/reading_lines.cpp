#include "core/narration/reading_lines.h"

namespace anagraph::core {
namespace {

// Lengths of a line in words, where right and wrong balance over speakers left out.
constexpr std::size_t kFew = 8;      // shorter sentences are read with the one after them
constexpr std::size_t kOpened = 10;  // from here on a word that opens a thought ends the line before it
constexpr std::size_t kLong = 24;    // from here on any clause does
constexpr std::size_t kMost = 36;

constexpr WordList kOpeners = "so now next okay ok right then alright well anyway";
constexpr WordList kAfterAnd = "then now so i we i'm we're it you that this the";
constexpr WordList kNewClause = "so now next okay ok then";
constexpr WordList kJoining = "and so but or";

/// What the last sign of a text says of the word after it.
struct Ending {
    bool sentence = false;
    bool clause = false;
};
Ending ending_of(std::string_view text) {
    const auto last = text.find_last_not_of(" \"')");
    if (last == std::string_view::npos) return {};
    const char c = text[last];
    if (c == '.' || c == '?' || c == '!') return {true, true};
    return {false, c == ',' || c == ';' || c == ':' || c == '-'};
}

class Cutter {
public:
    explicit Cutter(const std::vector<Segment>& segments) {
        Ending before{true, true};
        std::string_view speaker;
        for (std::size_t s = 0; s < segments.size(); ++s) {
            auto said = words_of(segments[s].text);
            if (!said.empty()) {
                said.front().sentence_start = before.sentence || segments[s].speaker != speaker || words_.empty();
                said.front().clause_start = true;
                before = ending_of(segments[s].text);
            }
            speaker = segments[s].speaker;
            for (std::size_t w = 0; w < said.size(); ++w) {
                words_.push_back(std::move(said[w]));
                written_.push_back({s, w});
            }
        }
        for (std::size_t i = 1; i < words_.size(); ++i)
            if (!listed(kJoining, at(i - 1)) && (listed(kNewClause, at(i)) || (at(i) == "and" && !adds(i)))) words_[i].clause_start = true;
    }

    std::vector<ReadingLine> lines() {
        std::size_t clause = 0;  // the last word of the line at which it may end
        for (std::size_t i = 1; i < words_.size(); ++i) {
            const std::size_t length = i - from_;
            if (words_[i].sentence_start) {
                if (length >= kFew) cut(i);
                continue;
            }
            const bool opens = listed(kOpeners, at(i)) || (at(i) == "and" && listed(kAfterAnd, at(i + 1)) && !adds(i));
            const bool begins = words_[i].clause_start || listed("but because if when", at(i)) || (at(i) == "and" && !adds(i));
            if (words_[i].clause_start || opens) clause = i;
            if ((opens && length >= kOpened && !listed(kJoining, at(i - 1))) || (begins && length >= kLong))
                cut(i);
            else if (length >= kMost)
                cut(clause > from_ + kFew / 2 ? clause : i);
        }
        cut(words_.size());
        return std::move(out_);
    }

private:
    std::string_view at(std::size_t i) const { return i < words_.size() ? std::string_view(words_[i].text) : std::string_view(); }

    /// Does the "and" at `i` belong to a number ("two and a half", "three thousand and forty")?
    bool adds(std::size_t i) const {
        return listed("a an the half quarter eighth third", at(i + 1)) || read_number(words_, i + 1) || read_number(words_, i - 1);
    }

    void cut(std::size_t to) {
        if (to == from_) return;
        const auto stretch = [&](auto& all) {
            return std::vector(all.begin() + static_cast<std::ptrdiff_t>(from_), all.begin() + static_cast<std::ptrdiff_t>(to));
        };
        out_.push_back({{stretch(words_)}, stretch(written_)});
        out_.back().line.words.front().clause_start = out_.back().line.words.front().sentence_start = true;
        from_ = to;
    }

    std::vector<Word> words_;
    std::vector<Written> written_;
    std::vector<ReadingLine> out_;
    std::size_t from_ = 0;
};

}  // namespace

std::vector<ReadingLine> reading_lines(const std::vector<Segment>& segments) { return Cutter(segments).lines(); }

}  // namespace anagraph::core
