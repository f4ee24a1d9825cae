// Verbs: what an action can be. A closed list, so that what a verb does to a machine is said once for each.
#pragma once

#include <optional>
#include <string_view>

#include "core/base/named.h"

namespace anagraph::core {

enum class Verb {
    Drain,
    Fill,
    Remove,
    Fit,
    Replace,
    Tighten,
    Loosen,
    Open,
    Close,
    Clean,
    Inspect,
    Check,
    Measure,
    Lubricate,
    Run,
    Stop,
    Wait,
    Mark,
    Reset,
    Lift,
    Lower,
    Pump,
    Bleed,
    Cut,
    Adjust,
    Record,
    Dispose,
    Connect,
    Disconnect,
    Place,
    Isolate,
    Release,
    Hold
};
template <>
struct Names<Verb> {
    static constexpr const char* kAbout = "Verbs";
    static constexpr auto all = std::to_array<Named<Verb>>({{Verb::Drain, "drain"}, {Verb::Fill, "fill"}, {Verb::Remove, "remove"},
        {Verb::Fit, "fit"}, {Verb::Replace, "replace"}, {Verb::Tighten, "tighten"}, {Verb::Loosen, "loosen"}, {Verb::Open, "open"},
        {Verb::Close, "close"}, {Verb::Clean, "clean"}, {Verb::Inspect, "inspect"}, {Verb::Check, "check"}, {Verb::Measure, "measure"},
        {Verb::Lubricate, "lubricate"}, {Verb::Run, "run"}, {Verb::Stop, "stop"}, {Verb::Wait, "wait"}, {Verb::Mark, "mark"},
        {Verb::Reset, "reset"}, {Verb::Lift, "lift"}, {Verb::Lower, "lower"}, {Verb::Pump, "pump"}, {Verb::Bleed, "bleed"},
        {Verb::Cut, "cut"}, {Verb::Adjust, "adjust"}, {Verb::Record, "record"}, {Verb::Dispose, "dispose"}, {Verb::Connect, "connect"},
        {Verb::Disconnect, "disconnect"}, {Verb::Place, "place"}, {Verb::Isolate, "isolate"}, {Verb::Release, "release"},
        {Verb::Hold, "hold"}});
};

/// The verb of an action. Guides made before verbs were a closed list hold words of the narration ("pour", "undo"): they are read
/// as what they meant. Nothing for a word nobody knows.
std::optional<Verb> verb_of(std::string_view word);

/// Does it make an opening, so that something is off or open after it? Does it end one, by hand?
constexpr bool takes_off(Verb v) { return v == Verb::Remove || v == Verb::Open || v == Verb::Disconnect; }
constexpr bool puts_on(Verb v) { return v == Verb::Fit || v == Verb::Close || v == Verb::Connect; }

}  // namespace anagraph::core
