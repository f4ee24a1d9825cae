#include "core/edits/conflict_words.h"

#include <fmt/format.h>

#include <algorithm>
#include <string_view>

namespace anagraph::core {
namespace {

using nlohmann::json;

std::string part_name(std::string key) {
    std::replace(key.begin(), key.end(), '_', ' ');
    return key;
}

/// One line for a value within another.
std::string part_words(const json& value) {
    if (value.is_string()) return value.get<std::string>();
    if (value.is_boolean()) return value.get<bool>() ? "yes" : "no";
    if (value.is_array()) {
        std::string out;
        for (const auto& part : value) {
            const std::string words = part_words(part);
            if (!words.empty()) out += (out.empty() ? "" : ", ") + words;
        }
        return out;
    }
    if (!value.is_object()) return value.is_null() ? "" : value.dump();
    std::string out;
    for (const auto& [key, part] : value.items()) {
        const std::string words = part_words(part);
        if (key != "id" && !words.empty()) out += fmt::format("{}{}: {}", out.empty() ? "" : "; ", part_name(key), words);
    }
    return out;
}

}  // namespace

std::vector<std::string> conflict_lines(const json& value) {
    std::vector<std::string> out;
    const auto add = [&](std::string words) {
        if (!words.empty()) out.push_back(std::move(words));
    };
    if (value.is_array()) {
        for (const auto& part : value) add(part_words(part));
    } else if (value.is_object()) {
        for (const auto& [key, part] : value.items()) {
            const std::string words = part_words(part);
            if (key != "id" && !words.empty()) add(fmt::format("{}: {}", part_name(key), words));
        }
    } else {
        add(part_words(value));
    }
    return out;
}

}  // namespace anagraph::core
