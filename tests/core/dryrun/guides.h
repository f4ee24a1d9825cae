// Guides of several trades that are right, written in a few words each, for the dry run to find nothing in.
#pragma once

#include <algorithm>
#include <sstream>
#include <stdexcept>
#include <string>
#include <vector>

#include "core/editing/line_actions.h"
#include "core/procedure/procedure.h"
#include "core/procedure/verbs.h"

namespace anagraph::core::testing {

/// A guide in the making. A step is given as orders: "tighten plug cover @torque with wrench", items by id, "@" before a figure.
class GuideOf {
public:
    explicit GuideOf(const std::string& machine) {
        p.header = {"service", machine, "KQ-T-1", "", {}, ""};
        p.sources = {{SourceId("book"), SourceKind::Book, "service book", "issue 2"}};
    }

    GuideOf& item(const std::string& id, ItemKind kind, const std::string& name, const std::string& spec = "") {
        p.items.push_back({ItemId(id), kind, name, spec, ""});
        return *this;
    }
    GuideOf& part(const std::string& id, const std::string& name, const std::string& spec = "") {
        return item(id, ItemKind::Part, name, spec);
    }
    GuideOf& fastener(const std::string& id, const std::string& name) { return item(id, ItemKind::Fastener, name); }
    GuideOf& tool(const std::string& id, const std::string& name, const std::string& spec = "") {
        return item(id, ItemKind::Tool, name, spec);
    }
    GuideOf& vessel(const std::string& id, const std::string& name, const std::string& litres) {
        item(id, ItemKind::Vessel, name);
        figure(id + "-holds", FigureKind::Volume, id, "holds", litres, "L");
        p.items.back().holds = FigureId(id + "-holds");
        return *this;
    }
    GuideOf& fluid(const std::string& id, const std::string& name, const std::string& total, const std::string& refill) {
        item(id, ItemKind::Fluid, name);
        figure(id + "-total", FigureKind::Volume, id, "total, dry", total, "L");
        figure(id + "-refill", FigureKind::Volume, id, "refill", refill, "L");
        p.items.back().total = FigureId(id + "-total");
        p.items.back().refill = FigureId(id + "-refill");
        return *this;
    }
    // of the item made last
    GuideOf& closes(const std::string& fluid, Opening at) {
        p.items.back().closes = Closes{ItemId(fluid), at};
        return *this;
    }
    GuideOf& behind(const std::vector<std::string>& ids) {
        for (const auto& id : ids) p.items.back().behind.emplace_back(id);
        return *this;
    }
    GuideOf& seal(const std::string& id, const std::string& name, const std::string& under, Renewal renew = Renewal::EachTime) {
        item(id, ItemKind::Seal, name);
        p.items.back().under = {ItemId(under)};
        p.items.back().renew = renew;
        return *this;
    }
    GuideOf& figure(const std::string& id, FigureKind kind, const std::string& item, const std::string& purpose, const std::string& value,
        const std::string& unit) {
        const FigureValue v{value, "", unit};
        p.figures.push_back({FigureId(id), kind, ItemId(item), purpose, v, "", {}, {{SourceId("book"), "page 3", v}}, ""});
        return *this;
    }
    GuideOf& torque(const std::string& item, const std::string& nm) {
        return figure(item + "-torque", FigureKind::Torque, item, "tightening torque", nm, "Nm");
    }

    GuideOf& step(const std::string& id, const std::vector<std::string>& orders, std::vector<MachineState> states = {}) {
        Step s;
        s.id = StepId(id);
        s.heading = id;
        s.states = std::move(states);
        for (const auto& order : orders) s.actions.push_back(action(order));
        p.steps.push_back(std::move(s));
        return *this;
    }
    // of the step made last
    GuideOf& warns_of_heat() {
        p.steps.back().cautions.push_back({Signal::Warning, "Hot oil burns. Let it cool, wear gloves.", "hot-oil"});
        return *this;
    }
    GuideOf& takes(int minutes) {
        p.steps.back().hands = {std::to_string(minutes), "", "min"};
        return *this;
    }
    GuideOf& waits(int minutes, bool attended = false) {
        const std::string id = "wait-" + std::to_string(minutes);
        if (p.find(FigureId(id)) == nullptr) figure(id, FigureKind::Duration, "", "wait", std::to_string(minutes), "min");
        p.steps.back().waits.push_back({"", FigureId(id), {}, attended});
        return *this;
    }
    operator Procedure() const { return p; }

    static Action action(const std::string& order) {
        std::istringstream in(order);
        Action a;
        in >> a.verb;
        if (!verb_of(a.verb)) throw std::invalid_argument(order);
        bool with = false;
        for (std::string word; in >> word;) {
            if (word == "with")
                with = true;
            else if (word[0] == '@')
                a.figure = FigureId(word.substr(1));
            else
                (with ? a.needs : a.items).emplace_back(word);
        }
        return a;
    }

    Procedure p;
};

using enum MachineState;

/// Oil of an engine with a canister filter: two openings below, the canister held by an angle, the sump read by a dipstick.
inline Procedure engine() {
    GuideOf g("Ostrel M4 launch diesel");
    g.part("engine", "engine").fluid("oil", "engine oil", "4.5", "4.0");
    g.part("cap", "filler cap").closes("oil", Opening::Top).fastener("plug", "sump plug").closes("oil", Opening::Bottom);
    g.seal("washer", "copper washer", "plug")
        .part("filter", "oil filter")
        .closes("oil", Opening::Bottom)
        .seal("ring", "filter O-ring", "filter");
    g.figure("filter-turn", FigureKind::Turn, "filter", "turn after contact", "3/4", "turn").part("dipstick", "dipstick");
    g.vessel("pan", "drain pan", "6").tool("wrench", "torque wrench", "10 to 60 Nm").tool("strap", "strap wrench").torque("plug", "35");
    g.figure("warm", FigureKind::Duration, "engine", "warm up", "5", "min")
        .figure("settle", FigureKind::Duration, "oil", "settle", "5", "min");
    g.figure("first", FigureKind::Volume, "oil", "first pour", "3.5", "L");
    g.p.figures.back().level = LevelRule{LevelRule::Temperature::Warm, LevelRule::Engine::Stopped, 5, LevelRule::Gauge::DipstickResting};
    g.step("warm", {"run engine @warm", "stop engine", "isolate"}, {Level});
    g.step("prove", {"open cap"}, {MachineState::LockedOff}).warns_of_heat();
    g.step("drain", {"place pan", "loosen plug", "remove plug", "drain oil with pan"}, {MachineState::LockedOff}).warns_of_heat();
    g.step("filter",
        {"loosen filter with strap", "remove filter", "remove ring", "clean engine", "lubricate ring", "replace ring", "replace filter",
            "tighten filter @filter-turn"},
        {MachineState::LockedOff});
    g.step("plug", {"replace washer", "fit plug", "tighten plug @plug-torque with wrench"}, {MachineState::LockedOff});
    g.step("fill", {"fill oil @first", "close cap"}, {Level, MachineState::LockedOff});
    g.step("test", {"release", "run engine @warm", "inspect plug filter", "stop engine"}, {Level});
    g.step("read", {"wait oil @settle", "measure dipstick", "open cap", "fill oil", "close cap", "measure dipstick"}, {Level, Stopped});
    g.step("end", {"dispose oil", "dispose washer", "dispose filter", "dispose ring", "record"});
    return g;
}

/// A lifted vehicle: stands under it, a tray in front of a gearbox that is filled until it runs over at its level plug.
inline Procedure lifted_vehicle() {
    GuideOf g("Pennard camper van");
    g.part("van", "camper van").fluid("oil", "gearbox oil", "2.4", "2.2");
    g.part("tray", "under-tray").behind({"screws"}).fastener("screws", "eight tray screws");
    g.fastener("level", "level plug").closes("oil", Opening::Side).behind({"tray"});
    g.fastener("drain", "drain plug").closes("oil", Opening::Bottom).behind({"tray"});
    g.seal("washer", "drain plug washer", "drain").seal("level-washer", "level plug washer", "level");
    g.torque("drain", "30").torque("level", "25").torque("screws", "5");
    g.vessel("pan", "drain pan", "5")
        .tool("jack", "trolley jack")
        .tool("stands", "axle stands")
        .tool("wrench", "torque wrench", "4 to 50 Nm");
    g.figure("drive", FigureKind::Duration, "van", "run in gear", "2", "min");
    g.step("ready", {"isolate"}, {Level, Stopped, Cold});
    g.step("lift", {"lift van with jack", "place stands", "lower van with stands", "check stands"}, {Isolated});
    g.step("tray", {"remove screws", "remove tray"}, {OnStands});
    g.step("prove", {"loosen level", "remove level"}, {OnStands});
    g.step("drain", {"place pan", "remove drain", "drain oil with pan"}, {OnStands});
    g.step("refit", {"replace washer", "fit drain", "tighten drain @drain-torque with wrench"}, {OnStands});
    g.step("fill", {"fill oil"}, {OnStands});
    g.p.steps.back().lines = {"Fill the {item:oil} until it runs out of the {item:level}."};
    g.step("close", {"replace level-washer", "fit level", "tighten level @level-torque with wrench"}, {OnStands});
    g.step("test", {"release", "run van @drive", "stop van", "isolate", "inspect drain level"}, {OnStands});
    g.step("cover", {"fit tray", "fit screws", "tighten screws @screws-torque with wrench"}, {OnStands, Isolated});
    g.step("down", {"lift van with jack", "lower van", "release"});
    g.step("end", {"dispose oil", "dispose washer", "dispose level-washer", "record"});
    return g;
}

/// A hydraulic press: pressure relieved by a valve and read off, a tank with a breather and a suction filter.
inline Procedure press() {
    GuideOf g("Kestwick 12 press");
    g.part("press", "press").fluid("oil", "hydraulic oil", "40", "36");
    g.part("valve", "accumulator valve").part("gauge", "accumulator gauge").part("breather", "breather cap").closes("oil", Opening::Top);
    g.fastener("plug", "tank drain plug").closes("oil", Opening::Bottom).seal("ring", "plug seal ring", "plug");
    g.part("filter", "return filter").closes("oil", Opening::Bottom).behind({"lid", "bolts"}).part("lid", "filter lid").behind({"bolts"});
    g.fastener("bolts", "four lid bolts").seal("gasket", "lid gasket", "lid", Renewal::IfDamaged).part("glass", "sight glass");
    g.torque("plug", "45")
        .torque("bolts", "12")
        .vessel("drum", "drum", "60")
        .tool("wrench", "torque wrench", "8 to 60 Nm")
        .tool("pump", "hand pump");
    g.figure("zero", FigureKind::Pressure, "gauge", "relieved", "0", "bar")
        .figure("cool", FigureKind::Temperature, "oil", "open below", "40", "degC");
    g.figure("idle", FigureKind::Duration, "press", "idle", "10", "min");
    g.step("warm", {"run press @idle", "stop press", "isolate"}, {Level});
    g.step("relieve", {"open valve", "check gauge @zero", "close valve"}, {MachineState::LockedOff});
    g.step("cool", {"wait oil @cool", "open breather"}, {MachineState::LockedOff});
    g.step("drain", {"place drum", "remove plug", "drain oil with drum", "clean plug"}, {MachineState::LockedOff});
    g.step("filter",
        {"remove bolts", "remove lid", "remove filter", "inspect filter", "replace filter", "check gasket", "fit lid", "fit bolts",
            "tighten bolts @bolts-torque with wrench"},
        {MachineState::LockedOff});
    g.step("plug", {"replace ring", "fit plug", "tighten plug @plug-torque with wrench"}, {MachineState::LockedOff});
    g.step("fill", {"fill oil @oil-refill with pump", "measure glass", "close breather"}, {MachineState::LockedOff, Level});
    g.step("test", {"release", "run press @idle", "inspect plug filter lid", "stop press"});
    g.step("level", {"measure glass"}, {Stopped, Level});
    g.step("end", {"dispose oil", "dispose filter", "dispose ring", "record"});
    return g;
}

/// The headstock of a lathe: drained through a tap that stays where it is, filled to a sight glass, a belt guard in front.
inline Procedure lathe() {
    GuideOf g("Skelmar L3 lathe");
    g.part("lathe", "lathe").fluid("oil", "headstock oil", "6", "5.5").part("tap", "drain tap").closes("oil", Opening::Bottom);
    g.part("lid", "headstock lid").closes("oil", Opening::Top).behind({"screws"}).fastener("screws", "six lid screws");
    g.seal("gasket", "lid gasket", "lid")
        .part("strainer", "suction strainer")
        .behind({"lid"})
        .part("glass", "sight glass")
        .torque("screws", "9");
    g.vessel("can", "oil can", "10").tool("wrench", "torque wrench", "5 to 25 Nm").tool("key", "hex key").tool("cloth", "lint-free cloth");
    g.figure("run", FigureKind::Duration, "lathe", "run", "10", "min").figure("wait", FigureKind::Duration, "oil", "settle", "10", "min");
    g.step("off", {"isolate"}, {Stopped, Level});
    g.step("lid", {"remove screws with key", "remove lid", "remove gasket"}, {MachineState::LockedOff});
    g.step("drain", {"place can", "open tap", "drain oil with can", "close tap"}, {MachineState::LockedOff});
    g.step("strainer", {"remove strainer", "clean strainer with cloth", "inspect strainer", "fit strainer"}, {MachineState::LockedOff});
    g.step("fill", {"fill oil @oil-refill"}, {MachineState::LockedOff});
    g.step("close", {"replace gasket", "fit lid", "fit screws", "tighten screws @screws-torque with wrench"}, {MachineState::LockedOff});
    g.step("test", {"release", "run lathe @run", "inspect tap", "stop lathe"});
    g.step("read", {"wait oil @wait", "measure glass"}, {Stopped, Level});
    g.step("end", {"dispose oil", "dispose gasket", "record"});
    return g;
}

/// Two carburettors brought level: settings made while it runs, fuel shut off first, bowls opened over a tray.
inline Procedure carburettors() {
    GuideOf g("Marrick 400 motorcycle");
    g.part("engine", "engine").fluid("fuel", "bowl fuel", "0.2", "0.2").part("tap", "fuel tap").part("airbox", "airbox").behind({"straps"});
    g.fastener("straps", "two airbox straps")
        .part("left", "left carburettor bowl")
        .closes("fuel", Opening::Bottom)
        .behind({"left-screws", "airbox"});
    g.fastener("left-screws", "four bowl screws").seal("left-ring", "bowl gasket", "left").part("jet", "idle jet").behind({"left"});
    g.part("screw", "idle screw").fastener("nut", "lock nut").torque("left-screws", "2").torque("nut", "4").torque("jet", "1");
    g.vessel("tray", "tray", "0.5").tool("wrench", "torque screwdriver", "1 to 6 Nm").tool("meter", "vacuum meter");
    g.figure("warm", FigureKind::Duration, "engine", "warm up", "5", "min")
        .figure("idle", FigureKind::Speed, "engine", "idle speed", "1200", "rpm");
    g.step("off", {"isolate", "close tap"}, {Stopped, Cold});
    g.step("box", {"remove straps", "remove airbox"}, {Isolated});
    g.step("bowl", {"place tray", "remove left-screws", "remove left", "drain fuel with tray", "remove left-ring"}, {Isolated});
    g.step("jet", {"loosen jet", "remove jet", "clean jet", "fit jet", "tighten jet @jet-torque with wrench"}, {Isolated});
    g.step(
        "close", {"replace left-ring", "fit left", "fit left-screws", "tighten left-screws @left-screws-torque with wrench"}, {Isolated});
    g.step("fill", {"open tap", "fill fuel @fuel-refill"}, {Isolated});
    g.step("run", {"release", "run engine @warm", "inspect left"});
    g.step("level", {"loosen nut", "adjust screw @idle with meter", "tighten nut @nut-torque with wrench"}, {Running});
    g.step("stop", {"stop engine", "isolate"});
    g.step("box-on", {"fit airbox", "fit straps"}, {Stopped, Isolated});
    g.step("end", {"dispose fuel", "dispose left-ring", "record"}, {Stopped});
    return g;
}

/// Gearbox oil of a winch: the least a guide of this kind has.
inline Procedure winch() {
    GuideOf g("Orrin W5");
    g.part("winch", "capstan winch").fluid("oil", "gear oil", "3.0", "2.6").fastener("plug", "drain plug").closes("oil", Opening::Bottom);
    g.part("cap", "filler cap").closes("oil", Opening::Top).seal("washer", "copper washer", "plug").part("dipstick", "dipstick");
    g.vessel("pan", "drain pan", "5").tool("wrench", "torque wrench", "10 to 60 Nm").tool("socket", "19 mm socket").torque("plug", "35");
    g.figure("warm", FigureKind::Duration, "winch", "warm-up", "5", "min")
        .figure("cool", FigureKind::Temperature, "oil", "open below", "60", "degC");
    g.figure("settle", FigureKind::Duration, "oil", "wait before reading", "10", "min");
    g.step("warm", {"run winch @warm", "stop winch", "isolate"}, {Level}).warns_of_heat();
    g.step("open", {"wait oil @cool", "open cap"}, {Stopped, MachineState::LockedOff});
    g.step(
         "drain", {"place pan", "loosen plug with socket", "remove plug", "drain oil with pan", "inspect plug"}, {MachineState::LockedOff})
        .warns_of_heat();
    g.step("close", {"replace washer", "fit plug", "tighten plug @plug-torque with wrench"}, {MachineState::LockedOff});
    g.step("fill", {"fill oil @oil-refill", "close cap"}, {Level, MachineState::LockedOff});
    g.step("test", {"release", "run winch @warm", "inspect plug", "stop winch"}, {Level});
    g.step("read", {"wait oil @settle", "measure dipstick"}, {Level, Stopped});
    g.step("end", {"dispose oil", "dispose washer", "record"}, {Stopped});
    return g;
}

/// All of them, with what each is called.
struct NamedGuide {
    std::string name;
    Procedure guide;
};
inline std::vector<NamedGuide> right_guides() {
    return {{"winch", winch()}, {"engine", engine()}, {"lifted vehicle", lifted_vehicle()}, {"press", press()}, {"lathe", lathe()},
        {"carburettors", carburettors()}};
}

/// The place of an action in a guide. Throws where there is none.
inline std::pair<std::size_t, std::size_t> place_of(const Procedure& p, const std::string& step, const std::string& order) {
    const Action wanted = GuideOf::action(order);
    for (std::size_t s = 0; s < p.steps.size(); ++s)
        if (p.steps[s].id.text() == step)
            for (std::size_t a = 0; a < p.steps[s].actions.size(); ++a)
                if (p.steps[s].actions[a] == wanted) return {s, a};
    throw std::invalid_argument(step + ": " + order);
}
/// The guide without an action.
inline Procedure without(Procedure p, const std::string& step, const std::string& order) {
    const auto [s, a] = place_of(p, step, order);
    p.steps[s].actions.erase(p.steps[s].actions.begin() + static_cast<std::ptrdiff_t>(a));
    return p;
}
/// The guide with an action put in before another one; at the end of the step where `before` is empty.
inline Procedure with(Procedure p, const std::string& step, const std::string& order, const std::string& before = "") {
    const auto s = static_cast<std::size_t>(
        std::find_if(p.steps.begin(), p.steps.end(), [&](const Step& x) { return x.id.text() == step; }) - p.steps.begin());
    auto& actions = p.steps.at(s).actions;
    const auto at = before.empty() ? actions.size() : place_of(p, step, before).second;
    actions.insert(actions.begin() + static_cast<std::ptrdiff_t>(at), GuideOf::action(order));
    return p;
}
/// The guide with an action in the place of another.
inline Procedure instead(Procedure p, const std::string& step, const std::string& order, const std::string& by) {
    const auto [s, a] = place_of(p, step, order);
    p.steps[s].actions[a] = GuideOf::action(by);
    return p;
}
/// The guide with a step moved to a place, counted from 0.
inline Procedure moved(Procedure p, const std::string& step, std::size_t to) {
    const auto it = std::find_if(p.steps.begin(), p.steps.end(), [&](const Step& x) { return x.id.text() == step; });
    if (it == p.steps.end()) throw std::invalid_argument(step);
    Step s = *it;
    p.steps.erase(it);
    p.steps.insert(p.steps.begin() + static_cast<std::ptrdiff_t>(to), std::move(s));
    return p;
}
/// The guide with a line written for every order, so that an edition of it can be issued.
inline Procedure written(Procedure p) {
    for (auto& s : p.steps)
        for (const auto& a : s.actions) s.lines.push_back(line_for(p, a));
    return p;
}
template <class Change>
Procedure changed(Procedure p, Change&& change) {
    change(p);
    return p;
}

}  // namespace anagraph::core::testing
