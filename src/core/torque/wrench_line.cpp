#include "core/torque/wrench_line.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>

namespace anagraph::core {
namespace {

constexpr std::size_t kLongest = 120;  // of a line; what is longer is noise

unsigned checksum(std::string_view bytes) {
    unsigned out = 0;
    for (const char c : bytes) out ^= static_cast<unsigned char>(c);
    return out;
}

std::string_view trimmed(std::string_view text) {
    while (!text.empty() && (text.back() == ' ' || text.back() == '\r' || text.back() == '\t')) text.remove_suffix(1);
    while (!text.empty() && (text.front() == ' ' || text.front() == '\t')) text.remove_prefix(1);
    return text;
}

std::string_view next_word(std::string_view& text) {
    text = trimmed(text);
    const auto end = std::min(text.find(' '), text.size());
    const auto out = text.substr(0, end);
    text.remove_prefix(end);
    return out;
}

/// As much of it as can be shown.
std::string shown(std::string_view line) {
    std::string out;
    for (const char c : line.substr(0, 40)) out += c >= ' ' && c < 127 ? c : '?';
    return out;
}

}  // namespace

Result<WrenchReading> read_wrench_line(std::string_view line) {
    const auto bad = [&](const std::string& why) {
        return fail(ErrorCode::BadInput, say(key("Torque", "The wrench sent \u201C{0}\u201D: {1}"), shown(line), why));
    };
    std::string_view text = trimmed(line);
    if (text.size() >= 3 && text[text.size() - 3] == '*') {
        const auto sum = text.substr(text.size() - 2);
        text.remove_suffix(3);
        unsigned told = 0;
        const auto [end, error] = std::from_chars(sum.data(), sum.data() + sum.size(), told, 16);
        if (error != std::errc() || end != sum.data() + sum.size() || told != checksum(text)) return bad("it was disturbed on its way.");
    }
    text = text.substr(0, text.find('#'));
    const auto letter = next_word(text);
    const auto value = next_word(text);
    const auto unit = next_word(text);
    const auto number = next_word(text);
    if (letter.size() != 1 || letter[0] < 'A' || letter[0] > 'Z' || number.empty() || !trimmed(text).empty())
        return bad("that is no reading.");
    WrenchReading out;
    out.letter = letter[0];
    auto digits = Number::kept(value);
    out.value.unit = find_unit(unit);
    const auto [end, error] = std::from_chars(number.data(), number.data() + number.size(), out.number);
    if (!digits || error != std::errc() || end != number.data() + number.size() || out.number < 0) return bad("that is no reading.");
    if (out.value.unit == nullptr) return bad(fmt::format("nobody knows the unit \u201C{}\u201D.", shown(unit)));
    if (out.letter == 'T' && out.value.unit->dimension != Dimension::Torque) return bad("that is no torque; set the wrench to N\u00B7m.");
    out.value.number = std::move(*digits);
    return out;
}

std::string wrench_line(const WrenchReading& reading) {
    const std::string text =
        fmt::format("{} {} {} {}", reading.letter, reading.value.number.text(), reading.value.unit->id, reading.number);
    return fmt::format("{}*{:02X}\r\n", text, checksum(text));
}

WrenchNews WrenchLines::take(std::string_view bytes) {
    WrenchNews news;
    for (const char c : bytes) {
        if (c != '\n') {
            if (rest_.size() < kLongest)
                rest_ += c;
            else
                too_long_ = true;
            continue;
        }
        if (too_long_)
            news.troubles.emplace_back(key("Torque", "The wrench sent a line that is none; readings may be lost."));
        else
            take_line(rest_, news);
        rest_.clear();
        too_long_ = false;
    }
    return news;
}

void WrenchLines::take_line(std::string_view line, WrenchNews& news) {
    if (trimmed(line.substr(0, line.find('#'))).empty()) return;
    auto reading = read_wrench_line(trimmed(line));
    if (!reading) return news.troubles.push_back(reading.error().message);
    if (last_ && reading->number == *last_) return;  // it is sent again where the other side did not answer
    // a number that falls back is a device that was switched off and on
    if (last_ && reading->number > *last_ + 1)
        news.troubles.push_back(reading->number == *last_ + 2
                ? say(key("Torque", "Reading {0} of the wrench was lost; take it again."), *last_ + 1)
                : say(key("Torque", "Readings {0} to {1} of the wrench were lost; take them again."), *last_ + 1, reading->number - 1));
    last_ = reading->number;
    news.readings.push_back(std::move(*reading));
}

}  // namespace anagraph::core
