// What nobody entered is worked out, says why, and is confirmed or denied.
#include "core/dryrun/worked_out.h"

#include <gtest/gtest.h>

#include "core/dryrun/dry_run.h"
#include "tests/core/dryrun/guides.h"

using namespace anagraph::core;
using namespace anagraph::core::testing;

namespace {

/// The guide as somebody writes it who has never heard of fields.
Procedure bare(Procedure p) {
    for (auto& i : p.items) {
        i.closes.reset();
        i.behind.clear();
        i.under.clear();
        i.renew = Renewal::NotSaid;
        i.total = i.refill = i.holds = {};
    }
    return p;
}

const WorkedOut* fact(const std::vector<WorkedOut>& all, const std::string& item, Trait trait) {
    const auto it = std::find_if(all.begin(), all.end(), [&](const WorkedOut& w) { return w.item.id.text() == item && w.trait == trait; });
    return it == all.end() ? nullptr : &*it;
}

bool finds_fault(const Procedure& p, OrderRule rule) {
    const auto found = dry_run(p);
    return std::any_of(found.begin(), found.end(), [&](const OrderFinding& f) { return f.rule == rule; });
}

}  // namespace

TEST(WorkedOut, PlugsAndCapsCloseWhatTheirNamesSay) {
    GuideOf g("Orrin W5");
    g.item("oil", ItemKind::Fluid, "gear oil")
        .fastener("a", "Drain plug")
        .part("b", "filler cap")
        .fastener("c", "level plug")
        .part("d", "breather");
    g.part("e", "dipstick tube")
        .fastener("f", "fill plug / breather")
        .part("g", "canister filter")
        .part("h", "air filter")
        .part("i", "drain hose");
    g.step("one", {"drain oil", "remove g h", "fill oil"});
    const auto all = worked_out(g.p);
    const auto at = [&](const char* item) { return fact(all, item, Trait::Closes); };
    ASSERT_TRUE(at("a") && at("b") && at("c") && at("d") && at("e") && at("f") && at("g"));
    EXPECT_EQ(at("a")->item.closes->at, Opening::Bottom);
    EXPECT_EQ(at("b")->item.closes->at, Opening::Top);
    EXPECT_EQ(at("c")->item.closes->at, Opening::Side);
    EXPECT_EQ(at("d")->item.closes->at, Opening::Vent);
    EXPECT_EQ(at("e")->item.closes->at, Opening::Top);
    EXPECT_EQ(at("f")->item.closes->at, Opening::Top);
    EXPECT_EQ(at("g")->item.closes->at, Opening::Bottom);
    EXPECT_EQ(at("h"), nullptr) << "air is no oil";
    EXPECT_EQ(at("i"), nullptr) << "a hose closes nothing";
    EXPECT_EQ(at("a")->says, "The Drain plug closes the gear oil at the bottom.");
    EXPECT_FALSE(at("a")->because.empty());
}

TEST(WorkedOut, WithTwoFluidsTheNameOrTheOrderTellsWhich) {
    GuideOf g("Harrowby 30 tractor");
    g.item("engine-oil", ItemKind::Fluid, "engine oil").item("coolant", ItemKind::Fluid, "coolant");
    g.fastener("a", "engine drain plug").fastener("b", "coolant drain plug").fastener("c", "drain cock");
    g.step("one", {"remove a", "drain engine-oil", "open c", "drain coolant", "fill coolant", "fill engine-oil"});
    const auto all = worked_out(g.p);
    EXPECT_EQ(fact(all, "a", Trait::Closes)->item.closes->fluid, ItemId("engine-oil"));
    EXPECT_EQ(fact(all, "b", Trait::Closes)->item.closes->fluid, ItemId("coolant"));
    EXPECT_EQ(fact(all, "c", Trait::Closes)->item.closes->fluid, ItemId("coolant")) << "what is drained next after it is opened";
}

TEST(WorkedOut, WhatCameOffLaterLayBehindACoverThatCameOffBefore) {
    Procedure p = bare(lifted_vehicle());
    const auto all = worked_out(p);
    const auto* drain = fact(all, "drain", Trait::Behind);
    ASSERT_NE(drain, nullptr);
    EXPECT_EQ(drain->item.behind, std::vector<ItemId>{ItemId("tray")});
    const auto* tray = fact(all, "tray", Trait::Behind);
    ASSERT_NE(tray, nullptr);
    EXPECT_EQ(tray->item.behind, std::vector<ItemId>{ItemId("screws")}) << "screws hold it";
    EXPECT_EQ(fact(all, "screws", Trait::Behind), nullptr);
}

TEST(WorkedOut, TheFilmsOrderCountsNotTheWrittenOne) {
    Procedure p = bare(lifted_vehicle());
    p.recordings = {{RecordingId("r"), "", {}}};
    for (std::size_t i = 0; i < p.steps.size(); ++i)
        p.steps[i].takes = {
            {RecordingId("r"), FrameTime(static_cast<std::int64_t>(i) * 10, 1), FrameTime(static_cast<std::int64_t>(i) * 10 + 5, 1)}};
    std::swap(p.steps[2], p.steps[4]);  // written: drained before the tray is off
    EXPECT_NE(fact(worked_out(p), "drain", Trait::Behind), nullptr);
    EXPECT_TRUE(finds_fault(p, OrderRule::NotReached));
}

TEST(WorkedOut, ASealSitsUnderWhatItsNameOrTheNextActionSays) {
    GuideOf g("Orrin W5");
    g.fastener("plug", "drain plug")
        .part("cover", "cover")
        .item("a", ItemKind::Seal, "drain plug washer", "new each time")
        .item("b", ItemKind::Seal, "gasket", "new only if damaged");
    g.item("c", ItemKind::Seal, "packing");
    g.step("one", {"replace b", "fit cover"});
    const auto all = worked_out(g.p);
    EXPECT_EQ(fact(all, "a", Trait::Under)->item.under, std::vector<ItemId>{ItemId("plug")});
    EXPECT_EQ(fact(all, "b", Trait::Under)->item.under, std::vector<ItemId>{ItemId("cover")});
    EXPECT_EQ(fact(all, "c", Trait::Under), nullptr) << "nobody can know";
    EXPECT_EQ(fact(all, "a", Trait::Renew)->item.renew, Renewal::EachTime);
    EXPECT_EQ(fact(all, "b", Trait::Renew)->item.renew, Renewal::IfDamaged);
    EXPECT_EQ(fact(all, "c", Trait::Renew), nullptr);
}

TEST(WorkedOut, AmountsAreTheFiguresAboutThem) {
    const auto all = worked_out(bare(winch()));
    EXPECT_EQ(fact(all, "oil", Trait::Total)->item.total, FigureId("oil-total"));
    EXPECT_EQ(fact(all, "oil", Trait::Refill)->item.refill, FigureId("oil-refill"));
    EXPECT_EQ(fact(all, "pan", Trait::Holds)->item.holds, FigureId("pan-holds"));
}

TEST(WorkedOut, ADraftWithNothingEnteredIsWalkedUsefully) {
    const Procedure p = bare(winch());
    EXPECT_TRUE(is_clean(dry_run(p)));
    EXPECT_TRUE(finds_fault(without(p, "close", "fit plug"), OrderRule::FluidOntoOpen));
    EXPECT_TRUE(finds_fault(without(p, "open", "open cap"), OrderRule::FillNotProved));
    EXPECT_TRUE(finds_fault(instead(p, "fill", "fill oil @oil-refill", "fill oil @oil-total"), OrderRule::Overfilled));
    EXPECT_TRUE(finds_fault(without(p, "test", "inspect plug"), OrderRule::NotTested));
}

TEST(WorkedOut, WhatIsSaidIsNotWorkedOut) {
    EXPECT_TRUE(worked_out(winch()).empty());
    for (const auto& [name, guide] : right_guides())
        for (const auto& w : worked_out(guide)) EXPECT_FALSE(w.because.empty()) << name << ": " << w.says;
}

TEST(WorkedOut, IsConfirmedOrDeniedAsAChange) {
    const Procedure p = bare(winch());
    const auto all = worked_out(p);
    const auto* plug = fact(all, "plug", Trait::Closes);
    ASSERT_NE(plug, nullptr);
    const auto sure = anagraph::core::apply(p, *confirm(p, *plug));
    ASSERT_TRUE(sure);
    EXPECT_EQ(sure->find(ItemId("plug"))->closes, (Closes{ItemId("oil"), Opening::Bottom}));
    EXPECT_EQ(fact(worked_out(*sure), "plug", Trait::Closes), nullptr);
    const auto not_so = anagraph::core::apply(p, *deny(p, *plug));
    ASSERT_TRUE(not_so);
    EXPECT_FALSE(not_so->find(ItemId("plug"))->closes);
    EXPECT_EQ(fact(worked_out(*not_so), "plug", Trait::Closes), nullptr);
    EXPECT_FALSE(with_worked_out(*not_so).find(ItemId("plug"))->closes);
    EXPECT_FALSE(confirm(Procedure{}, *plug));
    EXPECT_FALSE(deny(Procedure{}, *plug));
}
