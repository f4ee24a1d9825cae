#include "core/base/frame_time.h"

#include <fmt/format.h>

#include <charconv>
#include <cmath>
#include <numeric>

namespace anagraph::core {

FrameTime::FrameTime(std::int64_t num, std::int64_t den) : num_(num), den_(den) {
    const std::int64_t divisor = std::gcd(num_, den_);
    if (divisor > 1) {
        num_ /= divisor;
        den_ /= divisor;
    }
}

std::string FrameTime::text() const { return fmt::format("{}/{}", num_, den_); }

Result<FrameTime> FrameTime::parse(std::string_view text) {
    std::int64_t num = 0;
    std::int64_t den = 0;
    const char* end = text.data() + text.size();
    const auto first = std::from_chars(text.data(), end, num);
    if (first.ec == std::errc{} && first.ptr != end && *first.ptr == '/') {
        const auto second = std::from_chars(first.ptr + 1, end, den);
        if (second.ec == std::errc{} && second.ptr == end && den > 0) return FrameTime(num, den);
    }
    return fail(ErrorCode::BadInput,
        say(key("Base", "\"{0}\" is no moment of a recording; it is written as seconds in a fraction, as in 1001/30."), text));
}

std::string clock_text(const FrameTime& time, bool hundredths) {
    const bool negative = time.num() < 0;
    const auto total = static_cast<std::int64_t>(std::floor(std::abs(time.seconds()) * 100.0 + 1e-6));
    const std::int64_t seconds = total / 100;
    const std::string sign = negative ? "-" : "";
    const std::string tail = hundredths ? fmt::format(".{:02}", total % 100) : "";
    if (seconds >= 3600) return fmt::format("{}{}:{:02}:{:02}{}", sign, seconds / 3600, seconds / 60 % 60, seconds % 60, tail);
    return fmt::format("{}{}:{:02}{}", sign, seconds / 60, seconds % 60, tail);
}

}  // namespace anagraph::core
