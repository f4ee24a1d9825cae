// anagraph-cli calc mixture
#include "core/fluids/mixture.h"

#include <fmt/format.h>

#include "cli/commands/calc/calculation.h"
#include "cli/commands/calc/calculations.h"
#include "core/fluids/refill.h"

namespace anagraph::cli {
namespace {

class Mixture : public Calculation {
public:
    Mixture(CLI::App& app, const Answer& answer) : Calculation(answer) {
        app.add_option("--volume", volume_, "of the system, as in \"8 L\"")->required();
        app.add_option("--have", have_, "strength measured, as in 35%")->required();
        app.add_option("--want", want_, "strength wanted, as in 50%")->required();
        app.add_option("--concentrate", concentrate_, "strength of what is added, 100% unless said");
    }

private:
    Result<int> work() override {
        const auto volume = quantity_of("--volume", volume_, Dimension::Volume, "8 L");
        if (!volume) return tl::make_unexpected(volume.error());
        const auto have = percent_of("--have", have_);
        if (!have) return tl::make_unexpected(have.error());
        const auto want = percent_of("--want", want_);
        if (!want) return tl::make_unexpected(want.error());
        const auto concentrate = percent_of("--concentrate", concentrate_);
        if (!concentrate) return tl::make_unexpected(concentrate.error());
        const auto r = core::drain_and_replace(volume->number.value(), *have, *want, *concentrate);
        if (!r) return tl::make_unexpected(r.error());
        const std::string what = r->of_percent > 0 ? fmt::format("concentrate of {:g} %", r->of_percent) : std::string("water");
        return answer_.say({{"drain", quantity_json(r->drain, *volume->unit)}, {"add", quantity_json(r->add, *volume->unit)},
                               {"add_percent", r->of_percent}, {"ok", true}},
            r->drain == 0 ? std::string("It is right as it is.")
                          : fmt::format("Drain {} and add as much {}.", shown(r->drain, *volume->unit), what));
    }

    std::string volume_;
    std::string have_;
    std::string want_;
    std::string concentrate_ = "100";
};

}  // namespace

void add_calc_mixture(CLI::App& to, const Answer& answer, int& code) {
    add<Mixture>(to, answer, code, "mixture", "raise or lower a strength by draining and replacing",
        "Example: calc mixture --volume \"8 L\" --have 35% --want 50%\nBalance of what is dissolved: volume x (want - have) / (concentrate "
        "- have); with water, volume x (have - want) / have.");
}

}  // namespace anagraph::cli
