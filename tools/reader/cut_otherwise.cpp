#include "tools/reader/cut_otherwise.h"

#include <algorithm>
#include <iterator>
#include <set>
#include <sstream>

namespace anagraph::reader_tools {

using nlohmann::json;

std::vector<core::Segment> in_paragraphs(const std::vector<core::Segment>& segments, std::size_t words) {
    const auto count = [](const std::string& text) {
        std::istringstream in(text);
        return static_cast<std::size_t>(std::distance(std::istream_iterator<std::string>(in), {}));
    };
    std::vector<core::Segment> out;
    std::size_t held = words;
    for (const auto& s : segments) {
        if (held >= words) {
            out.push_back({s.start, s.end, s.text});
            held = 0;
        } else {
            out.back().text += " " + s.text;
            out.back().end = s.end;
        }
        held += count(s.text);
    }
    return out;
}

Differing& Differing::operator+=(const Differing& other) {
    entries += other.entries;
    differ += other.differ;
    return *this;
}

Differing differing(const json& answer, const json& of_paragraphs, const std::vector<core::Segment>& paragraphs) {
    const auto paragraph = [&](double t) {
        const auto after = std::upper_bound(
            paragraphs.begin(), paragraphs.end(), t + 0.01, [](double at, const core::Segment& s) { return at < s.start.seconds(); });
        return after == paragraphs.begin() ? 0 : after - paragraphs.begin() - 1;
    };
    const auto entries = [&](const json& of, const char* list) {
        std::set<std::string> out;
        for (const auto& e : of.at(list)) {
            json key{paragraph(e.at("t").get<double>())};
            for (const char* part : {"kind", "value", "value_hi", "verb"})
                if (e.contains(part)) key.push_back(e[part]);
            out.insert(key.dump());
        }
        return out;
    };
    Differing out;
    for (const char* list : {"figures", "steps", "cautions", "slips", "unseen"}) {
        const auto a = entries(answer, list);
        const auto b = entries(of_paragraphs, list);
        std::vector<std::string> alone;
        std::set_symmetric_difference(a.begin(), a.end(), b.begin(), b.end(), std::back_inserter(alone));
        out += {static_cast<int>(a.size() + b.size()), static_cast<int>(alone.size())};
    }
    return out;
}

}  // namespace anagraph::reader_tools
