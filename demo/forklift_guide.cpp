#include "demo/forklift_guide.h"

#include "core/editing/line_actions.h"
#include "core/editing/usual_cautions.h"

namespace anagraph::demo {
namespace {

using namespace core;

class Draft {
public:
    Draft() {
        p.header = {"axle oil and wheel bearings", "Tolvane 30 forklift", "KQ-T30-AX", "Every 1,000 h", {}, ""};
        p.sources = {{SourceId("book"), SourceKind::Book, "Tolvane 30 service book", "issue 2", "2023"}};
    }
    void item(const char* id, ItemKind kind, const char* name, const char* spec = "") {
        p.items.push_back({ItemId(id), kind, name, spec, ""});
    }
    void closes(Opening at) { p.items.back().closes = Closes{ItemId("axle-oil"), at}; }
    void behind(std::vector<ItemId> ids) { p.items.back().behind = std::move(ids); }
    void figure(
        const char* id, FigureKind kind, const char* item, const char* purpose, const char* value, const char* unit, const char* place) {
        const FigureValue v{value, "", unit};
        p.figures.push_back({FigureId(id), kind, ItemId(item), purpose, v, "", {}, {{SourceId("book"), place, v}}, ""});
    }
    void step(const char* id, const char* heading, std::vector<std::string> lines, const char* minutes,
        std::vector<MachineState> states = {}, std::vector<std::string> hazards = {}) {
        Step s;
        s.id = StepId(id);
        s.heading = heading;
        s.states = std::move(states);
        s.hands = {minutes, "", "min"};
        for (const auto& h : hazards) s.cautions.push_back(usual_caution(*find_hazard(h)));
        p.steps.push_back(with_lines(std::move(s), std::move(lines), p.items));
    }

    Procedure p;
};

void items_of(Draft& d) {
    using K = ItemKind;
    d.item("truck", K::Part, "forklift");
    d.item("axle-oil", K::Fluid, "axle oil", "80W90 GL5, in 5 L cans");
    d.item("drain-plug", K::Fastener, "axle drain plug", "M18");
    d.closes(Opening::Bottom);
    d.item("washer", K::Seal, "drain plug washer", "18 × 24, new each time");
    d.p.items.back().under = {ItemId("drain-plug")};
    d.p.items.back().renew = Renewal::EachTime;
    d.item("fill-plug", K::Fastener, "axle fill plug", "M18");
    d.closes(Opening::Top);
    d.item("glass", K::Part, "sight glass", "on the axle housing");
    d.item("wheel-nuts", K::Fastener, "six wheel nuts", "M18");
    d.item("wheel", K::Part, "drive wheel");
    d.behind({ItemId("wheel-nuts")});
    d.item("long-screws", K::Fastener, "long hub screws", "two M8 × 50");
    d.item("short-screws", K::Fastener, "short hub screws", "four M8 × 20");
    d.item("hub-cap", K::Part, "hub cap");
    d.behind({ItemId("wheel"), ItemId("long-screws"), ItemId("short-screws")});
    d.item("bearing", K::Part, "wheel bearing");
    d.behind({ItemId("hub-cap")});
    d.item("hub-seal", K::Seal, "hub seal", "new each time");
    d.p.items.back().under = {ItemId("hub-cap")};
    d.p.items.back().renew = Renewal::EachTime;
    d.item("grease", K::Fluid, "bearing grease", "lithium, NLGI 2");
    d.item("pan", K::Vessel, "drain pan", "3 L");
    d.item("jack", K::Tool, "trolley jack", "3 t");
    d.item("stands", K::Tool, "axle stands", "two, 3 t each");
    d.item("socket", K::Tool, "27 mm socket");
    d.item("hex", K::Tool, "6 mm hex key");
    d.item("wrench", K::Tool, "torque wrench", "5 to 300 N·m");
    d.item("gloves", K::Protection, "gloves and eye protection");
}

void figures_of(Draft& d) {
    using K = FigureKind;
    d.figure("axle-total", K::Volume, "axle-oil", "total, dry", "4.0", "L", "page 6, axle");
    d.figure("axle-refill", K::Volume, "axle-oil", "refill", "3.6", "L", "page 6, axle");
    d.figure("drain-torque", K::Torque, "drain-plug", "tightening torque", "60", "Nm", "page 9, torques");
    d.figure("fill-torque", K::Torque, "fill-plug", "tightening torque", "40", "Nm", "page 9, torques");
    d.figure("nut-torque", K::Torque, "wheel-nuts", "tightening torque", "250", "Nm", "page 9, torques");
    d.figure("long-torque", K::Torque, "long-screws", "tightening torque", "22", "Nm", "page 9, torques");
    d.figure("short-torque", K::Torque, "short-screws", "tightening torque", "22", "Nm", "page 9, torques");
    d.figure("drive", K::Duration, "truck", "driven after filling", "5", "min", "page 6, axle");
}

void steps_of(Draft& d) {
    using M = MachineState;
    d.step("park", "Park it and lock it off", {"Chock the other wheels.", "Lock it off."}, "3", {M::Level, M::Stopped, M::Cold});
    d.step("lift", "Lift the axle", {"Lift the {item:truck} with the {item:jack}.", "Place the {item:stands} under the axle."}, "5",
        {M::LockedOff}, {"lifting"});
    d.step(
        "wheel-off", "Take the wheel off", {"Take the {item:wheel-nuts} out with the {item:socket}.", "Take the {item:wheel} off."}, "8");
    d.step("drain", "Drain the axle",
        {"Push the {item:pan} under the {item:drain-plug}.", "Take the {item:drain-plug} out with the {item:socket}.",
            "Drain the {item:axle-oil} into the {item:pan}."},
        "4", {}, {"waste-oil"});
    d.step("plug", "Refit the drain plug",
        {"Screw the {item:drain-plug} in by hand.", "Tighten the {item:drain-plug} to {figure:drain-torque} with the {item:wrench}."}, "3");
    d.step("fill", "Fill the axle",
        {"Take the {item:fill-plug} out with the {item:socket}.", "Pour the {item:axle-oil} in: {figure:axle-total}.",
            "Read the {item:glass}.", "Screw the {item:fill-plug} in by hand.",
            "Tighten the {item:fill-plug} to {figure:fill-torque} with the {item:wrench}."},
        "8");
    d.step("bearing", "Grease the wheel bearing",
        {"Take the {item:long-screws} and the {item:short-screws} out with the {item:hex}.", "Take the {item:hub-cap} off.",
            "Clean the {item:bearing}.", "Grease the {item:bearing} with the {item:grease}.", "Put a new {item:hub-seal} on.",
            "Put the {item:hub-cap} on.", "Screw the {item:long-screws} in by hand.",
            "Tighten the {item:long-screws} to {figure:long-torque} with the {item:wrench}.", "Screw the {item:short-screws} in by hand.",
            "Tighten the {item:short-screws} to {figure:short-torque} with the {item:wrench}."},
        "20");
    d.step("wheel-on", "Put the wheel on", {"Put the {item:wheel} on.", "Start the {item:wheel-nuts} by hand."}, "6");
    d.step("down", "Set it down and drive it",
        {"Lower the {item:truck}.", "Take your tag and your lock off.", "Run the {item:truck} for {figure:drive}.",
            "Stop the {item:truck}."},
        "8");
    d.step("close", "Close the job",
        {"Take the old {item:axle-oil}, the old {item:hub-seal} and the old {item:washer} to the waste store.",
            "Write date and hours in the book."},
        "4", {M::Stopped});
}

}  // namespace

Procedure forklift_guide() {
    Draft d;
    items_of(d);
    figures_of(d);
    for (auto& i : d.p.items)
        if (i.id.text() == "axle-oil") i.total = FigureId("axle-total"), i.refill = FigureId("axle-refill");
    steps_of(d);
    return d.p;
}

}  // namespace anagraph::demo
