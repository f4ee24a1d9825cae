#include "tools/reader/score.h"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <functional>
#include <set>
#include <tuple>
#include <vector>

namespace anagraph::reader_tools {

using nlohmann::json;

namespace {

/// Verbs that careful people use for the same act.
const std::set<std::set<std::string>> kAlike = {{"replace", "remove"}, {"replace", "fit"}, {"remove", "open"}, {"remove", "disconnect"},
    {"remove", "lift"}, {"remove", "loosen"}, {"open", "loosen"}, {"fit", "connect"}, {"fit", "close"}, {"fit", "tighten"},
    {"fill", "pump"}, {"check", "inspect"}, {"check", "measure"}, {"mark", "record"}};

constexpr double kNear = 8.0;  // seconds

std::string bare(const json& value) {
    std::string out;
    for (const char c : value.is_string() ? value.get<std::string>() : value.dump())
        if (std::string(" \t\n-_./").find(c) == std::string::npos) out += static_cast<char>(std::toupper(static_cast<unsigned char>(c)));
    for (const char* body : {"ISO", "SAE"})
        for (auto at = out.find(body); at != std::string::npos; at = out.find(body)) out.erase(at, 3);
    return out;
}

bool near(const json& a, const json& b) {
    if (a.is_null() || b.is_null()) return a.is_null() && b.is_null();
    const double x = a.get<double>();
    const double y = b.get<double>();
    return std::abs(x - y) <= 0.01 * std::max({std::abs(x), std::abs(y), 1e-9});
}

json at(const json& entry, const char* name) { return entry.is_object() && entry.contains(name) ? entry[name] : json(); }

bool same_value(const json& r, const json& a) {
    if (r["value"].is_string() || at(a, "value").is_string()) return bare(r["value"]) == bare(at(a, "value"));
    return near(r["value"], at(a, "value")) && near(at(r, "value_hi"), at(a, "value_hi"));
}

double time_of(const json& entry) { return entry.is_object() ? entry.at("t").get<double>() : entry.get<double>(); }

class Segments {
public:
    explicit Segments(const json& starts) {
        for (const auto& s : starts) starts_.insert(s.get<double>());
        all_.assign(starts_.begin(), starts_.end());
    }
    long index(double t) const { return std::max<long>(0, std::upper_bound(all_.begin(), all_.end(), t + 0.05) - all_.begin() - 1); }
    bool together(double r, double a, long slack) const {
        return index(r) == index(a) || std::abs(r - a) <= kNear || std::abs(index(r) - index(a)) <= slack;
    }
    std::set<std::size_t> within(const json& runs) const {
        std::set<std::size_t> out;
        for (std::size_t i = 0; i < all_.size(); ++i)
            for (const auto& run : runs)
                if (run[0].get<double>() - 0.05 <= all_[i] && all_[i] <= run[1].get<double>() + 0.05) out.insert(i);
        return out;
    }

private:
    std::set<double> starts_;
    std::vector<double> all_;
};

using Same = std::function<bool(const json& reference, const json& answer)>;

/// One to one, nearest in time first: answer by reference.
std::map<std::size_t, std::size_t> match(const json& refs, const json& answers, const Same& same) {
    std::vector<std::tuple<double, std::size_t, std::size_t>> pairs;
    for (std::size_t i = 0; i < refs.size(); ++i)
        for (std::size_t j = 0; j < answers.size(); ++j)
            if (same(refs[i], answers[j])) pairs.emplace_back(std::abs(time_of(refs[i]) - time_of(answers[j])), i, j);
    std::sort(pairs.begin(), pairs.end());
    std::map<std::size_t, std::size_t> hits;
    std::set<std::size_t> taken;
    for (const auto& [apart, i, j] : pairs)
        if (!hits.contains(i) && taken.insert(j).second) hits.emplace(i, j);
    return hits;
}

Tally tally(std::size_t right, std::size_t found, std::size_t all) {
    return {static_cast<int>(right), static_cast<int>(found - right), static_cast<int>(all - right)};
}

void score_figures(const json& gold, const json& answer, const Segments& segments, Scores& out) {
    const json& refs = gold.at("figures");
    json found = json::array();
    std::set<std::string> seen;
    for (const auto& a : answer.at("figures"))
        if (seen.insert(json{segments.index(time_of(a)), a["kind"], bare(a["value"]), at(a, "value_hi")}.dump()).second) found.push_back(a);
    const auto hits = match(refs, found, [&](const json& r, const json& a) {
        const bool in_unit = r["kind"] == "interval" || r["kind"] == "reading";
        return r["kind"] == a["kind"] && same_value(r, a) && segments.together(time_of(r), time_of(a), 0) &&
            (!in_unit || at(r, "unit") == at(a, "unit"));
    });
    const auto optional = [&](const json& r) { return at(r, "optional") == json(true); };
    Tally figures;
    Tally hedged;
    std::set<std::size_t> taken;
    for (std::size_t i = 0; i < refs.size(); ++i) {
        const auto hit = hits.find(i);
        if (hit != hits.end()) taken.insert(hit->second);
        if (!optional(refs[i])) ++(hit == hits.end() ? figures.missed : figures.right);
        if (hit == hits.end()) continue;
        const bool wavers = at(refs[i], "hedged") == json(true);
        const bool said = at(found[hit->second], "hedged") == json(true);
        if (wavers || said) ++(wavers && said ? hedged.right : said ? hedged.wrong : hedged.missed);
    }
    for (std::size_t j = 0; j < found.size(); ++j) {
        if (taken.contains(j)) continue;
        // another reading of what careful people differ on is no error
        const bool left = std::any_of(refs.begin(), refs.end(), [&](const json& r) {
            return optional(r) && r["kind"] == found[j]["kind"] && segments.together(time_of(r), time_of(found[j]), 0);
        });
        if (!left) ++figures.wrong;
    }
    out["figures"] = figures;
    out["hedged"] = hedged;
}

}  // namespace

Scores score(const json& gold, const json& answer) {
    const Segments segments(gold.at("segment_starts"));
    Scores out;
    score_figures(gold, answer, segments, out);
    for (const char* name : {"cautions", "slips", "unseen"}) {
        std::map<long, json> once;
        for (const auto& a : answer.at(name)) once.emplace(segments.index(time_of(a)), a);
        json found = json::array();
        for (const auto& [segment, a] : once) found.push_back(a);
        const json refs = gold.value(name, json::array());
        const auto hits = match(refs, found, [&](const json& r, const json& a) { return segments.together(time_of(r), time_of(a), 1); });
        out[name] = tally(hits.size(), found.size(), refs.size());
    }
    const json steps = gold.value("steps", json::array());
    const auto hits = match(steps, answer.at("steps"), [&](const json& r, const json& a) {
        return segments.together(time_of(r), time_of(a), 1) &&
            (r["verb"] == a["verb"] || kAlike.contains({r["verb"].get<std::string>(), a["verb"].get<std::string>()}));
    });
    out["steps"] = tally(hits.size(), answer.at("steps").size(), steps.size());
    const auto talk = segments.within(gold.value("chatter", json::array()));
    const auto said = segments.within(answer.at("chatter"));
    std::size_t both = 0;
    for (const auto i : talk) both += said.contains(i) ? 1 : 0;
    out["chatter"] = tally(both, said.size(), talk.size());
    return out;
}

}  // namespace anagraph::reader_tools
