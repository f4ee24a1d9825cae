// StorePacks: packs for what is needed, what stands open in the store first where it is known to be the right fluid.
#pragma once

#include <string>
#include <vector>

#include "core/fluids/grade.h"
#include "core/fluids/packs.h"
#include "core/house/house.h"

namespace anagraph::core {

struct StorePacks {
    PackChoice choice;
    std::vector<const StoreFluid*> used;  // of the store, to be used up first
    /// Left aside, since nobody can say that it is the right one; with the reason.
    struct Aside {
        const StoreFluid* fluid = nullptr;
        Words why;
    };
    std::vector<Aside> aside;
};

/// The packs that cover `need` litres of a fluid. `store` must outlive the answer. Errors: those of choose_packs().
Result<StorePacks> choose_with_store(
    double need, const std::vector<Pack>& packs, const FluidSpec& demanded, const std::vector<StoreFluid>& store);

}  // namespace anagraph::core
