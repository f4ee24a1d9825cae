#include "publish/colours.h"

#include <map>
#include <nlohmann/json.hpp>

#include "publish/resource.h"

namespace anagraph::publish {
namespace {

using Table = std::map<std::string, std::string, std::less<>>;

Table table_of(const nlohmann::json& tokens) {
    Table out;
    for (const auto& [name, value] : tokens.items())
        if (value.is_string()) out[name] = value.get<std::string>();
    return out;
}

const std::string* known(ColourSet set, std::string_view name) {
    static const auto tables = [] {
        std::map<ColourSet, Table> out;
        const auto tokens = nlohmann::json::parse(resource("tokens.json"), nullptr, false);
        for (const auto& s : core::all_of<ColourSet>())
            out[s.value] =
                s.value == ColourSet::Light ? table_of(tokens) : table_of(tokens.value(std::string(s.name), nlohmann::json::object()));
        return out;
    }();
    const auto& table = tables.at(set);
    const auto it = table.find(name);
    return it == table.end() ? nullptr : &it->second;
}

}  // namespace

const std::string& colour(std::string_view name, ColourSet set) {
    static const std::string none;
    const auto* own = known(set, name);
    if (own == nullptr) own = known(ColourSet::Light, name);
    return own == nullptr ? none : *own;
}

std::string with_colours(const std::string& text, ColourSet set) {
    std::string out;
    for (std::size_t at = 0; at < text.size();) {
        const std::size_t sign = text.find('@', at);
        out.append(text, at, sign - at);
        if (sign == std::string::npos) break;
        at = sign + 1;
        while (at < text.size() && ((text[at] >= 'a' && text[at] <= 'z') || text[at] == '_')) ++at;
        const std::string_view word = std::string_view(text).substr(sign, at - sign);
        const std::string& value = colour(word.substr(1), set);
        out += value.empty() ? word : std::string_view(value);
    }
    return out;
}

SignalColours signal_colours(core::Signal signal) {
    const bool light = signal == core::Signal::Danger || signal == core::Signal::Notice;
    return {colour(core::name_of(signal)), colour(light ? "white" : "black")};
}

}  // namespace anagraph::publish
