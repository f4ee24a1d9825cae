// judge-speech NARRATIONS SENTENCES MANNERS [--answers FOLDER]
// How well the reader reads: once by the tables that ship, which were learned from these narrations too, and once by tables learned
// without the speaker that is read (and without two others, so that nine tables do for all); by manner of speech. MANNERS: a line each,
// "NAME manner". Beside it the keys an author presses from the draft to a good sheet (draft_keys.h), and how much of what is read hangs
// on where the lines were cut (cut_otherwise.h). --answers: what was read with the speaker left out, as `anagraph-cli read --json` writes
// it, a file each.
#include <fmt/format.h>

#include <algorithm>
#include <fstream>
#include <numeric>

#include "core/narration/reader.h"
#include "tools/reader/cut_otherwise.h"
#include "tools/reader/draft_keys.h"
#include "tools/reader/learner.h"
#include "tools/reader/score.h"

namespace {

using namespace anagraph;
using namespace anagraph::reader_tools;

constexpr std::size_t kFolds = 9;
const char* const kColumns[] = {"figures", "hedged", "steps", "cautions", "slips", "unseen", "chatter"};

std::map<std::string, std::string> manners_in(const std::string& file) {
    std::map<std::string, std::string> out;
    std::ifstream in(file);
    for (std::string name, manner; in >> name >> manner;) out[name] = manner;
    return out;
}

double mean(const std::vector<int>& values) {
    return std::accumulate(values.begin(), values.end(), 0.0) / static_cast<double>(values.size());
}

void add(Scores& to, const Scores& from) {
    for (const auto& [name, tally] : from) to[name] += tally;
}

void print(const std::string& title, const Scores& scores) {
    fmt::print("{:24}", title);
    for (const char* column : kColumns) {
        const auto& t = scores.at(column);
        fmt::print(" {:5.3f} {:>4}/{:<3}/{:<3}", t.f1(), t.right, t.wrong, t.missed);
    }
    fmt::print("\n");
}

}  // namespace

int main(int argc, char** argv) {
    if (argc != 4 && argc != 6) {
        fmt::print(stderr, "judge-speech NARRATIONS SENTENCES MANNERS [--answers FOLDER]\n");
        return 2;
    }
    const auto samples = read_samples(argv[1]);
    const auto manners = manners_in(argv[3]);
    std::map<std::string, Scores> seen, unseen;  // by manner
    std::vector<std::pair<std::string, Scores>> each;
    std::map<std::string, std::vector<int>> keys, typed;  // from a draft, and from nothing, to a good sheet; speakers left out
    std::map<std::string, Differing> cut;
    for (const auto& sample : samples)
        if (!manners.contains(sample.name)) {
            fmt::print(stderr, "{} has no line in {}\n", sample.name, argv[3]);
            return 1;
        }
    for (std::size_t fold = 0; fold < kFolds; ++fold) {
        Speakers others;
        for (std::size_t i = 0; i < samples.size(); ++i)
            if (i % kFolds != fold) others.push_back(examples_of(samples[i]));
        add_sentences(argv[2], others);
        const auto tables = learn(others);
        const core::SpeechTables learned{
            core::SpeechModel(tables.moments, core::Seen::ForMoments), core::SpeechModel(tables.steps, core::Seen::ForSteps)};
        for (std::size_t i = fold; i < samples.size(); i += kFolds) {
            const auto& sample = samples[i];
            const auto& manner = manners.at(sample.name);
            add(seen[manner], score(sample.gold, core::marks_json(sample.segments, core::read_marks(sample.segments))));
            const auto marks = core::read_marks(sample.segments, learned);
            const auto answer = core::marks_json(sample.segments, marks);
            const auto pressed = draft_keys(sample, marks);
            keys[manner].push_back(pressed.keys());
            typed[manner].push_back(draft_keys(sample, {}).keys());
            const auto paragraphs = in_paragraphs(sample.segments);
            cut[manner] += differing(answer, core::marks_json(paragraphs, core::read_marks(paragraphs, learned)), paragraphs);
            each.emplace_back(sample.name, score(sample.gold, answer));
            add(unseen[manner], each.back().second);
            if (argc == 6) std::ofstream(fmt::format("{}/{}.json", argv[5], sample.name)) << answer.dump(1) << '\n';
        }
    }
    std::sort(each.begin(), each.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
    fmt::print("{:24}", "F1 right/wrong/missed");
    for (const char* column : kColumns) fmt::print(" {:<18}", column);
    fmt::print("\n");
    for (const auto& [manner, scores] : seen) print(manner + ", seen", scores);
    for (const auto& [manner, scores] : unseen) print(manner + ", left out", scores);
    for (const auto& [manner, all] : keys)
        fmt::print("{:24} keys from a draft to a sheet as the reference has it: {:.0f} a narration on average; without a draft {:.0f}\n",
            manner + ", left out", mean(all), mean(typed.at(manner)));
    for (const auto& [manner, d] : cut)
        fmt::print("{:24} differs in paragraphs of the same words: {:.1f} % ({} of {} entries)\n", manner + ", left out", 100 * d.share(),
            d.differ, d.entries);
    for (const auto& [name, scores] : each) print("  " + name, scores);
    return 0;
}
