// Packs: which bottles and cans to buy and open for what is needed.
#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "core/quantity/quantity.h"

namespace anagraph::core {

struct Pack {
    double litres = 0;
    std::optional<double> price;  // in the shop's money; nothing where it is not known
};

/// "1 L@6.50", "5 L": size and, where known, price. `size` is the size as written. Errors: BadInput, saying what is wrong.
struct OfferedPack {
    Quantity size;
    Pack pack;
};
Result<OfferedPack> parse_pack(std::string_view text);

/// A pack already in the store, opened or not: what is still in it.
struct StoredPack {
    double litres = 0;
};

struct PackChoice {
    std::vector<int> count;        // of each pack offered, in their order
    std::vector<bool> from_store;  // which packs of the store are used up first, in their order
    double leftover = 0;           // litres
    std::optional<double> cost;    // nothing where a price of a pack taken is missing
};

enum class Least { Leftover, Cost };

/// The packs that cover `need` (litres): what is in the store first, the smallest rest first, then the fewest litres left
/// over, or the least cost; among equals the cheaper, then the fewer packs. Exact to a millionth of a litre.
/// Errors: BadInput for a need or pack that is not positive, for no packs, for least cost with a price missing, and where
/// there are more combinations than can be looked through (say the need in larger packs).
Result<PackChoice> choose_packs(double need, const std::vector<Pack>& packs, Least least, const std::vector<StoredPack>& store = {});

}  // namespace anagraph::core
