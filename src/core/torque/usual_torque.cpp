#include "core/torque/usual_torque.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "core/quantity/quantity.h"

namespace anagraph::core {
namespace {

struct Coarse {
    double diameter;
    double pitch;
    double across;  // flats of the head, ISO 4014
};
// ISO 261 (pitches), ISO 4014 (heads)
constexpr std::array<Coarse, 21> kCoarse{{{2, 0.4, 4}, {2.5, 0.45, 5}, {3, 0.5, 5.5}, {4, 0.7, 7}, {5, 0.8, 8}, {6, 1, 10}, {7, 1, 11},
    {8, 1.25, 13}, {10, 1.5, 16}, {12, 1.75, 18}, {14, 2, 21}, {16, 2, 24}, {18, 2.5, 27}, {20, 2.5, 30}, {22, 2.5, 34}, {24, 3, 36},
    {27, 3, 41}, {30, 3.5, 46}, {33, 3.5, 50}, {36, 4, 55}, {48, 5, 75}}};

struct Strength {
    std::string_view name;
    double yield;  // N/mm2, ISO 898-1
};
constexpr std::array<Strength, 8> kStrengths{
    {{"4.6", 240}, {"5.6", 300}, {"5.8", 420}, {"6.8", 480}, {"8.8", 640}, {"10.9", 940}, {"12.9", 1100}, {"A2-70", 450}}};

constexpr double kLeastFriction = 0.10;
constexpr double kMostFriction = 0.16;
constexpr double kInAluminium = 2.0 / 3;
constexpr double kInPlastic = 1.0 / 6;
constexpr double kHollow = 0.5;
// A figure is doubted beyond these multiples of the band: wide enough for soft gaskets below and angle tightening above.
constexpr double kFarAbove = 1.6;
constexpr double kFarBelow = 0.25;

double torque_at(double d, double pitch, double across, double yield, double friction) {
    const double d2 = d - 0.64952 * pitch;
    const double d3 = d - 1.22687 * pitch;
    const double d0 = (d2 + d3) / 2;
    const double area = std::numbers::pi / 4 * d0 * d0;
    const double twist = 1.5 * d2 / d0 * (pitch / (std::numbers::pi * d2) + 1.155 * friction);
    const double force = 0.9 * yield * area / std::sqrt(1 + 3 * twist * twist);
    const double bearing = (0.89 * across + 1.1 * d) / 2;  // mean of the bearing face: washer face of the head, bore of the hole
    return force * (0.16 * pitch + 0.58 * d2 * friction + bearing / 2 * friction) / 1000;
}

}  // namespace

Result<ThreadedJoint> parse_thread(std::string_view text) {
    const auto bad = [&] {
        return fail(ErrorCode::BadInput, say(key("Torque", "\"{0}\" is no metric thread; write it as M6 or M14x1.5."), text));
    };
    std::string s;
    for (const char c : text)
        if (c != ' ') s += c == 'X' ? 'x' : c == 'm' ? 'M' : c;
    if (s.size() < 2 || s[0] != 'M') return bad();
    const auto by = s.find('x');
    const auto diameter = Number::parse(s.substr(1, by == std::string::npos ? by : by - 1));
    if (!diameter || diameter->value() <= 0) return bad();
    ThreadedJoint joint;
    joint.diameter_mm = diameter->value();
    if (by != std::string::npos) {
        const auto pitch = Number::parse(s.substr(by + 1));
        if (!pitch || pitch->value() <= 0) return bad();
        // "M6x16" is a length, no pitch
        if (pitch->value() < joint.diameter_mm / 2) joint.pitch_mm = pitch->value();
    }
    return joint;
}

Result<TorqueBand> usual_torque(const ThreadedJoint& joint) {
    const double d = joint.diameter_mm;
    if (!(d >= 2 && d <= 48)) return fail(ErrorCode::BadInput, key("Torque", "Threads from M2 to M48 are known here."));
    const auto coarse = std::min_element(kCoarse.begin(), kCoarse.end(),
        [&](const Coarse& a, const Coarse& b) { return std::abs(a.diameter - d) < std::abs(b.diameter - d); });
    if (joint.pitch_mm == 0 && std::abs(coarse->diameter - d) > 1e-9)
        return fail(
            ErrorCode::BadInput, say(key("Torque", "M{0} has no coarse pitch in ISO 261: say which pitch it has, as in M14x1.5."), d));
    const std::string_view wanted = joint.property_class.empty() ? std::string_view("8.8") : std::string_view(joint.property_class);
    const auto strength = std::find_if(kStrengths.begin(), kStrengths.end(), [&](const Strength& s) { return s.name == wanted; });
    if (strength == kStrengths.end())
        return fail(
            ErrorCode::BadInput, say(key("Torque", "\"{0}\" is no property class known here; one such as 8.8 or 10.9 is."), wanted));
    const double pitch = joint.pitch_mm > 0 ? joint.pitch_mm : coarse->pitch;
    double share = joint.in == ThreadIn::Aluminium ? kInAluminium : joint.in == ThreadIn::Plastic ? kInPlastic : 1;
    if (joint.hollow) share *= kHollow;
    const auto at = [&](double friction) { return share * torque_at(d, pitch, coarse->across, strength->yield, friction); };
    return TorqueBand{at(kLeastFriction), at(kMostFriction)};
}

std::optional<Words> doubt_about(double torque, const ThreadedJoint& joint) {
    const auto band = usual_torque(joint);
    if (!band || !(torque > 0)) return std::nullopt;
    const bool above = torque > band->high * kFarAbove;
    const bool below = !joint.seals && torque < band->low * kFarBelow;
    if (!above && !below) return std::nullopt;
    Words thread = fmt::format("M{}", joint.diameter_mm);
    if (joint.in != ThreadIn::Steel) thread = say(key("Torque", "{0} in {1}"), thread, words_of(joint.in));
    if (joint.hollow) thread = say(key("Torque", "{0}, hollow"), thread);
    const auto number = [](double value, int digits) { return Words::number(rounded_text(value, digits)); };
    return say(above ? key("Torque", "{0} N·m is far above the usual {1} to {2} N·m for {3}: a slip of unit?")
                     : key("Torque", "{0} N·m is far below the usual {1} to {2} N·m for {3}: a slip of unit?"),
        number(torque, 3), number(band->low, 2), number(band->high, 2), thread);
}

}  // namespace anagraph::core
