#include "publish/colours.h"

#include <map>
#include <nlohmann/json.hpp>

#include "publish/resource.h"

namespace anagraph::publish {
namespace {

const std::map<std::string, std::string, std::less<>>& table() {
    static const auto colours = [] {
        std::map<std::string, std::string, std::less<>> out;
        const auto tokens = nlohmann::json::parse(resource("tokens.json"), nullptr, false);
        for (const auto& [name, value] : tokens.items())
            if (value.is_string()) out[name] = value.get<std::string>();
        return out;
    }();
    return colours;
}

}  // namespace

const std::string& colour(std::string_view name) {
    static const std::string none;
    const auto it = table().find(name);
    return it == table().end() ? none : it->second;
}

std::string with_colours(const std::string& text) {
    std::string out;
    for (std::size_t at = 0; at < text.size();) {
        const std::size_t sign = text.find('@', at);
        out.append(text, at, sign - at);
        if (sign == std::string::npos) break;
        at = sign + 1;
        while (at < text.size() && ((text[at] >= 'a' && text[at] <= 'z') || text[at] == '_')) ++at;
        const std::string_view word = std::string_view(text).substr(sign, at - sign);
        const std::string& known = colour(word.substr(1));
        out += known.empty() ? word : std::string_view(known);
    }
    return out;
}

SignalColours signal_colours(core::Signal signal) {
    const bool light = signal == core::Signal::Danger || signal == core::Signal::Notice;
    return {colour(core::name_of(signal)), colour(light ? "white" : "black")};
}

}  // namespace anagraph::publish
