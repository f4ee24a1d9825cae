// anagraph-cli calc sequence
#include "core/torque/sequence.h"

#include <fmt/ranges.h>

#include "cli/commands/calc/calculation.h"
#include "cli/commands/calc/calculations.h"

namespace anagraph::cli {
namespace {

class Sequence : public Calculation {
public:
    Sequence(CLI::App& app, const Answer& answer) : Calculation(answer) {
        app.add_option("--count", count_, "how many bolts")->required();
        app.add_option("--pattern", pattern_, "circle, rectangle or line")
            ->check(CLI::IsMember({"circle", "rectangle", "line"}))
            ->capture_default_str();
        app.add_option("--stages", stages_, "torques of the passes, as in 20,40,60")->delimiter(',');
        app.add_option("--unit", unit_, "of the stages")->capture_default_str();
    }

private:
    Result<int> work() override {
        const auto order = core::tightening_order(*core::from_name<core::BoltPattern>(pattern_), count_);
        if (!order) return tl::make_unexpected(order.error());
        const Unit* unit = core::find_unit(unit_);
        if (unit == nullptr || unit->dimension != Dimension::Torque)
            return core::fail(ErrorCode::BadInput, fmt::format("\"{}\" is no unit of torque; use Nm, lbf.ft, lbf.in or kgf.m.", unit_));
        const auto stages = core::stages_checked(stages_);
        if (!stages) return tl::make_unexpected(stages.error());
        json passes = json::array();
        std::string words = fmt::format("{}", fmt::join(*order, ", "));
        for (const double s : *stages) {
            passes.push_back(quantity_json(s, *unit));
            words += fmt::format("{} {}", passes.size() == 1 ? "; all to" : ", then to", shown(s, *unit));
        }
        return answer_.say({{"order", *order}, {"stages", passes}, {"ok", true}}, words + ".");
    }

    int count_ = 0;
    std::string pattern_ = "circle";
    std::vector<double> stages_;
    std::string unit_ = "Nm";
};

}  // namespace

void add_calc_sequence(CLI::App& to, const Answer& answer, int& code) {
    add<Sequence>(to, answer, code, "sequence", "in which order bolts are tightened",
        "Example: calc sequence --count 8 --stages 20,40,60 --unit Nm\nCircle: a star. Rectangle and line: from the middle outwards. "
        "Neighbours are kept apart.");
}

}  // namespace anagraph::cli
