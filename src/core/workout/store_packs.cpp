#include "core/workout/store_packs.h"

namespace anagraph::core {

Result<StorePacks> choose_with_store(
    double need, const std::vector<Pack>& packs, const FluidSpec& demanded, const std::vector<StoreFluid>& store) {
    StorePacks out;
    std::vector<StoredPack> right;
    std::vector<const StoreFluid*> of;
    for (const auto& fluid : store) {
        const auto fit = compare(demanded, parse_fluid_spec(fluid.spec));
        if (fit.suits == Suits::Yes) {
            right.push_back({fluid.left});
            of.push_back(&fluid);
        } else if (fit.suits == Suits::Unknown) {
            out.aside.push_back({&fluid, fit.why});
        }
    }
    auto choice = choose_packs(need, packs, Least::Leftover, right);
    if (!choice) return tl::make_unexpected(choice.error());
    for (std::size_t i = 0; i < of.size(); ++i)
        if (choice->from_store[i]) out.used.push_back(of[i]);
    out.choice = std::move(*choice);
    return out;
}

}  // namespace anagraph::core
