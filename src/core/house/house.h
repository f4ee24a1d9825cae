// House: what a workshop keeps for all its guides: which source outranks which, its wrenches, and the fluids in its store.
#pragma once

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "core/house/methods.h"
#include "core/procedure/procedure.h"
#include "core/torque/wrench.h"

namespace anagraph::core {

/// What is still in a pack of the store.
struct StoreFluid {
    std::string name;   // "gear oil"
    std::string spec;   // "75W90 GL5", as the pack says
    double litres = 0;  // of a full pack
    double left = 0;    // litres in it; as much as `litres` where it is closed
    std::string price;  // of a full pack, as written; empty: not known
    friend bool operator==(const StoreFluid&, const StoreFluid&) = default;
};

struct House {
    /// From the one that outranks all others down. Speech comes after them all and cannot be put higher.
    std::vector<SourceKind> rank = {
        SourceKind::Book, SourceKind::Standard, SourceKind::Drawing, SourceKind::Word, SourceKind::Label, SourceKind::Measurement};
    std::vector<Wrench> wrenches;
    std::vector<StoreFluid> store;
    std::vector<std::string> rules_off = {};  // rules of the editor this house does not hold to; see editor.h
    std::vector<HouseMethod> methods = {};    // what it says where practitioners differ
    std::string desk = {};                    // address that printed pages carry, "http://10.0.0.5:8460"; empty: there is no desk
    // the command that turns sound into words, see shop/hear.h; empty: the program's own recogniser
    std::string recogniser = {};
    bool whole_translations = false;  // nothing goes out while a language of the guide has texts missing or out of date
    friend bool operator==(const House&, const House&) = default;
};

/// "the maker's book over a standard over a drawing over a label over a measurement over speech": as printed with a guide.
std::string rule_text(const House& house);
/// Where a kind of source stands: 0 outranks all. A kind the house does not rank stands last.
std::size_t rank_of(const House& house, SourceKind kind);

nlohmann::json methods_to_json(const std::vector<HouseMethod>& methods);
/// Throws the JSON library's own exception for anything else than what methods_to_json() wrote.
std::vector<HouseMethod> methods_from_json(const nlohmann::json& j);

std::string to_json(const House& house);
/// Errors: BadInput, naming the field that is wrong.
Result<House> house_from_json(std::string_view text);

}  // namespace anagraph::core
