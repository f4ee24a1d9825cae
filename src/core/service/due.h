// Due: when a machine is serviced next, by hours, distance or calendar, whichever comes first.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "core/quantity/quantity.h"
#include "core/service/calendar.h"

namespace anagraph::core {

/// A stretch of days in which the machine is not to be taken away: a trip, a season. Both ends belong to it.
struct Avoided {
    Day from;
    Day to;
};

/// "2026-08-01..2026-08-21", or one day. Errors: BadInput for anything that is no such stretch, and for one that ends before it begins.
Result<Avoided> parse_avoided(std::string_view text);

/// A reading with its day that the rate of use is counted from.
struct RateFrom {
    Quantity reading;
    Day on;
};

struct ServicePlan {
    std::vector<Quantity> intervals;       // of running time, distance or calendar; the shortest of each counts
    std::optional<Quantity> last_reading;  // at the last service; in h, km or mi
    Day last_day;
    std::optional<Quantity> reading;  // the last that is known
    Day today;
    std::optional<Day> read_on = {};         // the day of that reading; nothing: today
    std::optional<RateFrom> rate_from = {};  // nothing: the last service
    std::vector<Avoided> avoid;
    bool first = false;              // the run-in interval below holds instead
    std::optional<Quantity> run_in;  // first interval of a new machine
    double hard_use = 1;             // intervals are multiplied by it; see kHardUse
};

/// What hard use (dust, heat, short runs) makes of an interval where the maker's book does not say: half. A choice of this program
/// and no standard's; the book comes first.
inline constexpr double kHardUse = 0.5;

struct NextDue {
    std::optional<double> due_reading;  // in the unit of the reading
    std::optional<Day> due_day;         // the earlier of the calendar and the forecast of the reading
    bool by_reading = false;            // which of the two comes first
    std::optional<double> left;         // till it is due: in the unit of the reading, or in days by the calendar
    std::string left_unit;              // "h", "km", "mi" or "day"
    std::optional<double> per_day;      // the rate of use the forecast stands on
    bool overdue = false;
    std::optional<Day> service_by;  // pulled before an avoided stretch
    Words because;                  // one sentence
};

/// Whichever comes first. The forecast takes the rate of use since the last service; where the machine stood still or no
/// day has passed there is none, and the calendar alone decides. A day forecast is never later than the reading allows
/// (whole days, downwards). Where the meter was read before today, the forecast goes on from that day, and what it says was reached since
/// is overdue. Service before an avoided stretch where the due day lies in it, but not before today. Errors: BadInput for no interval, an
/// interval that is not positive, readings in different kinds of unit, a meter or a calendar that runs backwards, a stretch that ends
/// before it begins, a reading missing for an interval that needs it.
Result<NextDue> next_due(const ServicePlan& plan);

}  // namespace anagraph::core
