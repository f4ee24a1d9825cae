#include "core/fluids/level_rule.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <vector>

namespace anagraph::core {
std::string text_of(const LevelRule& rule) {
    std::vector<std::string> parts{"On level ground"};
    std::vector<std::string> unknown;
    switch (rule.temperature) {
        case LevelRule::Temperature::Unknown:
            unknown.emplace_back("cold or warm");
            break;
        case LevelRule::Temperature::Cold:
            parts.emplace_back("cold");
            break;
        case LevelRule::Temperature::Warm:
            parts.emplace_back("warm");
            break;
    }
    switch (rule.engine) {
        case LevelRule::Engine::Unknown:
            unknown.emplace_back("running or stopped");
            break;
        case LevelRule::Engine::Stopped:
            parts.push_back(rule.minutes_after > 0 ? fmt::format("stopped for {} min", rule.minutes_after) : std::string("stopped"));
            if (rule.minutes_after <= 0) unknown.emplace_back("how long after stopping");
            break;
        case LevelRule::Engine::Running:
            parts.emplace_back("running");
            break;
    }
    switch (rule.gauge) {
        case LevelRule::Gauge::Unknown:
            unknown.emplace_back("how it is read");
            break;
        case LevelRule::Gauge::DipstickResting:
            parts.emplace_back("dipstick resting, not screwed in");
            break;
        case LevelRule::Gauge::DipstickScrewed:
            parts.emplace_back("dipstick screwed in");
            break;
        case LevelRule::Gauge::SightGlass:
            parts.emplace_back("by the sight glass");
            break;
        case LevelRule::Gauge::WeepingPlug:
            parts.emplace_back("until the level plug weeps");
            break;
    }
    std::string text = fmt::format("{}.", fmt::join(parts, ", "));
    if (!unknown.empty()) text += fmt::format(" Not known: {}.", fmt::join(unknown, "; "));
    return text;
}

}  // namespace anagraph::core
