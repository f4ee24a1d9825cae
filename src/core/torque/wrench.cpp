#include "core/torque/wrench.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/quantity/quantity.h"

namespace anagraph::core {
namespace {

constexpr int kDigits = 4;  // of a setting in a sentence

std::string plain(double value) {
    std::string s = rounded_text(value, kDigits);
    if (s.find('.') != std::string::npos) {
        s.erase(s.find_last_not_of('0') + 1);
        if (s.back() == '.') s.pop_back();
    }
    return s;
}

/// Scales are read to a mark: a value that is one but for the error of binary fractions is that mark.
double tidy(double value) { return std::round(value * 1e9) / 1e9; }

}  // namespace

Result<double> lengthened_setting(double torque, double arm, double extension, double angle_deg) {
    if (!(torque > 0)) return fail(ErrorCode::BadInput, key("Torque", "The torque must be more than nothing."));
    if (!(arm > 0))
        return fail(ErrorCode::BadInput, key("Torque", "The arm, from the drive to the middle of the grip, must be longer than nothing."));
    if (!(extension >= 0))
        return fail(
            ErrorCode::BadInput, key("Torque", "The extension cannot be shorter than nothing; turn it with --angle 180 to fold it back."));
    if (!(std::abs(angle_deg) <= 360))
        return fail(ErrorCode::BadInput, key("Torque", "The angle is given in degrees between 0 (in line) and 180 (folded back)."));
    // exact at the right angles, where the cosine is not
    const double turned = std::fmod(std::abs(angle_deg), 360.0);
    const double cosine = turned == 90 || turned == 270 ? 0 : std::cos(turned * std::numbers::pi / 180);
    const double reach = arm + extension * cosine;
    if (reach <= 0)
        return fail(ErrorCode::Refused, key("Torque", "Folded back that far the fastener lies under the hand: no setting turns it."));
    return torque * arm / reach;
}

Result<ScaleSetting> set_on_scale(double torque, double per_unit, const Scale& scale, std::optional<double> tolerance) {
    if (!(torque > 0)) return fail(ErrorCode::BadInput, key("Torque", "The torque must be more than nothing."));
    if (!(scale.step > 0)) return fail(ErrorCode::BadInput, key("Torque", "The scale needs a step between its marks."));
    if (!(scale.to > scale.from) || scale.from < 0)
        return fail(ErrorCode::BadInput, key("Torque", "The scale must run upwards, from its first mark to its last."));
    const double last = std::floor((scale.to - scale.from) / scale.step + 1e-9);
    const double mark = std::clamp(std::round((torque - scale.from) / scale.step), 0.0, last);
    ScaleSetting s;
    s.setting = tidy(scale.from + mark * scale.step);
    s.true_torque = s.setting * per_unit;
    s.error_percent = (s.setting - torque) / torque * 100;
    const double least = kLeastShare * scale.to;
    constexpr double kNothing = 1e-9;
    if (torque > scale.to * (1 + kNothing))
        s.reason = say(key("Torque", "{0} is beyond the end of the scale at {1}: take a larger wrench."), plain(torque), plain(scale.to));
    else if (torque < scale.from * (1 - kNothing))
        s.reason = say(key("Torque", "{0} is below the first mark at {1}: take a smaller wrench."), plain(torque), plain(scale.from));
    else if (std::min(torque, s.setting) < least * (1 - kNothing))
        s.reason =
            say(key("Torque", "{0} is below 20 % of the scale's end ({1}), where a wrench is no longer accurate: take a smaller one."),
                plain(std::min(torque, s.setting)), plain(least));
    else if (tolerance && std::abs(s.error_percent) + scale.accuracy > *tolerance + kNothing)
        s.reason = scale.accuracy > 0 ? say(key("Torque",
                                                "The nearest mark is {0} % off and the wrench itself may be {1} % off; together that is "
                                                "more than the {2} % allowed."),
                                            Words::number(fmt::format("{:+.1f}", s.error_percent)), Words::number(plain(scale.accuracy)),
                                            Words::number(plain(*tolerance)))
                                      : say(key("Torque", "The nearest mark is {0} % off, more than the {1} % allowed."),
                                            Words::number(fmt::format("{:+.1f}", s.error_percent)), Words::number(plain(*tolerance)));
    s.ok = s.reason.empty();
    return s;
}

Words marks_text(const Wrench& w, double setting) {
    if (!(w.main_step > 0)) return Words::number(plain(setting));
    const double below = w.from + std::floor((setting - w.from) / w.main_step + 1e-9) * w.main_step;
    if (!(w.fine_step > 0) || setting - below < w.fine_step / 2) return say(key("Torque", "mark {0}"), Words::number(plain(below)));
    const auto fine = std::lround((setting - below) / w.fine_step);
    return Words(
        counted_key("Torque", "mark {0} and %n fine marks more", "mark {0} and 1 fine mark more"), fine, {Words::number(plain(below))});
}

std::vector<WrenchOffer> wrenches_for(double torque_nm, std::optional<double> tolerance, const std::vector<Wrench>& wrenches,
    const Day& today, const Lengthening& lengthening) {
    std::vector<WrenchOffer> offers;
    const Unit* nm = find_unit("Nm");
    for (const auto& w : wrenches) {
        WrenchOffer offer;
        offer.wrench = &w;
        const auto refuse = [&](Words why) {
            offer.why = std::move(why);
            offers.push_back(offer);
        };
        const Unit* unit = find_unit(w.unit);
        if (unit == nullptr || unit->dimension != Dimension::Torque) {
            refuse(fmt::format("\"{}\" is no unit of torque: put the wrench's scale right.", w.unit));
            continue;
        }
        double at_drive = torque_nm;
        if (lengthening.extension_mm > 0) {
            if (w.arm_mm <= 0 && std::abs(lengthening.angle_deg) != 90) {
                refuse(key("Torque",
                    "Its effective length is not known, so the extension cannot be reckoned with: measure it, or set the extension at "
                    "right angles."));
                continue;
            }
            const auto set = lengthened_setting(torque_nm, w.arm_mm > 0 ? w.arm_mm : 1, lengthening.extension_mm, lengthening.angle_deg);
            if (!set) {
                refuse(set.error().message);
                continue;
            }
            at_drive = *set;
        }
        const double step = w.fine_step > 0 ? w.fine_step : w.main_step;
        const double per_unit = convert(1, *unit, *nm) * torque_nm / at_drive;
        const auto scale = set_on_scale(convert(at_drive, *nm, *unit), per_unit, {w.from, w.to, step, w.accuracy}, tolerance);
        if (!scale) {
            refuse(scale.error().message);
            continue;
        }
        offer.scale = *scale;
        if (w.calibrated.empty()) {
            refuse(key("Torque", "It was never calibrated, or nobody wrote it down."));
            continue;
        }
        const auto due = parse_day(w.due);
        if (!w.due.empty() && due && *due < today) {
            refuse(say(key("Torque", "Its calibration ran out on {0}: have it calibrated first."), w.due));
            continue;
        }
        if (!scale->ok) {
            refuse(scale->reason);
            continue;
        }
        offer.usable = true;
        offer.why = say(key("Torque", "Set {0} {1} ({2}): that is {3} N·m at the fastener, {4} %."), Words::number(plain(scale->setting)),
            unit->symbol, marks_text(w, scale->setting), Words::number(plain(scale->true_torque)),
            Words::number(fmt::format("{:+.1f}", scale->error_percent)));
        offers.push_back(offer);
    }
    std::stable_sort(offers.begin(), offers.end(), [](const WrenchOffer& a, const WrenchOffer& b) {
        if (a.usable != b.usable) return a.usable;
        if (!a.usable) return false;
        const auto off = [](const WrenchOffer& o) { return std::abs(o.scale.error_percent) + o.wrench->accuracy; };
        if (std::abs(off(a) - off(b)) > 0.05) return off(a) < off(b);
        // as good as each other: the one that works nearer the middle of its scale
        const auto from_middle = [](const WrenchOffer& o) { return std::abs(o.scale.setting / o.wrench->to - 0.5); };
        return from_middle(a) < from_middle(b);
    });
    return offers;
}

}  // namespace anagraph::core
