// Every rule of the dry run: guides in which it must find something, and guides in which it must not.
#include "core/dryrun/rules.h"

#include <gtest/gtest.h>

#include <map>

#include "core/dryrun/dry_run.h"
#include "tests/core/dryrun/guides.h"

using namespace anagraph::core;
using namespace anagraph::core::testing;

namespace {

bool finds(const Procedure& p, OrderRule rule) {
    const auto found = dry_run(p);
    return std::any_of(found.begin(), found.end(), [&](const OrderFinding& f) { return f.rule == rule; });
}
std::string told(const Procedure& p) {
    std::string out;
    for (const auto& f : dry_run(p)) out += "\n  " + std::string(name_of(f.rule)) + " at " + f.step.text() + ": " + f.because.english();
    return out;
}

struct RuleCase {
    std::string what;
    Procedure guide;
};
struct RuleCases {
    std::vector<RuleCase> found;
    std::vector<RuleCase> not_found;
};

Item& item(Procedure& p, const std::string& id) {
    return *std::find_if(p.items.begin(), p.items.end(), [&](const Item& i) { return i.id.text() == id; });
}
Step& step(Procedure& p, const std::string& id) {
    return *std::find_if(p.steps.begin(), p.steps.end(), [&](const Step& s) { return s.id.text() == id; });
}
Figure& figure(Procedure& p, const std::string& id) {
    return *std::find_if(p.figures.begin(), p.figures.end(), [&](const Figure& f) { return f.id.text() == id; });
}
Procedure holding(Procedure p, const std::string& vessel, const std::string& litres) {
    figure(p, vessel + "-holds").value.low = figure(p, vessel + "-holds").proofs[0].value.low = litres;
    return p;
}
Procedure poured(Procedure p, const std::string& id, const std::string& litres) {
    figure(p, id).value.low = figure(p, id).proofs[0].value.low = litres;
    return p;
}
/// The winch with its oil poured in two goes.
Procedure in_two_goes(const std::string& first, const std::string& second) {
    Procedure p = winch();
    for (const auto& [id, litres] : {std::pair("a", first), std::pair("b", second)}) {
        const FigureValue v{litres, "", "L"};
        p.figures.push_back({FigureId(id), FigureKind::Volume, ItemId("oil"), "pour", v, "", {}, {{SourceId("book"), "page 3", v}}, ""});
    }
    return with(instead(p, "fill", "fill oil @oil-refill", "fill oil @a"), "fill", "fill oil @b", "close cap");
}
Procedure cautionless(Procedure p) {
    for (auto& s : p.steps) s.cautions.clear();
    return p;
}
Procedure no_states(Procedure p) {
    for (auto& s : p.steps) s.states.clear();
    return p;
}
/// The two lengths of bolt that hold one cover.
Procedure two_bolts() {
    GuideOf g("Gannoway 220 compressor");
    g.part("compressor", "compressor").part("cover", "valve cover").behind({"long", "short"}).fastener("long", "two long bolts");
    g.fastener("short", "four short bolts").torque("long", "8").torque("short", "8").tool("wrench", "torque wrench", "2 to 20 Nm");
    g.step("off", {"isolate", "remove long", "remove short", "remove cover", "inspect compressor"}, {Stopped});
    g.step(
        "on", {"fit cover", "fit long", "fit short", "tighten long @long-torque with wrench", "tighten short @short-torque with wrench"});
    g.step("end", {"release", "record"});
    return g;
}
/// The winch with a cover over its drain plug.
Procedure covered_winch() {
    Procedure p = winch();
    GuideOf g("Orrin W5");
    g.p = p;
    g.part("cover", "cover").behind({"screws"}).fastener("screws", "cover screws").torque("screws", "6");
    g.tool("small", "small torque wrench", "2 to 12 Nm");
    item(g.p, "plug").behind = {ItemId("cover")};
    g.step("uncover", {"remove screws", "remove cover"}, {MachineState::LockedOff});
    g.step("cover", {"isolate", "fit cover", "fit screws", "tighten screws @screws-torque with small", "release"}, {Stopped});
    return moved(moved(g.p, "uncover", 2), "cover", 8);
}

const std::map<OrderRule, RuleCases>& cases() {
    static const std::map<OrderRule, RuleCases> all{
        {OrderRule::FillNotProved,
            {{{"the cap is never opened", without(winch(), "open", "open cap")},
                 {"drained first, opened then", moved(with(without(winch(), "open", "open cap"), "fill", "open cap", "fill oil @oil-refill"), "open", 1)},
                 {"the level plug, where nothing else fills it", without(without(lifted_vehicle(), "prove", "remove level"), "prove", "loosen level")}},
                {{"loosened is proof enough", instead(winch(), "open", "open cap", "loosen cap")},
                    {"a system that nobody says how to fill", changed(winch(), [](Procedure& p) { item(p, "cap").closes.reset(); item(p, "cap").none_of = {"closes"}; })},
                    {"a filter that is changed drains nothing", moved(engine(), "filter", 1)}}}},
        {OrderRule::FluidOntoOpen,
            {{{"before the plug is back", moved(winch(), "fill", 3)}, {"the tap still open", without(lathe(), "drain", "close tap")},
                 {"the filter still off", moved(engine(), "fill", 3)}},
                {{"until it runs over at the level plug", lifted_vehicle()}, {"the plug is hand-tight", without(winch(), "close", "tighten plug @plug-torque with wrench")},
                    {"an opening of another system",
                        with(with(changed(winch(), [](Procedure& p) { p.items.push_back({ItemId("water"), ItemKind::Fluid, "coolant", "", ""});
                            p.items.push_back({ItemId("tap"), ItemKind::Part, "coolant tap", "", ""}); p.items.back().closes = Closes{ItemId("water"), Opening::Bottom}; }),
                                 "drain", "open tap"), "test", "close tap", "release")}}}},
        {OrderRule::LeftOff,
            {{{"a plug", without(winch(), "close", "fit plug")}, {"an opened cap", without(winch(), "fill", "close cap")},
                 {"a lead", with(winch(), "warm", "disconnect dipstick")}},
                {{"an old part whose new one is on",
                     changed(with(with(winch(), "drain", "remove old"), "close", "fit new"), [](Procedure& p) { p.items.push_back({ItemId("old"), ItemKind::Part, "old strainer", "", ""});
                         p.items.push_back({ItemId("new"), ItemKind::Part, "new strainer", "", ""}); })},
                    {"a tap that stood open before", carburettors()}, {"a vessel is taken away", with(winch(), "close", "remove pan")}}}},
        {OrderRule::LeftLoose,
            {{{"a plug with a figure", without(winch(), "close", "tighten plug @plug-torque with wrench")},
                 {"bolts without one", changed(without(two_bolts(), "on", "tighten long @long-torque with wrench"), [](Procedure& p) { std::erase_if(p.figures, [](const Figure& f) { return f.id.text() == "long-torque"; }); })},
                 {"loosened and left", with(winch(), "drain", "loosen winch")}},
                {{"wing nuts go as tight as the hand goes", changed(with(with(winch(), "drain", "remove nuts"), "close", "fit nuts"), [](Procedure& p) { p.items.push_back({ItemId("nuts"), ItemKind::Fastener, "two wing nuts", "", ""}); })},
                    {"a cap that was undone and closed again", instead(winch(), "open", "open cap", "loosen cap")},
                    {"a cover that nothing holds but itself", with(with(winch(), "drain", "remove dipstick"), "close", "fit dipstick")}}}},
        {OrderRule::TightenedEarly,
            {{{"the other bolts are not in yet", with(without(two_bolts(), "on", "fit short"), "on", "fit short", "tighten short @short-torque with wrench")},
                 {"bolts that are not started themselves", without(two_bolts(), "on", "fit long")},
                 {"two that hold one seal",
                     changed(with(without(two_bolts(), "on", "fit short"), "on", "fit short", "tighten short @short-torque with wrench"), [](Procedure& p) { item(p, "cover").behind.clear(); item(p, "cover").none_of = {"behind"};
                         p.items.push_back({ItemId("gasket"), ItemKind::Seal, "gasket", "", ""}); p.items.back().under = {ItemId("long"), ItemId("short")}; p.items.back().renew = Renewal::IfDamaged; })}},
                {{"two plugs that one action takes out", with(instead(with(changed(winch(), [](Procedure& p) { p.items.push_back({ItemId("level"), ItemKind::Fastener, "level plug", "", ""}); p.items.back().closes = Closes{ItemId("oil"), Opening::Side}; }), "close", "fit level"), "drain", "remove plug", "remove plug level"), "close", "tighten level")}, {"all started first", two_bolts()}, {"the other fastener holds something else", moved(winch(), "close", 3)},
                    {"the other one never came off", without(without(two_bolts(), "off", "remove short"), "on", "fit short")}}}},
        {OrderRule::OldSeal,
            {{{"not renewed", without(winch(), "close", "replace washer")}, {"without a seal", with(without(winch(), "close", "replace washer"), "drain", "remove washer")},
                 {"over two", instead(winch(), "close", "replace washer", "fit washer")},
                 {"opened a second time over the new one", with(with(with(winch(), "fill", "remove plug"), "fill", "fit plug"), "fill", "tighten plug @plug-torque with wrench")}},
                {{"one that may go back", changed(without(winch(), "close", "replace washer"), [](Procedure& p) { item(p, "washer").renew = Renewal::IfDamaged; })},
                    {"nobody says whether it may", changed(without(winch(), "close", "replace washer"), [](Procedure& p) { item(p, "washer").renew = Renewal::NotSaid; })},
                    {"the plug is only loosened", without(without(without(without(winch(), "close", "replace washer"), "close", "fit plug"), "drain", "remove plug"), "drain", "drain oil with pan")}}}},
        {OrderRule::NotReached,
            {{{"the tray is still on", moved(lifted_vehicle(), "tray", 5)}, {"the screws are still in", without(lathe(), "lid", "remove screws with key")},
                 {"drained with its plug in", without(without(winch(), "drain", "remove plug"), "drain", "loosen plug with socket")},
                 {"filled with its cap on", without(winch(), "open", "open cap")},
                 {"two that lie behind each other", changed(covered_winch(), [](Procedure& p) { item(p, "cover").behind = {ItemId("plug")}; })}},
                {{"taken off in the same action", instead(without(lathe(), "lid", "remove screws with key"), "lid", "remove lid", "remove screws lid")},
                    {"a strainer cleaned on the bench", with(lathe(), "read", "clean key")}, {"sucked out from above", instead(without(without(winch(), "drain", "remove plug"), "drain", "loosen plug with socket"), "drain", "drain oil with pan", "drain oil with pan socket")}}}},
        {OrderRule::WrongState,
            {{{"hands in it while it runs", without(winch(), "warm", "stop winch")}, {"run while locked off", without(winch(), "test", "release")},
                 {"run without oil", without(winch(), "fill", "fill oil @oil-refill")}, {"run while open", without(winch(), "fill", "close cap")},
                 {"locked off asked for in vain", without(winch(), "warm", "isolate")},
                 {"level ground asked for in vain", changed(winch(), [](Procedure& p) { p.steps[0].states.clear(); })}},
                {{"looking at it while it runs", winch()}, {"a setting that asks for it to run", carburettors()},
                    {"the step stands it on level ground itself", changed(winch(), [](Procedure& p) { p.steps[0].states.clear(); p.steps[0].lines = {"Stand the winch on level ground."}; })},
                    {"a tool is run", with(winch(), "drain", "run socket")}}}},
        {OrderRule::TooHot,
            {{{"opened straight after", cautionless(without(winch(), "open", "wait oil @cool"))},
                 {"drained straight after", cautionless(without(winch(), "open", "wait oil @cool"))},
                 {"the caution stands in another step", without(winch(), "open", "wait oil @cool")}},
                {{"a caution", changed(without(winch(), "open", "wait oil @cool"), [](Procedure& p) { step(p, "open").cautions = step(p, "drain").cautions; })},
                    {"a wait of its own", changed(without(winch(), "open", "wait oil @cool"), [](Procedure& p) { step(p, "warm").waits = {{"", FigureId("settle")}}; })},
                    {"it has not run", cautionless(without(without(without(winch(), "warm", "run winch @warm"), "warm", "stop winch"), "open", "wait oil @cool"))}}}},
        {OrderRule::Unsupported,
            {{{"never lowered", no_states(without(lifted_vehicle(), "lift", "lower van with stands"))},
                 {"lowered without stands and lifted again", no_states(instead(with(lifted_vehicle(), "lift", "lift van with jack"), "lift", "check stands", "place pan"))},
                 {"a look from below", with(without(no_states(lifted_vehicle()), "lift", "lower van with stands"), "lift", "inspect van", "check stands")}},
                {{"on its stands", lifted_vehicle()}, {"on the ground again", with(lifted_vehicle(), "end", "clean van", "record")},
                    {"a lid lifted by hand", with(with(winch(), "drain", "lift cap"), "drain", "clean plug")},
                    {"a ramp carries it", no_states(changed(without(instead(lifted_vehicle(), "lift", "lift van with jack", "lift van with jack"), "lift", "lower van with stands"), [](Procedure& p) { item(p, "jack").name = "two-post lift"; }))}}}},
        {OrderRule::NoVessel,
            {{{"drained into nothing", instead(without(winch(), "drain", "place pan"), "drain", "drain oil with pan", "drain oil")},
                 {"it runs out of an opened plug", without(without(winch(), "drain", "place pan"), "drain", "drain oil with pan")},
                 {"and the plug stays off", without(without(without(winch(), "drain", "place pan"), "drain", "drain oil with pan"), "close", "fit plug")}},
                {{"it stands under it", instead(winch(), "drain", "drain oil with pan", "drain oil")}, {"the action names it", without(winch(), "drain", "place pan")},
                    {"a filter of a drained engine", without(engine(), "drain", "place pan")}}}},
        {OrderRule::VesselTooSmall,
            {{{"half of it", holding(winch(), "pan", "1.5")}, {"a little too small", holding(engine(), "pan", "4")},
                 {"it is half full already", moved(changed(holding(winch(), "pan", "5"), [](Procedure& p) { p.steps.push_back(p.steps[2]); p.steps.back().id = StepId("again");
                     p.items.push_back({ItemId("water"), ItemKind::Fluid, "coolant", "", ""}); p.items.back().total = FigureId("oil-total"); p.steps.back().actions = {GuideOf::action("drain water with pan")}; }), "again", 7)}},
                {{"as much as comes out", holding(winch(), "pan", "3")}, {"nobody says what it holds", changed(winch(), [](Procedure& p) { item(p, "pan").holds = {}; item(p, "pan").none_of = {"holds"}; })},
                    {"nobody says what comes out", changed(holding(winch(), "pan", "1"), [](Procedure& p) { item(p, "oil").total = item(p, "oil").refill = {}; item(p, "oil").none_of = {"total", "refill"}; })},
                    {"two together", changed(instead(holding(winch(), "pan", "2"), "drain", "drain oil with pan", "drain oil with pan can"), [](Procedure& p) { p.items.push_back({ItemId("can"), ItemKind::Vessel, "oil can", "2 L", ""}); })}}}},
        {OrderRule::NotNamed,
            {{{"a tool", instead(winch(), "drain", "loosen plug with socket", "loosen plug with ratchet")}, {"a part", with(winch(), "drain", "clean magnet")},
                 {"a wrench too large", changed(winch(), [](Procedure& p) { item(p, "wrench").spec = "40 to 200 Nm"; })},
                 {"no torque wrench at all", changed(instead(winch(), "close", "tighten plug @plug-torque with wrench", "tighten plug @plug-torque"), [](Procedure& p) { std::erase_if(p.items, [](const Item& i) { return i.id.text() == "wrench"; }); })}},
                {{"a wrench whose range nobody says", changed(winch(), [](Procedure& p) { item(p, "wrench").spec = ""; })}, {"tightened without a wrench named, and one is there", instead(winch(), "close", "tighten plug @plug-torque with wrench", "tighten plug @plug-torque")},
                    {"by an angle", engine()}}}},
        {OrderRule::ClosedBeforeTest,
            {{{"the cover goes on before the run", moved(covered_winch(), "cover", 6)}, {"the tray goes on before the run", moved(lifted_vehicle(), "cover", 8)},
                 {"it runs, and nobody looks before", moved(covered_winch(), "cover", 5)}},
                {{"after the look", covered_winch()}, {"a cover over nothing that holds oil", changed(moved(covered_winch(), "cover", 6), [](Procedure& p) { item(p, "plug").behind.clear(); item(p, "plug").none_of = {"behind"}; })},
                    {"the lid is part of the system", lathe()}}}},
        {OrderRule::NotTested,
            {{{"nobody looks", without(winch(), "test", "inspect plug")}, {"it is not run", without(winch(), "test", "run winch @warm")},
                 {"looked at before the run", moved(with(without(winch(), "test", "inspect plug"), "close", "inspect plug"), "close", 3)}},
                {{"the machine is looked at", instead(winch(), "test", "inspect plug", "inspect winch")}, {"a look that names nothing", instead(winch(), "test", "inspect plug", "inspect")},
                    {"a check of the step looks", changed(without(winch(), "test", "inspect plug"), [](Procedure& p) { step(p, "read").checks = {{"{item:plug}", "dry", "drips"}}; })},
                    {"the seal stands for the plug", instead(winch(), "test", "inspect plug", "check washer")}}}},
        {OrderRule::NotRefilled,
            {{{"never filled", without(winch(), "fill", "fill oil @oil-refill")}, {"drained again after filling", with(with(with(with(winch(), "read", "open cap"), "read", "remove plug"), "read", "drain oil with pan"), "read", "fit plug")},
                 {"filled before it is drained", moved(winch(), "fill", 1)}},
                {{"filled by its mark", instead(winch(), "fill", "fill oil @oil-refill", "fill oil")}, {"nothing is drained", without(without(without(without(without(winch(), "fill", "fill oil @oil-refill"), "drain", "drain oil with pan"), "drain", "remove plug"), "drain", "loosen plug with socket"), "close", "fit plug")},
                    {"a filter changed without draining", changed(without(without(without(without(without(without(engine(), "drain", "drain oil with pan"), "drain", "remove plug"), "drain", "loosen plug"), "plug", "fit plug"), "fill", "fill oil @first"), "read", "fill oil"), [](Procedure&) {})}}}},
        {OrderRule::Overfilled,
            {{{"the total instead of the refill", instead(winch(), "fill", "fill oil @oil-refill", "fill oil @oil-total")}, {"two goes that come to too much", in_two_goes("2.0", "1.0")},
                 {"poured into a full one", without(without(without(without(without(winch(), "drain", "drain oil with pan"), "drain", "remove plug"), "drain", "loosen plug with socket"), "close", "fit plug"), "close", "tighten plug @plug-torque with wrench")}},
                {{"the refill", winch()}, {"two goes that come to it", in_two_goes("1.6", "1.0")}, {"what is too much runs over at the level plug", instead(lifted_vehicle(), "fill", "fill oil", "fill oil @oil-total")},
                    {"a topping up", poured(instead(without(engine(), "drain", "drain oil with pan"), "read", "fill oil", "fill oil @first"), "first", "0.3")}}}},
        {OrderRule::Short,
            {{{"half of it", in_two_goes("1.0", "0.3")}, {"one go too little", poured(without(engine(), "read", "fill oil"), "first", "3.0")}, {"a little too little", in_two_goes("2.0", "0.4")}},
                {{"the rest up to the mark", engine()}, {"just as much", in_two_goes("2.0", "0.6")}, {"nobody says how much", changed(in_two_goes("1.0", "0.3"), [](Procedure& p) { item(p, "oil").refill = {}; item(p, "oil").none_of = {"refill"}; })}}}},
        {OrderRule::LevelNotRead,
            {{{"not at all", without(winch(), "read", "measure dipstick")}, {"before the five minutes", without(without(engine(), "read", "wait oil @settle"), "read", "measure dipstick")},
                 {"only before the run that fills the filter", without(press(), "level", "measure glass")},
                 {"without level ground", changed(winch(), [](Procedure& p) { p.steps[0].states.clear(); })}},
                {{"by its rule", engine()}, {"it runs over at its plug", lifted_vehicle()}, {"measured in where nothing shows a level", carburettors()}}}},
        {OrderRule::OffTwice,
            {{{"the cap", engine()}, {"the plug", with(with(winch(), "fill", "remove plug"), "fill", "fit plug")}, {"the cover", with(with(covered_winch(), "end", "remove cover"), "end", "fit cover")}},
                {{"once", winch()}, {"loosened, then removed", winch()}, {"off, and renewed where it was off", press()}}}},
        {OrderRule::WithoutEffect,
            {{{"removed though off", with(winch(), "drain", "remove plug")}, {"tightened though tight", with(winch(), "close", "tighten plug @plug-torque with wrench")},
                 {"closed though closed", with(winch(), "fill", "close cap")}, {"locked off twice", with(winch(), "warm", "isolate")}, {"filled though full", with(winch(), "end", "fill oil @oil-refill", "dispose oil")}},
                {{"tightened in stages", changed(with(winch(), "close", "tighten plug with wrench", "tighten plug @plug-torque with wrench"), [](Procedure&) {})}, {"nothing twice", winch()}, {"topped up by its mark", engine()}}}},
        {OrderRule::FigureOpen,
            {{{"no source", changed(winch(), [](Procedure& p) { figure(p, "plug-torque").proofs.clear(); })}, {"two sources differ", changed(winch(), [](Procedure& p) { figure(p, "plug-torque").proofs.push_back({SourceId("book"), "page 9", {"20", "", "Nm"}}); })},
                 {"no such figure", instead(winch(), "close", "tighten plug @plug-torque with wrench", "tighten plug @gone with wrench")},
                 {"no value", changed(winch(), [](Procedure& p) { figure(p, "oil-refill").value = {}; })}},
                {{"settled with a reason", changed(winch(), [](Procedure& p) { figure(p, "plug-torque").proofs.push_back({SourceId("book"), "page 9", {"20", "", "Nm"}}); figure(p, "plug-torque").settled = "page 9 is of the older plug"; })},
                    {"an open figure that no action works to", changed(winch(), [](Procedure& p) { figure(p, "pan-holds").proofs.clear(); })}, {"all proved", winch()}}}},
        {OrderRule::Waste,
            {{{"the oil", without(winch(), "end", "dispose oil")}, {"the washer", without(winch(), "end", "dispose washer")}, {"the filter", without(engine(), "end", "dispose filter")}},
                {{"all of it", winch()}, {"the pan with what is in it", instead(winch(), "end", "dispose oil", "dispose pan")}, {"nothing was drained", two_bolts()}}}},
        {OrderRule::NotRecorded,
            {{{"nowhere", without(winch(), "end", "record")}, {"an engine", without(engine(), "end", "record")}, {"a press", without(press(), "end", "record")}},
                {{"marked on the filter", instead(winch(), "end", "record", "mark winch")}, {"a reading is written down in a check", changed(without(winch(), "end", "record"), [](Procedure& p) { Check c{"the meter", "", ""}; c.reading = Reading{"hour meter", "h"}; step(p, "end").checks = {c}; })},
                    {"no service", without(two_bolts(), "end", "record")}}}},
    };
    return all;
}

}  // namespace

TEST(OrderRules, EachFindsWhatItIsThereFor) {
    for (const auto& [rule, some] : cases())
        for (const auto& c : some.found) EXPECT_TRUE(finds(c.guide, rule)) << name_of(rule) << ": " << c.what << told(c.guide);
}

TEST(OrderRules, NoneCriesWolf) {
    for (const auto& [rule, some] : cases())
        for (const auto& c : some.not_found) EXPECT_FALSE(finds(c.guide, rule)) << name_of(rule) << ": " << c.what << told(c.guide);
}

TEST(OrderRules, EachHasThreeCasesOfEitherKindAReasonAndASentence) {
    for (const auto& named : all_of<OrderRule>()) {
        const auto it = cases().find(named.value);
        ASSERT_NE(it, cases().end()) << named.name;
        EXPECT_GE(it->second.found.size(), 3U) << named.name;
        EXPECT_GE(it->second.not_found.size(), 3U) << named.name;
        EXPECT_FALSE(reason_of(named.value).empty()) << named.name;
        for (const auto& c : it->second.found)
            for (const auto& f : dry_run(c.guide)) {
                EXPECT_EQ(f.because.english().back(), '.') << f.because;
                EXPECT_TRUE(c.guide.find(f.step) != nullptr);
            }
    }
    EXPECT_EQ(dryrun::rules_of_order().size(), all_of<OrderRule>().size());
}
