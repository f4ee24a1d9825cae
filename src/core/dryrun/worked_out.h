// WorkedOut: what nobody entered of the items and can be worked out: from their kinds and names, from the words of the trade, from
// the order in which things came off on the film. Each is said to be worked out, with its reason, until the author confirms it
// or puts it right.
#pragma once

#include <string>
#include <vector>

#include "core/base/named.h"
#include "core/edits/edit.h"

namespace anagraph::core {

/// A field of an item that can be worked out.
enum class Trait { Closes, Behind, Under, Renew, Total, Refill, Holds };
template <>
struct Names<Trait> {
    static constexpr auto all = std::to_array<Named<Trait>>(
        {{Trait::Closes, "closes"}, {Trait::Behind, "behind", "lies behind"}, {Trait::Under, "under", "sits under"},
            {Trait::Renew, "renew", "renewed"}, {Trait::Total, "total", "holds dry"}, {Trait::Refill, "refill"}, {Trait::Holds, "holds"}});
};

struct WorkedOut {
    Trait trait = Trait::Closes;
    Item item;      // with it filled in
    Words says;     // "The drain plug closes the gear oil at the bottom."
    Words because;  // "It is called a drain plug, and gear oil is all that is drained."
};

/// All that can be worked out and is not said. The order is that of the items.
std::vector<WorkedOut> worked_out(const Procedure& p);
/// The guide with all of it filled in, as the dry run reads it.
Procedure with_worked_out(const Procedure& p);
/// The item as it is when fields of it are said that were denied before: what is said is not denied.
Item without_denials(Item item);
/// The field of that item taken over as worked out. Errors: NotFound where the item is gone.
Result<Change> confirm(const Procedure& p, const WorkedOut& fact);
/// It is not so: the item has none of it, and nothing is worked out for that field any more. Errors: as confirm().
Result<Change> deny(const Procedure& p, const WorkedOut& fact);

}  // namespace anagraph::core
