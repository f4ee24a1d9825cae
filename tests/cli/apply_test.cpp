// anagraph-cli apply: changes from several programs on one guide.
#include <fmt/format.h>
#include <gtest/gtest.h>

#include <fstream>
#include <thread>

#include "core/procedure/json.h"
#include "store/library.h"
#include "tests/cli/run_cli.h"
#include "tests/core/job.h"
#include "tests/place.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::cli;
using anagraph::testing::place;
using anagraph::testing::Scratch;
using nlohmann::json;

namespace {

class Apply : public ::testing::Test {
protected:
    void SetUp() override {
        const auto library = store::Library::make_or_open(place(folder / "lib"));
        ASSERT_TRUE(library);
        guide = (*library)->create_guide(start, "author")->text();
    }
    /// A file that holds a change of a step's lines.
    std::string lines(const char* step, const std::vector<std::string>& words, const std::string& name = "change.json") {
        core::Step s = *start.find(core::StepId(step));
        s.lines = words;
        return written({"edit lines", {core::Put<core::Step>{s, std::nullopt}}}, name);
    }
    std::string written(const core::Change& change, const std::string& name) {
        std::ofstream(folder / name) << core::to_json(change);
        return folder / name;
    }
    anagraph::testing::CliAnswer apply(const std::string& file, const std::string& base = "1") {
        return cli({"apply", place(folder / "lib"), guide, file, "--as", "author", "--base", base, "--json"});
    }

    const Scratch folder;
    const core::Procedure start = core::testing::guide();
    std::string guide;
};

}  // namespace

TEST_F(Apply, SaysTheSequenceAndWhetherItWasRebased) {
    const auto first = apply(lines("one", {"Undo the plug."}));
    ASSERT_EQ(first.code, 0) << first.err << first.out;
    EXPECT_EQ(first.value(), (json{{"sequence", 2}, {"rebased", false}}));
    const auto second = apply(lines("two", {"Fit the plug."}));
    ASSERT_EQ(second.code, 0) << second.err << second.out;
    EXPECT_EQ(second.value(), (json{{"sequence", 3}, {"rebased", true}}));
    const auto third = cli({"apply", place(folder / "lib"), guide, lines("three", {"Wipe it."}), "--as", "author", "--json"});
    EXPECT_EQ(third.value()["sequence"], 4) << "without a base, on what it is now";
}

TEST_F(Apply, AConflictHoldsBothAndWhatTheyCameFrom) {
    ASSERT_EQ(apply(lines("one", {"Undo the plug."})).code, 0);
    const auto answer = apply(lines("one", {"Loosen the plug."}));
    EXPECT_EQ(answer.code, 1);
    const auto conflict = answer.value()["conflict"];
    EXPECT_EQ(conflict["mine"], json{"Loosen the plug."});
    EXPECT_EQ(conflict["theirs"], json{"Undo the plug."});
    EXPECT_EQ(conflict["base"], json::array());
}

TEST_F(Apply, WrongUseIsTold) {
    EXPECT_EQ(apply(lines("one", {"Undo the plug."}), "7").code, 2) << "no such base";
    std::ofstream(folder / "no.json") << "{";
    EXPECT_EQ(apply(folder / "no.json").code, 2);
    EXPECT_EQ(apply(folder / "none.json").code, 2);
    EXPECT_EQ(cli({"apply", folder / "nowhere", guide, lines("one", {"x"}), "--as", "author"}).code, 2);
}

TEST_F(Apply, EightProgramsAtOnceLoseNothing) {
    constexpr int kPrograms = 8;
    constexpr int kEach = 25;
    std::vector<std::thread> programs;
    std::vector<int> wrong(kPrograms, 0);
    for (int i = 0; i < kPrograms; ++i)
        programs.emplace_back([&, i] {
            for (int n = 0; n < kEach; ++n) {
                core::Item item;
                item.id = core::ItemId(fmt::format("part-{}-{}", i, n));
                item.name = fmt::format("part {} of {}", n, i);
                const auto file = written({"add an item", {core::Put<core::Item>{item, std::nullopt}}}, fmt::format("{}.json", i));
                wrong[static_cast<std::size_t>(i)] += apply(file).code == 0 ? 0 : 1;
            }
        });
    for (auto& p : programs) p.join();
    EXPECT_EQ(wrong, std::vector<int>(kPrograms, 0));
    const auto library = store::Library::make_or_open(place(folder / "lib"));
    const auto now = (*library)->guide_state(store::GuideId(guide));
    ASSERT_TRUE(now);
    EXPECT_EQ(now->sequence, 1 + kPrograms * kEach);
    EXPECT_EQ(now->procedure.items.size(), start.items.size() + kPrograms * kEach);
}
