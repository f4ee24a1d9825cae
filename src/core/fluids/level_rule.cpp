#include "core/fluids/level_rule.h"

#include <vector>

namespace anagraph::core {
Words text_of(const LevelRule& rule) {
    std::vector<Words> parts{key("LevelRule", "On level ground")};
    std::vector<Words> unknown;
    switch (rule.temperature) {
        case LevelRule::Temperature::Unknown:
            unknown.emplace_back(key("LevelRule", "cold or warm"));
            break;
        case LevelRule::Temperature::Cold:
            parts.emplace_back(key("LevelRule", "cold"));
            break;
        case LevelRule::Temperature::Warm:
            parts.emplace_back(key("LevelRule", "warm"));
            break;
    }
    switch (rule.engine) {
        case LevelRule::Engine::Unknown:
            unknown.emplace_back(key("LevelRule", "running or stopped"));
            break;
        case LevelRule::Engine::Stopped:
            parts.push_back(rule.minutes_after > 0 ? say(key("LevelRule", "stopped for {0} min"), rule.minutes_after)
                                                   : Words(key("LevelRule", "stopped")));
            if (rule.minutes_after <= 0) unknown.emplace_back(key("LevelRule", "how long after stopping"));
            break;
        case LevelRule::Engine::Running:
            parts.emplace_back(key("LevelRule", "running"));
            break;
    }
    switch (rule.gauge) {
        case LevelRule::Gauge::Unknown:
            unknown.emplace_back(key("LevelRule", "how it is read"));
            break;
        case LevelRule::Gauge::DipstickResting:
            parts.emplace_back(key("LevelRule", "dipstick resting, not screwed in"));
            break;
        case LevelRule::Gauge::DipstickScrewed:
            parts.emplace_back(key("LevelRule", "dipstick screwed in"));
            break;
        case LevelRule::Gauge::SightGlass:
            parts.emplace_back(key("LevelRule", "by the sight glass"));
            break;
        case LevelRule::Gauge::WeepingPlug:
            parts.emplace_back(key("LevelRule", "until the level plug weeps"));
            break;
    }
    Words out = say(key("LevelRule", "{0}."), listed(parts));
    if (!unknown.empty()) out = one_after_other({out, say(key("LevelRule", "Not known: {0}."), listed(unknown))});
    return out;
}

}  // namespace anagraph::core
