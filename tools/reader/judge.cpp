// judge-speech NARRATIONS SENTENCES MANNERS [--answers FOLDER]
// Prints how well the reader reads (judgement.h) by manner of speech, with the keys an author presses from the draft to a good sheet
// (draft_keys.h) and how much of what is read hangs on where the lines were cut (cut_otherwise.h). --answers: what was read with the
// speaker left out, as `anagraph-cli read --json` writes it, a file each.
#include <fmt/format.h>

#include <fstream>

#include "tools/reader/judgement.h"

namespace {

using namespace anagraph::reader_tools;

const char* const kColumns[] = {"figures", "hedged", "steps", "cautions", "slips", "unseen", "chatter"};

void print(const std::string& title, const Scores& scores) {
    fmt::print("{:24}", title);
    for (const char* column : kColumns) {
        const auto& t = scores.at(column);
        fmt::print(" {:5.3f} {:>4}/{:<3}/{:<3}", t.f1(), t.right, t.wrong, t.missed);
    }
    fmt::print("\n");
}

}  // namespace

int main(int argc, char** argv) try {
    if (argc != 4 && argc != 6) {
        fmt::print(stderr, "judge-speech NARRATIONS SENTENCES MANNERS [--answers FOLDER]\n");
        return 2;
    }
    const auto found = judge(argv[1], argv[2], argv[3]);
    fmt::print("{:24}", "F1 right/wrong/missed");
    for (const char* column : kColumns) fmt::print(" {:<18}", column);
    fmt::print("\n");
    for (const auto& [name, manner] : found.manners) print(name + ", seen", manner.seen);
    for (const auto& [name, manner] : found.manners) print(name + ", left out", manner.left_out);
    for (const auto& [name, manner] : found.manners)
        fmt::print("{:24} keys from a draft to a sheet as the reference has it: {:.0f} a narration on average; without a draft {:.0f}\n",
            name + ", left out", manner.mean(manner.keys), manner.mean(manner.typed));
    for (const auto& [name, manner] : found.manners)
        fmt::print("{:24} differs in paragraphs of the same words: {:.1f} % ({} of {} entries)\n", name + ", left out",
            100 * manner.cut.share(), manner.cut.differ, manner.cut.entries);
    for (const auto& one : found.each) {
        print("  " + one.name, one.left_out);
        if (argc == 6) std::ofstream(fmt::format("{}/{}.json", argv[5], one.name)) << one.answer.dump(1) << '\n';
    }
    return 0;
} catch (const std::exception& e) {
    fmt::print(stderr, "{}\n", e.what());
    return 1;
}
