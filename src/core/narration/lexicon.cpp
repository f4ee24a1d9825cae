#include "core/narration/lexicon.h"

#include <array>
#include <map>
#include <set>
#include <utility>

namespace anagraph::core::lexicon {
namespace {

using Set = std::set<std::string_view>;

// Base form -> canonical verb. Inflected forms are derived below.
constexpr std::array<std::pair<std::string_view, std::string_view>, 96> kVerbs{{
    {"drain", "drain"},
    {"empty", "drain"},
    {"fill", "fill"},
    {"pour", "fill"},
    {"refill", "fill"},
    {"top", "fill"},
    {"add", "fill"},
    {"remove", "remove"},
    {"pull", "remove"},
    {"withdraw", "remove"},
    {"extract", "remove"},
    {"unbolt", "remove"},
    {"strip", "remove"},
    {"lever", "remove"},
    {"prise", "remove"},
    {"fit", "fit"},
    {"install", "fit"},
    {"refit", "fit"},
    {"put", "fit"},
    {"insert", "fit"},
    {"mount", "fit"},
    {"slide", "fit"},
    {"push", "fit"},
    {"place", "fit"},
    {"seat", "fit"},
    {"screw", "fit"},
    {"thread", "fit"},
    {"spin", "fit"},
    {"replace", "replace"},
    {"renew", "replace"},
    {"change", "replace"},
    {"swap", "replace"},
    {"tighten", "tighten"},
    {"torque", "tighten"},
    {"nip", "tighten"},
    {"loosen", "loosen"},
    {"slacken", "loosen"},
    {"undo", "loosen"},
    {"crack", "loosen"},
    {"unscrew", "loosen"},
    {"open", "open"},
    {"close", "close"},
    {"shut", "close"},
    {"clean", "clean"},
    {"wipe", "clean"},
    {"wash", "clean"},
    {"brush", "clean"},
    {"blow", "clean"},
    {"rinse", "clean"},
    {"scrape", "clean"},
    {"inspect", "inspect"},
    {"look", "inspect"},
    {"examine", "inspect"},
    {"check", "check"},
    {"test", "check"},
    {"feel", "check"},
    {"listen", "check"},
    {"verify", "check"},
    {"read", "check"},
    {"measure", "measure"},
    {"gauge", "measure"},
    {"lubricate", "lubricate"},
    {"grease", "lubricate"},
    {"oil", "lubricate"},
    {"smear", "lubricate"},
    {"run", "run"},
    {"start", "run"},
    {"idle", "run"},
    {"warm", "run"},
    {"wait", "wait"},
    {"leave", "wait"},
    {"let", "wait"},
    {"mark", "mark"},
    {"label", "mark"},
    {"reset", "reset"},
    {"zero", "reset"},
    {"lift", "lift"},
    {"jack", "lift"},
    {"raise", "lift"},
    {"hoist", "lift"},
    {"lower", "lower"},
    {"drop", "lower"},
    {"pump", "pump"},
    {"prime", "pump"},
    {"bleed", "bleed"},
    {"purge", "bleed"},
    {"vent", "bleed"},
    {"cut", "cut"},
    {"adjust", "adjust"},
    {"set", "adjust"},
    {"record", "record"},
    {"write", "record"},
    {"note", "record"},
    {"dispose", "dispose"},
    {"connect", "connect"},
    {"disconnect", "disconnect"},
}};

const std::map<std::string, std::string_view>& verb_forms() {
    static const auto table = [] {
        std::map<std::string, std::string_view> forms{{"isolate", "disconnect"}, {"unplug", "disconnect"}, {"unhook", "disconnect"}, {"putting", "fit"}, {"pouring", "fill"}};
        for (const auto& [base, canonical] : kVerbs) {
            const std::string b(base);
            forms.emplace(b, canonical);
            const bool e = b.back() == 'e';
            forms.emplace((e ? b.substr(0, b.size() - 1) : b) + "ing", canonical);
            if (b.size() <= 4 && !e) forms.emplace(b + b.back() + "ing", canonical);
        }
        return forms;
    }();
    return table;
}

const Set kParts{"plug", "bolt", "screw", "nut", "washer", "filter", "canister", "element", "strainer", "basket", "belt", "cover", "lid", "cap", "breather", "dipstick", "oil", "coolant",
                 "fluid", "grease", "fuel", "water", "seal", "ring", "gasket", "magnet", "pulley", "hose", "pipe", "valve", "clamp", "clip", "pin", "stud", "chain", "tank", "sump",
                 "housing", "bowl", "mesh", "screen", "bearing", "shaft", "gear", "gearbox", "engine", "motor", "pump", "plate", "guard", "panel", "bracket", "spring", "piston",
                 "rotor", "impeller", "blade", "wheel", "tyre", "tire", "hub", "nipple", "fitting", "union", "cable", "lead", "battery", "terminal", "fuse", "switch", "sensor", "bottle",
                 "can", "pan", "tray", "bucket", "jug", "reservoir", "radiator", "cooler", "line", "injector", "carburettor", "choke", "spark", "coil", "belts", "marks", "mark", "hole",
                 "thread", "groove", "seat", "drive", "head", "box", "case", "casing", "flange", "coupling", "cylinder", "rod", "brake", "disc", "pad", "lever", "handle", "knob", "tap",
                 "cock", "wick", "wing", "barrel", "cartridge", "anode", "zinc", "separator", "tensioner", "sprocket", "jet", "spindle", "chuck", "ram", "mast", "fork", "track"};
const Set kTools{"socket", "spanner", "wrench", "hex", "allen", "key", "bit", "driver", "screwdriver", "ratchet", "hexagon", "ring", "torx", "open-ended", "spanners", "sockets", "af", "head", "flats"};
const Set kModifiers{"the", "a", "an", "old", "new", "drain", "fill", "filler", "level", "oil", "fuel", "air", "copper", "cover", "canister", "suction", "wing", "black", "zinc", "little", "small",
                     "big", "long", "short", "front", "rear", "top", "bottom", "upper", "lower", "o", "spark", "wheel", "of", "more", "drive", "gear", "inlet", "outlet", "main", "left", "right",
                     "side", "lock", "return", "hydraulic", "cooling", "brake", "water", "valve", "good", "clean", "deep", "socket", "cap", "head", "hex", "same"};
const Set kHarm{"careful", "burn", "burns", "scald", "scalds", "danger", "dangerous", "hurt", "hurts", "injury", "injure", "sharp", "poison", "poisonous", "toxic", "explode", "explodes", "crush",
                "crushed", "trapped", "fingers", "finger", "eyes", "goggles", "glasses", "gloves", "sleeves", "sleeve", "lung", "lungs", "breathe", "shock", "electrocuted", "pressure", "spray", "sprays",
                "overtighten", "overtightening", "strips", "stripped", "crossthread", "crossed", "crack", "cracks", "warp", "warps", "seize", "seizes", "flood", "floods", "aluminium", "aluminum", "plastic",
                "leak", "chafe", "acid", "hot", "fire", "smoke", "fumes", "damage", "damages", "ruin", "ruins", "snap", "snaps", "slip", "slippery", "overfill", "overfilled", "warning", "caution"};
const Set kTalk{"morning", "hello", "hi", "welcome", "thanks", "thank", "subscribe", "channel", "sponsor", "neighbour", "neighbor", "coffee", "tea", "lad", "mate", "mother", "brother", "wife", "weather",
                "music", "story", "film", "video", "bye", "cheers", "comments", "afternoon", "evening", "holiday", "football", "lunch", "biscuit", "dog", "lovely", "laugh", "remember", "watching"};
const Set kHedges{"about", "around", "roughly", "maybe", "approximately", "nearly", "almost", "perhaps", "probably", "ish", "guess", "reckon", "think", "suppose", "approx", "somewhere"};

std::string_view singular(std::string_view word) {
    if (word.size() > 3 && word.ends_with("ies")) return word;
    if (word.size() > 3 && word.ends_with("s") && !word.ends_with("ss")) return word.substr(0, word.size() - 1);
    return word;
}

constexpr std::array<std::pair<std::string_view, std::string_view>, 75> kUnits{{
    {"newton metres", "Nm"},
    {"newton meters", "Nm"},
    {"newton metre", "Nm"},
    {"newton meter", "Nm"},
    {"nm", "Nm"},
    {"n m", "Nm"},
    {"newtonmeters", "Nm"},
    {"foot pounds", "lbf.ft"},
    {"foot pound", "lbf.ft"},
    {"foot lbs", "lbf.ft"},
    {"ft lbs", "lbf.ft"},
    {"ft lb", "lbf.ft"},
    {"pound feet", "lbf.ft"},
    {"pounds feet", "lbf.ft"},
    {"pound foot", "lbf.ft"},
    {"lb ft", "lbf.ft"},
    {"inch pounds", "lbf.in"},
    {"inch pound", "lbf.in"},
    {"in lbs", "lbf.in"},
    {"in lb", "lbf.in"},
    {"kilogram metres", "kgf.m"},
    {"newtons", "N"},
    {"newton", "N"},
    {"pounds", "lbf"},
    {"lbs", "lbf"},
    {"litres", "L"},
    {"litre", "L"},
    {"liters", "L"},
    {"liter", "L"},
    {"l", "L"},
    {"millilitres", "mL"},
    {"milliliters", "mL"},
    {"ml", "mL"},
    {"cc", "mL"},
    {"quarts", "qt"},
    {"quart", "qt"},
    {"gallons", "gal"},
    {"gallon", "gal"},
    {"pints", "imppt"},
    {"pint", "imppt"},
    {"ounces", "floz"},
    {"millimetres", "mm"},
    {"millimeters", "mm"},
    {"millimetre", "mm"},
    {"millimeter", "mm"},
    {"mm", "mm"},
    {"mil", "mm"},
    {"mill", "mm"},
    {"mils", "mm"},
    {"centimetres", "cm"},
    {"centimeters", "cm"},
    {"inches", "in"},
    {"inch", "in"},
    {"bar", "bar"},
    {"psi", "psi"},
    {"kpa", "kPa"},
    {"degrees", "degC"},
    {"celsius", "degC"},
    {"minutes", "min"},
    {"minute", "min"},
    {"min", "min"},
    {"seconds", "s"},
    {"second", "s"},
    {"hours", "h"},
    {"hour", "h"},
    {"rpm", "rpm"},
    {"revs", "rpm"},
    {"percent", "%"},
    {"turns", "turn"},
    {"turn", "turn"},
    {"kilometres", "km"},
    {"miles", "mi"},
    {"months", "month"},
    {"weeks", "week"},
    {"years", "year"},
}};

}  // namespace

std::string_view work_verb(std::string_view word) {
    const auto it = verb_forms().find(std::string(word));
    return it == verb_forms().end() ? std::string_view{} : it->second;
}
bool is_part(std::string_view word) { return kParts.contains(word) || kParts.contains(singular(word)); }
bool is_plural_part(std::string_view word) { return singular(word) != word && kParts.contains(singular(word)); }
bool is_tool(std::string_view word) { return kTools.contains(word); }
bool is_modifier(std::string_view word) { return kModifiers.contains(word); }
bool is_harm(std::string_view word) { return kHarm.contains(word); }
bool is_talk(std::string_view word) { return kTalk.contains(word); }
bool is_hedge(std::string_view word) { return kHedges.contains(word); }

std::optional<SpokenUnit> unit_of(std::string_view first, std::string_view second, std::string_view third) {
    const std::string two = std::string(first) + " " + std::string(second);
    for (const auto& [spoken, id] : kUnits)
        if (spoken == two) return SpokenUnit{id, 2};
    if (first == "degrees" && (second == "fahrenheit" || second == "f")) return SpokenUnit{"degF", 2};
    if (first == "degrees" && (second == "celsius" || second == "centigrade" || second == "c")) return SpokenUnit{"degC", 2};
    if (first == "revs" && second == "per" && third == "minute") return SpokenUnit{"rpm", 3};
    for (const auto& [spoken, id] : kUnits)
        if (spoken == first) return SpokenUnit{id, 1};
    if (first == "month") return SpokenUnit{"month", 1};
    if (first == "year") return SpokenUnit{"year", 1};
    if (first == "week") return SpokenUnit{"week", 1};
    if (first == "day" || first == "days") return SpokenUnit{"day", 1};
    return std::nullopt;
}

}  // namespace anagraph::core::lexicon
