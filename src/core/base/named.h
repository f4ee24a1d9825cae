// Named: the values of a kind, each with its name in files and as a person reads it. One list a type stands beside the type;
// whoever shows, reads, writes or tries all of them takes it from there.
#pragma once

#include <algorithm>
#include <array>
#include <optional>
#include <string_view>

namespace anagraph::core {

template <class Enum>
struct Named {
    constexpr Named(Enum v, std::string_view in_files) : value(v), name(in_files), spoken(in_files) {}
    constexpr Named(Enum v, std::string_view in_files, std::string_view by_a_person) : value(v), name(in_files), spoken(by_a_person) {}
    Enum value;
    std::string_view name;    // as in files: "part_number"
    std::string_view spoken;  // as a person reads it: "part number"
};

/// Specialised for each type that has names: `static constexpr auto all = std::to_array<Named<Enum>>({...})`, every value once.
template <class Enum>
struct Names {};

template <class Enum>
concept HasNames = requires {
    Names<Enum>::all;
};

/// All values in the order a person is shown them.
template <HasNames Enum>
constexpr const auto& all_of() {
    return Names<Enum>::all;
}

template <HasNames Enum>
constexpr const Named<Enum>& named(Enum value) {
    return *std::find_if(all_of<Enum>().begin(), all_of<Enum>().end(), [&](const Named<Enum>& n) { return n.value == value; });
}
template <HasNames Enum>
constexpr std::string_view name_of(Enum value) {
    return named(value).name;
}
template <HasNames Enum>
constexpr std::string_view spoken_name_of(Enum value) {
    return named(value).spoken;
}
/// The value of that name in files; nothing where there is none.
template <HasNames Enum>
constexpr std::optional<Enum> from_name(std::string_view name) {
    const auto it = std::find_if(all_of<Enum>().begin(), all_of<Enum>().end(), [&](const Named<Enum>& n) { return n.name == name; });
    return it == all_of<Enum>().end() ? std::nullopt : std::optional<Enum>(it->value);
}

}  // namespace anagraph::core
