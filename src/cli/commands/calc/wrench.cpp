// anagraph-cli calc wrench
#include "core/torque/wrench.h"

#include <fmt/format.h>

#include <cmath>

#include "cli/commands/calc/calculation.h"
#include "cli/commands/calc/calculations.h"

namespace anagraph::cli {
namespace {

class WrenchSetting : public Calculation {
public:
    WrenchSetting(CLI::App& app, const Answer& answer) : Calculation(answer) {
        app.add_option("--torque", torque_, "wanted at the fastener, as in \"25 Nm\"")->required();
        app.add_option("--arm", arm_, "from the drive to the middle of the grip, as in \"400 mm\"")->required();
        app.add_option("--extension", extension_, "from the drive to the fastener, as in \"60 mm\"");
        app.add_option("--angle", angle_, "degrees between extension and handle: 0 in line, 90 at right angles, 180 folded back");
    }

private:
    Result<int> work() override {
        const auto torque = quantity_of("--torque", torque_, Dimension::Torque, "25 Nm");
        if (!torque) return tl::make_unexpected(torque.error());
        const auto arm = quantity_of("--arm", arm_, Dimension::Length, "400 mm");
        if (!arm) return tl::make_unexpected(arm.error());
        const Unit& mm = *core::find_unit("mm");
        double extension = 0;
        if (!extension_.empty()) {
            const auto q = quantity_of("--extension", extension_, Dimension::Length, "60 mm");
            if (!q) return tl::make_unexpected(q.error());
            extension = q->in(mm);
        }
        const auto setting = core::lengthened_setting(torque->number.value(), arm->in(mm), extension, angle_);
        if (!setting) return tl::make_unexpected(setting.error());
        const Unit& unit = *torque->unit;
        const std::string text = shown(*setting, unit);
        return answer_.say({{"setting", quantity_json(*setting, unit)}, {"ok", true}},
            std::abs(*setting - torque->number.value()) < 1e-12
                ? fmt::format("Set {}: the extension changes nothing.", text)
                : fmt::format("Set {} to have {} at the fastener.", text, core::display(*torque)));
    }

    std::string torque_;
    std::string arm_;
    std::string extension_;
    double angle_ = 0;
};

}  // namespace

void add_calc_wrench(CLI::App& to, const Answer& answer, int& code) {
    add<WrenchSetting>(to, answer, code, "wrench", "what a wrench is set to with an extension or crow-foot",
        "Example: calc wrench --torque \"25 Nm\" --arm \"400 mm\" --extension \"60 mm\"\nLaw of the lever: setting = torque x arm / (arm + "
        "extension x cos angle).");
}

}  // namespace anagraph::cli
