#include "tools/reader/judgement.h"

#include <fmt/format.h>

#include <algorithm>
#include <fstream>
#include <numeric>
#include <stdexcept>

#include "core/narration/reader.h"
#include "tools/reader/draft_keys.h"

namespace anagraph::reader_tools {
namespace {

constexpr std::size_t kFolds = 9;

std::map<std::string, std::string> manners_in(const std::string& file) {
    std::map<std::string, std::string> out;
    std::ifstream in(file);
    for (std::string name, manner; in >> name >> manner;) out[name] = manner;
    return out;
}

void add(Scores& to, const Scores& from) {
    for (const auto& [name, tally] : from) to[name] += tally;
}

core::SpeechTables learned_without(const std::vector<Sample>& samples, std::size_t fold, const std::string& sentences) {
    Speakers others;
    for (std::size_t i = 0; i < samples.size(); ++i)
        if (i % kFolds != fold) others.push_back(examples_of(samples[i]));
    add_sentences(sentences, others);
    const auto tables = learn(others);
    return {core::SpeechModel(tables.moments, core::Seen::ForMoments), core::SpeechModel(tables.steps, core::Seen::ForSteps)};
}

}  // namespace

double Judgement::Manner::mean(const std::vector<int>& values) {
    return values.empty() ? 0 : std::accumulate(values.begin(), values.end(), 0.0) / static_cast<double>(values.size());
}

Judgement judge(const std::string& narrations, const std::string& sentences, const std::string& manners) {
    const auto samples = read_samples(narrations);
    const auto manner_of = manners_in(manners);
    Judgement out;
    for (const auto& sample : samples)
        if (!manner_of.contains(sample.name)) throw std::runtime_error(fmt::format("{} has no line in {}", sample.name, manners));
    for (std::size_t fold = 0; fold < kFolds; ++fold) {
        const auto learned = learned_without(samples, fold, sentences);
        for (std::size_t i = fold; i < samples.size(); i += kFolds) {
            const auto& sample = samples[i];
            auto& manner = out.manners[manner_of.at(sample.name)];
            add(manner.seen, score(sample.gold, core::marks_json(sample.segments, core::read_marks(sample.segments))));
            const auto marks = core::read_marks(sample.segments, learned);
            auto answer = core::marks_json(sample.segments, marks);
            manner.keys.push_back(draft_keys(sample, marks).keys());
            manner.typed.push_back(draft_keys(sample, {}).keys());
            const auto paragraphs = in_paragraphs(sample.segments);
            manner.cut += differing(answer, core::marks_json(paragraphs, core::read_marks(paragraphs, learned)), paragraphs);
            auto scores = score(sample.gold, answer);
            add(manner.left_out, scores);
            out.each.push_back({sample.name, std::move(scores), std::move(answer)});
        }
    }
    std::sort(out.each.begin(), out.each.end(), [](const auto& a, const auto& b) { return a.name < b.name; });
    return out;
}

}  // namespace anagraph::reader_tools
