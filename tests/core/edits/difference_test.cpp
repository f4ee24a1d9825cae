// What leads from one state of a guide to another, whatever was done in between.
#include "core/edits/difference.h"

#include <gtest/gtest.h>

#include "core/procedure/json.h"
#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
namespace core = anagraph::core;
namespace rnd = anagraph::core::testing;

TEST(Difference, LeadsFromOneStateToTheOther) {
    holds([] {
        const Procedure before = rnd::random_procedure(rnd::pick(0, 25));
        Procedure after = before;
        for (int i = rnd::pick(0, 12); i > 0; --i)
            if (auto next = core::apply(after, rnd::random_edit(after))) after = std::move(*next);
        const Change change = difference(before, after);
        RC_ASSERT(to_json(replay(before, change)).dump() == to_json(after).dump());
        RC_ASSERT(objections(after).empty());
        RC_ASSERT(difference(after, after).edits.empty());
    });
}

TEST(Difference, OfMovedStepsIsTheMoveAlone) {
    const Procedure before = rnd::guide();
    ASSERT_GE(before.steps.size(), 2U);
    const Procedure after = *core::apply(before, Change{"move", {MoveStep{before.steps.back().id, 0}}});
    const Change change = difference(before, after);
    ASSERT_EQ(change.edits.size(), 1U);
    EXPECT_TRUE(std::holds_alternative<MoveStep>(change.edits[0]));
}
