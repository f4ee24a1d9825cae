// Random guides and random edits for property tests: every reference in them is whole.
#pragma once

#include <rapidcheck.h>

#include <string>
#include <vector>

#include "core/edits/edit.h"

namespace anagraph::core::testing {

inline int pick(int from, int to) { return *rc::gen::inRange(from, to); }
inline std::string words() {
    return *rc::gen::element<std::string>(
        "", "drain plug", "Undo it", "\"quoted\" & <tagged>", "zwölf N·m", "{figure:f1} and {item:i1}", "a\nb");
}
inline std::string some_words() {
    const auto w = words();
    return w.empty() ? "x" : w;
}

inline FigureValue value() {
    return *rc::gen::element<FigureValue>(FigureValue{}, FigureValue{"25", "", "Nm"}, FigureValue{"18", "", "lbf.ft"},
        FigureValue{"8", "10", "mm"}, FigureValue{"75W90", "", ""}, FigureValue{"3/4", "", "turn"},
        FigureValue{"60", "", "degC", Limit::AtMost}, FigureValue{"60", "", "Nm", Limit::None, {"20", "40"}},
        FigureValue{"40", "", "Nm", Limit::None, {}, "90"});
}

template <class IdType, class Thing>
IdType existing(const std::vector<Thing>& things) {
    return things.empty() ? IdType{} : things[static_cast<std::size_t>(pick(0, static_cast<int>(things.size())))].id;
}

inline Figure random_figure(const Procedure& p) {
    Figure f;
    f.id = FigureId("f" + std::to_string(pick(0, 6)));
    f.kind = static_cast<FigureKind>(pick(0, 16));
    if (pick(0, 2) == 1) f.variants = {"T"};
    if (pick(0, 3) == 1) f.condition = words();
    if (pick(0, 3) == 1) f.looked = {{words(), "author", "2026-11-28"}};
    f.item = existing<ItemId>(p.items);
    f.purpose = words();
    f.value = value();
    f.tolerance = *rc::gen::element<std::string>("", "2.5");
    if (!p.recordings.empty())
        for (int i = pick(0, 3); i > 0; --i)
            f.claims.push_back({existing<RecordingId>(p.recordings), FrameTime(pick(0, 9999), 12), words(), value()});
    if (!p.sources.empty())
        for (int i = pick(0, 3); i > 0; --i) f.proofs.push_back({existing<SourceId>(p.sources), words(), value()});
    for (auto& proof : f.proofs) {
        if (pick(0, 3) == 1) proof.spot = PageSpot{pick(1, 9), pick(0, 5000), pick(0, 5000), pick(5000, 10001), pick(5000, 10001)};
        if (pick(0, 3) == 1) proof.slack = "0.5";
    }
    if (pick(0, 3) == 1) f.replaces = {words()};
    if (pick(0, 3) == 1)
        f.level = LevelRule{static_cast<LevelRule::Temperature>(pick(0, 3)), static_cast<LevelRule::Engine>(pick(0, 3)), pick(0, 20) / 2.0,
            static_cast<LevelRule::Gauge>(pick(0, 5))};
    f.settled = words();
    return f;
}

inline RecordingUse random_use(const Procedure& p) {
    RecordingUse use{RecordingId("r" + std::to_string(pick(1, 3))), words(), {{FrameTime(pick(0, 50), 3), words()}}};
    const auto at = [] { return FrameTime(pick(0, 50), 3); };
    if (pick(0, 2) == 1) use.notes.push_back({static_cast<NoteKind>(pick(0, 5)), at(), words()});
    if (pick(0, 2) == 1) use.corrections.push_back({at(), words()});
    if (pick(0, 2) == 1) use.typed.push_back({at(), at(), words(), words()});
    for (int i = 0; i < pick(0, 3); ++i) use.anchors.push_back({FrameTime(i * 10 + pick(0, 9), 3), FrameTime(i * 12 + pick(0, 11), 3)});
    if (pick(0, 2) == 1) use.speakers.push_back({at(), words()});
    if (!p.recordings.empty() && pick(0, 3) == 1)
        use.alongside = Alongside{existing<RecordingId>(p.recordings), FrameTime(pick(-50, 50), 7)};
    return use;
}

inline void random_drawing(const Procedure& p, Plate& plate) {
    for (int i = pick(0, 3); i > 0; --i)
        plate.marks.push_back({static_cast<PlateSign>(pick(0, 9)), {pick(0, 10001), pick(0, 10001)}, {pick(0, 10001), pick(0, 10001)},
            existing<FigureId>(p.figures)});
    if (pick(0, 2) == 1) plate.fasteners.push_back({existing<ItemId>(p.items), {pick(0, 10001), pick(0, 10001)}});
    plate.role = static_cast<PairRole>(pick(0, 7));
    if (!plate.callouts.empty() && pick(0, 2) == 1) plate.off_order = {plate.callouts.front().item};
    if (pick(0, 2) == 1) plate.variants = {"T"};
    plate.care.tilt = pick(-150, 151);
    plate.care.brighten = pick(0, 101);
    if (pick(0, 2) == 1) plate.care.crop = {pick(0, 4000), pick(0, 4000), pick(6000, 10001), pick(6000, 10001)};
    if (pick(0, 2) == 1) plate.care.hidden = {{pick(0, 4000), pick(0, 4000), pick(6000, 10001), pick(6000, 10001)}};
}

inline Step random_step(const Procedure& p) {
    Step s;
    s.id = StepId("s" + std::to_string(pick(0, 8)));
    s.heading = words();
    for (int i = pick(0, 4); i > 0; --i) s.lines.push_back(words());
    for (int i = pick(0, 3); i > 0; --i) s.cautions.push_back({static_cast<Signal>(pick(0, 4)), words(), words()});
    if (pick(0, 3) == 1) s.variants = {"T"};
    if (pick(0, 3) == 1) s.answered = {{words(), words(), words()}};
    for (int i = pick(0, 2); i > 0; --i) s.checks.push_back({words(), words(), words()});
    if (!p.items.empty() && !p.recordings.empty() && pick(0, 2) == 1) {
        s.actions.push_back({"tighten", {existing<ItemId>(p.items)}, existing<FigureId>(p.figures)});
        s.plates.push_back({PlateId("p" + std::to_string(pick(0, 9))), existing<RecordingId>(p.recordings), FrameTime(pick(0, 99), 12),
            words(), {{existing<ItemId>(p.items), {pick(0, 10000), pick(0, 10000)}, {pick(0, 10000), pick(0, 10000)}}}});
    }
    if (!s.actions.empty() && pick(0, 2) == 1) s.actions.front().needs = {existing<ItemId>(p.items)};
    if (!s.actions.empty() && pick(0, 3) == 1) s.put_right.push_back({words(), s.actions});
    if (pick(0, 3) == 1) s.hands = {"5", "", "min"};
    s.pinned = pick(0, 5) == 1;
    s.drafted = pick(0, 2) == 1;
    if (!p.recordings.empty() && pick(0, 2) == 1) {
        const int from = pick(0, 500);
        s.takes.push_back({existing<RecordingId>(p.recordings), FrameTime(from, 12), FrameTime(from + pick(1, 40), 12)});
        if (pick(0, 2) == 1) s.clip = Clip{s.takes.front()};
        if (pick(0, 2) == 1) s.waits.push_back({words(), existing<FigureId>(p.figures), s.takes.front(), pick(0, 2) == 1});
        if (!s.checks.empty()) s.checks.front().shown = s.takes.front();
    }
    for (auto& c : s.checks) {
        c.ask = words();
        if (pick(0, 2) == 1) c.reading = Reading{some_words(), words(), existing<FigureId>(p.figures)};
    }
    for (auto& plate : s.plates) random_drawing(p, plate);
    if (s.clip) {
        s.clip->slower = pick(1, 5);
        s.clip->silent = pick(0, 2) == 1;
        if (pick(0, 2) == 1) s.clip->poster = s.clip->take.from;
        if (pick(0, 2) == 1)
            s.clip->marks.push_back({{PlateSign::Turn, {1, 2}, {3, 4}, existing<FigureId>(p.figures)}, existing<ItemId>(p.items),
                s.clip->take.from, s.clip->take.to});
    }
    for (int i = pick(0, 3); i > 0; --i) s.states.push_back(static_cast<MachineState>(pick(0, 8)));
    if (pick(0, 3) == 1) s.methods.push_back({words(), words(), words()});
    if (pick(0, 3) == 1)
        s.resets.push_back(
            {words(), {"T"}, {{static_cast<Press::Kind>(pick(0, 3)), some_words(), pick(1, 4), existing<FigureId>(p.figures), words()}}});
    if (pick(0, 3) == 1) s.comments.push_back({words(), words(), "2026-11-28", words(), words(), pick(0, 2) == 1});
    if (pick(0, 3) == 1) s.translated.push_back({"de", words(), words()});
    if (!p.figures.empty() && pick(0, 2) == 1) s.heard.push_back(existing<FigureId>(p.figures));
    return s;
}

inline Item random_item(const Procedure& p) {
    Item i{ItemId("i" + std::to_string(pick(0, 6))), static_cast<ItemKind>(pick(0, 7)), words(), words(), words(), {words()},
        {{"de", words(), words()}}, {words(), words(), words()}};
    if (!p.items.empty() && pick(0, 3) == 1) i.closes = Closes{existing<ItemId>(p.items), static_cast<Opening>(pick(0, 4))};
    if (!p.items.empty() && pick(0, 3) == 1) i.behind = {existing<ItemId>(p.items)};
    if (!p.items.empty() && pick(0, 3) == 1) i.under = {existing<ItemId>(p.items)};
    if (pick(0, 3) == 1) i.none_of = {"closes"};
    i.renew = static_cast<Renewal>(pick(0, 3));
    if (pick(0, 3) == 1) i.total = existing<FigureId>(p.figures);
    if (pick(0, 3) == 1) i.refill = existing<FigureId>(p.figures);
    if (pick(0, 3) == 1) i.holds = existing<FigureId>(p.figures);
    return i;
}

inline std::optional<std::size_t> place() {
    return pick(0, 2) == 0 ? std::nullopt : std::optional<std::size_t>(static_cast<std::size_t>(pick(0, 6)));
}

/// Any edit; many apply, some are refused.
inline Edit random_edit(const Procedure& p) {
    switch (pick(0, 13)) {
        case 0:
            return SetHeader{{some_words(), some_words(), words(), words(), {words()}, words(), {{words(), words()}}, {{words(), words()}},
                {{"de", words(), words()}}, pick(0, 2) == 0 ? "de" : "en"}};
        case 1:
            return Put<RecordingUse>{random_use(p), place()};
        case 2:
            return Put<Item>{random_item(p), place()};
        case 3:
            return Put<Source>{{SourceId("q" + std::to_string(pick(0, 3))), static_cast<SourceKind>(pick(0, 6)), words(), words(), "", {},
                                   "", DocumentId(*rc::gen::element<std::string>("", "doc-1", "doc-2")), words()},
                place()};
        case 4:
            return Put<Figure>{random_figure(p), place()};
        case 5:
        case 6:
            return Put<Step>{random_step(p), place()};
        case 7:
            return Remove<ItemId>{existing<ItemId>(p.items)};
        case 8:
            return Remove<FigureId>{existing<FigureId>(p.figures)};
        case 9:
            return Remove<StepId>{existing<StepId>(p.steps)};
        case 11:
            return Remove<RecordingId>{existing<RecordingId>(p.recordings)};
        case 10:
            return Remove<SourceId>{existing<SourceId>(p.sources)};
        default:
            return MoveStep{existing<StepId>(p.steps), static_cast<std::size_t>(pick(0, 9))};
    }
}

inline Procedure random_procedure(int edits) {
    Procedure p;
    p.header = {"100 h service", "Perrick PT60", "KQ-1", "", {}, ""};
    for (int i = 0; i < edits; ++i)
        if (auto next = core::apply(p, random_edit(p))) p = std::move(*next);
    return p;
}

}  // namespace anagraph::core::testing
