#include "core/find/word_match.h"

#include <algorithm>
#include <cctype>
#include <utility>

namespace anagraph::core {

namespace {

using Words = std::vector<std::string>;

/// Lower-case words; letters beyond ASCII stay as they are.
Words words_of(const std::string& text) {
    Words out;
    std::string word;
    for (const char c : text + " ") {
        const auto u = static_cast<unsigned char>(c);
        if (u >= 0x80 || std::isalnum(u) != 0)
            word += static_cast<char>(u < 0x80 ? std::tolower(u) : c);
        else if (!word.empty())
            out.push_back(std::exchange(word, {}));
    }
    return out;
}

/// Words people use for the same thing; each phrase of a group stands for the others.
const std::vector<std::vector<Words>>& same_things() {
    static const std::vector<std::vector<Words>> groups = [] {
        constexpr const char* kGroups[][6] = {
            {"remove", "delete", "take out", "drop", "erase", "clear"},
            {"add", "new", "create", "make", "insert"},
            {"import", "bring in", "load", "add film"},
            {"recording", "film", "video", "footage"},
            {"edit", "change", "correct", "modify", "put right"},
            {"join", "merge", "combine"},
            {"split", "divide", "cut in two"},
            {"play", "hear", "listen"},
            {"caution", "warning", "danger", "safety"},
            {"figure", "value", "torque", "number"},
            {"picture", "still", "photo", "image", "frame"},
            {"issue", "publish", "release"},
            {"check", "inspect"},
            {"find", "search", "look for"},
        };
        std::vector<std::vector<Words>> out;
        for (const auto& group : kGroups) {
            auto& phrases = out.emplace_back();
            for (const char* phrase : group)
                if (phrase != nullptr) phrases.push_back(words_of(phrase));
        }
        return out;
    }();
    return groups;
}

bool holds(const Words& text, const Words& phrase) {
    return std::search(text.begin(), text.end(), phrase.begin(), phrase.end()) != text.end();
}

/// The words that may be typed in place of those of `text`.
Words stand_ins(const Words& text) {
    Words out;
    for (const auto& group : same_things()) {
        if (std::none_of(group.begin(), group.end(), [&](const Words& phrase) { return holds(text, phrase); })) continue;
        for (const auto& phrase : group) out.insert(out.end(), phrase.begin(), phrase.end());
    }
    return out;
}

constexpr int kOther = 100;  // for a word that stands in for one of the text
constexpr int kWord = 10;    // for every word before the one that fits, and for one that is only begun

/// How far `typed` is from the nearest of `words`; nothing where it begins none of them.
std::optional<int> nearest(const std::string& typed, const Words& words) {
    std::optional<int> best;
    for (std::size_t i = 0; i < words.size(); ++i)
        if (words[i].starts_with(typed)) {
            const int far = kWord * static_cast<int>(std::min<std::size_t>(i, 5)) + (words[i] == typed ? 0 : kWord / 2);
            if (!best || far < *best) best = far;
        }
    return best;
}

}  // namespace

Findable::Findable(const std::string& words, const std::vector<std::string>& also) : own_(words_of(words)), other_(stand_ins(own_)) {
    for (const auto& phrase : also)
        for (auto& w : words_of(phrase)) other_.push_back(std::move(w));
}

std::optional<int> distance(const std::string& typed, const Findable& text) {
    const Words asked = words_of(typed);
    int far = asked.empty() || asked == text.own_ ? 0 : 1;
    for (const auto& w : asked) {
        if (const auto near = nearest(w, text.own_))
            far += *near;
        else if (const auto stands_in = nearest(w, text.other_))
            far += kOther + *stands_in;
        else
            return std::nullopt;
    }
    return far;
}

}  // namespace anagraph::core
