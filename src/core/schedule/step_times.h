// StepTimes: how long the parts of a step take: hands, and waits in which nobody is needed.
#pragma once

#include <cstdint>
#include <optional>
#include <string_view>
#include <vector>

#include "core/edits/edit.h"

namespace anagraph::core {

using Seconds = std::int64_t;

/// Where the hands-on time of a step comes from.
enum class TimeFrom { Author, Take, Nothing };

struct StepTimes {
    Seconds hands = 0;  // 0 where it is not known
    TimeFrom from = TimeFrom::Nothing;
    struct Wait {
        Seconds seconds = 0;
        bool attended = false;
    };
    Seconds before = 0;       // a wait that comes before the hands
    std::vector<Wait> waits;  // after them, in order
    bool open_wait = false;   // it waits for something that has no time
    /// How long somebody is held: the hands, and all up to the last wait that needs them.
    Seconds held() const;
    /// The waits after that.
    Seconds alone() const;
};

/// Hands: as the author set them, else the length of the best take less the waits shown in it. Waits: those of the step, and the
/// actions that wait for a time the step does not name among its own; in the middle of a step somebody stays.
StepTimes times_of(const Procedure& p, const Step& step, std::string_view variant);

/// How long a figure of a time lasts in a variant; of a range its lower end, the soonest it can be enough. Nothing: it is not there, or no
/// time.
std::optional<Seconds> seconds_of(const Procedure& p, const FigureId& id, std::string_view variant);

/// The hands-on time of a step as its author says it: "5 min"; empty: as the film shows it. Errors: NotFound; BadInput for what is no time.
Result<Change> with_hands_time(const Procedure& p, const StepId& step, std::string_view typed);

/// "8 min", "45 s", "1 h 20 min": a time as it is planned with, to the minute from one minute on.
std::string time_text(Seconds seconds);
/// "4:10", "1:02:30": what is left on a clock; 0:00 below nothing.
std::string clock_text(Seconds seconds);

}  // namespace anagraph::core
