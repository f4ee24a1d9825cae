#include "core/fluids/mixture.h"

#include <fmt/format.h>

#include <array>
#include <cmath>
#include <numeric>
#include <span>

namespace anagraph::core {
namespace {

bool percent(double p) { return p >= 0 && p <= 100; }

Outcome checked(double volume, double have, double want, double concentrate) {
    if (!(volume > 0)) return fail(ErrorCode::BadInput, key("Fluids", "The volume of the system must be more than nothing."));
    if (!percent(have) || !percent(want) || !percent(concentrate))
        return fail(ErrorCode::BadInput, key("Fluids", "A strength lies between 0 and 100 %."));
    if (want > have && concentrate <= want)
        return fail(ErrorCode::Refused, say(key("Fluids", "A concentrate of {0} % cannot bring the mixture to {1} %."), concentrate, want));
    return {};
}

struct Point {
    double by_mass;  // percent
    double degrees;
};
// ASHRAE Handbook, Fundamentals: freezing points of aqueous solutions, by mass
constexpr std::array<Point, 13> kEthylene{{{0, 0}, {5, -1.4}, {10, -3.2}, {15, -5.4}, {20, -7.8}, {25, -10.7}, {30, -14.1}, {35, -17.9},
    {40, -22.3}, {45, -27.5}, {50, -33.8}, {55, -41.1}, {60, -48.3}}};
constexpr std::array<Point, 13> kPropylene{{{0, 0}, {5, -1.6}, {10, -3.3}, {15, -5.1}, {20, -7.1}, {25, -9.6}, {30, -12.7}, {35, -16.4},
    {40, -21.1}, {45, -26.7}, {50, -33.5}, {55, -41.6}, {60, -51.1}}};

constexpr double kMostPercent = 60;

double density_of(Glycol type) { return type == Glycol::Ethylene ? 1.113 : 1.036; }
std::span<const Point> table_of(Glycol type) { return type == Glycol::Ethylene ? kEthylene : kPropylene; }

/// Percent by volume of a share by mass, mixing without change of volume.
double by_volume(Glycol type, double by_mass) {
    const double glycol = by_mass / density_of(type);
    return 100 * glycol / (glycol + (100 - by_mass) / 0.998);
}

}  // namespace

Result<DrainAndReplace> drain_and_replace(double volume, double have, double want, double concentrate) {
    if (auto ok = checked(volume, have, want, concentrate); !ok) return tl::make_unexpected(ok.error());
    if (want == have) return DrainAndReplace{0, 0, concentrate};
    if (want < have) {
        const double out = volume * (have - want) / have;
        return DrainAndReplace{out, out, 0};
    }
    const double out = volume * (want - have) / (concentrate - have);
    return DrainAndReplace{out, out, concentrate};
}

Result<double> top_up(double volume, double room, double have, double want, double concentrate) {
    if (auto ok = checked(volume, have, want, concentrate); !ok) return tl::make_unexpected(ok.error());
    const double strength = want < have ? 0 : concentrate;
    if (want == have) return 0.0;
    const double add = volume * (want - have) / (strength - want);
    if (want == 0 || !std::isfinite(add))
        return fail(ErrorCode::Refused, key("Fluids", "No amount of water makes it pure water: drain it."));
    if (add > room + 1e-9)
        return fail(ErrorCode::Refused,
            say(key("Fluids", "{0} would have to be added and there is room for {1}: drain some and replace it."),
                Words::number(fmt::format("{:.2f}", add)), Words::number(fmt::format("{:.2f}", room))));
    return add;
}

Result<Portions> mix_by_ratio(double amount, double concentrate, double water) {
    if (!(amount > 0) || !(concentrate > 0) || !(water >= 0))
        return fail(ErrorCode::BadInput, key("Fluids", "A ratio is told in parts of concentrate and water, as in 1 to 10."));
    return Portions{amount * concentrate / (concentrate + water), amount * water / (concentrate + water)};
}

Result<double> freezing_point(Glycol type, double strength) {
    const auto table = table_of(type);
    for (std::size_t i = 1; i < table.size(); ++i) {
        const double low = by_volume(type, table[i - 1].by_mass);
        const double high = by_volume(type, table[i].by_mass);
        if (strength < low || strength > high) continue;
        return table[i - 1].degrees + (table[i].degrees - table[i - 1].degrees) * (strength - low) / (high - low);
    }
    if (strength > 0 && strength <= kMostPercent) return table.back().degrees;
    return fail(ErrorCode::BadInput, key("Fluids", "Freezing points are known here from 0 to 60 %; stronger mixtures protect less again."));
}

Result<double> strength_for(Glycol type, double degrees) {
    const auto table = table_of(type);
    if (degrees >= 0) return 0.0;
    for (std::size_t i = 1; i < table.size(); ++i) {
        if (degrees < table[i].degrees) continue;
        const double low = by_volume(type, table[i - 1].by_mass);
        const double high = by_volume(type, table[i].by_mass);
        return low + (high - low) * (degrees - table[i - 1].degrees) / (table[i].degrees - table[i - 1].degrees);
    }
    return fail(ErrorCode::BadInput, say(key("Fluids", "No mixture of {0} is good to {1} degC."), words_of(type), std::lround(degrees)));
}

std::vector<double> jug_marks(const std::vector<double>& parts) {
    std::vector<double> marks;
    double level = 0;
    for (const double p : parts) marks.push_back(level += p);
    return marks;
}

Result<JugFillings> jug_fillings(const std::vector<double>& parts, double jug) {
    const double all = std::accumulate(parts.begin(), parts.end(), 0.0);
    if (!(all > 0) || !(jug > 0)) return fail(ErrorCode::BadInput, key("Fluids", "Say what is poured and what the jug holds."));
    const double times = std::ceil(all / jug - 1e-9);
    if (times > kMostFillings)
        return fail(ErrorCode::Refused, say(key("Fluids", "That is {0} jugs: take a larger one."), std::lround(times)));
    std::vector<double> one;
    for (const double part : parts) one.push_back(part / times);
    return JugFillings{static_cast<int>(times), jug_marks(one)};
}

}  // namespace anagraph::core
