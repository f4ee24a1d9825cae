// What the work of the next days takes from the store, by the kits of the guides it is done by.
#pragma once

#include <vector>

#include "core/logbook/store_need.h"
#include "store/library.h"

namespace anagraph::shop {

/// For everything that is overdue or due within so many days: the kit of the guide of that name for the machine's type, for its variant.
/// A rule that no guide of the house serves takes nothing that is known. Errors: those of reading the library.
core::Result<std::vector<core::StoreNeed>> store_needs(
    const store::Library& library, const core::Logbook& log, core::Day on, int days = 30);

}  // namespace anagraph::shop
