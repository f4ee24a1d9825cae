// Kit: what is laid out before the job: tools and their sizes in the order of use, parts with their numbers, fluids with the packs
// they come in, protective gear. Everything once, so that nobody gets up twice.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/fluids/packs.h"
#include "core/procedure/procedure.h"

namespace anagraph::core {

struct KitEntry {
    ItemId item;
    std::string name;
    std::string size;
    std::string number;  // part number; empty: not known
    int count = 1;
    StepId step;                        // in which it is needed first
    std::vector<std::string> variants;  // it is needed for; empty: for all
};

struct KitFluid {
    KitEntry entry;
    std::optional<double> litres;  // at most, over all steps; nothing where an amount is not known
    struct Packs {
        double litres = 0;
        int count = 0;
    };
    std::vector<Packs> packs;  // to buy or open, where the packs it is sold in are known
};

struct Kit {
    std::vector<KitEntry> tools;  // and vessels
    std::vector<KitEntry> parts;
    std::vector<KitFluid> fluids;
    std::vector<KitEntry> protection;
};

/// The kit of the guide as it stands for a variant (empty: for all of it).
Kit kit_of(const Procedure& p, std::string_view variant);

/// "2 × 1 L + 1 × 5 L": the packs of a fluid in words; empty where they are not known.
std::string packs_text(const KitFluid& fluid);

/// The packs a fluid is sold in, as its size names them: "75W90 GL5, 1 L bottle, 5 L can".
std::vector<Pack> packs_named(std::string_view spec);

}  // namespace anagraph::core
