// anagraph-cli calc packs
#include "core/fluids/packs.h"

#include <fmt/format.h>

#include "cli/commands/calc/calculation.h"
#include "cli/commands/calc/calculations.h"

namespace anagraph::cli {
namespace {

class Packs : public Calculation {
public:
    Packs(CLI::App& app, const Answer& answer) : Calculation(answer) {
        app.add_option("--need", need_, "what is needed, as in \"7.5 qt\"")->required();
        app.add_option("--pack", packs_, "a pack to be had and its price, as in \"1 L@6.50\"; once for each size")
            ->required()
            ->allow_extra_args(false);
        app.add_option("--least", least_, "leftover or cost")->check(CLI::IsMember({"leftover", "cost"}))->capture_default_str();
    }

private:
    Result<int> work() override {
        const auto need = quantity_of("--need", need_, Dimension::Volume, "7.5 qt");
        if (!need) return tl::make_unexpected(need.error());
        const Unit& litre = *core::find_unit("L");
        std::vector<core::Pack> packs;
        std::vector<Quantity> sizes;
        for (const auto& text : packs_) {
            const auto pack = core::parse_pack(text);
            if (!pack) return tl::make_unexpected(core::Error{ErrorCode::BadInput, "--pack: " + pack.error().message.english(), "--pack"});
            packs.push_back(pack->pack);
            sizes.push_back(pack->size);
        }
        const auto choice = core::choose_packs(need->in(litre), packs, least_ == "cost" ? core::Least::Cost : core::Least::Leftover);
        if (!choice) return tl::make_unexpected(choice.error());
        json chosen = json::array();
        std::string words;
        for (std::size_t i = 0; i < packs.size(); ++i) {
            if (choice->count[i] == 0) continue;
            chosen.push_back({{"size", quantity_json(sizes[i].number.value(), *sizes[i].unit)}, {"count", choice->count[i]}});
            words += fmt::format("{}{} x {}", words.empty() ? "" : ", ", choice->count[i], core::display(sizes[i]));
        }
        const double left = core::convert(choice->leftover, litre, *need->unit);
        return answer_.say({{"packs", chosen}, {"leftover", quantity_json(left, *need->unit)},
                               {"cost", choice->cost ? json(*choice->cost) : json(nullptr)}, {"ok", true}},
            fmt::format("{}; {} left over{}.", words, shown(left, *need->unit, 2),
                choice->cost ? fmt::format(", cost {:.2f}", *choice->cost) : ", a price is missing"));
    }

    std::string need_;
    std::vector<std::string> packs_;
    std::string least_ = "leftover";
};

}  // namespace

void add_calc_packs(CLI::App& to, const Answer& answer, int& code) {
    add<Packs>(to, answer, code, "packs", "which packs to buy",
        "Example: calc packs --need \"7.5 L\" --pack \"1 L@6.50\" --pack \"5 L@24\" --least cost\nAll sums of packs are looked through; "
        "among equals the cheaper, then the fewer packs.");
}

}  // namespace anagraph::cli
