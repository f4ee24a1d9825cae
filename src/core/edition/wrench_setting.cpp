#include "core/edition/wrench_setting.h"

#include <fmt/format.h>

#include "core/figure/evidence.h"
#include "core/quantity/unit.h"
#include "core/quantity/written_number.h"
#include "core/workout/known.h"

namespace anagraph::core {
namespace {

/// Wrenches that no day is too late for.
std::vector<Wrench> whatever_the_day(std::vector<Wrench> wrenches) {
    for (auto& w : wrenches) {
        w.due.clear();
        if (w.calibrated.empty()) w.calibrated = "by then";
    }
    return wrenches;
}

bool is_one_torque(const FigureValue& v) {
    const auto* unit = find_unit(v.unit);
    return v.known() && v.high.empty() && v.before.empty() && v.turn.empty() && v.limit == Limit::None && unit != nullptr &&
        unit->dimension == Dimension::Torque;
}

}  // namespace

std::vector<WrenchSetting> wrench_settings(const Procedure& p, const std::vector<Wrench>& wrenches) {
    const auto scales = whatever_the_day(wrenches);
    std::vector<WrenchSetting> out;
    for (const auto& f : p.figures) {
        if (!is_one_torque(f.value) || standing_of(p, f) != Standing::Proved || steps_using(p, f.id).empty()) continue;
        const auto value = Number::kept(f.value.low);
        if (!value) continue;
        const double torque = convert(value->value(), *find_unit(f.value.unit), *find_unit("Nm"));
        for (const auto& offer : wrenches_for(torque, tolerance_percent(f), scales, Day{}))
            if (offer.usable)
                out.push_back({f.id, offer.wrench->name, fmt::format("{:.6g}", offer.scale.setting), offer.wrench->unit,
                    fmt::format("{:.6g}", offer.wrench->main_step)});
    }
    return out;
}

std::string text_of(const WrenchSetting& setting) { return text_of(FigureValue{setting.setting, "", setting.unit}); }

}  // namespace anagraph::core
