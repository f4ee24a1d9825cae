// anagraph-cli calc convert
#include <fmt/format.h>

#include "cli/commands/calc/calculation.h"
#include "cli/commands/calc/calculations.h"

namespace anagraph::cli {
namespace {

class Convert : public Calculation {
public:
    Convert(CLI::App& app, const Answer& answer) : Calculation(answer) {
        app.add_option("Q", text_, "quantity, as in \"18 lbf.ft\" or \"1 3/4 L\"")->required();
        app.add_option("UNIT", unit_, "unit wanted, as in Nm")->required();
    }

private:
    Result<int> work() override {
        const auto quantity = Quantity::parse(text_);
        if (!quantity) return tl::make_unexpected(quantity.error());
        if (const auto question = core::ambiguous_unit(unit_); !question.empty())
            return core::fail(ErrorCode::BadInput, fmt::format("\"{}\" can be either: {}", unit_, question));
        const Unit* unit = core::find_unit(unit_);
        if (unit == nullptr)
            return core::fail(ErrorCode::BadInput,
                fmt::format("\"{}\" is no unit known here; use one such as Nm, lbf.ft, L, qt, mm, in, bar, degC.", unit_));
        if (unit->dimension != quantity->unit->dimension) {
            const bool force = (quantity->unit->dimension == Dimension::Force && unit->dimension == Dimension::Torque) ||
                (quantity->unit->dimension == Dimension::Torque && unit->dimension == Dimension::Force);
            return core::fail(ErrorCode::Refused,
                force ? fmt::format("{} is {} and {} is {}: ask which was meant.", core::display(*quantity),
                            quantity->unit->dimension == Dimension::Force ? "a force" : "a torque", unit->symbol,
                            unit->dimension == Dimension::Force ? "a unit of force" : "a unit of torque")
                      : fmt::format("{} cannot be told in {}: they measure different things.", core::display(*quantity), unit->symbol));
        }
        const std::string text = core::display_in(*quantity, *unit);
        return answer_.say({{"exact", quantity_json(quantity->in(*unit), *unit)}, {"text", text}},
            fmt::format("{} is {}.", core::display(*quantity), text));
    }

    std::string text_;
    std::string unit_;
};

}  // namespace

void add_calc_convert(CLI::App& to, const Answer& answer, int& code) {
    add<Convert>(to, answer, code, "convert", "a quantity in another unit",
        "Example: calc convert \"18 lbf.ft\" Nm\nFactors: NIST SP 811, appendix B. No more digits come out than went in: 18 lbf.ft is 24 "
        "N·m.");
}

}  // namespace anagraph::cli
