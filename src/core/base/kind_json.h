// Values of several kinds as JSON: each kind by its name (kKind), its fields by theirs (fields()), listed once beside it. What is empty is
// not written.
#pragma once

#include <fmt/format.h>

#include <cstdint>
#include <nlohmann/json.hpp>
#include <optional>
#include <string>
#include <type_traits>
#include <variant>
#include <vector>

#include "core/base/named.h"
#include "core/base/result.h"
#include "core/quantity/quantity.h"

namespace anagraph::core {

namespace kinds {

using nlohmann::json;

inline json value_of(const std::string& v) { return v; }
inline json value_of(bool v) { return v; }
inline json value_of(std::int64_t v) { return v; }
inline json value_of(const Quantity& v) { return typed(v); }
inline json value_of(const std::vector<std::string>& v) { return v; }
inline json value_of(const std::optional<Quantity>& v) { return v ? json(typed(*v)) : json(); }
inline json value_of(const std::vector<Quantity>& v) {
    json out = json::array();
    for (const auto& q : v) out.push_back(typed(q));
    return out;
}
template <class E>
requires std::is_enum_v<E> json value_of(E v) { return std::string(name_of(v)); }

inline bool read(const json& j, std::string& v) { return j.is_string() && (v = j.get<std::string>(), true); }
inline bool read(const json& j, bool& v) { return j.is_boolean() && (v = j.get<bool>(), true); }
inline bool read(const json& j, std::int64_t& v) { return j.is_number_integer() && (v = j.get<std::int64_t>(), true); }
inline bool read(const json& j, Quantity& v) {
    if (!j.is_string()) return false;
    auto q = Quantity::parse(j.get_ref<const std::string&>(), DecimalMark::Point);
    return q && (v = std::move(*q), true);
}
template <class E>
requires std::is_enum_v<E>
bool read(const json& j, E& v) {
    const auto e = j.is_string() ? from_name<E>(j.get<std::string>()) : std::nullopt;
    return e && (v = *e, true);
}
inline bool read(const json& j, std::optional<Quantity>& v) {
    if (j.is_null()) return true;
    Quantity q;
    return read(j, q) && (v = std::move(q), true);
}
template <class T>
bool read(const json& j, std::vector<T>& v) {
    if (!j.is_array()) return false;
    for (const auto& x : j) {
        T one;
        if (!read(x, one)) return false;
        v.push_back(std::move(one));
    }
    return true;
}

/// What may be left out where it is empty.
template <class T>
constexpr bool may_be_missing = !std::is_same_v<T, Quantity> && !std::is_enum_v<T> && !std::is_same_v<T, std::int64_t>;

template <class Bodies, std::size_t I = 0>
Result<Bodies> read_kind(const std::string& kind, const json& j, const char* book) {
    if constexpr (I == std::variant_size_v<Bodies>) {
        return fail(ErrorCode::Refused,
            say(key("Base", "{0} holds an entry of the kind \u201C{1}\u201D, which a newer version of Anagraph wrote."), book, kind));
    } else {
        using Body = std::variant_alternative_t<I, Bodies>;
        if (kind != Body::kKind) return read_kind<Bodies, I + 1>(kind, j, book);
        Body e;
        bool good = true;
        Body::fields(e, [&](const char* name, auto& value) {
            using Value = std::remove_cvref_t<decltype(value)>;
            good = good && (j.contains(name) ? read(j.at(name), value) : may_be_missing<Value>);
        });
        if (!good)
            return fail(
                ErrorCode::BadInput, say(key("Base", "{0} holds an entry \u201C{1}\u201D that is not written as it must be."), book, kind));
        return Bodies(std::move(e));
    }
}

inline bool is_empty(const json& j) {
    return j.is_null() || (j.is_string() && j.get_ref<const std::string&>().empty()) || (j.is_array() && j.empty()) || j == json(false);
}

}  // namespace kinds

template <class Bodies>
nlohmann::json kind_to_json(const Bodies& body) {
    return std::visit(
        [](const auto& e) {
            using Body = std::decay_t<decltype(e)>;
            nlohmann::json out{{"kind", Body::kKind}};
            Body::fields(e, [&](const char* name, const auto& value) {
                if (nlohmann::json v = kinds::value_of(value); !kinds::is_empty(v)) out[name] = std::move(v);
            });
            return out;
        },
        body);
}

/// `book`: what it stands in, for the sentence: "The logbook". Errors: BadInput; Refused for a kind that a newer version wrote.
template <class Bodies>
Result<Bodies> kind_from_json(const nlohmann::json& j, const char* book) {
    if (!j.is_object() || !j.contains("kind") || !j.at("kind").is_string())
        return fail(ErrorCode::BadInput, say(key("Base", "{0} holds an entry that is not written as it must be."), book));
    return kinds::read_kind<Bodies>(j.at("kind").get<std::string>(), j, book);
}

}  // namespace anagraph::core
