#include "core/procedure/json.h"

#include <fmt/format.h>

#include <algorithm>
#include <nlohmann/json.hpp>
#include <type_traits>

#include "core/base/versions.h"
#include "core/procedure/json_fields.h"

namespace anagraph::core {
namespace {

using nlohmann::json;

/// Thrown inside this file only, to leave a nested reading at once; turned into an Error at its two entries.
struct Wrong {
    std::string message;
};

// -- writing -------------------------------------------------------------------------------------------------------------

struct Writer {
    json j = json::object();

    template <class T>
    void must(const char* name, const T& value) {
        j[name] = written(value);
    }
    template <class T>
    void late(const char* name, const T& value) {
        must(name, value);
    }
    template <class T>
    void may(const char* name, const T& value, const T& usual = T{}) {
        if (value != usual) must(name, value);
    }
    template <class T>
    static json of(const T& value) {
        Writer w;
        fields(w, const_cast<T&>(value));  // the list of fields serves reading too; a writer changes nothing
        return std::move(w.j);
    }

    static json written(const std::string& s) { return s; }
    static json written(bool b) { return b; }
    static json written(int n) { return n; }
    /// No floating numbers are kept.
    static json written(double n) { return fmt::format("{}", n); }
    static json written(const FrameTime& t) { return t.text(); }
    static json written(const Place& p) { return json::array({p.x, p.y}); }
    static json written(const Area& a) { return json::array({a.left, a.top, a.right, a.bottom}); }
    static json written(const PageSpot& s) { return {{"page", s.page}, {"box", json::array({s.left, s.top, s.right, s.bottom})}}; }
    template <class Kind>
    static json written(const Id<Kind>& id) {
        return id.text();
    }
    template <class T>
    static json written(const std::optional<T>& value) {
        return value ? written(*value) : json(nullptr);
    }
    template <class T>
    static json written(const std::vector<T>& list) {
        json out = json::array();
        for (const auto& x : list) out.push_back(written(x));
        return out;
    }
    template <class T>
    static json written(const T& value) {
        if constexpr (std::is_enum_v<T>)
            return name_of(value);
        else
            return of(value);
    }
};

template <class T>
json js(const T& value) {
    return Writer::written(value);
}

// -- reading -------------------------------------------------------------------------------------------------------------

const json& field(const json& j, const char* name) {
    if (!j.is_object() || !j.contains(name)) throw Wrong{fmt::format("the field \"{}\" is missing", name)};
    return j.at(name);
}

struct Reader {
    const json& j;
    const char* now = "";

    template <class T>
    void must(const char* name, T& out) {
        now = name;
        read(field(j, name), out);
    }
    template <class T>
    void late(const char* name, T& out) {
        may(name, out);
    }
    template <class T>
    void may(const char* name, T& out, const T& = T{}) {
        if (j.is_object() && j.contains(name)) must(name, out);
    }

    [[noreturn]] static void wrong(const json& v, const char* wanted) {
        throw Wrong{
            fmt::format("{} was expected where {} stands", wanted, v.dump(-1, ' ', false, json::error_handler_t::replace).substr(0, 40))};
    }
    static void numbers(const json& v, std::initializer_list<int*> out, const char* wanted) {
        if (!v.is_array() || v.size() != out.size() ||
            !std::all_of(v.begin(), v.end(), [](const json& n) { return n.is_number_integer(); }))
            throw Wrong{wanted};
        std::size_t i = 0;
        for (int* n : out) *n = v[i++].get<int>();
    }

    void read(const json& v, std::string& out) {
        if (!v.is_string()) wrong(v, "text");
        out = v.get<std::string>();
    }
    void read(const json& v, bool& out) {
        if (!v.is_boolean()) wrong(v, "true or false");
        out = v.get<bool>();
    }
    void read(const json& v, int& out) {
        if (!v.is_number_integer()) wrong(v, "a whole number");
        out = v.get<int>();
    }
    void read(const json& v, double& out) {
        std::string text;
        read(v, text);
        const auto number = Number::kept(text);
        if (!number) throw Wrong{number.error().message};
        out = number->value();
    }
    void read(const json& v, FrameTime& out) {
        std::string text;
        read(v, text);
        const auto t = FrameTime::parse(text);
        if (!t) throw Wrong{t.error().message};
        out = *t;
    }
    void read(const json& v, Place& p) { numbers(v, {&p.x, &p.y}, "a place on a picture is two whole numbers"); }
    void read(const json& v, Area& a) { numbers(v, {&a.left, &a.top, &a.right, &a.bottom}, "a part of a picture is four whole numbers"); }
    void read(const json& v, PageSpot& s) {
        constexpr const char* kWanted = "a place on a page is its page and four whole numbers";
        if (!field(v, "page").is_number_integer()) throw Wrong{kWanted};
        s.page = v.at("page").get<int>();
        numbers(field(v, "box"), {&s.left, &s.top, &s.right, &s.bottom}, kWanted);
    }
    template <class Kind>
    void read(const json& v, Id<Kind>& out) {
        std::string text;
        read(v, text);
        if (!text.empty() && !is_id(text))
            throw Wrong{fmt::format(
                "\"{}\" cannot be {}, which is no id", now, v.dump(-1, ' ', false, json::error_handler_t::replace).substr(0, 40))};
        out = Id<Kind>(std::move(text));
    }
    template <class T>
    void read(const json& v, std::optional<T>& out) {
        out.reset();
        if (!v.is_null()) read(v, out.emplace());
    }
    template <class T>
    void read(const json& v, std::vector<T>& out) {
        if (!v.is_array()) throw Wrong{"a list was expected"};
        out.clear();
        out.reserve(v.size());
        for (const auto& x : v) read(x, out.emplace_back());
    }
    template <class T>
    void read(const json& v, T& out) {
        if constexpr (std::is_enum_v<T>) {
            std::string text;
            read(v, text);
            const auto value = from_name<T>(text);
            if (!value) throw Wrong{fmt::format("\"{}\" is no {} known here", text, now)};
            out = *value;
        } else {
            Reader inner{v};
            fields(inner, out);
        }
    }
};

template <class T>
void rd(const json& j, T& out) {
    Reader{j}.read(j, out);
}
template <class T>
void get(const json& j, const char* name, T& out) {
    Reader{j}.must(name, out);
}

template <class Read>
auto guarded(std::string_view what, Read&& read) -> Result<decltype(read())> {
    try {
        return read();
    } catch (const Wrong& w) {
        return fail(ErrorCode::BadInput, say(key("Guide", "This {0} cannot be read: {1}."), what, w.message));
    } catch (const json::exception& e) {
        return fail(ErrorCode::BadInput, say(key("Guide", "This {0} cannot be read: {1}."), what, e.what()));
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
    json operator()(const Remove<IdType>& e) const {
        return {{"op", "remove"}, {"kind", kind(&e.id)}, {"id", js(e.id)}};
    }
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
    return {{"format", kProcedureFormat}, {"header", js(p.header)}, {"recordings", js(p.recordings)}, {"items", js(p.items)},
        {"sources", js(p.sources)}, {"figures", js(p.figures)}, {"steps", js(p.steps)}};
}

Result<Procedure> procedure_from_json(const json& j) {
    if (j.is_object() && j.contains("format") && j.at("format").is_number_integer() && j.at("format").get<int>() > kProcedureFormat)
        return fail(
            ErrorCode::Refused, key("Guide", "This guide was written by a newer version of the program; open it with that version."));
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
