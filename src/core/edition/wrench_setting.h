// What a torque of the guide is on a wrench of the house: as the learner finds it on the scale in hand.
#pragma once

#include <string>
#include <vector>

#include "core/procedure/procedure.h"
#include "core/torque/wrench.h"

namespace anagraph::core {

struct WrenchSetting {
    FigureId figure;
    std::string wrench;   // "small click wrench"
    std::string setting;  // number on its scale, as written: "18"
    std::string unit;     // of the scale, ASCII id
    std::string step;     // between two numbered marks
    friend bool operator==(const WrenchSetting&, const WrenchSetting&) = default;
};

/// For each proved torque of one value, on every wrench of the house that can do it, the best first. Whether a calibration has run out is a
/// matter of the day a wrench is used, not of the day an edition is issued, so it is not asked here, and all of them stand there.
std::vector<WrenchSetting> wrench_settings(const Procedure& p, const std::vector<Wrench>& wrenches);

/// "18 lbf·ft"
std::string text_of(const WrenchSetting& setting);

}  // namespace anagraph::core
