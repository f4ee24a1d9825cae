#include "core/narration/words_json.h"

#include <nlohmann/json.hpp>

namespace anagraph::core {

using nlohmann::json;

std::string words_json(const Segment& segment) {
    if (segment.words.empty() && !segment.by_program) return "";
    json at = json::array(), unsure = json::array();
    for (std::size_t i = 0; i < segment.words.size(); ++i) {
        at.push_back(segment.words[i].at.text());
        if (segment.words[i].unsure) unsure.push_back(i);
    }
    return json{{"at", at}, {"unsure", unsure}, {"by_program", segment.by_program}}.dump();
}

bool take_words_json(Segment& segment, std::string_view text) {
    if (text.empty()) return true;
    // the library's own exceptions end here
    try {
        const json j = json::parse(text);
        std::vector<TimedWord> words;
        for (const auto& at : j.at("at")) {
            const auto time = FrameTime::parse(at.get<std::string>());
            if (!time) return false;
            words.push_back({*time});
        }
        if (!words.empty() && words.size() != said_words(segment.text).size()) return false;
        for (const auto& i : j.at("unsure")) words.at(i.get<std::size_t>()).unsure = true;
        segment.by_program = j.at("by_program").get<bool>();
        segment.words = std::move(words);
        return true;
    } catch (const std::exception&) {
        return false;
    }
}

}  // namespace anagraph::core
