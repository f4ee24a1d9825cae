// anagraph-cli calc due
#include "core/service/due.h"

#include <fmt/format.h>

#include <cmath>

#include "cli/commands/calc/calculation.h"
#include "cli/commands/calc/calculations.h"

namespace anagraph::cli {
namespace {

class Due : public Calculation {
public:
    Due(CLI::App& app, const Answer& answer) : Calculation(answer) {
        app.add_option("--interval", intervals_, "how often, as in \"100 h\" or \"12 month\"; once for each")
            ->required()
            ->allow_extra_args(false);
        app.add_option("--last-reading", last_reading_, "of the meter at the last service, as in \"202 h\"");
        app.add_option("--last-date", last_date_, "day of the last service, as in 2026-03-31")->required();
        app.add_option("--date", date_, "today")->required();
        app.add_option("--reading", reading_, "of the meter now");
        app.add_option("--avoid", avoid_, "days it cannot be taken away, as in 2026-07-01..2026-08-15")->allow_extra_args(false);
    }

private:
    Result<int> work() override {
        core::ServicePlan plan;
        for (const auto& text : intervals_) {
            const auto q = Quantity::parse(text);
            if (!q) return tl::make_unexpected(q.error());
            plan.intervals.push_back(*q);
        }
        const auto last_day = core::parse_day(last_date_);
        if (!last_day) return tl::make_unexpected(last_day.error());
        const auto today = core::parse_day(date_);
        if (!today) return tl::make_unexpected(today.error());
        plan.last_day = *last_day;
        plan.today = *today;
        for (const auto& [text, target] : {std::pair(&last_reading_, &plan.last_reading), std::pair(&reading_, &plan.reading)}) {
            if (text->empty()) continue;
            const auto q = Quantity::parse(*text);
            if (!q) return tl::make_unexpected(q.error());
            *target = *q;
        }
        for (const auto& text : avoid_) {
            const auto days = core::parse_avoided(text);
            if (!days) return core::fail(days.error().code, days.error().message, "--avoid");
            plan.avoid.push_back(*days);
        }
        const auto due = core::next_due(plan);
        if (!due) return tl::make_unexpected(due.error());
        const auto day = [](const std::optional<core::Day>& d) { return d ? json(core::text_of(*d)) : json(nullptr); };
        const Unit& left_unit = *core::find_unit(due->left_unit);
        const json value{{"due_reading", due->due_reading ? quantity_json(*due->due_reading, *plan.reading->unit) : json(nullptr)},
            {"due_date", day(due->due_day)}, {"first", due->by_reading ? "reading" : "calendar"},
            {"left", due->left ? quantity_json(*due->left, left_unit) : json(nullptr)}, {"overdue", due->overdue},
            {"service_by", day(due->service_by)}, {"because", due->because}, {"ok", true}};
        std::string words = due->overdue
            ? fmt::format("Overdue by {}.", shown(std::abs(due->left.value_or(0)), left_unit))
            : fmt::format("Due {}{}; {} left. {}",
                  due->due_reading && due->by_reading ? "at " + shown(*due->due_reading, *plan.reading->unit, 4) : "",
                  due->due_day ? (due->by_reading ? ", about " : "on ") + core::text_of(*due->due_day) : "",
                  shown(due->left.value_or(0), left_unit), due->because);
        if (due->service_by && due->service_by != due->due_day && !due->overdue)
            words += fmt::format(" Service by {}.", core::text_of(*due->service_by));
        return answer_.say(value, words);
    }

    std::vector<std::string> intervals_;
    std::string last_reading_;
    std::string last_date_;
    std::string date_;
    std::string reading_;
    std::vector<std::string> avoid_;
};

}  // namespace

void add_calc_due(CLI::App& to, const Answer& answer, int& code) {
    add<Due>(to, answer, code, "due", "when the next service is due, whichever comes first",
        "Example: calc due --interval \"100 h\" --interval \"12 month\" --last-reading \"202 h\" --last-date 2026-03-31 --date 2026-11-28 "
        "--reading \"280 h\"\nThe forecast takes the rate of use since the last service; whole days, downwards.");
}

}  // namespace anagraph::cli
