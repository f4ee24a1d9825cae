#include "core/hearing/spoken_words.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <charconv>
#include <utility>

#include "core/base/letters.h"

namespace anagraph::core {
namespace {

using std::string;
using std::string_view;

constexpr std::array<string_view, 20> kOnes{"zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven",
    "twelve", "thirteen", "fourteen", "fifteen", "sixteen", "seventeen", "eighteen", "nineteen"};
constexpr std::array<string_view, 10> kTens{"", "", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"};
constexpr std::array<string_view, 17> kParts{"", "", "half", "third", "quarter", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth",
    "eleventh", "twelfth", "thirteenth", "fourteenth", "fifteenth", "sixteenth"};
// signs and short forms that are said as words; the longest first
constexpr std::array<std::pair<string_view, string_view>, 31> kSaid{{{"lbf·ft", "foot pounds"}, {"lbf·in", "inch pounds"},
    {"US fl oz", "fluid ounces"}, {"US gal", "gallons"}, {"US qt", "quarts"}, {"US pt", "pints"}, {"km/h", "kilometres an hour"},
    {"rpm", "revs"}, {"N·m", "newton metres"}, {"Nm", "newton metres"}, {"°C", "degrees"}, {"°F", "degrees"}, {"kPa", "kilopascals"},
    {"MPa", "megapascals"}, {"psi", "p s i"}, {"mL", "mil"}, {"ml", "mil"}, {"mm", "mil"}, {"cm", "centimetres"}, {"km", "kilometres"},
    {"min", "minutes"}, {"kg", "kilos"}, {"L", "litres"}, {"l", "litres"}, {"h", "hours"}, {"s", "seconds"}, {"m", "metres"},
    {"N", "newtons"}, {"%", "percent"}, {"°", "degrees"}, {"×", "by"}}};

void add_words(std::vector<string>& to, string_view words) {
    while (!words.empty()) {
        const auto blank = std::min(words.find(' '), words.size());
        if (blank > 0) to.emplace_back(words.substr(0, blank));
        words.remove_prefix(std::min(words.size(), blank + 1));
    }
}

string said_digits(string_view digits) {
    string out;
    for (const char c : digits) out += (out.empty() ? "" : " ") + string(kOnes[static_cast<std::size_t>(c - '0')]);
    return out;
}

class Speaker {
public:
    explicit Speaker(string_view text) : text_(text) {}

    std::vector<std::vector<string>> sentences() {
        while (at_ < text_.size()) {
            const char c = text_[at_];
            if (is_digit(c))
                number();
            else if (is_letter(c))
                word();
            else
                sign();
        }
        end_sentence();
        return std::move(out_);
    }

private:
    string_view rest(std::size_t from) const { return text_.substr(std::min(from, text_.size())); }
    string_view digits_at(std::size_t from) const {
        std::size_t to = from;
        while (to < text_.size() && is_digit(text_[to])) ++to;
        return text_.substr(std::min(from, text_.size()), to - std::min(from, to));
    }
    void end_sentence() {
        if (!words_.empty()) out_.push_back(std::move(words_));
        words_.clear();
    }

    void number() {
        string whole(digits_at(at_));
        at_ += whole.size();
        while (rest(at_).starts_with(',') && digits_at(at_ + 1).size() == 3) {  // "2,300"
            whole += digits_at(at_ + 1);
            at_ += 4;
        }
        std::uint64_t value = 0;
        const bool small = std::from_chars(whole.data(), whole.data() + whole.size(), value).ec == std::errc();
        const auto said = [&] { return small && (whole.size() == 1 || whole[0] != '0') ? said_number(value) : said_digits(whole); };
        if (const auto below = digits_at(at_ + 1); rest(at_).starts_with('/') && !below.empty() && below.size() <= 2 && small) {
            std::size_t part = 0;
            std::from_chars(below.data(), below.data() + below.size(), part);
            if (part >= 2 && part < kParts.size()) {
                add_words(words_,
                    fmt::format("{} {}{}", value == 1 && part == 2 ? "a" : said_number(value), kParts[part], value == 1 ? "" : "s"));
                at_ += 1 + below.size();
                after_number_ = true;
                return;
            }
        }
        add_words(words_, said());
        if (const auto decimals = digits_at(at_ + 1); rest(at_).starts_with('.') && !decimals.empty()) {
            add_words(words_, "point " + said_digits(decimals));
            at_ += 1 + decimals.size();
        }
        after_number_ = true;
    }

    /// A unit written short after a number.
    bool unit() {
        for (const auto& [written, said] : kSaid)
            if (rest(at_).starts_with(written) &&
                (at_ + written.size() >= text_.size() || !is_letter(text_[at_ + written.size()]) || !is_letter(written.back()))) {
                add_words(words_, said);
                at_ += written.size();
                after_number_ = false;
                return true;
            }
        return false;
    }

    void word() {
        if (after_number_ && unit()) return;
        after_number_ = false;
        string word;
        for (; at_ < text_.size(); ++at_) {
            const char c = text_[at_];
            if (is_letter(c))
                word += static_cast<char>(c >= 'A' && c <= 'Z' ? c - 'A' + 'a' : c);
            else if (c == '\'' && !word.empty() && at_ + 1 < text_.size() && is_letter(text_[at_ + 1]))
                word += c;
            else if (constexpr string_view kCurly = "’"; rest(at_).starts_with(kCurly) && !word.empty() &&
                     at_ + kCurly.size() < text_.size() && is_letter(text_[at_ + kCurly.size()])) {
                word += '\'';
                at_ += kCurly.size() - 1;
            } else
                break;
        }
        words_.push_back(std::move(word));
    }

    void sign() {
        if (after_number_ && text_[at_] == ' ') {
            ++at_;
            return;
        }
        if (unit()) return;
        after_number_ = false;
        const char c = text_[at_++];
        if (c == '.' || c == '!' || c == '?' || c == ';' || c == '\n') end_sentence();
    }

    string_view text_;
    std::size_t at_ = 0;
    bool after_number_ = false;
    std::vector<string> words_;
    std::vector<std::vector<string>> out_;
};

}  // namespace

string said_number(std::uint64_t n) {
    if (n < 20) return string(kOnes[n]);
    if (n < 100) return n % 10 == 0 ? string(kTens[n / 10]) : fmt::format("{} {}", kTens[n / 10], kOnes[n % 10]);
    if (n < 1000)
        return n % 100 == 0 ? fmt::format("{} hundred", kOnes[n / 100])
                            : fmt::format("{} hundred and {}", kOnes[n / 100], said_number(n % 100));
    if (n < 1000000)
        return n % 1000 == 0 ? fmt::format("{} thousand", said_number(n / 1000))
                             : fmt::format("{} thousand {}{}", said_number(n / 1000), n % 1000 < 100 ? "and " : "", said_number(n % 1000));
    return said_digits(std::to_string(n));
}

std::vector<std::vector<string>> spoken_sentences(string_view text) { return Speaker(text).sentences(); }

}  // namespace anagraph::core
