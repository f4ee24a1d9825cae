// The manual and what a shell completes are what the commands say of themselves: all of them, and each option with its words.
#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <regex>
#include <sstream>

#include "core/base/versions.h"
#include "store/files.h"
#include "tests/cli/run_cli.h"
#include "tests/scratch.h"

using namespace anagraph;
using namespace anagraph::testing;

namespace {

class Manual : public ::testing::Test {
protected:
    void SetUp() override { ASSERT_EQ(cli({"manual", "--to", folder / "manual"}).code, 0); }
    std::string page(const std::string& name) { return store::read_file(folder / ("manual/man1/" + name + ".1")).value_or(""); }
    /// What bash offers after these words.
    std::string completed(const std::string& words) {
        const std::string script = folder / "try.sh";
        std::ofstream(script) << "source " << (folder / "manual/completions/anagraph-cli") << "\nCOMP_WORDS=(" << words << " '')\n"
                              << "COMP_CWORD=$((${#COMP_WORDS[@]} - 1))\n_anagraph_cli\necho \"${COMPREPLY[@]}\"\n";
        std::string out;
        if (auto* pipe = ::popen(("bash " + script).c_str(), "r")) {
            char piece[4096];
            while (const auto n = std::fread(piece, 1, sizeof piece, pipe)) out.append(piece, n);
            ::pclose(pipe);
        }
        return out;
    }
    const Scratch folder;
};

}  // namespace

TEST_F(Manual, HasAPageForEveryCommandThatTheHelpLists) {
    const std::string help = cli({"--help"}).out;
    const std::string all = page("anagraph-cli");
    const std::regex command("\n  ([a-z]+) ");
    int count = 0;
    for (std::sregex_iterator it(help.begin() + static_cast<std::ptrdiff_t>(help.find("Subcommands:")), help.end(), command), end; it != end; ++it, ++count) {
        const std::string name = (*it)[1];
        EXPECT_NE(page("anagraph-cli-" + name), "") << name;
        EXPECT_NE(all.find("anagraph\\-cli\\-" + name), std::string::npos) << name;
    }
    EXPECT_GT(count, 20);
    EXPECT_EQ(help.find("manual"), std::string::npos) << "what only an installation needs is not offered";
}

TEST_F(Manual, SaysOfEveryOptionWhatItIs) {
    for (const auto& entry : std::filesystem::directory_iterator(folder / "manual/man1")) {
        std::istringstream in(store::read_file(entry.path().string()).value_or(""));
        for (std::string line; std::getline(in, line);) {
            if (line != ".TP") continue;
            std::string option, words;
            std::getline(in, option);
            std::getline(in, words);
            EXPECT_GT(words.size(), 3u) << entry.path().filename() << ": " << option;
        }
    }
    EXPECT_NE(page("anagraph-cli-log").find(".SS log add reading"), std::string::npos) << "what stands below a command stands in its page";
}

TEST_F(Manual, ABashCompletesCommandsBelowCommandsAndOptions) {
    EXPECT_NE(completed("anagraph-cli").find("verify"), std::string::npos);
    const std::string entries = completed("anagraph-cli log /some/library add");
    EXPECT_NE(entries.find("reading"), std::string::npos) << entries;
    EXPECT_EQ(entries.find("verify"), std::string::npos) << entries;
    EXPECT_NE(completed("anagraph-cli export").find("--as"), std::string::npos);
}

TEST(Versions, AreToldByEveryProgramAndWrittenInTheFormats) {
    EXPECT_EQ(cli({"--version"}).out, core::version_text("anagraph-cli") + "\n");
    const std::string formats = store::read_file(ANAGRAPH_SOURCE "/docs/format/README.md").value_or("");
    EXPECT_NE(formats.find("`user_version` " + std::to_string(core::kLibrarySchema)), std::string::npos) << "the library's is another";
    EXPECT_NE(formats.find("Procedure (format " + std::to_string(core::kProcedureFormat) + ")"), std::string::npos);
    const std::string changes = store::read_file(ANAGRAPH_SOURCE "/CHANGELOG.md").value_or("");
    EXPECT_NE(changes.find("\n## " + std::string(core::kVersion) + " ("), std::string::npos) << "users are not told what changed";
}
