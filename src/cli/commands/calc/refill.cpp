// anagraph-cli calc refill
#include "core/fluids/refill.h"

#include <fmt/format.h>

#include "cli/commands/calc/calculation.h"
#include "cli/commands/calc/calculations.h"

namespace anagraph::cli {
namespace {

class Refill : public Calculation {
public:
    Refill(CLI::App& app, const Answer& answer) : Calculation(answer) {
        for (auto& o : options_) app.add_option(o.name, o.text, o.help);
        app.add_option("--reading", reading_, "where the level stands: 0 the lower mark, 1 the upper, above 1 over it");
    }

private:
    struct Given {
        const char* name;
        const char* help;
        std::optional<core::Amount> core::FluidSystem::*part;
        std::string text = {};
    };

    Result<int> work() override {
        core::FluidSystem system;
        const Unit& litre = *core::find_unit("L");
        const Unit* unit = nullptr;
        for (const auto& o : options_) {
            if (o.text.empty()) continue;
            const auto q = quantity_of(o.name, o.text, Dimension::Volume, "1.7 L");
            if (!q) return tl::make_unexpected(q.error());
            if (unit == nullptr) unit = q->unit;
            const auto amount = core::amount_of(*q);
            if (!amount) return tl::make_unexpected(amount.error());
            system.*o.part = *amount;
        }
        if (unit == nullptr)
            return core::fail(ErrorCode::BadInput,
                std::string("Say something of the system: its --total, --refill, --residue, --filter, what was --drained, or what lies "
                            "--between-marks."));
        const auto plan = core::plan_refill(system);
        if (!plan) return tl::make_unexpected(plan.error());
        const auto in_unit = [&](double litres) { return quantity_json(core::convert(litres, litre, *unit), *unit); };
        const auto text = [&](double litres) { return shown(core::convert(litres, litre, *unit), *unit, 2); };
        json value{{"ok", true}};
        std::string words;
        if (plan->refill) {
            value["refill"] = in_unit(plan->refill->litres);
            words += fmt::format("Refill {}{}. ", text(plan->refill->litres), plan->measured ? ", by what came out" : "");
        }
        if (plan->residue) {
            value["residue"] = in_unit(plan->residue->litres);
            words += fmt::format("{} stays behind. ", text(plan->residue->litres));
        }
        if (plan->first_pour) {
            value["first_pour"] = in_unit(*plan->first_pour);
            words += fmt::format("Pour {} first, run, wait and read. ", text(*plan->first_pour));
        }
        value["stages"] = json::array();
        for (const double s : plan->stages) value["stages"].push_back(in_unit(s));
        value["because"] = plan->because;
        if (reading_) {
            const auto remedy = core::remedy_for(*reading_, system.between_marks ? system.between_marks->litres : 0);
            if (!remedy) return tl::make_unexpected(remedy.error());
            if (remedy->draw_off > 0) {
                value["draw_off"] = in_unit(remedy->draw_off);
                words += fmt::format("Draw off {}.", text(remedy->draw_off));
            } else {
                value["add"] = in_unit(remedy->add);
                words += remedy->add > 0 ? fmt::format("Add {}.", text(remedy->add)) : "It is full: add nothing.";
            }
        }
        return answer_.say(value, words.empty() ? "Nothing follows from that alone." : words);
    }

    std::vector<Given> options_{{"--total", "what it holds dry, as in \"2.0 L\"", &core::FluidSystem::total},
        {"--refill", "what goes in at a change, with the filter", &core::FluidSystem::refill},
        {"--residue", "what stays behind when it is drained", &core::FluidSystem::residue},
        {"--filter", "what the new filter takes of the refill", &core::FluidSystem::filter},
        {"--drained", "what came out of the drain", &core::FluidSystem::drained},
        {"--between-marks", "from the lower to the upper mark", &core::FluidSystem::between_marks}};
    std::optional<double> reading_;
};

}  // namespace

void add_calc_refill(CLI::App& to, const Answer& answer, int& code) {
    add<Refill>(to, answer, code, "refill", "how much goes in, and how to pour it",
        "Example: calc refill --total \"2.0 L\" --refill \"1.7 L\" --between-marks \"0.25 L\" --reading 0.33\nVolume is conserved: total = "
        "refill + residue; the refill holds the filter's share.");
}

}  // namespace anagraph::cli
