// Verbs of work: every verb with the particles and objects that make it an action of a service job.
#include <deque>
#include <unordered_map>
#include <vector>

#include "core/narration/lexicon.h"

namespace anagraph::core::lexicon {
namespace {

// What it is done with, or to, decides: tried before the readings below, but never what a verb usually means.
constexpr VerbPattern kByCompany[] = {
    {"put", "feeler feelers caliper calipers micrometer multimeter thermometer refractometer straightedge", "measure", Need::None},
    {"get", "feeler feelers caliper calipers micrometer multimeter thermometer refractometer", "measure", Need::None},
    {"put", "paint marker chalk label sticker", "mark", Need::None},
    {"put", "bin waste rubbish skip recycling", "dispose", Need::None},
    {"put", "stands ramp ramps hoist", "lift", Need::None},
    {"get", "stands ramp ramps hoist jack", "lift", Need::Object},
    {"get", "muck dirt crud rust sealer sealant gunk", "clean", Need::None},
    {"get", "air bubbles", "bleed", Need::None},
    {"get", "tight", "tighten", Need::Object},
    {"let", "air bubbles", "bleed", Need::None},
    {"fill", "sheet card form logbook", "record", Need::None},
    {"extract", "oil fluid water coolant", "drain", Need::None},
    {"recharge", "", "fill", Need::None},
    {"take", "slack", "adjust", Need::None},
    {"take", "photo photograph picture snap", "record", Need::None},
    {"take", "depot dump recycling", "dispose", Need::None},
    {"draw", "line mark", "mark", Need::None},
    {"draw", "bearing hub pulley seal bush", "remove", Need::None},
    {"drop", "into", "fit", Need::Object},
    {"start", "bolt bolts nut nuts screw screws", "fit", Need::None},
    {"nip", "shut closed", "close", Need::None},
    {"wind", "down", "tighten", Need::Thing},
    {"run", "down", "tighten", Need::Object},
    {"pull", "tight", "tighten", Need::Object},
    {"press", "start", "run", Need::None},
    {"work", "lever levers handle valve gears ram pedal controls", "run", Need::None},
    {"work", "plunger primer", "pump", Need::None},
    {"work", "grease oil lube", "lubricate", Need::None},
    {"drive", "yard block road", "run", Need::None},
    {"bring", "temperature temp", "run", Need::None},
    {"bring", "floor ground down", "lower", Need::Object},
    {"bring", "line level", "adjust", Need::Object},
    {"ease", "jack", "lower", Need::None},
    {"give", "time settle", "wait", Need::None},
    {"have", "feel", "check", Need::None},
    {"see", "if whether", "check", Need::None},
    {"note", "hours reading date number figure down", "record", Need::None},
    {"clear", "fault message warning", "reset", Need::None},
    {"knock", "through", "remove", Need::Object},
    {"slide", "away", "remove", Need::Object},
    {"flip", "lid cover flap", "open", Need::None},
    {"swing", "door doors gate open", "open", Need::None},
    {"latch", "", "close", Need::Object},
    {"pinch", "", "tighten", Need::Thing},
    {"secure", "", "tighten", Need::Object},
    {"eyeball", "", "inspect", Need::None},
    {"jog", "", "run", Need::Object},
    {"cycle", "", "run", Need::Thing},
    {"spray", "", "lubricate", Need::Thing},
    {"wet", "", "lubricate", Need::Thing},
    {"slit", "", "cut", Need::None},
    {"chalk", "", "mark", Need::None},
    {"tag", "", "mark", Need::Thing},
    {"sling", "", "lift", Need::Object},
    {"dial", "in", "adjust", Need::None},
    {"fiddle", "", "adjust", Need::None},
};

// In the order they are tried: a reading with particles stands before the plain one of the same verb.
constexpr VerbPattern kPatterns[] = {
    {"drain", "", "drain", Need::None},
    {"empty", "", "drain", Need::Object},
    {"dump", "", "drain", Need::Object},
    {"siphon", "", "drain", Need::None},
    {"tip", "out away", "drain", Need::None},
    {"suck", "out up", "drain", Need::None},
    {"draw", "off", "drain", Need::None},
    {"fill", "in", "fill", Need::Object},
    {"fill", "", "fill", Need::None},
    {"refill", "", "fill", Need::None},
    {"top", "up off", "fill", Need::None},
    {"pour", "away", "dispose", Need::None},
    {"pour", "", "fill", Need::None},
    {"add", "", "fill", Need::Object},
    {"charge", "", "fill", Need::Fluid},
    {"prime", "", "fill", Need::None},
    {"squirt", "", "fill", Need::None},
    {"squeeze", "in", "fill", Need::None},
    {"inject", "", "fill", Need::None},
    {"take", "off out away down", "remove", Need::None},
    {"take", "density reading measurement", "measure", Need::None},
    {"remove", "", "remove", Need::None},
    {"pull", "off out away back up", "remove", Need::None},
    {"pull", "connector plug lead", "disconnect", Need::None},
    {"pull", "", "remove", Need::Thing},
    {"withdraw", "", "remove", Need::None},
    {"extract", "", "remove", Need::None},
    {"unbolt", "", "remove", Need::None},
    {"unclip", "", "remove", Need::None},
    {"unhook", "", "remove", Need::None},
    {"detach", "", "remove", Need::None},
    {"dismantle", "", "remove", Need::None},
    {"lever", "off out", "remove", Need::None},
    {"lever", "", "adjust", Need::Object},
    {"prise", "", "remove", Need::None},
    {"pry", "", "remove", Need::None},
    {"knock", "out off", "remove", Need::None},
    {"knock", "in on", "fit", Need::None},
    {"drive", "out", "remove", Need::None},
    {"drive", "in", "fit", Need::None},
    {"drift", "out", "remove", Need::None},
    {"tap", "out off", "remove", Need::None},
    {"tap", "in on home", "fit", Need::None},
    {"slide", "out off", "remove", Need::None},
    {"slip", "out off", "remove", Need::None},
    {"lift", "off out away", "remove", Need::None},
    {"peel", "", "remove", Need::None},
    {"strip", "down out", "remove", Need::None},
    {"hook", "out", "remove", Need::None},
    {"hook", "up", "connect", Need::None},
    {"hook", "", "fit", Need::Object},
    {"fish", "out", "remove", Need::None},
    {"pick", "out", "remove", Need::None},
    {"pop", "off out", "remove", Need::None},
    {"get", "off out", "remove", Need::Object},
    {"twist", "off", "remove", Need::None},
    {"draw", "out", "remove", Need::None},
    {"draw", "plug", "remove", Need::None},
    {"wind", "out off", "remove", Need::None},
    {"unwind", "", "remove", Need::None},
    {"unthread", "", "remove", Need::None},
    {"catch", "", "drain", Need::Fluid},
    {"unscrew", "", "remove", Need::None},
    {"disassemble", "", "remove", Need::None},
    {"release", "", "loosen", Need::Thing},
    {"fit", "", "fit", Need::Object},
    {"install", "", "fit", Need::None},
    {"reinstall", "", "fit", Need::None},
    {"refit", "", "fit", Need::None},
    {"replace", "", "replace", Need::None},
    {"renew", "", "replace", Need::None},
    {"change", "", "replace", Need::Thing},
    {"swap", "", "replace", Need::Thing},
    {"exchange", "", "replace", Need::None},
    {"insert", "", "fit", Need::None},
    {"mount", "", "fit", Need::None},
    {"reassemble", "", "fit", Need::None},
    {"assemble", "", "fit", Need::None},
    {"put", "card sheet book log", "record", Need::None},
    {"put", "away", "dispose", Need::None},
    {"put", "grease oil lube paste glycerine smear", "lubricate", Need::None},
    {"put", "litre litres mil quart quarts coolant water fluid cup", "fill", Need::None},
    {"put", "in on back into onto under over through round behind between together", "fit", Need::Object},
    {"put", "", "fit", Need::Thing},
    {"place", "", "fit", Need::Object},
    {"position", "", "fit", Need::Object},
    {"lay", "", "fit", Need::Thing},
    {"seat", "", "fit", Need::Object},
    {"slide", "in on into onto back over under up", "fit", Need::None},
    {"slip", "in on into onto back over under", "fit", Need::None},
    {"stick", "in on back", "fit", Need::Object},
    {"pop", "in on back", "fit", Need::None},
    {"press", "button buttons", "reset", Need::None},
    {"press", "middle thumb halfway run", "measure", Need::None},
    {"press", "in on home into onto", "fit", Need::Thing},
    {"push", "middle thumb", "measure", Need::None},
    {"push", "in on home into onto back", "fit", Need::Thing},
    {"get", "in on back", "fit", Need::Thing},
    {"clip", "", "fit", Need::Object},
    {"snap", "on in", "fit", Need::None},
    {"bolt", "on up down back together", "fit", Need::None},
    {"thread", "in on", "fit", Need::None},
    {"wind", "in on", "fit", Need::None},
    {"spin", "on", "fit", Need::None},
    {"spin", "off", "remove", Need::None},
    {"spin", "in", "fit", Need::None},
    {"screw", "out off", "remove", Need::None},
    {"screw", "in on back down into onto home", "fit", Need::None},
    {"screw", "", "fit", Need::Object},
    {"hang", "", "fit", Need::Object},
    {"tie", "", "fit", Need::Object},
    {"chock", "", "fit", Need::None},
    {"feed", "", "fit", Need::Thing},
    {"route", "", "fit", Need::Thing},
    {"wrap", "", "fit", Need::Thing},
    {"tuck", "", "fit", Need::Object},
    {"start", "by hand thread threads", "fit", Need::None},
    {"offer", "up", "fit", Need::None},
    {"drop", "in back on", "fit", Need::Object},
    {"set", "in on under back", "fit", Need::Thing},
    {"tighten", "", "tighten", Need::None},
    {"retighten", "", "tighten", Need::None},
    {"torque", "", "tighten", Need::None},
    {"nip", "", "tighten", Need::None},
    {"snug", "", "tighten", Need::None},
    {"pinch", "up", "tighten", Need::None},
    {"do", "up", "tighten", Need::None},
    {"cinch", "", "tighten", Need::None},
    {"clamp", "", "tighten", Need::Object},
    {"lock", "down up", "tighten", Need::None},
    {"loosen", "", "loosen", Need::None},
    {"slacken", "", "loosen", Need::None},
    {"undo", "", "loosen", Need::None},
    {"crack", "", "loosen", Need::Object},
    {"ease", "", "loosen", Need::Object},
    {"free", "", "loosen", Need::Object},
    {"back", "off out", "loosen", Need::None},
    {"slack", "off", "loosen", Need::None},
    {"break", "loose", "loosen", Need::None},
    {"unlock", "", "loosen", Need::Object},
    {"unfasten", "", "loosen", Need::None},
    {"open", "", "open", Need::None},
    {"close", "", "close", Need::None},
    {"shut", "down", "none", Need::None},
    {"shut", "", "close", Need::None},
    {"isolate", "", "disconnect", Need::None},
    {"clean", "", "clean", Need::None},
    {"wipe", "", "clean", Need::None},
    {"wash", "", "clean", Need::None},
    {"rinse", "", "clean", Need::None},
    {"brush", "", "clean", Need::None},
    {"blow", "", "clean", Need::Object},
    {"scrape", "", "clean", Need::None},
    {"scrub", "", "clean", Need::None},
    {"flush", "", "clean", Need::None},
    {"degrease", "", "clean", Need::None},
    {"polish", "", "clean", Need::None},
    {"vacuum", "", "clean", Need::None},
    {"sweep", "", "clean", Need::Thing},
    {"dust", "", "clean", Need::Object},
    {"dry", "", "clean", Need::Object},
    {"sand", "", "clean", Need::Object},
    {"soak", "", "clean", Need::Object},
    {"deburr", "", "clean", Need::None},
    {"mop", "", "clean", Need::None},
    {"file", "", "clean", Need::Object},
    {"dress", "", "clean", Need::Object},
    {"hose", "down off", "clean", Need::None},
    {"give", "wipe clean wash rinse brush scrub blow", "clean", Need::None},
    {"give", "check look", "inspect", Need::None},
    {"give", "squeeze squeezes squirt pump pumps shot shots grease", "lubricate", Need::None},
    {"give", "minute minutes seconds hour hours", "wait", Need::None},
    {"give", "turn quarter half eighth nip tweak", "tighten", Need::None},
    {"inspect", "", "inspect", Need::None},
    {"examine", "", "inspect", Need::None},
    {"look", "at for in into inside underneath under round around through over along down behind", "inspect", Need::None},
    {"have", "look", "inspect", Need::None},
    {"take", "look", "inspect", Need::None},
    {"hold", "light window", "inspect", Need::None},
    {"shine", "", "inspect", Need::None},
    {"turn", "over", "inspect", Need::Thing},
    {"study", "", "inspect", Need::Thing},
    {"compare", "", "check", Need::Object},
    {"spot", "", "inspect", Need::Thing},
    {"check", "", "check", Need::None},
    {"test", "", "check", Need::None},
    {"verify", "", "check", Need::None},
    {"confirm", "", "check", Need::None},
    {"feel", "for", "check", Need::None},
    {"feel", "", "check", Need::Object},
    {"listen", "", "check", Need::None},
    {"make", "sure", "check", Need::None},
    {"prove", "", "check", Need::None},
    {"wiggle", "", "check", Need::None},
    {"rock", "", "check", Need::Object},
    {"shake", "", "check", Need::Object},
    {"spin", "", "check", Need::Object},
    {"rotate", "", "check", Need::Object},
    {"try", "", "check", Need::Thing},
    {"read", "", "check", Need::Thing},
    {"dip", "", "check", Need::None},
    {"recheck", "", "check", Need::None},
    {"watch", "", "check", Need::Thing},
    {"tug", "", "check", Need::None},
    {"turn", "by hand", "check", Need::Object},
    {"count", "", "check", Need::Object},
    {"measure", "", "measure", Need::None},
    {"gauge", "", "measure", Need::Thing},
    {"weigh", "", "measure", Need::Object},
    {"lubricate", "", "lubricate", Need::None},
    {"grease", "", "lubricate", Need::None},
    {"oil", "", "lubricate", Need::None},
    {"lube", "", "lubricate", Need::None},
    {"smear", "", "lubricate", Need::None},
    {"dab", "", "lubricate", Need::None},
    {"coat", "", "lubricate", Need::None},
    {"run", "", "run", Need::Switch},
    {"start", "", "run", Need::Switch},
    {"restart", "", "run", Need::None},
    {"idle", "", "run", Need::None},
    {"rev", "", "run", Need::None},
    {"crank", "", "run", Need::None},
    {"warm", "", "run", Need::None},
    {"fire", "up", "run", Need::None},
    {"switch", "on", "run", Need::None},
    {"ride", "", "run", Need::Object},
    {"wait", "", "wait", Need::None},
    {"let", "drain drip drop empty out", "drain", Need::None},
    {"let", "run idle warm", "run", Need::None},
    {"let", "cool settle sit stand soak dry cure rest go", "wait", Need::None},
    {"let", "down", "lower", Need::None},
    {"leave", "for to minute minutes hour hours overnight seconds", "wait", Need::Duration},
    {"allow", "", "wait", Need::Duration},
    {"mark", "", "mark", Need::None},
    {"label", "", "mark", Need::None},
    {"scribe", "", "mark", Need::None},
    {"paint", "line mark", "mark", Need::None},
    {"reset", "", "reset", Need::None},
    {"zero", "", "reset", Need::Object},
    {"clear", "counter light code reminder", "reset", Need::None},
    {"hold", "button buttons", "reset", Need::None},
    {"lift", "", "lift", Need::Object},
    {"raise", "", "lift", Need::None},
    {"jack", "", "lift", Need::None},
    {"hoist", "", "lift", Need::None},
    {"lower", "", "lower", Need::Object},
    {"drop", "down", "lower", Need::Object},
    {"pump", "", "pump", Need::None},
    {"bleed", "", "bleed", Need::None},
    {"vent", "", "bleed", Need::Object},
    {"purge", "", "bleed", Need::None},
    {"cut", "", "cut", Need::Object},
    {"trim", "", "cut", Need::Object},
    {"snip", "", "cut", Need::None},
    {"saw", "", "cut", Need::Thing},
    {"adjust", "", "adjust", Need::None},
    {"align", "", "adjust", Need::None},
    {"line", "up", "adjust", Need::None},
    {"set", "", "adjust", Need::Thing},
    {"tension", "", "adjust", Need::None},
    {"regulate", "", "adjust", Need::None},
    {"centre", "", "adjust", Need::None},
    {"center", "", "adjust", Need::None},
    {"straighten", "", "adjust", Need::None},
    {"turn", "up down", "adjust", Need::Object},
    {"shim", "", "adjust", Need::None},
    {"turn", "clockwise anticlockwise inwards outwards", "adjust", Need::Object},
    {"move", "", "adjust", Need::Thing},
    {"record", "", "record", Need::None},
    {"write", "", "record", Need::None},
    {"note", "", "record", Need::Object},
    {"log", "", "record", Need::Object},
    {"enter", "", "record", Need::Object},
    {"sign", "", "record", Need::None},
    {"jot", "", "record", Need::None},
    {"initial", "", "record", Need::Object},
    {"dispose", "", "dispose", Need::None},
    {"throw", "away out in", "dispose", Need::None},
    {"bin", "", "dispose", Need::Object},
    {"recycle", "", "dispose", Need::None},
    {"discard", "", "dispose", Need::None},
    {"chuck", "out away in", "dispose", Need::None},
    {"connect", "", "connect", Need::None},
    {"reconnect", "", "connect", Need::None},
    {"plug", "in", "connect", Need::None},
    {"attach", "", "connect", Need::None},
    {"couple", "", "connect", Need::Object},
    {"disconnect", "", "disconnect", Need::None},
    {"unplug", "", "disconnect", Need::None},
    {"uncouple", "", "disconnect", Need::None},
    {"pack", "grease", "lubricate", Need::None},
    {"poke", "", "clean", Need::Object},
    {"rub", "between", "inspect", Need::None},
    {"rub", "", "clean", Need::Object},
    {"squeeze", "", "inspect", Need::Thing},
    {"tick", "over", "run", Need::None},
    {"punch", "out through", "remove", Need::None},
};

struct Irregular {
    std::string_view lemma, past, participle;
};
constexpr Irregular kIrregular[] = {{"take", "took", "taken"}, {"put", "put", "put"}, {"get", "got", "gotten"}, {"undo", "undid", "undone"},
    {"do", "did", "done"}, {"let", "let", "let"}, {"leave", "left", "left"}, {"give", "gave", "given"}, {"hold", "held", "held"},
    {"lay", "laid", "laid"}, {"set", "set", "set"}, {"run", "ran", "run"}, {"blow", "blew", "blown"}, {"draw", "drew", "drawn"},
    {"drive", "drove", "driven"}, {"cut", "cut", "cut"}, {"shut", "shut", "shut"}, {"write", "wrote", "written"}, {"read", "read", "read"},
    {"feel", "felt", "felt"}, {"hang", "hung", "hung"}, {"stick", "stuck", "stuck"}, {"spin", "spun", "spun"}, {"bleed", "bled", "bled"},
    {"throw", "threw", "thrown"}, {"slide", "slid", "slid"}, {"withdraw", "withdrew", "withdrawn"}, {"shake", "shook", "shaken"},
    {"wind", "wound", "wound"}, {"unwind", "unwound", "unwound"}, {"sweep", "swept", "swept"}, {"make", "made", "made"},
    {"fit", "fit", "fitted"}, {"reset", "reset", "reset"}, {"ride", "rode", "ridden"}, {"break", "broke", "broken"}, {"feed", "fed", "fed"},
    {"have", "had", "had"}, {"catch", "caught", "caught"}, {"shine", "shone", "shone"}, {"split", "split", "split"}};

bool vowel(char c) { return std::string_view("aeiou").find(c) != std::string_view::npos; }

struct Table {
    std::deque<std::string> held;  // the spelt forms the map points into
    std::unordered_map<std::string_view, VerbForm> forms;

    Table() {
        std::unordered_map<std::string_view, std::vector<VerbPattern>> by_lemma;
        std::vector<std::string_view> order;
        std::unordered_map<std::string_view, const VerbPattern*> usual;
        const auto take = [&](const VerbPattern& p) {
            auto& list = by_lemma[p.lemma];
            if (list.empty()) order.push_back(p.lemma);
            list.push_back(p);
        };
        for (const auto& p : kByCompany) take(p);
        for (const auto& p : kPatterns) {
            take(p);
            usual.emplace(p.lemma, &p);
        }
        for (const auto lemma : order) {
            lists.push_back(std::move(by_lemma[lemma]));
            const auto it = usual.find(lemma);
            add_forms(lemma, lists.back(), it == usual.end() ? nullptr : it->second);
        }
    }

    void add(std::string form, Form kind, const std::vector<VerbPattern>& list, const VerbPattern* usual) {
        held.push_back(std::move(form));
        forms.emplace(held.back(), VerbForm{kind, list, usual});  // the first reading of a spelling stays
    }

    void add_forms(std::string_view lemma, const std::vector<VerbPattern>& list, const VerbPattern* usual) {
        const std::string base(lemma);
        add(base, Form::Base, list, usual);
        const bool hissing = base.ends_with("s") || base.ends_with("sh") || base.ends_with("ch") || base.ends_with("x");
        const bool y = base.ends_with("y") && !vowel(base[base.size() - 2]);
        add(y ? base.substr(0, base.size() - 1) + "ies" : base + (hissing || base == "do" ? "es" : "s"), Form::Third, list, usual);
        std::string stem = base.ends_with("e") && base != "free" ? base.substr(0, base.size() - 1) : base;
        add(stem + "ing", Form::Ing, list, usual);
        for (const auto& i : kIrregular)
            if (i.lemma == lemma) {
                add(std::string(i.past), Form::Past, list, usual);
                add(std::string(i.participle), Form::Past, list, usual);
            }
        add(y ? base.substr(0, base.size() - 1) + "ied" : stem + "ed", Form::Past, list, usual);
        const std::size_t n = base.size();
        const bool closed = n >= 3 && !vowel(base[n - 1]) && vowel(base[n - 2]) && !vowel(base[n - 3]) &&
            std::string_view("wxy").find(base[n - 1]) == std::string_view::npos;
        if (closed || base == "plug" || base == "unplug") {
            add(base + base.back() + "ing", Form::Ing, list, usual);
            add(base + base.back() + "ed", Form::Past, list, usual);
        }
    }

    std::deque<std::vector<VerbPattern>> lists;
};

}  // namespace

std::optional<VerbForm> work_verb(std::string_view word) {
    static const Table table;
    const auto it = table.forms.find(word);
    return it == table.forms.end() ? std::nullopt : std::optional(it->second);
}

}  // namespace anagraph::core::lexicon
