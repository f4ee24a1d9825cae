// LevelRule: how the level of a fluid is read. What is not known stays unknown and is said to be.
#pragma once

#include <optional>
#include <string>
#include <string_view>

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
std::string_view name_of(LevelRule::Temperature temperature);  // as in files: "warm"; "unknown"
std::string_view name_of(LevelRule::Engine engine);
std::string_view name_of(LevelRule::Gauge gauge);
std::optional<LevelRule::Temperature> level_temperature(std::string_view name);
std::optional<LevelRule::Engine> level_engine(std::string_view name);
std::optional<LevelRule::Gauge> level_gauge(std::string_view name);
/// "On level ground, warm, engine stopped for 5 min, dipstick resting, not screwed in." What is unknown is named at the end.
std::string text_of(const LevelRule& rule);

}  // namespace anagraph::core
