// The life of a guide's editions, down a line: those that were issued, what has changed since, its review and check, and what comes.
#pragma once

#include <string>
#include <vector>

#include "core/records/owed.h"
#include "shop/review.h"

namespace anagraph::shop {

struct LifeStage {
    enum class Kind { Edition, Changes, Review, Checked, Issued, HandedOut };
    enum class Mark { Done, Withdrawn, Now, Ahead };
    Kind kind = Kind::Edition;
    Mark mark = Mark::Ahead;
    int edition = 0;                   // of Edition and Issued
    std::string title;                 // "Edition 1"
    std::vector<std::string> details;  // "2026-03-02 · author, checker"
    double share = -1;                 // of Review: how much is passed; -1: nothing to show
};

/// What a life is made of, read once.
struct HouseFacts {
    core::Records records;
    core::GuideEditions editions;
};
/// Errors: those of reading the library.
core::Result<HouseFacts> house_facts(const store::Library& library, const store::GuideId& guide);

/// From the first edition to the hand-out of the next. `post` sits at the desk.
std::vector<LifeStage> life(const HouseFacts& facts, const ReviewNow& review, const std::string& post);

}  // namespace anagraph::shop
