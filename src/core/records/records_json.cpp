// Records in files: each kind by its name, its fields by theirs. docs/format/README.md tells them.
#include <fmt/format.h>

#include <nlohmann/json.hpp>

#include "core/records/records.h"

namespace anagraph::core {

using nlohmann::json;

namespace {

/// Hands each field of a record with its name to `field`, in both directions.
template <class Entry, class Field>
requires std::is_same_v<std::remove_const_t<Entry>, KeyRegistered>
void fields(Entry& e, Field&& field) { field("post", e.post), field("key", e.key); }
template <class Entry, class Field>
requires std::is_same_v<std::remove_const_t<Entry>, KeyEnded>
void fields(Entry& e, Field&& field) { field("post", e.post), field("because", e.because); }
template <class Entry, class Field>
requires std::is_same_v<std::remove_const_t<Entry>, PlacePassed>
void fields(Entry& e, Field&& field) { field("guide", e.guide), field("place", e.place), field("state", e.state); }
template <class Entry, class Field>
requires std::is_same_v<std::remove_const_t<Entry>, Checked>
void fields(Entry& e, Field&& field) { field("guide", e.guide), field("state", e.state), field("note", e.note); }
template <class Entry, class Field>
requires std::is_same_v<std::remove_const_t<Entry>, LearnerAdded> || std::is_same_v<std::remove_const_t<Entry>, LearnerMoved>
void fields(Entry& e, Field&& field) { field("learner", e.learner), field("group", e.group); }
template <class Entry, class Field>
requires std::is_same_v<std::remove_const_t<Entry>, LearnerLeft>
void fields(Entry& e, Field&& field) { field("learner", e.learner); }
template <class Entry, class Field>
requires std::is_same_v<std::remove_const_t<Entry>, HandedOut>
void fields(Entry& e, Field&& field) {
    field("guide", e.guide), field("edition", e.edition), field("learner", e.learner), field("by", e.by);
}
template <class Entry, class Field>
requires std::is_same_v<std::remove_const_t<Entry>, Learned>
void fields(Entry& e, Field&& field) {
    field("guide", e.guide), field("edition", e.edition), field("learner", e.learner), field("answers", e.answers);
}
template <class Entry, class Field>
requires std::is_same_v<std::remove_const_t<Entry>, Withdrawn>
void fields(Entry& e, Field&& field) { field("guide", e.guide), field("edition", e.edition), field("because", e.because); }
template <class Entry, class Field>
requires std::is_same_v<std::remove_const_t<Entry>, Struck>
void fields(Entry& e, Field&& field) { field("record", e.record), field("because", e.because); }

/// The kinds by their names in files, in the order of Entry.
constexpr const char* kKinds[] = {"key registered", "key ended", "place passed", "checked", "learner added", "learner moved",
    "learner left", "handed out", "learned", "withdrawn", "struck"};
static_assert(std::size(kKinds) == std::variant_size_v<Entry>);

template <std::size_t I = 0>
Result<Entry> read_kind(const std::string& kind, const json& j) {
    if constexpr (I == std::variant_size_v<Entry>) {
        return fail(ErrorCode::Refused,
            say(key("Records", "The library holds a record of the kind \u201C{0}\u201D, which a newer version of Anagraph wrote."), kind));
    } else {
        if (kind != kKinds[I]) return read_kind<I + 1>(kind, j);
        std::variant_alternative_t<I, Entry> e;
        bool good = true;
        fields(e, [&](const char* name, auto& value) {
            using Value = std::remove_reference_t<decltype(value)>;
            if (!j.contains(name)) return void(good = good && std::is_same_v<Value, std::string>);
            const json& is = j.at(name);
            if constexpr (std::is_same_v<Value, HandedBy>) {
                const auto by = is.is_string() ? from_name<HandedBy>(is.get<std::string>()) : std::nullopt;
                good = good && by.has_value();
                if (by) value = *by;
            } else {
                good = good && (std::is_same_v<Value, std::string> ? is.is_string() : is.is_number_integer());
                if (good) value = is.get<Value>();
            }
        });
        if (!good) return fail(ErrorCode::BadInput, say(key("Records", "A record \u201C{0}\u201D is not written as it must be."), kind));
        return Entry(std::move(e));
    }
}

}  // namespace

json to_json(const Entry& entry) {
    json j{{"kind", kKinds[entry.index()]}};
    std::visit(
        [&](const auto& e) {
            fields(e, [&](const char* name, const auto& value) {
                if constexpr (std::is_same_v<std::remove_cvref_t<decltype(value)>, HandedBy>)
                    j[name] = name_of(value);
                else
                    j[name] = value;
            });
        },
        entry);
    return j;
}

Result<Entry> entry_from_json(const json& j) {
    if (!j.is_object() || !j.contains("kind") || !j.at("kind").is_string())
        return fail(ErrorCode::BadInput, key("Records", "A record says of what kind it is."));
    return read_kind(j.at("kind").get<std::string>(), j);
}

json keys_to_json(const std::vector<KeyHeld>& keys) {
    json out = json::array();
    for (const auto& k : keys)
        out.push_back({{"post", k.post}, {"key", k.key}, {"from", k.from}, {"until", k.holds() ? json(nullptr) : json(k.until)},
            {"because", k.because}});
    return out;
}

Result<std::vector<KeyHeld>> keys_from_json(const json& given) {
    const auto bad = [] {
        return fail(
            ErrorCode::BadInput, key("Records", "This is no list of keys; take what anagraph-cli key list --json prints, or a .pub file."));
    };
    json list = given.is_object() && given.contains("keys") ? given.at("keys") : given;
    if (list.is_object()) list = json::array({list});
    if (!list.is_array()) return bad();
    std::vector<KeyHeld> out;
    for (const auto& j : list) {
        if (!j.is_object()) return bad();
        KeyHeld k;
        for (const auto& [name, value] : {std::pair("post", &k.post), std::pair("key", &k.key), std::pair("from", &k.from),
                 std::pair("until", &k.until), std::pair("because", &k.because)}) {
            if (!j.contains(name) || j.at(name).is_null()) continue;
            if (!j.at(name).is_string()) return bad();
            *value = j.at(name).get<std::string>();
        }
        if (k.post.empty() || k.key.empty()) return bad();
        out.push_back(std::move(k));
    }
    return out;
}

}  // namespace anagraph::core
