#include "core/editing/line_orders.h"

#include <algorithm>
#include <array>
#include <set>

#include "core/editing/item_names.h"
#include "core/editing/line_words.h"
#include "core/narration/lexicon.h"

namespace anagraph::core {
namespace {

// -- the words of the grammar --------------------------------------------------------------------------------------------

constexpr WordList kDeterminers{
    "the a an it them this that these those your its their his her both each every all any some one two three four five six seven eight"};
constexpr WordList kDescribing{
    "new old clean dry fresh upper lower inner outer left right front rear top bottom first second used spare other same whole"};
constexpr WordList kPronouns{"it them these those this both"};
constexpr WordList kParticles{"in on off out up down back away aside apart over together home forward through round around"};
constexpr WordList kAtOnce{"off out up down back away apart aside together"};           // behind the verb they never begin a place
constexpr WordList kPutsInOn{"screw wind thread spin push put plug slip switch turn"};  // "put on the cover" puts the cover on
constexpr WordList kPlaces{
    "with using into onto under underneath below above beneath beside behind from of at to for against between across by inside near "
    "towards along past in on over through round around off out"};
constexpr WordList kStates{"until till when if so because while which where before after as unless once whether"};
constexpr WordList kLeading{"then now next again first finally also please always carefully slowly gently fully just lightly"};
constexpr WordList kForbids{"not never don't dont no avoid"};
constexpr WordList kWaste{"waste bin scrap disposal recycling rubbish drum skip"};

// What a thing is called where its kind does not tell what is done to it.
constexpr WordList kPlugged{"connector battery cable lead terminal hose pipe harness wiring socket coupling coupler line"};
constexpr WordList kValves{"tap valve cock isolator switch breaker"};
constexpr WordList kLocks{"lock tag padlock locks tags padlocks lock-off lockout"};

/// What is in hand of a clause.
struct Phrase {
    std::string verb;
    std::vector<std::string> particles;
    std::vector<ItemId> direct;
    struct At {
        std::string place;  // the word that leads to it: "with", "into"
        ItemId item;
        bool fresh = false;  // "with a new washer"
    };
    std::vector<At> at;
    std::vector<std::string> nouns;  // of the object, where no token names it
    std::vector<std::string> rest;   // the words of its places
    FigureId figure;
    bool pronoun = false;
    bool fresh = false;  // "a new"
    bool by_hand = false;
    bool more = false;  // "further", "more"
    bool has(std::string_view particle) const { return std::find(particles.begin(), particles.end(), particle) != particles.end(); }
    bool has_any(const WordList& list) const {
        return std::any_of(particles.begin(), particles.end(), [&](const std::string& p) { return list.has(p); });
    }
    bool speaks_of(const WordList& list) const {
        const auto in = [&](const std::string& w) { return list.has(w); };
        return std::any_of(nouns.begin(), nouns.end(), in) || std::any_of(rest.begin(), rest.end(), in);
    }
};

/// Whole senses: a verb that means one thing whatever it is done to.
struct Sense {
    WordList verbs;
    std::string_view canonical;
};
constexpr std::array kPlain{Sense{"drain empty siphon syphon", "drain"}, Sense{"tighten torque nip retighten", "tighten"},
    Sense{"loosen undo slacken crack ease untighten", "loosen"},
    Sense{"remove unscrew unbolt withdraw extract prise dismantle detach strip unclip", "remove"},
    Sense{"replace renew change swap exchange", "replace"},
    Sense{"fit refit install reinstall mount insert attach reattach seat refasten", "fit"},
    Sense{"clean wipe wash rinse brush scrape degrease flush dust blow", "clean"}, Sense{"grease lubricate oil smear coat", "lubricate"},
    Sense{"inspect examine look compare listen watch view observe", "inspect"}, Sense{"check verify ensure test try feel confirm", "check"},
    Sense{"measure gauge read weigh", "measure"}, Sense{"record note log enter", "record"},
    Sense{"mark label scribe paint draw punch", "mark"}, Sense{"reset zero", "reset"}, Sense{"bleed vent purge", "bleed"},
    Sense{"cut saw trim snip shear", "cut"}, Sense{"adjust align centre center calibrate", "adjust"}, Sense{"hold", "hold"},
    Sense{"wait", "wait"}, Sense{"dispose discard", "dispose"}, Sense{"connect reconnect couple", "connect"},
    Sense{"disconnect unplug uncouple", "disconnect"}, Sense{"isolate", "isolate"}, Sense{"unlock", "release"},
    Sense{"jack hoist raise", "lift"}, Sense{"lower", "lower"}, Sense{"place position lay spread", "place"}, Sense{"open", "open"},
    Sense{"close shut", "close"}, Sense{"stop", "stop"}, Sense{"idle", "run"}, Sense{"refill", "fill"}};
/// Verbs whose sense hangs on their particle and on what they are done to.
constexpr WordList kOther{
    "put set turn screw wind thread spin take lift pull push slide slip let pour top fill add lock switch run start make see write press "
    "pump work stroke plug release free drop finish throw hang stand drive tap hook give bring move drag roll warm cool leave catch "
    "collect tip suck draw support do secure clip twist tug rest block chock prime"};

bool is_verb(std::string_view w) {
    return kOther.has(w) || std::any_of(kPlain.begin(), kPlain.end(), [&](const Sense& s) { return s.verbs.has(w); });
}

/// Does a thing begin at word i: what a place leads to, and what a verb is done to?
bool thing_at(const std::vector<LineWord>& words, std::size_t i, std::size_t end) {
    if (i >= end) return false;
    const auto& w = words[i];
    return w.kind != TokenKind::Words || kDeterminers.has(w.lower) || kDescribing.has(w.lower) ||
        lexicon::is(lexicon::Class::Thing, w.lower) || lexicon::is(lexicon::Class::Part, w.lower);
}

bool may_be_thing(std::string_view word) {
    using lexicon::Class;
    return lexicon::is(Class::Thing, word) || lexicon::is(Class::Part, word) || lexicon::is(Class::Fluid, word);
}

/// Does the sentence from word i on tell something ("oil on the lever is normal") rather than order it?
bool tells(const std::vector<LineWord>& words, std::size_t i) {
    constexpr WordList kTelling{"is are was were means must may might can will would should has have had does shows"};
    for (; i < words.size() && !kStates.has(words[i].lower); ++i) {
        if (kTelling.has(words[i].lower)) return true;
        if (words[i].stop != ' ') return false;
    }
    return false;
}

/// Can the verb at word i open a clause: is there something after it that a verb is followed by?
bool opens(const std::vector<LineWord>& words, std::size_t i) {
    if (i >= words.size() || words[i].kind != TokenKind::Words || !is_verb(words[i].lower)) return false;
    if (i + 1 >= words.size() || words[i].stop != ' ') return true;
    const auto& next = words[i + 1];
    if (next.kind != TokenKind::Words || kDeterminers.has(next.lower) || kDescribing.has(next.lower)) return true;
    if (!may_be_thing(words[i].lower)) return true;
    // a word that may be a thing as well needs more behind it: "seat" in "clean the plug and seat" is none
    return (kParticles.has(next.lower) || kPlaces.has(next.lower) || kStates.has(next.lower) || kLeading.has(next.lower)) &&
        !tells(words, i + 1);
}

struct Kinds {
    const std::vector<Item>& items;
    const Item* find(const ItemId& id) const {
        const auto it = std::find_if(items.begin(), items.end(), [&](const Item& i) { return i.id == id; });
        return it == items.end() ? nullptr : &*it;
    }
    bool is(const ItemId& id, ItemKind kind) const {
        const auto* item = find(id);
        return item != nullptr && item->kind == kind;
    }
    bool named(const ItemId& id, const WordList& words) const {
        const auto* item = find(id);
        return item != nullptr && called(item->name, words);
    }
    bool stands(const ItemId& id) const {
        const auto* item = find(id);
        return item != nullptr && is_stand(item->name);
    }
    bool any(const std::vector<ItemId>& ids, ItemKind kind) const {
        return std::any_of(ids.begin(), ids.end(), [&](const ItemId& i) { return is(i, kind); });
    }
    bool any_named(const std::vector<ItemId>& ids, const WordList& words) const {
        return std::any_of(ids.begin(), ids.end(), [&](const ItemId& i) { return named(i, words); });
    }
};

Phrase phrase_of(const std::vector<LineWord>& words, std::size_t verb, std::size_t end) {
    Phrase p;
    p.verb = words[verb].lower;
    std::string place;
    bool fresh = false;
    for (std::size_t i = verb + 1; i < end; ++i) {
        const auto& w = words[i];
        if (w.kind == TokenKind::Figure) {
            if (p.figure.empty()) p.figure = FigureId(w.id);
            continue;
        }
        if (w.is_item()) {
            if (place.empty()) {
                p.direct.emplace_back(w.id);
                p.fresh = p.fresh || fresh;
            } else {
                p.at.push_back({place, ItemId(w.id), fresh});
            }
            fresh = false;
            continue;
        }
        if (kStates.has(w.lower)) break;
        if (w.lower == "hand" || w.lower == "fingers")
            p.by_hand = p.by_hand || (i > 0 && words[i - 1].lower == "by") || w.lower == "fingers";
        if (w.lower == "more" || w.lower == "further") p.more = true;
        const bool ends = i + 1 >= end || w.stop != ' ' || !thing_at(words, i + 1, end);
        const bool behind_verb = i == verb + 1 && (kAtOnce.has(w.lower) || (WordList{"in on"}.has(w.lower) && kPutsInOn.has(p.verb)));
        if (kParticles.has(w.lower) && (ends || behind_verb)) {
            p.particles.push_back(w.lower);
        } else if (kPlaces.has(w.lower)) {
            place = w.lower;
            if (w.lower == "off" || w.lower == "out") p.particles.push_back(w.lower);  // "off the pipe" takes it away as well
        } else if (kPronouns.has(w.lower) && place.empty() && p.direct.empty() &&
            (i + 1 >= end || words[i + 1].kind == TokenKind::Figure || !thing_at(words, i + 1, end) || w.stop != ' ')) {
            p.pronoun = true;
        } else if (w.lower == "new" || w.lower == "fresh") {
            fresh = true;
            if (place.empty()) p.nouns.push_back(w.lower);
        } else if ((w.lower == "one" || w.lower == "ones") && fresh && place.empty()) {
            p.pronoun = p.fresh = true;  // "fit a new one"
        } else if (place.empty()) {
            p.nouns.push_back(w.lower);
        } else {
            p.rest.push_back(w.lower);
        }
    }
    return p;
}

/// The verb the phrase comes to; empty where it orders nothing known.
std::string verb_of(const Phrase& p, const std::vector<ItemId>& items, const Kinds& k, const LineOrder* before) {
    const auto& v = p.verb;
    const auto on = [&](const WordList& list) { return list.has(v); };
    const bool fluid = k.any(items, ItemKind::Fluid);
    const bool vessel = k.any(items, ItemKind::Vessel);
    const bool electrical = k.any_named(items, kPlugged);
    const bool machine = k.any_named(items, lexicon::kMachines) || (items.empty() && p.speaks_of(lexicon::kMachines));
    const bool valve = k.any_named(items, kValves) || p.speaks_of(kValves);
    const bool away = p.has_any(WordList{"off out away apart"});
    const bool lock = (p.speaks_of(kLocks) || k.any_named(items, kLocks));
    const bool to_waste = p.speaks_of(kWaste);

    // -- what is said of locks, wastes and new parts, whatever the verb
    if (lock && on("take remove lift pull")) return "release";
    if (lock && on("hang put place fit fix attach lock")) return "isolate";
    if (v == "lock") return "isolate";
    if (to_waste && on("put take throw drop pour tip bring place move empty")) return "dispose";
    if (p.fresh && on("put fit refit install mount insert slip slide screw wind thread turn spin place push set press attach"))
        return "replace";

    if (v == "do") return p.has("up") ? "tighten" : "";
    if (on("close shut stop") && machine) return "stop";
    if (on("ease crack undo loosen free tap") && away) return "remove";
    if (v == "make" || v == "see") return p.nouns.empty() ? "" : "check";
    if (v == "let" || v == "leave") {
        const auto says = [&](const WordList& list) { return p.speaks_of(list); };
        if (p.has("down") || says("down")) return "lower";
        if (says("pressure air vacuum steam") && p.has("out")) return "bleed";
        if (says("drain run drip flow empty") && (fluid || !machine)) return "drain";
        if (says("run idle warm")) return "run";
        return "wait";
    }
    if (v == "cool" || v == "rest") return "wait";
    if (v == "warm") return "run";
    if (v == "press" || v == "push") {
        if (v == "press" && !p.figure.empty()) return "check";
        if (vessel || p.has("aside")) return "place";
        if (away) return "remove";
        if (p.has_any(WordList{"on in home back over"}) || !p.at.empty())
            return v == "push" && electrical && p.has("in") ? "connect" : vessel ? "place" : "fit";
        return "";
    }
    if (v == "write")
        return p.speaks_of(WordList{"on"}) ||
                std::any_of(p.at.begin(), p.at.end(), [](const Phrase::At& a) { return a.place == "on" || a.place == "onto"; })
            ? "mark"
            : "record";
    if (on("pour top fill add prime")) return "fill";
    if (on("tip suck")) return "drain";
    if (on("catch collect")) return fluid ? "drain" : "";
    if (v == "draw" && fluid) return "drain";
    if (on("turn screw wind thread spin twist drive run start switch")) {
        if (v == "start" && p.by_hand) return "fit";
        if (v == "switch" || (on("turn") && (machine || valve) && p.has_any(WordList{"off on"}))) {
            if (valve && v != "switch") return p.has("off") ? "close" : "open";
            return p.has("off") ? "stop" : "run";
        }
        if (on("run start") && (machine || items.empty()) && !p.has("in")) return "run";
        if (away) return "remove";
        if (p.speaks_of(WordList{"anticlockwise counterclockwise"})) return "loosen";
        if (p.by_hand && p.particles.empty() && on("turn spin")) return p.speaks_of(WordList{"check see feel"}) ? "check" : "";
        if (!p.figure.empty() || p.more) return v == "run" || v == "start" ? "run" : "tighten";
        const bool somewhere =
            std::any_of(p.at.begin(), p.at.end(), [](const Phrase::At& a) { return WordList{"into in on onto over"}.has(a.place); });
        if (p.has_any(WordList{"in on home up"}) || p.by_hand || somewhere) return "fit";
        return on("run start") ? "run" : "";
    }
    if (on("pump work stroke")) return "pump";
    if (v == "plug") return away ? "disconnect" : "connect";
    if (v == "clip") return away ? "remove" : electrical ? "connect" : "fit";
    if (v == "release") return p.speaks_of(WordList{"pressure"}) ? "bleed" : lock || items.empty() ? "release" : "loosen";
    if (v == "free") return "loosen";
    if (v == "finish") return before == nullptr ? "" : before->verb == "loosen" ? "remove" : before->verb == "fit" ? "tighten" : "";
    if (on("take pull lift tug drag")) {
        const bool with_a_tool =
            std::any_of(p.at.begin(), p.at.end(), [&](const Phrase::At& a) { return a.place == "with" && k.is(a.item, ItemKind::Tool); });
        if (v == "lift" && (machine || p.has("up") || with_a_tool) && !away) return "lift";
        if (electrical && away) return "disconnect";
        if (away || v == "pull" || v == "tug") return "remove";
        if (v == "take") return fluid && !p.has("down") ? "dispose" : "remove";
        return p.has("up") || items.empty() ? "lift" : "remove";
    }
    if (on("put set slide slip drop hang stand tap hook give bring move roll throw support secure block chock")) {
        if (v == "throw") return "dispose";
        if (v == "set") {
            if (p.has("back")) return "reset";
            if (p.has("down")) return machine ? "lower" : "place";
            if (!p.figure.empty() || p.speaks_of(WordList{"gap clearance stop"})) return "adjust";
        }
        if (p.has_any(WordList{"aside out away"})) return v == "slide" || v == "slip" ? "remove" : "place";
        if (p.has("off")) return "remove";
        const bool on_stands = std::any_of(p.at.begin(), p.at.end(), [&](const Phrase::At& a) { return k.stands(a.item); });
        if (v == "support" || v == "chock" || v == "block") return "place";
        if (machine && on_stands) return "lower";
        const bool into_vessel = std::any_of(p.at.begin(), p.at.end(), [&](const Phrase::At& a) { return k.is(a.item, ItemKind::Vessel); });
        if (into_vessel && !fluid) return "place";
        if (fluid) return "fill";
        if (vessel || k.any(items, ItemKind::Tool) || std::any_of(p.at.begin(), p.at.end(), [](const Phrase::At& a) {
                return a.place == "under" || a.place == "beside" || a.place == "below";
            }))
            return "place";
        return electrical && p.has("in") ? "connect" : "fit";
    }
    if (v == "torque" || v == "tighten") return p.by_hand && p.figure.empty() ? "fit" : "tighten";
    if (v == "remove" && electrical && k.any_named(items, WordList{"connector cable lead terminal"})) return "disconnect";
    for (const auto& sense : kPlain)
        if (sense.verbs.has(v)) return std::string(sense.canonical);
    return {};
}

/// What is done to it, and what it is done with or into.
void share_out(const Phrase& p, const Kinds& k, std::vector<ItemId>& items, std::vector<ItemId>& needs) {
    const auto add = [](std::vector<ItemId>& list, const ItemId& id) {
        if (std::find(list.begin(), list.end(), id) == list.end()) list.push_back(id);
    };
    const bool looks = WordList{"check make see verify ensure confirm compare"}.has(p.verb);
    for (const auto& id : p.direct)
        if (!looks || items.empty() || p.verb == "check") add(items, id);
    for (const auto& a : p.at) {
        const bool tool = k.is(a.item, ItemKind::Tool);
        const bool vessel = k.is(a.item, ItemKind::Vessel);
        const bool gear = k.is(a.item, ItemKind::Protection);
        if ((a.place == "with" || a.place == "using" || a.place == "by") && (tool || vessel || gear))
            add(needs, a.item);
        else if (vessel && WordList{"into in to under onto on over below"}.has(a.place))
            add(needs, a.item);
        else if (tool && WordList{"on onto in under"}.has(a.place))
            add(needs, a.item);
    }
    // what is filled is the fluid, whatever it is filled into
    if (WordList{"fill refill top prime"}.has(p.verb))
        for (const auto& a : p.at)
            if (a.place == "with" && k.is(a.item, ItemKind::Fluid)) {
                items = {a.item};
                return;
            }
    if (!items.empty() || p.pronoun) return;
    // nothing it is done to directly: what it is done at, to, on or of ("look at the plug", "grease on the seal")
    std::string chosen;
    for (const auto& a : p.at) {
        if (k.is(a.item, ItemKind::Tool) || k.is(a.item, ItemKind::Vessel) || a.place == "with" || a.place == "using") continue;
        if (chosen.empty()) chosen = a.place;
        if (a.place == chosen) add(items, a.item);
    }
}

/// The parts of a line that are read each for itself: from a verb that opens a clause to the next.
struct Clause {
    std::size_t verb;
    std::size_t end;
};
std::vector<Clause> clauses_of(const std::vector<LineWord>& words, std::vector<ItemId>& led_by, const Kinds& k) {
    std::vector<Clause> out;
    bool begins = true;      // a clause may begin here
    bool forbidden = false;  // up to the next full stop
    bool state = false;      // up to the next comma: "when the oil has run out,"
    for (std::size_t i = 0; i < words.size(); ++i) {
        const auto& w = words[i];
        const char stop = i == 0 ? '.' : words[i - 1].stop;
        if (i > 0 && (stop == '.' || stop == ';' || stop == '!' || stop == '?')) {
            begins = true;
            forbidden = false;
            state = false;
        } else if (i > 0 && (stop == ',' || stop == ':')) {
            begins = true;
            state = false;
        }
        if (w.lower == "and" || w.lower == "then") {
            begins = true;
            continue;
        }
        if (begins && kForbids.has(w.lower)) forbidden = true;
        if (begins && (w.lower == "do" || w.lower == "must") && i + 1 < words.size() && words[i + 1].lower == "not") forbidden = true;
        if (begins && kStates.has(w.lower) && (i == 0 || words[i - 1].stop != ' ')) state = true;
        if (begins && (w.lower == "with" || w.lower == "using") && out.empty()) {
            // "With the 17 mm socket, undo the plug."
            for (std::size_t n = i + 1; n < words.size(); ++n) {
                if (words[n].is_item() && (k.is(ItemId(words[n].id), ItemKind::Tool) || k.is(ItemId(words[n].id), ItemKind::Vessel)))
                    led_by.emplace_back(words[n].id);
                if (words[n].stop != ' ') break;
            }
            begins = false;
            continue;
        }
        if (begins && kLeading.has(w.lower) && !is_verb(w.lower)) continue;
        if (begins && !forbidden && !state && opens(words, i)) {
            if (!out.empty() && out.back().end > i) out.back().end = i;
            out.push_back({i, words.size()});
        } else if (begins && !out.empty() && stop != ' ' && (stop == '.' || stop == ';')) {
            if (out.back().end > i) out.back().end = i;
        }
        begins = false;
    }
    // the joining words belong to no clause
    for (auto& c : out)
        while (c.end > c.verb + 1 && c.end < words.size() && (words[c.end - 1].lower == "and" || words[c.end - 1].lower == "then")) --c.end;
    return out;
}

/// What "it" and "a new one" stand for: what the order before was done to, else the thing named last.
std::vector<ItemId> meant_by_it(const std::vector<LineWord>& words, std::size_t before, const std::vector<LineOrder>& orders) {
    if (!orders.empty() && !orders.back().items.empty()) return orders.back().items;
    for (std::size_t i = before; i-- > 0;)
        if (words[i].is_item()) return {ItemId(words[i].id)};
    return {};
}

}  // namespace

std::vector<LineOrder> line_orders(std::string_view line, const std::vector<Item>& items) {
    const auto words = line_words(line);
    const Kinds kinds{items};
    std::vector<ItemId> led_by;
    std::vector<LineOrder> out;
    for (const auto& clause : clauses_of(words, led_by, kinds)) {
        const Phrase p = phrase_of(words, clause.verb, clause.end);
        LineOrder order;
        share_out(p, kinds, order.items, order.needs);
        const bool of_it = std::any_of(p.nouns.begin(), p.nouns.end(), [](const std::string& w) { return w == "its" || w == "their"; });
        if ((p.pronoun || of_it) && order.items.empty()) order.items = meant_by_it(words, clause.verb, out);
        order.verb = verb_of(p, order.items, kinds, out.empty() ? nullptr : &out.back());
        if (order.verb.empty()) continue;
        order.figure = p.figure;
        if (order.verb == "isolate" || order.verb == "release") order.items.clear();
        if (out.empty())
            for (const auto& id : led_by) order.needs.push_back(id);
        // one thing said twice: "lock it off and hang your tag on it"; "to 20, then to 40"
        if (!out.empty() && out.back().verb == order.verb && out.back().items == order.items && order.needs.empty()) continue;
        // "with a new gasket": it is renewed, and then the thing is fitted
        for (const auto& a : p.at)
            if (a.fresh && (a.place == "with" || a.place == "over" || a.place == "on") && !kinds.is(a.item, ItemKind::Fluid) &&
                !kinds.is(a.item, ItemKind::Tool) &&
                (order.verb == "fit" || order.verb == "close" || order.verb == "tighten" || order.verb == "connect"))
                out.push_back({"replace", {a.item}, {}, {}});
        out.push_back(std::move(order));
    }
    return out;
}

}  // namespace anagraph::core
