// A program that ended without closing is noticed by the next, with what it had open; one that closed, or still runs, is not.
#include "store/running.h"

#include <gtest/gtest.h>
#include <sys/wait.h>
#include <unistd.h>

#include <csignal>

#include "store/files.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::Scratch;
using store::Running;

namespace {

/// Another process that is open at a guide, says so, and is killed.
void killed_at(const std::string& folder, const std::string& library, const std::string& guide, const std::string& last_words = {}) {
    int said[2];
    ASSERT_EQ(::pipe(said), 0);
    const pid_t child = ::fork();
    if (child == 0) {
        auto running = Running::begin(folder);
        if (!running || !running->at(library, guide)) ::_exit(1);
        if (!last_words.empty() && ::write(running->file(), last_words.data(), last_words.size()) < 0) ::_exit(1);
        if (::write(said[1], "x", 1) != 1) ::_exit(1);
        for (;;) ::pause();
    }
    char sign = 0;
    ASSERT_EQ(::read(said[0], &sign, 1), 1);
    EXPECT_TRUE(Running::ended(folder).empty()) << "it still runs";
    ::kill(child, SIGKILL);
    ::waitpid(child, nullptr, 0);
    ::close(said[0]);
    ::close(said[1]);
}

}  // namespace

TEST(Running, OneThatClosedLeavesNothing) {
    const Scratch folder;
    {
        auto running = Running::begin(folder / "state");
        ASSERT_TRUE(running) << running.error().message;
        ASSERT_TRUE(running->at("/library", "guide"));
        EXPECT_TRUE(Running::ended(folder / "state").empty()) << "it is open";
    }
    EXPECT_TRUE(Running::ended(folder / "state").empty());
    EXPECT_TRUE(store::names_in(folder / "state").empty());
}

TEST(Running, OneThatWasKilledIsToldOnceWithWhatItHadOpen) {
    const Scratch folder;
    killed_at(folder / "state", "/the/library", "a-long-guide");
    auto ended = Running::ended(folder / "state");
    ASSERT_EQ(ended.size(), 1u);
    EXPECT_EQ(ended[0].library, "/the/library");
    EXPECT_EQ(ended[0].guide, "a-long-guide");
    EXPECT_EQ(ended[0].last_words, "");
    EXPECT_FALSE(ended[0].since.empty());
    EXPECT_TRUE(Running::ended(folder / "state").empty()) << "it is told once";
    killed_at(folder / "state", "/the/library", "b", "signal 11\nframe\n");
    ended = Running::ended(folder / "state");
    ASSERT_EQ(ended.size(), 1u);
    EXPECT_EQ(ended[0].guide, "b");
    EXPECT_EQ(ended[0].last_words, "signal 11\nframe\n");
}

TEST(Running, ADamagedNoteIsStillOneThatEnded) {
    const Scratch folder;
    ASSERT_TRUE(store::make_folder(folder / "state"));
    ASSERT_TRUE(store::write_file(folder / "state/123.running", "{\"since\": 5, \"gui"));
    const auto ended = Running::ended(folder / "state");
    ASSERT_EQ(ended.size(), 1u);
    EXPECT_EQ(ended[0].guide, "");
}
