// Words: a sentence that can be said in another language. It is kept as a key, which is its English with a place for each thing that
// goes in, and these things; whoever shows it says it in the reader's language. Nobody puts a sentence together from pieces.
#pragma once

#include <fmt/format.h>

#include <iosfwd>
#include <string>
#include <string_view>
#include <type_traits>
#include <vector>

#include "core/base/named.h"

namespace anagraph::core {

/// A sentence's English with "{0}", "{1}" for what goes in, and what it is about, for who translates it. `one` is the English where
/// something is counted and there is one of it; the other then holds "%n".
struct Key {
    const char* about;
    const char* english;
    const char* one = nullptr;
};

/// Named apart from `Key{}` so that what collects sentences for translation finds them.
constexpr Key key(const char* about, const char* english) { return {about, english}; }
/// counted_key("Figures", "%n claims", "one claim")
constexpr Key counted_key(const char* about, const char* many, const char* one) { return {about, many, one}; }

class Words {
public:
    Words() = default;
    /// A name, or somebody's own words: said as they are in any language.
    Words(std::string own) : own_(std::move(own)) {}
    Words(std::string_view own) : own_(own) {}
    explicit Words(const char*) = delete;  // a sentence of ours needs a key
    Words(const Key& key, std::vector<Words> with = {}) : key_(key), with_(std::move(with)) {}
    Words(const Key& key, long long count, std::vector<Words> with = {}) : key_(key), count_(count), with_(std::move(with)) {}
    /// A number as its digits stand in a guide, with a point: "2.5". Shown as the reader's country writes it.
    static Words number(std::string digits);
    /// A day as it is kept, "2026-11-28". Shown as the reader's country writes it.
    static Words day(std::string iso);

    bool empty() const { return key_.english == nullptr && own_.empty(); }
    bool has_key() const { return key_.english != nullptr; }
    bool is_number() const { return sort_ == Sort::Number; }
    bool is_day() const { return sort_ == Sort::Day; }
    const Key& key() const { return key_; }
    const std::string& own() const { return own_; }
    long long count() const { return count_; }
    const std::vector<Words>& with() const { return with_; }

    std::string english() const;
    operator std::string() const { return english(); }

    friend bool operator==(const Words& a, const Words& b) { return a.english() == b.english(); }
    friend bool operator==(const Words& a, std::string_view b) { return a.english() == b; }
    friend std::ostream& operator<<(std::ostream& out, const Words& words);

private:
    enum class Sort { Text, Number, Day };
    Key key_{nullptr, nullptr};
    std::string own_;
    Sort sort_ = Sort::Text;  // of `own_`
    long long count_ = 0;
    std::vector<Words> with_;
};

/// "{0}" and "{1}" in a sentence replaced by what goes in, "%n" by the count. A place nothing goes into stays as it is.
std::string filled(const std::string& sentence, long long count, const std::vector<std::string>& with);

/// say(key("Tape", "{0} of {1} lines"), 3, 20): what goes in may be words, somebody's own text or a whole number.
template <class... With>
Words say(const Key& key, With&&... with) {
    std::vector<Words> out;
    [[maybe_unused]] const auto add = [&out](auto&& w) {
        if constexpr (std::is_integral_v<std::decay_t<decltype(w)>>)
            out.emplace_back(std::to_string(w));
        else if constexpr (std::is_convertible_v<decltype(w), Words>)
            out.emplace_back(w);
        else
            out.emplace_back(fmt::format("{}", std::forward<decltype(w)>(w)));
    };
    (add(std::forward<With>(with)), ...);
    return {key, std::move(out)};
}

/// What a value of a kind is called, as a person reads it. The lists are collected for translation by themselves; a list whose words mean
/// something else in others says what it is about in `kAbout`.
template <HasNames Enum>
Words words_of(Enum value) {
    const auto spoken = named(value).spoken;
    if (spoken.empty()) return {};
    if constexpr (requires { Names<Enum>::kAbout; })
        return Key{Names<Enum>::kAbout, spoken.data()};
    else
        return Key{"Names", spoken.data()};
}

/// One after the other with a comma between, as a list is said.
Words listed(const std::vector<Words>& all);
/// "a, b and c"
Words listed_all(const std::vector<Words>& all);
/// Sentences one after the other.
Words one_after_other(const std::vector<Words>& sentences);

}  // namespace anagraph::core

template <>
struct fmt::formatter<anagraph::core::Words> : fmt::formatter<std::string> {
    template <class Context>
    auto format(const anagraph::core::Words& words, Context& context) const {
        return fmt::formatter<std::string>::format(words.english(), context);
    }
};
