// LevelRule: how the level of a fluid is read. What is not known stays unknown and is said to be.
#pragma once

#include <optional>
#include <string>
#include <string_view>

#include "core/base/named.h"
#include "core/base/words.h"

namespace anagraph::core {

struct LevelRule {
    enum class Temperature { Unknown, Cold, Warm };
    enum class Engine { Unknown, Stopped, Running };
    enum class Gauge { Unknown, DipstickResting, DipstickScrewed, SightGlass, WeepingPlug };
    Temperature temperature = Temperature::Unknown;
    Engine engine = Engine::Unknown;
    double minutes_after = 0;  // after stopping; 0: not said
    Gauge gauge = Gauge::Unknown;
    friend bool operator==(const LevelRule&, const LevelRule&) = default;
};
template <>
struct Names<LevelRule::Temperature> {
    static constexpr auto all = std::to_array<Named<LevelRule::Temperature>>(
        {{LevelRule::Temperature::Unknown, "unknown"}, {LevelRule::Temperature::Cold, "cold"}, {LevelRule::Temperature::Warm, "warm"}});
};
template <>
struct Names<LevelRule::Engine> {
    static constexpr auto all = std::to_array<Named<LevelRule::Engine>>(
        {{LevelRule::Engine::Unknown, "unknown"}, {LevelRule::Engine::Stopped, "stopped"}, {LevelRule::Engine::Running, "running"}});
};
template <>
struct Names<LevelRule::Gauge> {
    static constexpr auto all = std::to_array<Named<LevelRule::Gauge>>({{LevelRule::Gauge::Unknown, "unknown"},
        {LevelRule::Gauge::DipstickResting, "dipstick resting"}, {LevelRule::Gauge::DipstickScrewed, "dipstick screwed in"},
        {LevelRule::Gauge::SightGlass, "sight glass"}, {LevelRule::Gauge::WeepingPlug, "weeping plug"}});
};
/// "On level ground, warm, engine stopped for 5 min, dipstick resting, not screwed in." What is unknown is named at the end.
Words text_of(const LevelRule& rule);

}  // namespace anagraph::core
