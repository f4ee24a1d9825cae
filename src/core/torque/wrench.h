// Wrench: what a torque wrench has to be set to, and whether it can do a figure at all.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/service/calendar.h"

namespace anagraph::core {

/// The setting of a wrench whose lever is lengthened. `torque` is wanted at the fastener; `arm` reaches from the drive to
/// the middle of the grip, `extension` from the drive to the fastener, both in one unit. `angle_deg`: between extension and
/// handle, 0 in line and away from the hand, 90 at right angles (no change), 180 folded back along the handle.
/// The same force F acts at the grip: the wrench feels F * arm, the fastener F * (arm + extension * cos angle); hence
/// setting = torque * arm / (arm + extension * cos angle). Source: law of the lever; the same formula in the operating
/// instructions that ISO 6789-1 asks for. In the unit of `torque`.
/// Errors: BadInput for a torque, arm or extension that is not positive (an extension may be 0); Refused where the fastener
/// would lie under the hand or behind it, so that no setting turns it.
Result<double> lengthened_setting(double torque, double arm, double extension, double angle_deg);

/// A wrench of the shop. Torques in N·m unless the scale says otherwise.
struct Wrench {
    enum class Kind { Click, Dial };
    std::string id;
    std::string name;      // "small click wrench"
    std::string unit;      // of its scale, a unit of torque: "Nm", "lbf.ft"
    double from = 0;       // first mark of the scale
    double to = 0;         // last mark: the size of the wrench
    double main_step = 0;  // between two numbered marks
    double fine_step = 0;  // between two fine marks, or per division of the grip; 0: none but the main ones
    Kind kind = Kind::Click;
    double accuracy = 4;     // percent of the setting
    double arm_mm = 0;       // effective length; 0: not known
    std::string drive;       // "1/2 in"
    std::string calibrated;  // day of the last calibration, "2026-03-02"; empty: never
    std::string due;         // day the next is due; empty: not known
    friend bool operator==(const Wrench&, const Wrench&) = default;
};

/// Below this share of its last mark a wrench is not used: ISO 6789-1 states the accuracy from 20 % of the size upwards.
inline constexpr double kLeastShare = 0.20;

/// How a torque stands on a scale.
struct ScaleSetting {
    double setting = 0;        // the mark to set, in the unit of the scale
    double true_torque = 0;    // what that mark is, in the unit of the torque asked for
    double error_percent = 0;  // of the true torque against the torque asked for; positive: too much
    bool ok = false;
    Words reason;  // why not; empty when ok
};

/// A scale: marks at from, from + step, ... to. Percentages as such (4, not 0.04); `tolerance` and `accuracy` are half widths.
struct Scale {
    double from = 0;
    double to = 0;
    double step = 0;
    double accuracy = 0;
};

/// The mark nearest to a torque. `torque_in_scale` is the torque in the scale's unit; `per_unit` turns the scale's unit into
/// the unit of the answer. Without a tolerance only the range decides; with one the error of the mark and the accuracy of
/// the wrench together must lie within it. Not ok outside the scale and below 20 % of its end. Errors: BadInput for a scale
/// that runs backwards or has no step, and for a torque that is not positive.
Result<ScaleSetting> set_on_scale(double torque_in_scale, double per_unit, const Scale& scale, std::optional<double> tolerance);

/// "between 20 and 25, two fine marks above 20": the setting as a hand finds it on main and fine marks.
Words marks_text(const Wrench& wrench, double setting);

/// What one wrench can do for a torque.
struct WrenchOffer {
    const Wrench* wrench = nullptr;
    ScaleSetting scale;
    bool usable = false;
    Words why;  // one sentence: the setting, or the reason against it
};

/// What is between wrench and fastener.
struct Lengthening {
    double extension_mm = 0;
    double angle_deg = 0;
};

/// Every wrench for a torque (in N·m, with the half width of its tolerance in percent where it has one), the usable ones
/// first and of those the one with the smallest error, then the one nearer the middle of its scale. A wrench that is out of calibration on
/// `today` ("2026-11-28") is refused with the reason, as is one that would work below 20 % of its size.
std::vector<WrenchOffer> wrenches_for(double torque_nm, std::optional<double> tolerance, const std::vector<Wrench>& wrenches,
    const Day& today, const Lengthening& lengthening = {});

}  // namespace anagraph::core
