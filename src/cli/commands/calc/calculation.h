// What the calculations of anagraph-cli calc share: reading quantities as typed, and refusing with a reason.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "cli/command.h"
#include "core/quantity/quantity.h"

namespace anagraph::cli {

using core::Dimension;
using core::ErrorCode;
using core::Quantity;
using core::Result;
using core::Unit;
using nlohmann::json;

json quantity_json(double value, const Unit& unit);
/// "25 N·m", with so many digits that count.
std::string shown(double value, const Unit& unit, int digits = 3);
/// What a person typed for an option, and what kind of quantity it has to be. Errors: BadInput, naming the option.
Result<Quantity> quantity_of(const std::string& option, const std::string& text, Dimension dimension, const char* example);
/// "4", "4%", "4 %". Errors: BadInput, naming the option.
Result<double> percent_of(const std::string& option, std::string text);

/// A command that works a number out. What keeps it from being worked out is wrong use, or "not so" where it is Refused.
class Calculation : public Command {
public:
    using Command::Command;
    int run() override;

protected:
    virtual Result<int> work() = 0;
};

}  // namespace anagraph::cli
