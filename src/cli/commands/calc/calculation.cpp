#include "cli/commands/calc/calculation.h"

#include <fmt/format.h>

namespace anagraph::cli {

json quantity_json(double value, const Unit& unit) { return {{"value", value}, {"unit", std::string(unit.id)}}; }

std::string shown(double value, const Unit& unit, int digits) { return core::rounded_text(value, digits) + " " + std::string(unit.symbol); }

Result<Quantity> quantity_of(const std::string& option, const std::string& text, Dimension dimension, const char* example) {
    const auto q = Quantity::parse(text);
    if (!q) return tl::make_unexpected(core::Error{ErrorCode::BadInput, option + ": " + q.error().message.english(), option});
    if (q->unit->dimension != dimension)
        return core::fail(ErrorCode::BadInput,
            fmt::format("{}: {} is not what is asked for here; write it as \"{}\".", option, core::display(*q), example), option);
    return *q;
}

Result<double> percent_of(const std::string& option, std::string text) {
    while (!text.empty() && (text.back() == '%' || text.back() == ' ')) text.pop_back();
    const auto n = core::Number::parse(text);
    if (!n) return core::fail(ErrorCode::BadInput, fmt::format("{}: write a share as 4%.", option), option);
    return n->value();
}

int Calculation::run() {
    const auto code = work();
    if (code) return *code;
    return answer_.wrong(code.error(), code.error().code == ErrorCode::Refused ? kFoundWrong : kWrongUse);
}

}  // namespace anagraph::cli
