// A figure: a value the learner works to, with the claims heard for it and the sources that prove it.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/frame_time.h"
#include "core/base/named.h"
#include "core/base/result.h"
#include "core/base/words.h"
#include "core/fluids/level_rule.h"
#include "core/page/page_spot.h"
#include "core/procedure/ids.h"
#include "core/quantity/quantity.h"

namespace anagraph::core {

enum class FigureKind {
    Torque,
    Turn,
    Volume,
    Size,
    Grade,
    PartNumber,
    Pressure,
    Temperature,
    Duration,
    Interval,
    Reading,
    Length,
    Speed,
    Percent,
    Count,
    Force
};

template <>
struct Names<FigureKind> {
    static constexpr auto all = std::to_array<Named<FigureKind>>(
        {{FigureKind::Torque, "torque"}, {FigureKind::Turn, "turn"}, {FigureKind::Volume, "volume", "amount"}, {FigureKind::Size, "size"},
            {FigureKind::Grade, "grade"}, {FigureKind::PartNumber, "part_number", "part number"}, {FigureKind::Pressure, "pressure"},
            {FigureKind::Temperature, "temperature"}, {FigureKind::Duration, "duration", "time"}, {FigureKind::Interval, "interval"},
            {FigureKind::Reading, "reading"}, {FigureKind::Length, "length"}, {FigureKind::Speed, "speed"},
            {FigureKind::Percent, "percent", "share"}, {FigureKind::Count, "count"}, {FigureKind::Force, "force"}});
};

/// A value may be a limit on one side.
enum class Limit { None, AtMost, AtLeast };
template <>
struct Names<Limit> {
    static constexpr auto all = std::to_array<Named<Limit>>({{Limit::None, ""}, {Limit::AtMost, "at most"}, {Limit::AtLeast, "at least"}});
};

/// A value with the digits as they were written: "25" Nm, "8" to "10" mm, "75W90" without a unit. Empty `low`: not known.
struct FigureValue {
    std::string low;
    std::string high;           // upper end of a range, or empty
    std::string unit;           // ASCII id, empty for grades and part numbers
    Limit limit = Limit::None;  // "at most 60 degC"
    std::vector<std::string> before =
        {};  // stages before the last, in the same unit: 20 and 40 of "20, then 40, then 60 Nm"; "loosen" where it is undone again
    std::string turn = {};  // degrees to turn after the last stage: 90 of "40 Nm, then 90 deg"
    bool known() const { return !low.empty(); }
    friend bool operator==(const FigureValue&, const FigureValue&) = default;
};

/// The value as printed: "25 N·m", "8 to 10 mm", "at most 60 °C", "20, then 40, then 60 N·m", "75W90"; "not known" when it is not.
std::string text_of(const FigureValue& value);
/// text_of(), to be said in the language and with the numbers of whoever reads it on the screen.
Words words_of(const FigureValue& value);
/// The same in the other unit system, or empty where there is none. A limit is never crossed by rounding.
std::string other_system_text(const FigureValue& value);
/// Reads "25 Nm", "8 to 10 mm", "at most 60 degC", "20, then 40, then 60 Nm", "40 Nm, then 90 deg", "75W90". Errors: BadInput for a number
/// with a unit nobody knows, or a range upside down; Ambiguous as in Number::parse().
Result<FigureValue> parse_figure_value(std::string_view text, DecimalMark mark = DecimalMark::Unknown);
/// The same for a figure of that kind: a torque needs a unit of torque, a grade is text. Errors also: BadInput for a value
/// of another kind, with an example of what fits.
Result<FigureValue> parse_figure_value(std::string_view text, FigureKind kind, DecimalMark mark = DecimalMark::Unknown);
/// The number of the value that can be read two ways, as older libraries let it in ("2,000"), or an empty text. Such a figure
/// counts for nothing until it is entered anew.
std::string ambiguous_number(const FigureValue& value);

/// A figure as spoken: where, in which words, and what was understood.
struct Claim {
    RecordingId recording;
    FrameTime at;
    std::string words;
    FigureValue value;
    bool by_program = false;  // the words were heard by a program, and nobody has listened to them yet
    friend bool operator==(const Claim&, const Claim&) = default;
};

/// A source that gives the value, and where in it.
struct Proof {
    SourceId source;
    std::string place;  // "page 2, torque table, line 3"
    FigureValue value;
    std::optional<PageSpot> spot = {};  // where on the source's document it stands
    std::string slack = {};             // how far the instrument of a measurement may be off, in the value's unit; empty: not said
    friend bool operator==(const Proof&, const Proof&) = default;
};

enum class Standing { Open, Proved, Disputed };
template <>
struct Names<Standing> {
    static constexpr auto all =
        std::to_array<Named<Standing>>({{Standing::Open, "open"}, {Standing::Proved, "proved"}, {Standing::Disputed, "disputed"}});
};

/// Where a value was looked for and not found. "Not found" is an answer.
struct FailedSearch {
    std::string where;  // "service book, issue 4"
    std::string who;    // by post
    std::string on;     // day, "2026-11-28"
    friend bool operator==(const FailedSearch&, const FailedSearch&) = default;
};

struct Figure {
    FigureId id;
    FigureKind kind = FigureKind::Torque;
    ItemId item;          // what it is about; may be empty
    std::string purpose;  // "tightening torque", "refill with filter"
    FigureValue value;
    std::string tolerance;  // half width in the unit of the value, as written; empty when not given
    std::vector<Claim> claims;
    std::vector<Proof> proofs;
    std::string settled;                     // why the author holds to the value although evidence differs; empty: not settled
    std::vector<std::string> variants = {};  // it holds for; empty: for all
    std::string condition = {};              // it depends on: "cold", "new seal"; empty: on nothing
    std::vector<FailedSearch> looked = {};
    std::vector<std::string> replaces = {};  // older part numbers or grades in whose place the value stands
    std::optional<LevelRule> level = {};     // of an amount: how the level is read by which it is checked
    friend bool operator==(const Figure&, const Figure&) = default;
};

/// The figure's value in the other unit system, or empty where a reader needs none: the size of a tool or a thread is a name,
/// and 17 mm is no spanner of 0.67 in (which inch tool fits, `socket_fit.h` says).
std::string other_system_text(const Figure& figure);
/// "25 N·m (18 lbf·ft)", or the value alone.
std::string text_in_both(const Figure& figure);

/// Do two values say the same, within the digits written and the tolerance (in `value`'s unit)?
/// A limit, an angle or stages named by `other` must stand in `value` too; not the other way round.
/// A force never agrees with a torque. Texts agree when they are equal but for spaces, dashes and case. `slack`: how far
/// `other` may be off as it was measured, in its own unit.
bool agrees(const FigureValue& value, const FigureValue& other, const std::string& tolerance, const std::string& slack = {});
/// Are two values the same but for a share of the larger ("0.03": 24 N·m and 18 lbf·ft)? A force beside a torque counts by its
/// number, since that was meant. Texts are when they are equal but for spaces, dashes and case; what is not known never is.
bool within(double share, const FigureValue& value, const FigureValue& other);
/// Does the evidence agree with the figure? An older number that the figure says it replaces agrees too.
bool agrees(const Figure& figure, const Claim& claim);
bool agrees(const Figure& figure, const Proof& proof);

/// The standing that the evidence gives. Open: no value, or no source behind it (speech alone proves nothing).
/// Proved: a source gives the value and all else agrees, or the author settled the difference with a reason.
/// Disputed: a source or a claim differs and nobody has settled it; or the value is not what any source gives.
Standing standing_of(const Figure& figure);
/// What the evidence comes to, in one sentence: "Page 2, torques gives 25 N·m; everything said agrees with it."
Words finding_of(const Figure& figure);
/// The same for its author, with what can be done about it: "Said once; speech alone proves nothing. Add the source that gives it."
Words argue_standing(const Figure& figure);

}  // namespace anagraph::core
