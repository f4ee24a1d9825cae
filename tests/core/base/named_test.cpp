#include "core/base/named.h"

#include <gtest/gtest.h>

#include <set>

#include "core/editing/editor.h"
#include "core/fluids/level_rule.h"
#include "core/fluids/mixture.h"
#include "core/procedure/procedure.h"
#include "core/torque/sequence.h"
#include "core/torque/socket_fit.h"
#include "core/torque/usual_torque.h"

using namespace anagraph::core;

namespace {

template <class Enum>
class NamedKinds : public testing::Test {};

using Kinds = testing::Types<FigureKind, Limit, Standing, ItemKind, SourceKind, NoteKind, Signal, PlateSign, PairRole, MachineState,
    Press::Kind, LevelRule::Temperature, LevelRule::Engine, LevelRule::Gauge, ThreadIn, Fit, Glycol, BoltPattern, Rule>;
TYPED_TEST_SUITE(NamedKinds, Kinds);

}  // namespace

TYPED_TEST(NamedKinds, EveryValueStandsOnceInTheListAndItsNameReadsBack) {
    std::set<TypeParam> values;
    for (const auto& n : all_of<TypeParam>()) {
        EXPECT_TRUE(values.insert(n.value).second) << n.name << " stands twice";
        EXPECT_EQ(from_name<TypeParam>(name_of(n.value)), n.value) << n.name;
        EXPECT_EQ(spoken_name_of(n.value).find('_'), std::string_view::npos) << "a person reads words";
    }
    // the values of an enum are counted from 0: with one left out of the list, its last would lie beyond it
    EXPECT_EQ(static_cast<std::size_t>(*values.rbegin()) + 1, values.size());
    EXPECT_FALSE(from_name<TypeParam>("wombat"));
}
