// hearing-corpus NARRATIONS SENTENCES DICTIONARY
// What the language of the trade is learned from: prints the sentences of the narrations (a folder) and of the sentences (a file; the
// first word of a line is its label), a sentence a line, as they are said. Words that stand there once and that the general dictionary
// does not know are slips of a recogniser and are left out with their sentence. DICTIONARY: written, how each word sounds.
#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <filesystem>
#include <fstream>
#include <iterator>
#include <map>
#include <set>

#include "core/hearing/spoken_words.h"
#include "core/narration/timed_text.h"
#include "media/hearing/pronunciation.h"
#include "media/hearing/recogniser.h"

namespace {

using namespace anagraph;
using Sentences = std::vector<std::vector<std::string>>;

void add(Sentences& to, std::string_view text) {
    for (auto& sentence : core::spoken_sentences(text)) to.push_back(std::move(sentence));
}

std::string contents(const std::string& name) {
    std::ifstream in(name, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

Sentences sentences_in(const std::string& narrations, const std::string& file) {
    Sentences out;
    std::set<std::string> files;
    for (const auto& entry : std::filesystem::directory_iterator(narrations))
        if (entry.path().extension() != ".json") files.insert(entry.path().string());
    for (const auto& name : files)
        if (const auto narration = core::read_timed_text(contents(name)))
            for (const auto& line : narration->segments) add(out, line.text);
    std::ifstream in(file);
    for (std::string line; std::getline(in, line);)
        if (!line.empty() && line[0] != '#' && line.find(' ') != std::string::npos) add(out, line.substr(line.find(' ') + 1));
    return out;
}

}  // namespace

int main(int argc, char** argv) {
    if (argc != 4) {
        fmt::print(stderr, "hearing-corpus NARRATIONS SENTENCES DICTIONARY\n");
        return 2;
    }
    const auto sentences = sentences_in(argv[1], argv[2]);
    std::map<std::string, int> count;
    for (const auto& sentence : sentences)
        for (const auto& word : sentence) ++count[word];
    const media::Pronunciations general(media::general_language().dictionary);
    std::string dictionary;
    std::set<std::string> left_out;
    for (const auto& [word, times] : count) {
        const auto lines = times > 1 || general.has(word) ? general.lines_of(word) : std::string();
        if (lines.empty()) left_out.insert(word);
        dictionary += lines;
    }
    for (const auto& sentence : sentences)
        if (std::none_of(sentence.begin(), sentence.end(), [&](const auto& word) { return left_out.contains(word); }))
            fmt::print("<s> {} </s>\n", fmt::join(sentence, " "));
    std::ofstream(argv[3], std::ios::binary) << dictionary;
    return 0;
}
