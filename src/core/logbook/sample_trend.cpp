#include "core/logbook/sample_trend.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>

#include "core/base/letters.h"
#include "core/edition/post.h"

namespace anagraph::core {
namespace {

struct Found {
    std::string what, unit;
    double value = 0;
};

/// "iron 12 ppm": a name, a number and what it is counted in, which may be missing; nothing for anything else.
std::optional<Found> read_found(std::string_view text) {
    const auto digit = text.find_first_of("0123456789");
    if (digit == std::string_view::npos || digit == 0) return std::nullopt;
    const auto end = std::min(text.find_first_not_of("0123456789.,", digit), text.size());
    const auto number = Number::parse(text.substr(digit, end - digit), DecimalMark::Point);
    Found out{std::string(trimmed(text.substr(0, digit))), std::string(trimmed(text.substr(end))), number ? number->value() : 0};
    if (!number || out.what.empty()) return std::nullopt;
    return out;
}

SampleTrend& trend_of(std::vector<SampleTrend>& all, const std::string& fluid, const Found& f) {
    const auto it = std::find_if(all.begin(), all.end(),
        [&](const SampleTrend& t) { return same_post(t.fluid, fluid) && same_post(t.what, f.what) && same_post(t.unit, f.unit); });
    if (it != all.end()) return *it;
    all.push_back({fluid, f.what, f.unit, {}, {}});
    return all.back();
}

}  // namespace

std::string SampleTrend::words() const {
    std::vector<std::string> values;
    for (const auto& p : points) values.push_back(fmt::format("{:.6g}", p.value));
    std::string out = fmt::format("{}, {}: {} {}", fluid, what, fmt::join(values, ", "), unit);
    if (points.back().over) return out + fmt::format("; the last is over its limit of {:.6g} {}", *limit, unit);
    if (points.size() > 2 && std::is_sorted(points.begin(), points.end(), [](const auto& a, const auto& b) { return a.value < b.value; }) &&
        points.front().value < points.back().value)
        out += "; rising";
    return out;
}

std::vector<SampleTrend> sample_trends(const Logbook& log, std::string_view machine) {
    std::vector<const SampleInLog*> samples;
    for (const auto& s : log.samples())
        if (s.answer && same_post(s.what.machine, machine)) samples.push_back(&s);
    std::stable_sort(samples.begin(), samples.end(), [](const auto* a, const auto* b) { return a->on < b->on; });
    std::vector<SampleTrend> out;
    for (const auto* s : samples) {
        for (const auto& text : s->answer->values)
            if (const auto found = read_found(text))
                trend_of(out, s->what.fluid, *found)
                    .points.push_back({s->on, found->value, s->what.number, s->what.on_fluid ? display(*s->what.on_fluid) : "", false});
        for (const auto& text : s->answer->limits)
            if (const auto found = read_found(text)) trend_of(out, s->what.fluid, *found).limit = found->value;
    }
    std::erase_if(out, [](const SampleTrend& t) { return t.points.empty(); });
    for (auto& t : out)
        for (auto& p : t.points) p.over = t.limit && p.value > *t.limit;
    std::stable_sort(out.begin(), out.end(), [](const SampleTrend& a, const SampleTrend& b) { return a.fluid < b.fluid; });
    return out;
}

}  // namespace anagraph::core
