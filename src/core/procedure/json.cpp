#include "core/procedure/json.h"

#include <fmt/format.h>

#include <algorithm>
#include <nlohmann/json.hpp>

namespace anagraph::core {
namespace {

using nlohmann::json;

/// Thrown inside this file only, to leave a nested reading at once; turned into an Error at its two entries.
struct Wrong {
    std::string message;
};

// -- writing ---------------------------------------------------------------------------------------------------------

template <class Kind>
json js(const Id<Kind>& id) { return id.text(); }
json js(const std::string& s) { return s; }
json js(const FrameTime& t) { return t.text(); }
template <class T>
json js(const std::vector<T>& list);
template <class T>
json js(const std::optional<T>& value);
/// Adds a field that most things do not have: it is written only where it says something.
template <class T>
void add_if(json& j, const char* name, const T& value) {
    if (!value.empty()) j[name] = js(value);
}
json js(const FigureValue& v) {
    json j{{"low", v.low}, {"high", v.high}, {"unit", v.unit}};
    if (v.limit != Limit::None) j["limit"] = v.limit == Limit::AtMost ? "at most" : "at least";
    add_if(j, "before", v.before);
    add_if(j, "turn", v.turn);
    return j;
}
json js(const Looked& l) { return {{"where", l.where}, {"who", l.who}, {"on", l.on}}; }
json js(const Segment& s) { return {{"from", js(s.start)}, {"to", js(s.end)}, {"text", s.text}, {"speaker", s.speaker}}; }
json js(const Anchor& a) { return {{"said", js(a.said)}, {"film", js(a.film)}}; }
json js(const SpeakerFrom& s) { return {{"at", js(s.at)}, {"name", s.name}}; }
json js(const Alongside& a) { return {{"with", js(a.with)}, {"shift", js(a.shift)}}; }
json js(const RecordingUse::Dismissed& d) { return {{"at", js(d.at)}, {"what", d.what}}; }
json js(const Note& n) { return {{"kind", name_of(n.kind)}, {"at", js(n.at)}, {"text", n.text}}; }
json js(const Correction& c) { return {{"at", js(c.at)}, {"text", c.text}}; }
json js(const RecordingUse& r) {
    return {{"id", js(r.id)}, {"title", r.title}, {"dismissed", js(r.dismissed)}, {"notes", js(r.notes)}, {"corrections", js(r.corrections)}, {"typed", js(r.typed)}, {"anchors", js(r.anchors)}, {"speakers", js(r.speakers)}, {"alongside", js(r.alongside)}};
}
json js(const Item& i) { return {{"id", js(i.id)}, {"kind", name_of(i.kind)}, {"name", i.name}, {"spec", i.spec}, {"number", i.number}}; }
json js(const Source& s) {
    json j{{"id", js(s.id)}, {"kind", name_of(s.kind)}, {"title", s.title}, {"edition", s.edition}};
    add_if(j, "date", s.date);
    add_if(j, "variants", s.variants);
    add_if(j, "serials", s.serials);
    add_if(j, "document", s.document);
    add_if(j, "instrument", s.instrument);
    return j;
}
json js(const Claim& c) { return {{"recording", js(c.recording)}, {"at", js(c.at)}, {"words", c.words}, {"value", js(c.value)}}; }
json js(const PageSpot& s) { return {{"page", s.page}, {"box", json::array({s.left, s.top, s.right, s.bottom})}}; }
json js(const Proof& p) {
    json j{{"source", js(p.source)}, {"place", p.place}, {"value", js(p.value)}};
    if (p.spot) j["spot"] = js(*p.spot);
    add_if(j, "slack", p.slack);
    return j;
}
json js(const LevelRule& r) { return {{"temperature", name_of(r.temperature)}, {"engine", name_of(r.engine)}, {"minutes_after", fmt::format("{}", r.minutes_after)}, {"gauge", name_of(r.gauge)}}; }
json js(const Figure& f) {
    json j{{"id", js(f.id)}, {"kind", name_of(f.kind)}, {"item", js(f.item)}, {"purpose", f.purpose}, {"value", js(f.value)}, {"tolerance", f.tolerance}, {"claims", js(f.claims)}, {"proofs", js(f.proofs)}, {"settled", f.settled}};
    add_if(j, "variants", f.variants);
    add_if(j, "condition", f.condition);
    add_if(j, "looked", f.looked);
    add_if(j, "replaces", f.replaces);
    if (f.level) j["level"] = js(*f.level);
    return j;
}
json js(const Take& t) { return {{"recording", js(t.recording)}, {"from", js(t.from)}, {"to", js(t.to)}}; }
json js(const Caution& c) {
    json j{{"signal", name_of(c.signal)}, {"text", c.text}};
    add_if(j, "hazard", c.hazard);
    return j;
}
json js(const Term& t) { return {{"word", t.word}, {"meaning", t.meaning}}; }
json js(const Answered& a) { return {{"rule", a.rule}, {"text", a.text}, {"because", a.because}}; }
json js(const Action& a) { return {{"verb", a.verb}, {"items", js(a.items)}, {"figure", js(a.figure)}}; }
json js(const Check& c) { return {{"look", c.look}, {"good", c.good}, {"stop", c.stop}, {"shown", js(c.shown)}}; }
json js(const Wait& w) { return {{"text", w.text}, {"figure", js(w.figure)}, {"shown", js(w.shown)}}; }
json js(const Place& p) { return json::array({p.x, p.y}); }
json js(const Callout& c) {
    json j{{"item", js(c.item)}, {"target", js(c.target)}, {"label", js(c.label)}};
    if (c.fixed) j["fixed"] = true;
    return j;
}
json js(const PlateMark& m) {
    json j{{"sign", name_of(m.sign)}, {"at", js(m.at)}, {"to", js(m.to)}};
    add_if(j, "figure", m.figure);
    return j;
}
json js(const FastenerPlace& f) { return {{"item", js(f.item)}, {"at", js(f.at)}}; }
json js(const Plate& p) {
    json j{{"id", js(p.id)}, {"recording", js(p.recording)}, {"at", js(p.at)}, {"caption", p.caption}, {"callouts", js(p.callouts)}};
    add_if(j, "marks", p.marks);
    add_if(j, "fasteners", p.fasteners);
    return j;
}
json js(const Step& s) {
    json j{{"id", js(s.id)}, {"heading", s.heading}, {"lines", js(s.lines)}, {"cautions", js(s.cautions)}, {"actions", js(s.actions)}, {"checks", js(s.checks)}, {"heard", js(s.heard)}, {"takes", js(s.takes)}, {"plates", js(s.plates)}, {"clip", js(s.clip)}, {"drafted", s.drafted}, {"waits", js(s.waits)}};
    add_if(j, "variants", s.variants);
    add_if(j, "answered", s.answered);
    return j;
}
json js(const Header& h) {
    json j{{"title", h.title}, {"machine", h.machine}, {"number", h.number}, {"interval", h.interval}, {"variants", js(h.variants)}, {"site_note", h.site_note}};
    add_if(j, "glossary", h.glossary);
    return j;
}
template <class T>
json js(const std::vector<T>& list) {
    json out = json::array();
    for (const auto& x : list) out.push_back(js(x));
    return out;
}
template <class T>
json js(const std::optional<T>& value) {
    return value ? js(*value) : json(nullptr);
}

// -- reading ---------------------------------------------------------------------------------------------------------

const json& field(const json& j, const char* name) {
    if (!j.is_object() || !j.contains(name)) throw Wrong{fmt::format("the field \"{}\" is missing", name)};
    return j.at(name);
}
void rd(const json& j, std::string& out) {
    if (!j.is_string()) throw Wrong{fmt::format("text was expected where {} stands", j.dump().substr(0, 40))};
    out = j.get<std::string>();
}
template <class Kind>
void rd(const json& j, Id<Kind>& out) {
    std::string text;
    rd(j, text);
    out = Id<Kind>(std::move(text));
}
void rd(const json& j, FrameTime& out) {
    std::string text;
    rd(j, text);
    const auto t = FrameTime::parse(text);
    if (!t) throw Wrong{t.error().message};
    out = *t;
}
void rd(const json& j, FigureValue& v);
void rd(const json& j, bool& out);
void rd(const json& j, Place& p);
void rd(const json& j, Header& h);
template <class T>
void rd(const json& j, std::vector<T>& out);
template <class T>
void rd(const json& j, std::optional<T>& out);
template <class T>
void get(const json& j, const char* name, T& out) {
    rd(field(j, name), out);
}
/// A field that guides of before did not have; it keeps its default then.
template <class T>
void get_if(const json& j, const char* name, T& out) {
    if (j.is_object() && j.contains(name)) rd(j.at(name), out);
}
void rd(const json& j, bool& out) {
    if (!j.is_boolean()) throw Wrong{fmt::format("true or false was expected where {} stands", j.dump().substr(0, 40))};
    out = j.get<bool>();
}
template <class Enum, class Find>
void get_name(const json& j, const char* name, Enum& out, Find&& find) {
    std::string text;
    get(j, name, text);
    const auto value = find(text);
    if (!value) throw Wrong{fmt::format("\"{}\" is no {} known here", text, name)};
    out = *value;
}
void rd(const json& j, FigureValue& v) {
    get(j, "low", v.low);
    get(j, "high", v.high);
    get(j, "unit", v.unit);
    std::string limit;
    get_if(j, "limit", limit);
    if (!limit.empty() && limit != "at most" && limit != "at least") throw Wrong{fmt::format("\"{}\" is no limit known here", limit)};
    v.limit = limit.empty() ? Limit::None : limit == "at most" ? Limit::AtMost
                                                               : Limit::AtLeast;
    get_if(j, "before", v.before);
    get_if(j, "turn", v.turn);
}
void rd(const json& j, Looked& l) {
    get(j, "where", l.where);
    get(j, "who", l.who);
    get(j, "on", l.on);
}
void rd(const json& j, RecordingUse::Dismissed& d) {
    get(j, "at", d.at);
    get(j, "what", d.what);
}
void rd(const json& j, Note& n) {
    get_name(j, "kind", n.kind, note_kind);
    get(j, "at", n.at);
    get(j, "text", n.text);
}
void rd(const json& j, Correction& c) {
    get(j, "at", c.at);
    get(j, "text", c.text);
}
void rd(const json& j, Segment& s) {
    get(j, "from", s.start);
    get(j, "to", s.end);
    get(j, "text", s.text);
    get(j, "speaker", s.speaker);
}
void rd(const json& j, Anchor& a) {
    get(j, "said", a.said);
    get(j, "film", a.film);
}
void rd(const json& j, SpeakerFrom& s) {
    get(j, "at", s.at);
    get(j, "name", s.name);
}
void rd(const json& j, Alongside& a) {
    get(j, "with", a.with);
    get(j, "shift", a.shift);
}
void rd(const json& j, RecordingUse& r) {
    get(j, "id", r.id);
    get(j, "title", r.title);
    get(j, "dismissed", r.dismissed);
    get_if(j, "notes", r.notes);
    get_if(j, "corrections", r.corrections);
    get_if(j, "typed", r.typed);
    get_if(j, "anchors", r.anchors);
    get_if(j, "speakers", r.speakers);
    get_if(j, "alongside", r.alongside);
}
void rd(const json& j, Item& i) {
    get(j, "id", i.id);
    get_name(j, "kind", i.kind, item_kind);
    get(j, "name", i.name);
    get(j, "spec", i.spec);
    get(j, "number", i.number);
}
void rd(const json& j, Source& s) {
    get(j, "id", s.id);
    get_name(j, "kind", s.kind, source_kind);
    get(j, "title", s.title);
    get(j, "edition", s.edition);
    get_if(j, "date", s.date);
    get_if(j, "variants", s.variants);
    get_if(j, "serials", s.serials);
    get_if(j, "document", s.document);
    get_if(j, "instrument", s.instrument);
}
void rd(const json& j, Claim& c) {
    get(j, "recording", c.recording);
    get(j, "at", c.at);
    get(j, "words", c.words);
    get(j, "value", c.value);
}
void rd(const json& j, PageSpot& s) {
    const json& box = field(j, "box");
    const auto whole = [](const json& n) { return n.is_number_integer(); };
    if (!whole(field(j, "page")) || !box.is_array() || box.size() != 4 || !std::all_of(box.begin(), box.end(), whole)) throw Wrong{"a place on a page is its page and four whole numbers"};
    s = {j.at("page").get<int>(), box[0].get<int>(), box[1].get<int>(), box[2].get<int>(), box[3].get<int>()};
}
void rd(const json& j, Proof& p) {
    get(j, "source", p.source);
    get(j, "place", p.place);
    get(j, "value", p.value);
    get_if(j, "spot", p.spot);
    get_if(j, "slack", p.slack);
}
void rd(const json& j, LevelRule& r) {
    get_name(j, "temperature", r.temperature, level_temperature);
    get_name(j, "engine", r.engine, level_engine);
    get_name(j, "gauge", r.gauge, level_gauge);
    std::string minutes;
    get(j, "minutes_after", minutes);
    const auto number = Number::parse(minutes);
    if (!number) throw Wrong{number.error().message};
    r.minutes_after = number->value();
}
void rd(const json& j, Figure& f) {
    get(j, "id", f.id);
    get_name(j, "kind", f.kind, figure_kind);
    get(j, "item", f.item);
    get(j, "purpose", f.purpose);
    get(j, "value", f.value);
    get(j, "tolerance", f.tolerance);
    get(j, "claims", f.claims);
    get(j, "proofs", f.proofs);
    get(j, "settled", f.settled);
    get_if(j, "variants", f.variants);
    get_if(j, "condition", f.condition);
    get_if(j, "looked", f.looked);
    get_if(j, "replaces", f.replaces);
    get_if(j, "level", f.level);
}
void rd(const json& j, Take& t) {
    get(j, "recording", t.recording);
    get(j, "from", t.from);
    get(j, "to", t.to);
}
void rd(const json& j, Caution& c) {
    get_name(j, "signal", c.signal, signal_of);
    get(j, "text", c.text);
    get_if(j, "hazard", c.hazard);
}
void rd(const json& j, Term& t) {
    get(j, "word", t.word);
    get(j, "meaning", t.meaning);
}
void rd(const json& j, Answered& a) {
    get(j, "rule", a.rule);
    get(j, "text", a.text);
    get(j, "because", a.because);
}
void rd(const json& j, Action& a) {
    get(j, "verb", a.verb);
    get(j, "items", a.items);
    get(j, "figure", a.figure);
}
void rd(const json& j, Check& c) {
    get(j, "look", c.look);
    get(j, "good", c.good);
    get(j, "stop", c.stop);
    get_if(j, "shown", c.shown);
}
void rd(const json& j, Wait& w) {
    get(j, "text", w.text);
    get(j, "figure", w.figure);
    get(j, "shown", w.shown);
}
void rd(const json& j, Place& p) {
    if (!j.is_array() || j.size() != 2 || !j[0].is_number_integer() || !j[1].is_number_integer()) throw Wrong{"a place on a picture is two whole numbers"};
    p = {j[0].get<int>(), j[1].get<int>()};
}
void rd(const json& j, Callout& c) {
    get(j, "item", c.item);
    get(j, "target", c.target);
    get(j, "label", c.label);
    get_if(j, "fixed", c.fixed);
}
void rd(const json& j, PlateMark& m) {
    get_name(j, "sign", m.sign, plate_sign);
    get(j, "at", m.at);
    get(j, "to", m.to);
    get_if(j, "figure", m.figure);
}
void rd(const json& j, FastenerPlace& f) {
    get(j, "item", f.item);
    get(j, "at", f.at);
}
void rd(const json& j, Plate& p) {
    get(j, "id", p.id);
    get(j, "recording", p.recording);
    get(j, "at", p.at);
    get(j, "caption", p.caption);
    get(j, "callouts", p.callouts);
    get_if(j, "marks", p.marks);
    get_if(j, "fasteners", p.fasteners);
}
void rd(const json& j, Step& s) {
    get(j, "id", s.id);
    get(j, "heading", s.heading);
    get(j, "lines", s.lines);
    get(j, "cautions", s.cautions);
    get(j, "actions", s.actions);
    get(j, "checks", s.checks);
    get(j, "heard", s.heard);
    get(j, "takes", s.takes);
    get(j, "plates", s.plates);
    get(j, "clip", s.clip);
    get_if(j, "drafted", s.drafted);
    get_if(j, "waits", s.waits);
    get_if(j, "variants", s.variants);
    get_if(j, "answered", s.answered);
}
void rd(const json& j, Header& h) {
    get(j, "title", h.title);
    get(j, "machine", h.machine);
    get(j, "number", h.number);
    get(j, "interval", h.interval);
    get(j, "variants", h.variants);
    get(j, "site_note", h.site_note);
    get_if(j, "glossary", h.glossary);
}
template <class T>
void rd(const json& j, std::vector<T>& out) {
    if (!j.is_array()) throw Wrong{"a list was expected"};
    out.clear();
    out.reserve(j.size());
    for (const auto& x : j) rd(x, out.emplace_back());
}
template <class T>
void rd(const json& j, std::optional<T>& out) {
    out.reset();
    if (!j.is_null()) rd(j, out.emplace());
}

template <class Read>
auto guarded(std::string_view what, Read&& read) -> Result<decltype(read())> {
    try {
        return read();
    } catch (const Wrong& w) {
        return fail(ErrorCode::BadInput, fmt::format("This {} cannot be read: {}.", what, w.message));
    } catch (const json::exception& e) {
        return fail(ErrorCode::BadInput, fmt::format("This {} cannot be read: {}.", what, e.what()));
    }
}

constexpr const char* kThingNames[] = {"header", "recording", "item", "source", "figure", "step"};

struct EditWriter {
    json operator()(const SetHeader& e) const { return {{"op", "header"}, {"value", js(e.header)}}; }
    template <class Thing>
    json operator()(const Put<Thing>& e) const {
        return {{"op", "put"}, {"kind", kind(&e.thing)}, {"value", js(e.thing)}, {"at", e.at ? json(*e.at) : json(nullptr)}};
    }
    template <class IdType>
    json operator()(const Remove<IdType>& e) const { return {{"op", "remove"}, {"kind", kind(&e.id)}, {"id", js(e.id)}}; }
    json operator()(const MoveStep& e) const { return {{"op", "move"}, {"id", js(e.id)}, {"to", e.to}}; }

    static const char* kind(const RecordingUse*) { return kThingNames[1]; }
    static const char* kind(const RecordingId*) { return kThingNames[1]; }
    static const char* kind(const Item*) { return kThingNames[2]; }
    static const char* kind(const ItemId*) { return kThingNames[2]; }
    static const char* kind(const Source*) { return kThingNames[3]; }
    static const char* kind(const SourceId*) { return kThingNames[3]; }
    static const char* kind(const Figure*) { return kThingNames[4]; }
    static const char* kind(const FigureId*) { return kThingNames[4]; }
    static const char* kind(const Step*) { return kThingNames[5]; }
    static const char* kind(const StepId*) { return kThingNames[5]; }
};

template <class Thing>
Edit read_put(const json& j) {
    Put<Thing> e;
    rd(field(j, "value"), e.thing);
    if (const json& at = field(j, "at"); !at.is_null()) e.at = at.get<std::size_t>();
    return e;
}
template <class IdType>
Edit read_remove(const json& j) {
    Remove<IdType> e;
    rd(field(j, "id"), e.id);
    return e;
}

Edit read_edit(const json& j) {
    std::string op;
    get(j, "op", op);
    if (op == "header") {
        SetHeader e;
        rd(field(j, "value"), e.header);
        return e;
    }
    if (op == "move") {
        MoveStep e;
        get(j, "id", e.id);
        e.to = field(j, "to").get<std::size_t>();
        return e;
    }
    std::string kind;
    get(j, "kind", kind);
    const bool put = op == "put";
    if (put || op == "remove") {
        if (kind == kThingNames[1]) return put ? read_put<RecordingUse>(j) : read_remove<RecordingId>(j);
        if (kind == kThingNames[2]) return put ? read_put<Item>(j) : read_remove<ItemId>(j);
        if (kind == kThingNames[3]) return put ? read_put<Source>(j) : read_remove<SourceId>(j);
        if (kind == kThingNames[4]) return put ? read_put<Figure>(j) : read_remove<FigureId>(j);
        if (kind == kThingNames[5]) return put ? read_put<Step>(j) : read_remove<StepId>(j);
    }
    throw Wrong{fmt::format("\"{}\" of a \"{}\" is no edit known here", op, kind)};
}

}  // namespace

json to_json(const Procedure& p) {
    return {{"format", kProcedureFormat}, {"header", js(p.header)}, {"recordings", js(p.recordings)}, {"items", js(p.items)}, {"sources", js(p.sources)}, {"figures", js(p.figures)}, {"steps", js(p.steps)}};
}

Result<Procedure> procedure_from_json(const json& j) {
    if (j.is_object() && j.contains("format") && j.at("format").is_number_integer() && j.at("format").get<int>() > kProcedureFormat)
        return fail(ErrorCode::Refused, "This guide was written by a newer version of the program; open it with that version.");
    return guarded("guide", [&] {
        Procedure p;
        get(j, "header", p.header);
        get(j, "recordings", p.recordings);
        get(j, "items", p.items);
        get(j, "sources", p.sources);
        get(j, "figures", p.figures);
        get(j, "steps", p.steps);
        return p;
    });
}

json to_json(const Change& change) {
    json edits = json::array();
    for (const auto& e : change.edits) edits.push_back(std::visit(EditWriter{}, e));
    return {{"label", change.label}, {"edits", edits}};
}

Result<Change> change_from_json(const json& j) {
    return guarded("edit", [&] {
        Change c;
        get(j, "label", c.label);
        for (const auto& e : field(j, "edits")) c.edits.push_back(read_edit(e));
        return c;
    });
}

}  // namespace anagraph::core
