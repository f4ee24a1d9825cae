#include "core/editing/item_names.h"

#include <algorithm>
#include <utility>

namespace anagraph::core {
namespace {

constexpr WordList kGauges{"dipstick gauge sight glass indicator window level float scale"};
constexpr WordList kStands{"stand trestle block support cradle cribbing"};

}  // namespace

std::vector<std::string> name_words(std::string_view name) {
    std::vector<std::string> out;
    std::string word;
    for (const char c : name) {
        const bool letter =
            (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || (c >= '0' && c <= '9') || static_cast<unsigned char>(c) > 127;
        if (letter) word += static_cast<char>(c >= 'A' && c <= 'Z' ? c - 'A' + 'a' : c);
        if (!letter && !word.empty()) out.push_back(std::exchange(word, {}));
    }
    if (!word.empty()) out.push_back(std::move(word));
    return out;
}

bool called(std::string_view name, const WordList& list) {
    const auto words = name_words(name);
    return std::any_of(words.begin(), words.end(), [&](const std::string& w) { return list.has(w) || list.has(lexicon::singular(w)); });
}

bool is_gauge(const Item& item) {
    return called(item.name, kGauges) && item.kind == ItemKind::Part && !called(item.name, WordList{"tube plug"});
}
bool is_stand(std::string_view name) { return called(name, kStands); }

}  // namespace anagraph::core
