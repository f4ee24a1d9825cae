// FrameTime: a moment of a recording as an exact rational number of seconds. Not for durations people speak of
// (those are quantities) and never a floating number until it is painted.
#pragma once

#include <compare>
#include <cstdint>
#include <string>
#include <string_view>

#include "core/base/result.h"

namespace anagraph::core {

class FrameTime {
public:
    FrameTime() = default;
    /// `num / den` seconds, kept in lowest terms. den > 0.
    FrameTime(std::int64_t num, std::int64_t den);
    static FrameTime from_milliseconds(std::int64_t ms) { return {ms, 1000}; }

    std::int64_t num() const { return num_; }
    std::int64_t den() const { return den_; }
    double seconds() const { return static_cast<double>(num_) / static_cast<double>(den_); }
    /// "n/d", the form kept in files; parse() reads it back exactly.
    std::string text() const;
    static Result<FrameTime> parse(std::string_view text);

    friend std::strong_ordering operator<=>(const FrameTime& a, const FrameTime& b) {
        const Wide left = static_cast<Wide>(a.num_) * b.den_;
        const Wide right = static_cast<Wide>(b.num_) * a.den_;
        return left < right ? std::strong_ordering::less : left > right ? std::strong_ordering::greater : std::strong_ordering::equal;
    }
    friend bool operator==(const FrameTime& a, const FrameTime& b) = default;

private:
    __extension__ using Wide = __int128;
    std::int64_t num_ = 0;
    std::int64_t den_ = 1;
};

/// The clock a person reads: "1:12.04" (minutes, seconds, hundredths), "1:02:03.50" above an hour.
std::string clock_text(const FrameTime& time, bool hundredths = true);

}  // namespace anagraph::core
