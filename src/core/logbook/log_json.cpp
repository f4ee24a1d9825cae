// Entries of the logbook in files: each kind by its name, its fields by theirs. docs/format/README.md tells them.
#include <fmt/format.h>

#include <nlohmann/json.hpp>

#include "core/logbook/log_entries.h"

namespace anagraph::core {

using nlohmann::json;

namespace {

json value_of(const std::string& v) { return v; }
json value_of(bool v) { return v; }
json value_of(std::int64_t v) { return v; }
json value_of(const Quantity& v) { return typed(v); }
json value_of(const std::vector<std::string>& v) { return v; }
json value_of(const std::optional<Quantity>& v) { return v ? json(typed(*v)) : json(); }
json value_of(const std::vector<Quantity>& v) {
    json out = json::array();
    for (const auto& q : v) out.push_back(typed(q));
    return out;
}
template <class E>
requires std::is_enum_v<E> json value_of(E v) { return std::string(name_of(v)); }

bool read(const json& j, std::string& v) { return j.is_string() && (v = j.get<std::string>(), true); }
bool read(const json& j, bool& v) { return j.is_boolean() && (v = j.get<bool>(), true); }
bool read(const json& j, std::int64_t& v) { return j.is_number_integer() && (v = j.get<std::int64_t>(), true); }
bool read(const json& j, Quantity& v) {
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
bool read(const json& j, std::optional<Quantity>& v) {
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

template <std::size_t I = 0>
Result<LogBody> read_kind(const std::string& kind, const json& j) {
    if constexpr (I == std::variant_size_v<LogBody>) {
        return fail(ErrorCode::Refused,
            fmt::format("The logbook holds an entry of the kind \u201C{}\u201D, which a newer version of Anagraph wrote.", kind));
    } else {
        using Body = std::variant_alternative_t<I, LogBody>;
        if (kind != Body::kKind) return read_kind<I + 1>(kind, j);
        Body e;
        bool good = true;
        Body::fields(e, [&](const char* name, auto& value) {
            using Value = std::remove_cvref_t<decltype(value)>;
            good = good && (j.contains(name) ? read(j.at(name), value) : may_be_missing<Value>);
        });
        if (!good)
            return fail(ErrorCode::BadInput, fmt::format("An entry \u201C{}\u201D of the logbook is not written as it must be.", kind));
        return LogBody(std::move(e));
    }
}

bool is_empty(const json& j) {
    return j.is_null() || (j.is_string() && j.get_ref<const std::string&>().empty()) || (j.is_array() && j.empty()) || j == json(false);
}

}  // namespace

json to_json(const LogBody& body) {
    return std::visit(
        [](const auto& e) {
            using Body = std::decay_t<decltype(e)>;
            json out{{"kind", Body::kKind}};
            Body::fields(e, [&](const char* name, const auto& value) {
                if (json v = value_of(value); !is_empty(v)) out[name] = std::move(v);
            });
            return out;
        },
        body);
}

Result<LogBody> log_body_from_json(const json& j) {
    if (!j.is_object() || !j.contains("kind") || !j.at("kind").is_string())
        return fail(ErrorCode::BadInput, "An entry of the logbook is not written as it must be.");
    return read_kind(j.at("kind").get<std::string>(), j);
}

const char* kind_of(const LogBody& body) {
    return std::visit([](const auto& e) { return std::decay_t<decltype(e)>::kKind; }, body);
}

std::string typed(const Quantity& quantity) {
    return quantity.unit == nullptr ? quantity.number.text() : fmt::format("{} {}", quantity.number.text(), quantity.unit->id);
}

}  // namespace anagraph::core
