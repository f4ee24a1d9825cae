// Pictures: what a step shows: stretches of recordings, stills with what is drawn on them, clips. Places and areas are in
// ten-thousandths of a picture's width and height, so that a picture looks the same at every size.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/frame_time.h"
#include "core/base/named.h"
#include "core/procedure/ids.h"

namespace anagraph::core {

/// A stretch of a recording, both ends exact frames.
struct Take {
    RecordingId recording;
    FrameTime from;
    FrameTime to;
    friend bool operator==(const Take&, const Take&) = default;
};

struct Place {
    int x = 0;
    int y = 0;
    friend bool operator==(const Place&, const Place&) = default;
};

/// A part of a picture; all of it where nothing else is said.
struct Area {
    int left = 0;
    int top = 0;
    int right = 10000;
    int bottom = 10000;
    bool whole() const { return *this == Area{}; }
    friend bool operator==(const Area&, const Area&) = default;
};

struct Callout {
    ItemId item;
    Place target;
    Place label;
    bool fixed = false;  // moved by hand: it stays where it was put
    friend bool operator==(const Callout&, const Callout&) = default;
};

/// What is drawn on a picture beside the callouts.
enum class PlateSign {
    Turn,        // clockwise about `at`
    TurnBack,    // the other way
    Pull,        // from `at` towards `to`
    Press,       // onto `to`
    Flow,        // of air or oil
    Look,        // ring around `at` as far as `to`
    DoNotTouch,  // at `at`
    Distance,    // from `at` to `to`, with its figure
    Magnify,     // what is at `at`, larger, shown about `to`
};
template <>
struct Names<PlateSign> {
    static constexpr auto all = std::to_array<Named<PlateSign>>({{PlateSign::Turn, "turn"}, {PlateSign::TurnBack, "turn back"},
        {PlateSign::Pull, "pull"}, {PlateSign::Press, "press"}, {PlateSign::Flow, "flow"}, {PlateSign::Look, "look"},
        {PlateSign::DoNotTouch, "do not touch"}, {PlateSign::Distance, "distance"}, {PlateSign::Magnify, "magnify"}});
};

struct PlateMark {
    PlateSign sign = PlateSign::Look;
    Place at;
    Place to;
    FigureId figure = {};  // of a distance; empty: not measured
    friend bool operator==(const PlateMark&, const PlateMark&) = default;
};

/// Where a fastener sits on a picture.
struct FastenerPlace {
    ItemId item;
    Place at;
    friend bool operator==(const FastenerPlace&, const FastenerPlace&) = default;
};

/// How a still is shown; the recording is never touched. Done in this order: hidden, turned, cut, brightened.
struct StillCare {
    std::vector<Area> hidden = {};  // of the frame as recorded: a face, a number plate, a screen; gone for good in what is issued
    int tilt = 0;                   // tenths of a degree clockwise; the picture grows just so far that no corner is empty
    Area crop = {};                 // what is shown of it
    int brighten = 0;               // 0 to 100: dark parts are raised, light ones stay
    bool empty() const { return *this == StillCare{}; }
    friend bool operator==(const StillCare&, const StillCare&) = default;
};

/// What a picture shows of two that are looked at together.
enum class PairRole { None, Before, After, Right, Wrong, New, Old };
template <>
struct Names<PairRole> {
    static constexpr auto all =
        std::to_array<Named<PairRole>>({{PairRole::None, ""}, {PairRole::Before, "before"}, {PairRole::After, "after"},
            {PairRole::Right, "right"}, {PairRole::Wrong, "wrong"}, {PairRole::New, "new"}, {PairRole::Old, "old"}});
};
/// The role of the other picture: Wrong for Right.
PairRole counterpart(PairRole role);

/// An annotated still: an exact frame of a recording and what is called out on it. Two neighbours of a step whose roles are
/// counterparts are a pair.
struct Plate {
    PlateId id;
    RecordingId recording;
    FrameTime at;
    std::string caption;
    std::vector<Callout> callouts;
    std::vector<PlateMark> marks = {};
    std::vector<FastenerPlace> fasteners = {};  // numbered as they were placed
    StillCare care = {};
    PairRole role = PairRole::None;
    std::vector<ItemId> off_order = {};      // of called-out items laid out apart: as they came off; they go back the other way
    std::vector<std::string> variants = {};  // it applies to; empty: to all
    friend bool operator==(const Plate&, const Plate&) = default;
};

/// What is drawn over a clip for a while: a sign, or the number of an item at `mark.at`.
struct ClipMark {
    PlateMark mark;
    ItemId item = {};  // empty: the sign is drawn
    FrameTime from;    // moments of the recording
    FrameTime to;
    friend bool operator==(const ClipMark&, const ClipMark&) = default;
};

/// A stretch given to the learner as a film.
struct Clip {
    Take take;
    int slower = 1;                        // times; a slowed clip has no sound
    bool silent = false;                   // without the sound of the recording; its words stay as captions
    std::optional<FrameTime> poster = {};  // the still that stands for it; empty: its first frame
    std::vector<ClipMark> marks = {};
    friend bool operator==(const Clip&, const Clip&) = default;
};

}  // namespace anagraph::core
