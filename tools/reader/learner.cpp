#include "tools/reader/learner.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <cmath>
#include <filesystem>
#include <fstream>
#include <iterator>
#include <map>
#include <random>

#include "core/narration/reading_lines.h"

namespace anagraph::reader_tools {

using namespace anagraph::core;
using nlohmann::json;

namespace {

/// How one table is learned.
struct Plan {
    Seen seen;
    std::size_t most;      // words of a stretch
    std::size_t speakers;  // a feature must be heard from so many
    double penalty;
    int rounds;
    double least;  // weights below are left out
    std::vector<std::string> labels;
};

const Plan kPlans[] = {{Seen::ForMoments, kMomentStretch, 5, 0.1, 40, 0.04, {"caution", "slip", "unseen", "matter"}},
    {Seen::ForSteps, kStepStretch, 4, 0.1, 25, 0.06,
        {"drain", "fill", "remove", "fit", "replace", "tighten", "loosen", "open", "close", "clean", "inspect", "check", "measure",
            "lubricate", "run", "wait", "mark", "reset", "lift", "lower", "pump", "bleed", "cut", "adjust", "record", "dispose", "connect",
            "disconnect"}}};
constexpr double kStep = 0.1;
constexpr double kRare = 1.5;    // what is there weighs more than what is not: it is rare
constexpr int kOwnSpeakers = 6;  // the sentences count as so many speakers

std::string read_file(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

/// What every narration of ours says because it is ours, and nobody else's does.
bool is_ours(const std::string& feature) {
    for (const char* name : {"kelder", "quay", "training", "workshop"})
        if (feature.find(name) != std::string::npos) return true;
    return false;
}

class Learner {
public:
    Learner(Speakers& speakers, const Plan& plan) : plan_(plan) {
        std::vector<std::vector<std::vector<std::vector<std::string>>>> texts(speakers.size());
        std::map<std::string, std::set<std::size_t>> heard;
        for (std::size_t s = 0; s < speakers.size(); ++s)
            for (const auto& e : speakers[s]) {
                auto& stretches = texts[s].emplace_back();
                if (!known(e)) continue;
                for (const auto& stretch : stretches_of(e.line, plan.most)) {
                    stretches.push_back(speech_features(part_of(e.line, stretch), plan.seen));
                    for (const auto& f : stretches.back()) heard[f].insert(s);
                }
            }
        std::map<std::string, std::size_t> numbers;
        for (const auto& [f, by] : heard)
            if (by.size() >= plan.speakers && !is_ours(f)) {
                numbers.emplace(f, names_.size());
                names_.push_back(f);
            }
        for (std::size_t s = 0; s < speakers.size(); ++s)
            for (std::size_t k = 0; k < speakers[s].size(); ++k) {
                Example& e = speakers[s][k];
                e.features.clear();
                for (const auto& stretch : texts[s][k]) {
                    auto& found = e.features.emplace_back();
                    for (const auto& f : stretch)
                        if (const auto it = numbers.find(f); it != numbers.end()) found.push_back(it->second);
                }
                if (known(e) && !e.features.empty()) examples_.push_back(&e);
            }
    }
    const std::vector<std::string>& names() const { return names_; }

    /// Weights of all features, and the bias after them.
    std::vector<double> learn(const std::string& label) const {
        std::vector<double> w(names_.size() + 1, 0);
        std::vector<double> moved(w.size(), 1);  // sums of squared slopes: what moved often moves less
        const std::size_t bias = names_.size();
        w[bias] = -4;
        const auto score = [&](const std::vector<std::size_t>& f) {
            double s = w[bias];
            for (const auto i : f) s += w[i];
            return s;
        };
        const auto move = [&](const std::vector<std::size_t>& f, double wanted, double weight) {
            const double slope = (1 / (1 + std::exp(-score(f))) - wanted) * weight;
            for (const auto i : f) {
                const double own = slope + plan_.penalty * w[i];
                moved[i] += own * own;
                w[i] -= kStep * own / std::sqrt(moved[i]);
            }
            moved[bias] += slope * slope;
            w[bias] -= kStep * slope / std::sqrt(moved[bias]);
        };
        std::mt19937 random(1);
        auto order = examples_;
        for (int round = 0; round < plan_.rounds; ++round) {
            std::shuffle(order.begin(), order.end(), random);
            for (const auto* e : order) {
                if (!known(*e, label)) continue;
                if (e->labels.contains(label))
                    move(*std::max_element(
                             e->features.begin(), e->features.end(), [&](const auto& a, const auto& b) { return score(a) < score(b); }),
                        1, kRare);
                else
                    for (const auto& f : e->features) move(f, 0, 1);
            }
        }
        return w;
    }

private:
    bool known(const Example& e) const { return plan_.seen == Seen::ForMoments || e.knows_steps; }
    bool known(const Example& e, const std::string& label) const {
        if (plan_.seen == Seen::ForSteps) return e.knows_steps;
        return label == "matter" ? e.knows_matter : e.knows_moments;
    }

    const Plan& plan_;
    std::vector<std::string> names_;
    std::vector<const Example*> examples_;
};

std::string table_of(const Plan& plan, const Learner& learner) {
    std::vector<std::vector<double>> w;
    for (const auto& label : plan.labels) w.push_back(learner.learn(label));
    const std::size_t n = learner.names().size();
    std::string out = "labels\t" + fmt::format("{}", fmt::join(plan.labels, " ")) + "\nbias\t";
    for (std::size_t l = 0; l < w.size(); ++l) out += fmt::format("{}{:.2f}", l == 0 ? "" : " ", w[l][n]);
    out += '\n';
    for (std::size_t i = 0; i < n; ++i) {
        std::string row;
        for (std::size_t l = 0; l < w.size(); ++l)
            if (std::abs(w[l][i]) >= plan.least) row += fmt::format("{}{}:{:.2f}", row.empty() ? "" : " ", l, w[l][i]);
        if (!row.empty()) out += fmt::format("{}\t{}\n", learner.names()[i], row);
    }
    return out;
}

}  // namespace

std::vector<Sample> read_samples(const std::string& folder) {
    std::set<std::string> names;
    for (const auto& entry : std::filesystem::directory_iterator(folder)) {
        const std::string name = entry.path().filename().string();
        if (const auto at = name.find(".gold.json"); at != std::string::npos) names.insert(name.substr(0, at));
    }
    std::vector<Sample> out;
    for (const auto& name : names)
        for (const char* extension : {".vtt", ".srt", ".txt"}) {
            const std::string base = folder + "/" + name;
            if (!std::filesystem::exists(base + extension)) continue;
            auto narration = read_timed_text(read_file(base + extension));
            if (narration) out.push_back({name, std::move(narration->segments), json::parse(read_file(base + ".gold.json"))});
            break;
        }
    return out;
}

namespace {

/// The lines as they were written, each with what was marked in it.
std::vector<Example> written_examples(const Sample& sample) {
    const json& gold = sample.gold;
    std::vector<Example> out;
    for (const auto& s : sample.segments) {
        Example e{Line{words_of(s.text)}, {}, true, true, true, {}};
        const auto here = [&](const json& x) { return std::abs(x.at("t").get<double>() - s.start.seconds()) < 0.06; };
        for (const auto& [list, label] : {std::pair("cautions", "caution"), std::pair("slips", "slip"), std::pair("unseen", "unseen")})
            for (const auto& x : gold.value(list, json::array()))
                if (here(x)) e.labels.insert(label);
        for (const auto& x : gold.value("steps", json::array()))
            if (here(x) && !x.value("optional", false)) e.labels.insert(x.at("verb").get<std::string>());
        const auto& talk = gold.value("chatter", json::array());
        const double t = s.start.seconds();
        if (std::none_of(talk.begin(), talk.end(),
                [&](const json& run) { return run.at(0).get<double>() - 0.06 <= t && t <= run.at(1).get<double>() + 0.06; }))
            e.labels.insert("matter");
        out.push_back(std::move(e));
    }
    return out;
}

/// The lines as they are read, with what was marked where most of their words were written. A line that holds the smaller part of a
/// marked one is left out: whether it is what was marked, nobody can tell.
std::vector<Example> read_examples(const Sample& sample, const std::vector<Example>& written) {
    std::vector<Example> out;
    for (auto& read : core::reading_lines(sample.segments)) {
        std::map<std::size_t, std::size_t> words;  // of each segment
        for (const auto& w : read.written) ++words[w.segment];
        Example e{std::move(read.line), {}, true, true, true, {}};
        std::size_t matter = 0;
        bool unclear = false;
        for (const auto& [segment, count] : words) {
            const Example& whole = written[segment];
            if (whole.labels.contains("matter")) matter += count;
            for (const auto& label : whole.labels)
                if (label != "matter" && count * 2 >= whole.line.size())
                    e.labels.insert(label);
                else if (label != "matter")
                    unclear = true;
        }
        if (unclear && e.labels.empty()) continue;
        if (matter * 2 >= e.line.size()) e.labels.insert("matter");
        out.push_back(std::move(e));
    }
    return out;
}

}  // namespace

std::vector<Example> examples_of(const Sample& sample) {
    auto out = written_examples(sample);
    auto read = read_examples(sample, out);
    std::move(read.begin(), read.end(), std::back_inserter(out));
    return out;
}

void add_sentences(const std::string& file, Speakers& speakers) {
    const std::size_t first = speakers.size();
    speakers.resize(first + kOwnSpeakers);
    std::ifstream in(file);
    std::size_t count = 0;
    for (std::string line; std::getline(in, line);) {
        const auto blank = line.find(' ');
        if (line.empty() || line[0] == '#' || blank == std::string::npos) continue;
        const std::string kind = line.substr(0, blank);
        Example e{Line{words_of(line.substr(blank + 1))}, {}, true, true, true, {}};
        if (kind.size() == 1) {
            if (kind == "c") e.labels.insert("caution");
            if (kind == "s") e.labels.insert("slip");
            if (kind == "u") e.labels.insert("unseen");
            if (kind != "t" && kind != "-") e.labels.insert("matter");
            e.knows_matter = kind != "-";
            e.knows_steps = false;
        } else {
            for (std::size_t at = 0; at < kind.size();) {
                const auto comma = std::min(kind.find(',', at), kind.size());
                if (kind != "none") e.labels.insert(kind.substr(at, comma - at));
                at = comma + 1;
            }
            e.labels.insert("matter");
            e.knows_moments = false;
        }
        speakers[first + count++ % kOwnSpeakers].push_back(std::move(e));
    }
}

Tables learn(Speakers& speakers) {
    const auto table = [&](const Plan& plan) { return table_of(plan, Learner(speakers, plan)); };
    return {table(kPlans[0]), table(kPlans[1])};
}

}  // namespace anagraph::reader_tools
