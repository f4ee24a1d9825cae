// anagraph-cli calc scale
#include <fmt/format.h>

#include "cli/commands/calc/calculation.h"
#include "cli/commands/calc/calculations.h"
#include "core/torque/wrench.h"

namespace anagraph::cli {
namespace {

class ScaleMark : public Calculation {
public:
    ScaleMark(CLI::App& app, const Answer& answer) : Calculation(answer) {
        app.add_option("--torque", torque_, "wanted, as in \"25 Nm\"")->required();
        app.add_option("--unit", unit_, "of the scale, as in lbf.ft")->required();
        app.add_option("--from", scale_.from, "first mark")->required();
        app.add_option("--to", scale_.to, "last mark")->required();
        app.add_option("--step", scale_.step, "between two marks")->required();
        app.add_option("--accuracy", accuracy_, "of the wrench, as in 4%");
        app.add_option("--tolerance", tolerance_, "of the figure, as in 10%");
    }

private:
    Result<int> work() override {
        const auto torque = quantity_of("--torque", torque_, Dimension::Torque, "25 Nm");
        if (!torque) return tl::make_unexpected(torque.error());
        const Unit* unit = core::find_unit(unit_);
        if (unit == nullptr || unit->dimension != Dimension::Torque)
            return core::fail(ErrorCode::BadInput, fmt::format("\"{}\" is no unit of torque; use Nm, lbf.ft, lbf.in or kgf.m.", unit_));
        std::optional<double> tolerance;
        if (!accuracy_.empty()) {
            const auto p = percent_of("--accuracy", accuracy_);
            if (!p) return tl::make_unexpected(p.error());
            scale_.accuracy = *p;
        }
        if (!tolerance_.empty()) {
            const auto p = percent_of("--tolerance", tolerance_);
            if (!p) return tl::make_unexpected(p.error());
            tolerance = *p;
        }
        const auto s = core::set_on_scale(torque->in(*unit), core::convert(1, *unit, *torque->unit), scale_, tolerance);
        if (!s) return tl::make_unexpected(s.error());
        const json value{{"setting", s->setting}, {"true", quantity_json(s->true_torque, *torque->unit)},
            {"error_percent", s->error_percent}, {"ok", s->ok}, {"reason", s->reason}};
        const std::string nearest = fmt::format("{} {} is {}, {:+.1f} %", core::rounded_text(s->setting, 4), unit->symbol,
            shown(s->true_torque, *torque->unit), s->error_percent);
        return answer_.say(value, s->ok ? fmt::format("Set {}.", nearest) : s->reason.english(), s->ok ? kFine : kFoundWrong);
    }

    std::string torque_;
    std::string unit_;
    core::Scale scale_;
    std::string accuracy_;
    std::string tolerance_;
};

}  // namespace

void add_calc_scale(CLI::App& to, const Answer& answer, int& code) {
    add<ScaleMark>(to, answer, code, "scale", "the nearest mark on a wrench's scale, and whether it will do",
        "Example: calc scale --torque \"25 Nm\" --unit lbf.ft --from 5 --to 80 --step 1 --accuracy 4% --tolerance 10%\nBelow 20 % of the "
        "last mark a wrench is not used: ISO 6789-1.");
}

}  // namespace anagraph::cli
