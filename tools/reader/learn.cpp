// learn-speech NARRATIONS SENTENCES FOLDER
// Makes the tables of the speech model (resources/reader) from narrations with reference answers and from the sentences beside this file:
// moments.txt and steps.txt in FOLDER. The same input gives the same tables.
#include <fmt/format.h>

#include <fstream>

#include "tools/reader/learner.h"

int main(int argc, char** argv) {
    using namespace anagraph::reader_tools;
    if (argc != 4) {
        fmt::print(stderr, "learn-speech NARRATIONS SENTENCES FOLDER\n");
        return 2;
    }
    Speakers speakers;
    for (const auto& sample : read_samples(argv[1])) speakers.push_back(examples_of(sample));
    add_sentences(argv[2], speakers);
    const auto tables = learn(speakers);
    std::ofstream(std::string(argv[3]) + "/moments.txt", std::ios::binary) << tables.moments;
    std::ofstream(std::string(argv[3]) + "/steps.txt", std::ios::binary) << tables.steps;
    return 0;
}
