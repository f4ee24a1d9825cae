// Words: a sentence that can be said in another language. It is kept as a key, which is its English with a place for each thing that
// goes in, and these things; whoever shows it says it in the reader's language. Nobody puts a sentence together from pieces.
#pragma once

#include <string>
#include <vector>

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
    Words(const char*) = delete;  // a sentence of ours needs a key
    Words(const Key& key, std::vector<Words> with = {}) : key_(key), with_(std::move(with)) {}
    Words(const Key& key, long long count, std::vector<Words> with = {}) : key_(key), count_(count), with_(std::move(with)) {}
    /// A number as its digits stand in a guide, with a point: "2.5". Shown as the reader's country writes it.
    static Words number(std::string digits);

    bool empty() const { return key_.english == nullptr && own_.empty(); }
    bool has_key() const { return key_.english != nullptr; }
    bool is_number() const { return number_; }
    const Key& key() const { return key_; }
    const std::string& own() const { return own_; }
    long long count() const { return count_; }
    const std::vector<Words>& with() const { return with_; }

    std::string english() const;
    operator std::string() const { return english(); }

    friend bool operator==(const Words& a, const Words& b) { return a.english() == b.english(); }

private:
    Key key_{nullptr, nullptr};
    std::string own_;
    bool number_ = false;
    long long count_ = 0;
    std::vector<Words> with_;
};

/// "{0}" and "{1}" in a sentence replaced by what goes in, "%n" by the count. A place nothing goes into stays as it is.
std::string filled(const std::string& sentence, long long count, const std::vector<std::string>& with);

/// One after the other with a comma between, as a list is said.
Words listed(const std::vector<Words>& all);

}  // namespace anagraph::core
