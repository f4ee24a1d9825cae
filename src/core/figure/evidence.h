// Evidence: what follows from the sources and claims of figures taken together: which hold for a variant, what the house's
// rule says where they differ, what has to be looked at again, and which belong together.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/edits/edit.h"
#include "core/house/house.h"

namespace anagraph::core {

/// The figures of one thing: same item, kind and purpose; they differ by variant or condition.
std::vector<const Figure*> figures_alike(const Procedure& p, const Figure& figure);
/// Does the figure hold for the variant? One that names no variant holds for all.
bool holds_for(const Figure& figure, std::string_view variant);
/// The figure of that thing for a variant: one of its own before one for all. Null: not known for this variant, and never
/// another's.
const Figure* figure_for(const Procedure& p, const Figure& figure, std::string_view variant);
/// Do figures of that thing, under the same condition, differ by variant in a guide for several?
bool differs_by_variant(const Procedure& p, const Figure& figure);
/// The value as a reader of all variants needs it: "1.7 L (0.45 US gal) for PT60, 2.2 L for PT60-T, not known for ...", and
/// just the value where it holds for all.
std::string text_for_all(const Procedure& p, const Figure& figure);

/// Does a proof count for the figure? Not where its source holds for other variants only.
bool counts(const Procedure& p, const Figure& figure, const Proof& proof);
/// The standing that the evidence which counts gives, what that evidence comes to, and what its author can do; see figure.h.
Standing standing_of(const Procedure& p, const Figure& figure);
Words finding_of(const Procedure& p, const Figure& figure);
Words argue_standing(const Procedure& p, const Figure& figure);
/// The sources behind a figure of which a newer edition is in the guide: same title and kind, later date.
std::vector<const Source*> outdated_sources(const Procedure& p, const Figure& figure);

/// What the house's rule says where sources differ.
struct Ruling {
    FigureValue value;     // that of the source that outranks the others
    std::string why;       // "House rule: the maker's book over a label on the part ..."; printed with the guide once taken
    bool changes = false;  // the figure has another value now
};
/// Nothing where no source counts, where they all agree, or where those of the highest rank differ among themselves: then a
/// person has to find out.
std::optional<Ruling> ruling(const Procedure& p, const Figure& figure, const House& house);
/// The change that takes the ruling. It stands as settled by rule until a person opens it again.
Change take_ruling(const Figure& figure, const Ruling& ruling);

/// Two values said of one thing that cannot be the same ("35 N·m" and "20 lbf·ft"), as a sentence; nothing where every pair
/// agrees within the digits said.
std::optional<Words> contradiction(const Figure& figure);

/// Puts `other` into `figure`: its claims, proofs and places looked in; every use of it names `figure` then. Errors: Refused
/// for two kinds that cannot be one.
Result<Change> join_figures(const Procedure& p, const FigureId& figure, const FigureId& other);
/// Makes the claim a figure of its own. Errors: NotFound; Refused where it is the only evidence.
Result<Change> part_claim(const Procedure& p, const FigureId& figure, std::size_t claim);

/// "Not found", with who looked where and when. The value stays unknown.
Change note_not_found(const Figure& figure, FailedSearch looked);

}  // namespace anagraph::core
