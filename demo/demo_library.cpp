#include "demo/demo_library.h"

#include <fmt/format.h>

#include <algorithm>
#include <map>
#include <optional>
#include <tuple>
#include <vector>

#include "core/editing/line_actions.h"
#include "core/figure/evidence.h"
#include "core/narration/reader.h"
#include "core/plate/layout.h"
#include "core/plate/still_frame.h"
#include "core/procedure/text.h"
#include "demo/demo_logbook.h"
#include "demo/forklift_guide.h"
#include "shop/intake.h"
#include "store/library.h"

namespace anagraph::demo {
namespace {

using namespace core;

struct Film {
    RecordingId id;
    media::RecordingIndex index;
    std::vector<Segment> narration;
    std::vector<Mark> marks;

    /// The first frame at or after a line's start.
    FrameTime at(std::size_t line, double later = 0) const {
        const FrameTime start = line < narration.size() ? narration[line].start : index.end;
        const FrameTime wanted(start.num() * 1000 + static_cast<std::int64_t>(later * 1000) * start.den(), start.den() * 1000);
        return index.times[index.frame_from(wanted)];
    }
    /// The figures said in a line, as claims.
    std::vector<Claim> claims(std::size_t line, FigureKind kind) const {
        std::vector<Claim> out;
        for (const auto& m : marks)
            if (m.segment == line && m.kind == MarkKind::Figure && m.figure_kind == kind && !m.taken_back)
                out.push_back({id, m.at, m.words, m.value});
        return out;
    }
};

const char* const kBook = "perrick-pt60-service-book";

/// Where the figures stand on the pages of the demo book, as `anagraph-cli page` reads them.
std::optional<PageSpot> spot_of(const std::string& figure) {
    static const std::map<std::string, PageSpot> spots{{"drain-torque", {2, 7772, 2081, 8877, 2175}},
        {"level-torque", {2, 7776, 2409, 8877, 2503}}, {"cover-torque", {2, 7883, 2736, 8877, 2830}},
        {"black-torque", {2, 7883, 2736, 8877, 2830}}, {"drain-head", {2, 8303, 3063, 8877, 3157}},
        {"oil-grade", {2, 7900, 4006, 8491, 4100}}, {"total", {2, 7806, 4333, 8230, 4427}}, {"total-t", {2, 8316, 4327, 8877, 4454}},
        {"refill", {2, 7810, 4660, 8230, 4754}}, {"refill-t", {2, 8316, 4654, 8877, 4781}}, {"between-marks", {2, 8350, 4987, 8890, 5081}},
        {"belt-sag", {2, 7883, 5930, 8877, 6024}}, {"belt-force", {2, 1696, 5930, 2086, 6024}},
        {"interval-hours", {1, 6358, 1272, 6833, 1372}}, {"interval-months", {1, 7167, 1272, 8101, 1390}},
        {"interval-first", {1, 4880, 1272, 5299, 1390}}, {"warm-up", {1, 8419, 5454, 8877, 5548}},
        {"open-below", {1, 8457, 5781, 8890, 5875}}, {"run-after", {1, 8414, 6109, 8877, 6203}}, {"settle", {1, 8419, 6436, 8877, 6530}}};
    const auto it = spots.find(figure);
    return it == spots.end() ? std::nullopt : std::optional(it->second);
}

std::vector<Item> items() {
    using K = ItemKind;
    const auto item = [](const char* id, K kind, const char* name, const char* spec, const char* number, Fastening fastening = {}) {
        return Item{ItemId(id), kind, name, spec, number, {}, {}, std::move(fastening)};
    };
    std::vector<Item> all{
        item("cover", K::Part, "gearbox cover", "ribbed", "PT60-1101"),
        item("zinc-bolts", K::Fastener, "zinc cover bolts", "four M6 × 16", "", {"16 mm", "hexagon, 10 mm across flats", "none"}),
        item("black-bolts", K::Fastener, "black cover bolts", "two M6 × 40, deep holes at the front", "",
            {"40 mm", "hexagon, 10 mm across flats", "none"}),
        item("drain-plug", K::Fastener, "drain plug", "M14, magnetic tip", ""),
        item("washer", K::Seal, "copper washer", "14 × 20 × 1.5, new each time", "PT60-1111"),
        item("level-plug", K::Fastener, "level plug", "M10, 5 mm hex", ""),
        item("breather", K::Part, "breather", "fill plug, head 22 mm", ""),
        item("dipstick", K::Part, "dipstick", "two marks", ""),
        item("canister", K::Part, "canister filter", "spin-on", "KQ-FC2"),
        item("o-ring", K::Seal, "canister O-ring", "upper groove", "KQ-FC2-R"),
        item("strainer", K::Part, "suction strainer", "basket", ""),
        item("wing-nuts", K::Fastener, "wing nuts of the strainer", "two M8", ""),
        item("belt", K::Part, "V-belt", "", ""),
        item("oil", K::Fluid, "gear oil", "75W90 GL5, in 1 L bottles: two, or three for the larger gearbox", "OIL-75W90-1"),
        item("hour-meter", K::Part, "hour meter", "", ""),
        item("pump", K::Part, "pump", "", ""),
        item("pan", K::Vessel, "drain pan", "3 L or more", ""),
        item("socket-10", K::Tool, "10 mm socket", "", ""),
        item("socket-17", K::Tool, "17 mm socket", "", ""),
        item("socket-22", K::Tool, "22 mm socket", "", ""),
        item("hex-5", K::Tool, "5 mm hex key", "", ""),
        item("torque-wrench", K::Tool, "torque wrench", "5 to 30 N·m", ""),
        item("gloves", K::Protection, "gloves and eye protection", "", ""),
    };
    // what closes the gearbox, and what lies behind what; the rest the dry run works out
    const auto of = [&](const char* id) -> Item& {
        return *std::find_if(all.begin(), all.end(), [&](const Item& i) { return i.id.text() == id; });
    };
    const ItemId oil("oil");
    of("drain-plug").closes = Closes{oil, Opening::Bottom};
    of("canister").closes = Closes{oil, Opening::Bottom};
    of("level-plug").closes = Closes{oil, Opening::Side};
    of("breather").closes = Closes{oil, Opening::Top};
    of("cover").behind = {ItemId("zinc-bolts"), ItemId("black-bolts")};
    of("drain-plug").none_of = {"behind"};
    of("canister").none_of = {"behind"};
    of("belt").behind = {ItemId("cover")};
    of("strainer").behind = {ItemId("wing-nuts")};
    of("washer").under = {ItemId("drain-plug")};
    of("o-ring").under = {ItemId("canister")};
    of("o-ring").renew = Renewal::EachTime;
    return all;
}

/// A still of a step.
struct Shot {
    std::size_t line;
    double later;
    const char* caption;
    std::vector<std::pair<const char*, Place>> called;  // item and its place
    std::vector<PlateMark> marks = {};
    std::vector<FastenerPlace> fasteners = {};
    PairRole role = PairRole::None;
    StillCare care = {};
    std::vector<ItemId> off_order = {};
};
/// What a step has beside its text and pictures.
struct More {
    std::vector<MachineState> states = {};
    std::vector<StepMethod> methods = {};
    std::vector<ResetSequence> resets = {};
    const char* minutes = "";  // of hands
    std::vector<Wait> waits = {};
    std::vector<Answered> answered = {};
};

class GuideWriter {
public:
    GuideWriter(store::Library& library, std::vector<Film> films, DocumentId book)
        : library_(library), films_(std::move(films)), book_(std::move(book)) {}

    Outcome write() {
        Procedure p;
        p.header = {"100 h service", "Perrick PT60", "KQ-PT60-100", "First at 20 h, then every 100 h or 12 months, whichever comes first",
            {"PT60", "PT60-T"}, "Pump bay: lock off the fuel tap and hang your tag on it.",
            {{"idle", "running without load at the lowest steady speed"},
                {"crosswise", "from one fastener to the one opposite, so that the part is drawn down evenly"}}};
        p.header.follow_ups = {
            {"After the first hour of running", "Look at the {item:drain-plug}, the {item:level-plug} and the {item:canister} for a drip."},
            {"The next day, cold and on level ground", "Read the {item:dipstick} again."},
            {"At {figure:interval-hours} more, or in {figure:interval-months}, whichever comes first", "The next service."}};
        auto id = library_.create_guide(p, "author");
        if (!id) return tl::make_unexpected(id.error());
        id_ = *id;
        p_ = p;
        perform("use the recordings",
            {Put<RecordingUse>{{films_[0].id, "draining", {}}, {}}, Put<RecordingUse>{{films_[1].id, "filter and filling", {}}, {}}});
        std::vector<Edit> edits;
        for (Item i : items()) {
            i.closes.reset();
            i.behind.clear();
            i.under.clear();
            edits.emplace_back(Put<Item>{std::move(i), {}});
        }
        for (auto& i : items()) edits.emplace_back(Put<Item>{std::move(i), {}});  // now that all are there
        edits.emplace_back(
            Put<Source>{{SourceId(kBook), SourceKind::Book, "Perrick PT60 service book", "issue 4", "2024", {}, "", book_}, {}});
        edits.emplace_back(Put<Source>{{SourceId("canister-label"), SourceKind::Label, "print on the canister filter", ""}, {}});
        edits.emplace_back(Put<Source>{{SourceId("parts-list"), SourceKind::Book, "Perrick PT60 parts list", "", "2024"}, {}});
        edits.emplace_back(Put<Source>{
            {SourceId("meter"), SourceKind::Measurement, "read on the job", "", "2026-11-20", {}, "", {}, "hour meter of the pump"}, {}});
        edits.emplace_back(
            Put<Source>{{SourceId("wrench-card"), SourceKind::Label, "calibration card of the wrench", "", "2026-03-02"}, {}});
        edits.emplace_back(Put<Source>{{SourceId("stopwatch"), SourceKind::Measurement, "timed and poured on the job", "", "2026-11-20", {},
                                           "", {}, "stopwatch, measuring jug"},
            {}});
        edits.emplace_back(Put<Source>{{SourceId("display-print"), SourceKind::Label, "print under the display", ""}, {}});
        perform("enter items and sources", std::move(edits));
        figures();
        steps();
        return outcome_;
    }

private:
    void perform(const char* label, std::vector<Edit> edits) {
        if (!outcome_) return;
        const Change change{label, std::move(edits)};
        auto after = core::apply(p_, change);
        if (!after) {
            outcome_ = tl::make_unexpected(after.error());
            return;
        }
        p_ = std::move(*after);
        outcome_ = library_.append(id_, change, p_, "author");
    }

    void figure(const char* id, FigureKind kind, const char* item, const char* purpose, const char* value, const char* tolerance,
        std::vector<Claim> claims, const char* place, const char* proof, const char* settled = "") {
        Figure f{FigureId(id), kind, ItemId(item), purpose, parse_figure_value(value).value_or(FigureValue{}), tolerance, std::move(claims),
            {}, settled};
        const std::string where(place);
        static const std::map<std::string, std::pair<const char*, const char*>> elsewhere{{"label", {"canister-label", "beside the arrow"}},
            {"parts", {"parts-list", "list of parts"}}, {"meter", {"meter", "on arrival"}}, {"card", {"wrench-card", "accuracy"}},
            {"watch", {"stopwatch", "on the job"}}, {"display", {"display-print", "under the buttons"}}};
        if (const auto other = elsewhere.find(where); other != elsewhere.end())
            f.proofs.push_back({SourceId(other->second.first), other->second.second, parse_figure_value(proof).value_or(FigureValue{})});
        else if (!where.empty())
            f.proofs.push_back({SourceId(kBook), where, parse_figure_value(proof).value_or(FigureValue{}), spot_of(id)});
        perform("prove a figure", {Put<Figure>{std::move(f), {}}});
    }

    void figures() {
        using K = FigureKind;
        const Film& a = films_[0];
        const Film& b = films_[1];
        figure("drain-torque", K::Torque, "drain-plug", "tightening torque", "25 Nm", "2.5", a.claims(23, K::Torque), "page 2, torques",
            "25 Nm");
        figure("level-torque", K::Torque, "level-plug", "tightening torque", "12 Nm", "1.2", a.claims(27, K::Torque), "page 2, torques",
            "12 Nm");
        figure("refill", K::Volume, "oil", "refill with filter", "1.7 L", "", b.claims(12, K::Volume), "page 2, oil", "1.7 L");
        figure("belt-sag", K::Length, "belt", "sag at 20 N", "8 to 10 mm", "", b.claims(21, K::Length), "page 2, belt", "8 to 10 mm");
        figure("cover-torque", K::Torque, "zinc-bolts", "tightening torque", "8 Nm", "0.8", b.claims(25, K::Torque), "page 2, torques",
            "8 Nm");
        figure("breather-torque", K::Torque, "breather", "tightening torque", "", "", {}, "", "");
        if (const Figure* breather = p_.find(FigureId("breather-torque")))
            perform(
                "note where a figure was looked for", note_not_found(*breather, {"service book, issue 4", "author", "2026-11-20"}).edits);
        figure("canister-turn", K::Turn, "canister", "turn after contact", "3/4 turn", "", b.claims(5, K::Turn), "label", "3/4 turn");
        figure("warm-up", K::Duration, "oil", "warm-up at idle", "5 min", "", a.claims(4, K::Duration), "page 1, running", "5 min");
        figure("open-below", K::Temperature, "oil", "open below", "60 degC", "", a.claims(5, K::Temperature), "page 1, running", "60 degC");
        figure("oil-grade", K::Grade, "oil", "grade", "75W90", "", {b.claims(11, K::Grade).front()}, "page 2, oil", "75W90");
        figure("between-marks", K::Volume, "dipstick", "between the marks", "0.25 L", "", b.claims(14, K::Volume), "page 2, oil", "0.25 L");
        figure("run-after", K::Duration, "oil", "run after filling", "2 min", "", b.claims(16, K::Duration), "page 1, running", "2 min");
        figure("settle", K::Duration, "oil", "wait before reading", "5 min", "", b.claims(18, K::Duration), "page 1, running", "5 min");
        figure("drip", K::Duration, "oil", "drips after", "8 min", "", {}, "watch", "8 min");
        figure("drain-head", K::Size, "drain-plug", "head", "17 mm", "", a.claims(15, K::Size), "page 2, torques", "17 mm");
        // the other variant's gearbox is larger
        for (const auto& [id, variant, purpose, amount] :
            {std::tuple("refill", "PT60", "refill with filter", "1.7 L"), std::tuple("refill-t", "PT60-T", "refill with filter", "2.2 L"),
                std::tuple("first-pour", "PT60", "first pour", "1.45 L"), std::tuple("first-pour-t", "PT60-T", "first pour", "1.95 L"),
                std::tuple("total", "PT60", "total, dry", "2.0 L"), std::tuple("total-t", "PT60-T", "total, dry", "2.6 L")}) {
            const bool measured = std::string_view(id).starts_with("first-pour");
            if (p_.find(FigureId(id)) == nullptr)
                figure(id, K::Volume, "oil", purpose, amount, "", {}, measured ? "watch" : "page 2, oil", amount);
            if (p_.find(FigureId(id)) == nullptr) return;  // perform() has kept the reason
            Figure f = *p_.find(FigureId(id));
            f.variants = {variant};
            if (f.purpose == "refill with filter")
                f.level = LevelRule{LevelRule::Temperature::Unknown, LevelRule::Engine::Stopped, 5, LevelRule::Gauge::DipstickResting};
            perform("say what a figure applies to", {Put<Figure>{std::move(f), {}}});
        }
        figure("cover-count", K::Count, "cover", "bolts", "6 x", "", {}, "parts", "6 x");
        figure("zinc-count", K::Count, "zinc-bolts", "how many", "4 x", "", {}, "parts", "4 x");
        figure("black-count", K::Count, "black-bolts", "how many", "2 x", "", {}, "parts", "2 x");
        figure("black-torque", K::Torque, "black-bolts", "tightening torque", "8 Nm", "0.8", {}, "page 2, torques", "8 Nm");
        figure("belt-force", K::Force, "belt", "pressed with, mid-span", "20 N", "", {}, "page 2, belt", "20 N");
        figure("interval-hours", K::Interval, "pump", "service every", "100 h", "", {}, "page 1, head", "100 h");
        figure("interval-months", K::Interval, "pump", "service every, by the calendar", "12 month", "", {}, "page 1, head", "12 month");
        figure("interval-first", K::Interval, "pump", "first service", "20 h", "", {}, "page 1, head", "20 h");
        figure("meter-now", K::Reading, "hour-meter", "reading", "302 h", "", {}, "meter", "302 h");
        figure("wrench-accuracy", K::Percent, "torque-wrench", "accuracy", "4 %", "", {}, "card", "4 %");
        figure("idle-speed", K::Speed, "pump", "idle speed", "", "", {}, "", "");
        figure("test-pressure", K::Pressure, "pump", "pressure while looking for leaks", "", "", {}, "", "");
        figure("reset-hold", K::Duration, "hour-meter", "reset, held for", "5 s", "", {}, "display", "5 s");
        figure("canister-number", K::PartNumber, "canister", "part number", "KQ-FC2", "", {}, "parts", "KQ-FC2");
        if (const Figure* known = p_.find(FigureId("canister-number"))) {
            Figure f = *known;
            f.proofs.push_back({SourceId("canister-label"), "on the filter that came off", {"KQ-FC1", "", ""}});
            f.replaces = {"KQ-FC1"};
            perform("say what a part number replaces", {Put<Figure>{std::move(f), {}}});
        }
    }

    void step(const char* id, int film, std::size_t from, std::size_t to, const char* heading, std::vector<std::string> lines,
        std::vector<Caution> cautions, std::vector<Check> checks, std::vector<Shot> shots = {}, std::optional<Clip> clip = {},
        More more = {}) {
        const Film& f = films_[static_cast<std::size_t>(film)];
        Step s;
        s.id = StepId(id);
        s.heading = heading;
        s.lines = std::move(lines);
        s.cautions = std::move(cautions);
        s.checks = std::move(checks);
        s.takes.push_back({f.id, f.at(from), f.at(to + 1)});
        s.actions = actions_of(s, p_.items, {});
        const auto written = [&](const FigureId& id_of) {
            return std::any_of(
                s.lines.begin(), s.lines.end(), [&](const std::string& line) { return names(line, TokenKind::Figure, id_of.text()); });
        };
        for (const auto& fig : p_.figures)
            for (const auto& c : fig.claims)
                if (written(fig.id) && c.recording == f.id && !(c.at < f.at(from)) && c.at < f.at(to + 1) &&
                    std::find(s.heard.begin(), s.heard.end(), fig.id) == s.heard.end())
                    s.heard.push_back(fig.id);
        for (const auto& shot : shots) {
            Plate plate{PlateId(fmt::format("{}-{}", id, s.plates.size() + 1)), f.id, f.at(shot.line, shot.later), shot.caption, {}};
            for (const auto& [item, place] : shot.called) plate.callouts.push_back({ItemId(item), place, place});
            plate.role = shot.role;
            plate.care = shot.care;
            plate.off_order = shot.off_order;
            plate.marks = shot.marks;
            plate.fasteners = shot.fasteners;
            s.plates.push_back(laid_out_anew(std::move(plate), shown_aspect(shot.care, 16.0 / 9)));
        }
        s.clip = std::move(clip);
        s.states = std::move(more.states);
        s.methods = std::move(more.methods);
        s.resets = std::move(more.resets);
        if (*more.minutes != 0) s.hands = {more.minutes, "", "min"};
        s.waits = std::move(more.waits);
        s.answered = std::move(more.answered);
        perform("write a step", {Put<Step>{std::move(s), {}}});
    }

    void steps();
    /// A clip from a while after one line begins until a while after another does.
    Clip clip(int film, std::size_t from, double later, std::size_t to, double until) const {
        const Film& f = films_[static_cast<std::size_t>(film)];
        return Clip{{f.id, f.at(from, later), f.at(to, until)}};
    }

    store::Library& library_;
    std::vector<Film> films_;
    DocumentId book_;
    store::GuideId id_;
    Procedure p_;
    Outcome outcome_;
};

void GuideWriter::steps() {
    using S = Signal;
    const ItemId zinc("zinc-bolts");
    const ItemId black("black-bolts");
    using M = MachineState;
    using R = PairRole;
    const auto number = [](const char* item, Place at, Place label, FrameTime from, FrameTime to) {
        return ClipMark{{PlateSign::Look, at, label}, ItemId(item), from, to};
    };
    step("warm", 0, 3, 5, "Warm the gearbox oil",
        {"Run the {item:pump} at idle for {figure:warm-up}.", "Stop the {item:pump}.", "Lock it off.",
            "Let the {item:oil} fall below {figure:open-below}."},
        {{S::Warning, "Hot oil burns. Wear {item:gloves}; open nothing above {figure:open-below}.", "hot-oil"},
            {S::Warning, "Belt and fan turn while it runs. Keep hands and sleeves away from them.", "rotating"}},
        {{"hour meter", "it runs, and the reading is written down", "it does not run", {}, "the instructor",
            Reading{"hour meter", "h", {}}}},
        {{3, 1.0, "The pump on level ground; canister filter, breather, gearbox cover, drain plug and level plug are still closed",
            {{"breather", {4480, 1600}}, {"canister", {2600, 4600}}, {"cover", {4900, 4300}}, {"drain-plug", {4410, 6260}},
                {"level-plug", {5260, 6340}}, {"pump", {8300, 3600}}}}},
        {}, {{M::Level}, {StepMethod{"drain-heat"}, StepMethod{"interval"}}, {}, "3", {{"while it runs at idle", FigureId("warm-up")}}});
    step("breather", 0, 6, 7, "Undo the breather",
        {"Undo the {item:breather} with the {item:socket-22}.", "Go on only when it has moved: what cannot be filled again is not drained.",
            "Take the {item:breather} out."},
        {{S::Notice, "Keep dirt out of the open hole."}}, {},
        {{6, 1.2, "The breather is the fill plug, on top at the filter end", {{"breather", {4470, 3550}}},
            {{PlateSign::TurnBack, {4470, 3550}, {5150, 3550}}}}},
        {}, {{M::Stopped, M::LockedOff}, {StepMethod{"fill-cap"}}, {}, "2"});
    const ClipMark cover_turn{{PlateSign::TurnBack, {2480, 1250}, {3050, 1250}}, {}, films_[0].at(9), films_[0].at(10)};
    Clip cover_clip = clip(0, 9, 0, 12, 2.2);
    cover_clip.marks = {cover_turn};
    step("cover", 0, 8, 12, "Take off the cover",
        {"Take the four {item:zinc-bolts} and the two {item:black-bolts} out with the {item:socket-10}.", "Take the {item:cover} off.",
            "Lay the {item:zinc-bolts} and the {item:black-bolts} out in the pattern of their holes."},
        {{S::Caution, "The belt runs behind the cover: the pump stands still and is locked off.", "rotating"}}, {},
        {{9, 0.4, "Four zinc bolts, two black ones at the front",
             {{"cover", {4300, 3300}}, {"zinc-bolts", {3160, 7060}}, {"black-bolts", {6700, 7240}}}},
            {13, -2.0, "Laid out as they came off", {{"cover", {8200, 5400}}, {"zinc-bolts", {4100, 8380}}, {"black-bolts", {5330, 8500}}},
                {}, {}, R::None, {}, {zinc, black, ItemId("cover")}}},
        cover_clip, {{M::Stopped, M::LockedOff}, {}, {}, "4"});
    Clip drain_clip = clip(0, 16, 0, 18, 2.5);
    drain_clip.marks = {number("drain-plug", {4100, 5100}, {2700, 3000}, films_[0].at(16), films_[0].at(17)),
        {{PlateSign::TurnBack, {4100, 5100}, {4800, 5100}}, {}, films_[0].at(16), films_[0].at(17)}};
    StillCare dark;
    dark.brighten = 80;
    dark.crop = {900, 1200, 8900, 9200};
    step("drain", 0, 13, 18, "Drain the oil",
        {"Push the {item:pan} under the {item:drain-plug}.",
            "Crack the {item:drain-plug}, head {figure:drain-head}, with the {item:socket-17}.", "Finish by hand, pressing in.",
            "Take the {item:drain-plug} out.", "Drain the {item:oil} into the {item:pan} until it drips."},
        {{S::Warning, "The first jet shoots outward. Stand to the side.", "hot-oil"},
            {S::Notice, "Used oil harms water and ground. Catch all of it.", "waste-oil"}},
        {},
        {{17, 1.4, "Left: drain plug. Right: level plug, which looks like it",
             {{"drain-plug", {4250, 5120}}, {"level-plug", {6170, 4900}}, {"pan", {3300, 7900}}}},
            {14, 1.0, "The pan stands under the plug; the picture is brightened, it is dark there",
                {{"pan", {3750, 8875}}, {"drain-plug", {4265, 4680}}}, {}, {}, R::None, dark}},
        drain_clip, {{M::LockedOff}, {StepMethod{"drain-time"}, StepMethod{"flush"}}, {}, "3", {{"until it drips", FigureId("drip")}}});
    step("magnet", 0, 19, 20, "Read the magnet", {"Look at the tip of the {item:drain-plug}."}, {},
        {{"paste on the magnet", "fine grey paste", "slivers or chips", {}, "the instructor"}},
        {{19, 1.6, "Fine grey paste is normal", {{"drain-plug", {4700, 4000}}}, {{PlateSign::Magnify, {3250, 6050}, {8150, 3050}}}}}, {},
        {{M::LockedOff}, {}, {}, "1"});
    Clip refit_clip = clip(0, 22, 0, 24, 0);
    refit_clip.slower = 2;
    refit_clip.poster = films_[0].at(22, 1.5);
    step("refit", 0, 21, 24, "Refit the drain plug",
        {"Look into the hole: the old {item:washer} must not stay on the seat.", "Put a new {item:washer} on the {item:drain-plug}.",
            "Turn the {item:drain-plug} in by hand.",
            "Tighten the {item:drain-plug} to {figure:drain-torque} with the {item:torque-wrench}."},
        {{S::Notice, "Aluminium thread: a crossed thread means a new gearbox.", "aluminium-thread"}},
        {{"drain plug", "dry and clean all round", "a drip: do not tighten further", {}, "the instructor"}},
        {{22, 0.35, "By hand first, with a new washer", {{"drain-plug", {2680, 6150}}, {"washer", {2330, 7000}}}}}, refit_clip,
        {{M::LockedOff}, {StepMethod{"seal"}, StepMethod{"tighten"}}, {}, "3"});
    step("level", 0, 25, 27, "Check the level plug",
        {"Check that the {item:level-plug} is tight: {figure:level-torque} with the {item:hex-5}."},
        {{S::Notice, "It looks like the {item:drain-plug}. Do not mix them up."}}, {},
        {{27, 1.5, "The level plug: smaller, turned from inside, beside the plate", {{"level-plug", {6220, 5860}}},
             {{PlateSign::Look, {6220, 5860}, {6900, 5860}}}, {}, R::Right},
            {24, -2.0, "The drain plug: larger, turned from outside", {{"drain-plug", {4060, 5310}}},
                {{PlateSign::Look, {4060, 5310}, {4760, 5310}}}, {}, R::Wrong}},
        {},
        {{M::LockedOff}, {StepMethod{"tighten"}}, {}, "1", {},
            {{"figure-open", "level-plug",
                "On the film a force is said for it; before the edition goes out the house rule takes the book's figure."}}});
    step("canister", 1, 1, 7, "Change the canister filter",
        {"Unscrew the {item:canister} by hand.", "Check that the old {item:o-ring} came off with it.", "Oil the new {item:o-ring}.",
            "Put the new {item:o-ring} into the upper groove.", "Screw a new {item:canister} on until it touches.",
            "Tighten the {item:canister} by {figure:canister-turn}.", "Write date and hours on the {item:canister}."},
        {{S::Notice, "Two seals leak."}}, {},
        {{4, 1.0, "O-ring in the upper groove, oiled", {{"canister", {4430, 8860}}, {"o-ring", {4430, 5020}}}}}, {},
        {{M::LockedOff},
            {StepMethod{"pre-fill"}, StepMethod{"seal"},
                StepMethod{"tighten", "angle", "The print on the filter gives a turn and no torque."}, StepMethod{"parts"}},
            {}, "5"});
    step("strainer", 1, 8, 10, "Look at the suction strainer",
        {"Take the two {item:wing-nuts} off by hand.", "Pull the {item:strainer}.",
            "Put the {item:strainer} back when it is whole and clean.", "Screw the two {item:wing-nuts} on by hand."},
        {{S::Caution, "A torn mesh is sharp. Wear {item:gloves}.", "sharp-edges"}},
        {{"mesh of the basket", "whole and clean", "torn: put a new one in", {}, "the store"}},
        {{9, 2.0, "", {{"strainer", {5560, 5020}}}, {{PlateSign::Pull, {6200, 5020}, {8000, 5020}}}}}, {}, {{M::LockedOff}, {}, {}, "4"});
    step("fill", 1, 11, 15, "Fill the gearbox",
        {"Pour {item:oil} in: {figure:first-pour} of {figure:oil-grade}, up to the lower mark.", "Read the {item:dipstick}.",
            "Add {item:oil} up to the upper mark: {figure:between-marks} lie between the marks.",
            "Count what went in: {figure:refill} in all.", "Screw the {item:breather} in by hand.",
            "Tighten the {item:breather} to {figure:breather-torque} with the {item:socket-22}."},
        {{S::Notice, "The gearbox holds more than goes back: what stays in it counts. Do not pour by the total."}},
        {{"breather", "tight, without play", "in doubt: no book gives its torque", {}, "the instructor"}},
        {{13, 2.2, "Pour where the breather was", {{"oil", {4020, 2270}}, {"breather", {5190, 3850}}},
            {{PlateSign::Flow, {5230, 2500}, {5190, 3650}}}}},
        clip(1, 12, 0, 14, 0),
        {{M::Level, M::Stopped}, {StepMethod{"refill"}}, {}, "5", {},
            {{"figure-open", "breather", "No book gives its torque; the check below says what to do in doubt."}}});
    step("read-level", 1, 16, 20, "Run it, look for leaks, read the level",
        {"Take your tag and your lock off.", "Run the {item:pump} for {figure:run-after} so that the {item:canister} fills.",
            "Look for leaks at the {item:drain-plug}, the {item:level-plug} and the {item:canister}.", "Stop the {item:pump}.",
            "Lock it off again.", "Wait {figure:settle} on level ground.", "Read the {item:dipstick}, resting, not screwed in."},
        {{S::Warning, "The belt is open. Keep hands and sleeves away from it.", "rotating"}},
        {{"level", "between the two marks", "above the upper mark: draw it off", {}, "the instructor", Reading{"level", "", {}}}},
        {{17, 1.0, "The V-belt and its pulleys are open while it runs",
             {{"canister", {620, 4200}}, {"belt", {6000, 5000}}, {"pump", {9000, 4300}}},
             {{PlateSign::DoNotTouch, {4780, 4950}, {4780, 4950}}}},
            {19, 2.2, "Resting, not screwed in", {{"dipstick", {4860, 7290}}}}},
        {}, {{M::Level}, {}, {}, "5"});
    step("belt", 1, 21, 22, "Check the belt", {"Press the {item:belt} in the middle with {figure:belt-force}: it gives {figure:belt-sag}."},
        {}, {{"sag", "within the limits", "outside: adjust first", {}, "the instructor", Reading{"sag", "mm", FigureId("belt-sag")}}},
        {{21, 2.0, "", {{"belt", {4840, 6920}}},
            {{PlateSign::Press, {4840, 4300}, {4840, 6700}}, {PlateSign::Distance, {5500, 5900}, {5500, 7300}, FigureId("belt-sag")}}}},
        {}, {{M::Stopped, M::LockedOff}, {}, {}, "2"});
    step("refit-cover", 1, 23, 25, "Refit the cover",
        {"Put the {item:cover} on.",
            "Start the four {item:zinc-bolts} and the two {item:black-bolts} by hand; the black ones belong in the deep holes at the "
            "front.",
            "Tighten the {item:zinc-bolts} and the {item:black-bolts} crosswise to {figure:cover-torque} with the {item:torque-wrench}."},
        {{S::Notice, "Aluminium threads forgive nothing.", "aluminium-thread"}}, {},
        {{25, 1.6, "Long black bolts at the front, in the deep holes", {{"cover", {4740, 4170}}, {"black-bolts", {6740, 2200}}}, {},
            {{zinc, {3031, 2222}}, {zinc, {4859, 2014}}, {black, {6742, 2222}}, {black, {6641, 7264}}, {zinc, {4860, 7290}},
                {zinc, {3102, 7028}}}}},
        {}, {{M::Stopped, M::LockedOff}, {StepMethod{"tighten"}}, {}, "5"});
    const FigureId hold("reset-hold");
    using P = Press::Kind;
    step("close", 1, 26, 28, "Close the job",
        {"Take your tag and your lock off.", "Set the service reminder back.",
            "Take the old {item:oil}, the old {item:canister}, the old {item:o-ring} and the old {item:washer} to the waste store.",
            "Write date and hours in the book."},
        {{S::Notice, "Used oil and filters harm water and ground.", "waste-oil"}},
        {{"service reminder", "it shows the hours to the next service", "it blinks", {}, "the instructor", Reading{"hour meter", "h", {}}}},
        {{28, 1.0, "Closed, dry, ready for its book", {{"hour-meter", {5600, 5600}}, {"canister", {2250, 4700}}}}}, {},
        {{M::Level, M::Stopped}, {StepMethod{"interval"}},
            {{"display with one button", {"PT60"}, {{P::Hold, "SET", 1, hold, "SErv"}, {P::Press, "SET", 2, {}, "100 h"}}},
                {"display with two buttons", {"PT60-T"},
                    {{P::Hold, "MODE + SET", 1, hold, "SErv"}, {P::Press, "MODE", 1, {}, "rES"}, {P::Press, "SET", 1, {}, "100 h"}}}},
            "4"});
}

}  // namespace

namespace {

/// The wrenches and the opened pack of the shop.
House demo_house() {
    House h;
    h.wrenches = {
        {"small-click", "small click wrench", "Nm", 5, 25, 5, 0.5, Wrench::Kind::Click, 4, 230, "1/4 in", "2026-03-02", "2027-03-02"},
        {"bench-click", "bench click wrench", "Nm", 20, 100, 10, 1, Wrench::Kind::Click, 4, 380, "1/2 in", "2026-03-02", "2027-03-02"},
        {"pound-click", "pound wrench", "lbf.ft", 5, 80, 5, 1, Wrench::Kind::Click, 4, 400, "1/2 in", "2026-05-11", "2027-05-11"},
        {"dial", "dial wrench", "Nm", 0, 30, 5, 1, Wrench::Kind::Dial, 3, 260, "3/8 in", "2025-02-10", "2026-02-10"},
        {"large-click", "large click wrench", "Nm", 40, 200, 20, 2.5, Wrench::Kind::Click, 4, 520, "1/2 in", "2026-03-02", "2027-03-02"}};
    h.methods = {{"interval", "maker", "The pumps stand by for the harbour; nobody experiments with them.", {"shorter"}},
        {"drain-heat", "warm", "Five minutes at idle, then below 60 °C: learners wear thin gloves.", {"cool"}},
        {"fill-cap", "off", "The bay is free of dust, and it proves that the gearbox can be filled again.", {"loosened"}},
        {"drain-time", "drips", "The job plan allows for it.", {"long"}}, {"flush", "no", "The book does not ask for it.", {}},
        {"pre-fill", "dry", "The canister hangs level and would spill.", {}},
        {"seal", "new", "A washer costs less than a second visit.", {}}, {"tighten", "wrench", "Plugs and cover go into aluminium.", {}},
        {"refill", "measured", "What stays in the gearbox differs from day to day.", {"amount"}},
        {"parts", "maker", "The store keeps one kind.", {"equivalent"}}};
    h.store = {{"gear oil", "75W90 GL5", 1, 0.4, "6.50"}};
    return h;
}

}  // namespace

Outcome make_demo_library(const std::string& films, const std::string& place) {
    auto library = store::Library::make_or_open(place);
    if (!library) return tl::make_unexpected(library.error());
    std::vector<Film> loaded;
    for (const char* name : {"pt60-service-1.mp4", "pt60-service-2.mp4"}) {
        auto prepared = shop::prepare_recording((*library)->place(), films + "/" + name, {});
        if (!prepared) return tl::make_unexpected(prepared.error());
        if (auto entered = shop::enter_recording(**library, *prepared); !entered) return entered;
        const auto narration = prepared->narration.value_or(std::vector<core::Segment>{});
        loaded.push_back({prepared->entry.id, std::move(prepared->index), narration, core::read_marks(narration)});
    }
    if (auto kept = (*library)->set_house(demo_house()); !kept) return kept;
    auto book = (*library)->keep_document(films + "/../book/perrick-pt60-book.pdf");
    if (!book) return tl::make_unexpected(book.error());
    if (auto written = GuideWriter(**library, std::move(loaded), *book).write(); !written) return written;
    const auto second = (*library)->create_guide(forklift_guide(), "author");
    if (!second) return tl::make_unexpected(second.error());
    return fill_logbook(**library, std::chrono::floor<std::chrono::days>(std::chrono::system_clock::now()));
}

}  // namespace anagraph::demo
