// Backups: made while others write, tried by opening, three kept; a damaged one is not called a backup.
#include "store/backups.h"

#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>

#include "store/library.h"
#include "store/whole_library.h"
#include "tests/core/job.h"
#include "tests/place.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::place;
using anagraph::testing::Scratch;
using namespace std::chrono_literals;

namespace {

constexpr std::chrono::sys_days kDay = std::chrono::year(2026) / 12 / 1;

class Backups : public ::testing::Test {
protected:
    void SetUp() override {
        library = *store::Library::make_or_open(at);
        guide = *library->create_guide(core::testing::guide(), "author");
        std::filesystem::create_directories(sticks);
    }
    void write(const std::string& note) {
        auto p = *library->load_guide(guide);
        core::Header h = p.header;
        h.site_note = note;
        const core::Change change{"note", {core::SetHeader{h}}};
        ASSERT_TRUE(library->append(guide, change, *core::apply(p, change), "author"));
    }
    const Scratch s;
    const std::string at = place(s / "library");
    const std::string sticks = s / "stick";
    std::unique_ptr<store::Library> library;
    store::GuideId guide;
};

}  // namespace

TEST_F(Backups, AreMadeBesideAnOpenWindowAndOpenOnAnotherComputer) {
    write("before");
    const auto backup = store::back_up(at, sticks, kDay);
    ASSERT_TRUE(backup) << backup.error().message;
    write("after");
    EXPECT_TRUE(store::try_archive(backup->file));
    ASSERT_TRUE(store::restore_library(backup->file, s / "elsewhere"));
    const auto there = store::Library::open(s / "elsewhere");
    ASSERT_TRUE(there) << there.error().message;
    EXPECT_EQ((*there)->load_guide(guide)->header.site_note, "before");
    EXPECT_EQ(library->load_guide(guide)->header.site_note, "after");
}

TEST_F(Backups, TheLastThreeStayAndNothingElseIsTouched) {
    std::ofstream(sticks + "/holiday.zip") << "mine";
    const auto other = store::Library::make_or_open(place(s / "other"));
    ASSERT_TRUE(store::back_up(place(s / "other"), sticks, kDay - std::chrono::days(90)));
    for (int i = 0; i < 5; ++i) {
        write("day " + std::to_string(i));
        ASSERT_TRUE(store::back_up(at, sticks, kDay + std::chrono::days(7 * i)));
    }
    const auto there = store::backups_in(sticks, at);
    ASSERT_EQ(there.size(), 3u);
    EXPECT_EQ(there.front().day, kDay + std::chrono::days(28));
    EXPECT_EQ(there.back().day, kDay + std::chrono::days(14));
    EXPECT_EQ(store::backups_in(sticks, place(s / "other")).size(), 1u) << "of a library each its own";
    EXPECT_TRUE(std::filesystem::exists(sticks + "/holiday.zip"));
    EXPECT_EQ(store::names_in(sticks).size(), 5u) << "and nothing half is left";
    // one of the same day is exchanged
    ASSERT_TRUE(store::back_up(at, sticks, kDay + std::chrono::days(28)));
    EXPECT_EQ(store::backups_in(sticks, at).size(), 3u);
}

TEST_F(Backups, AreDueAfterTheirDays) {
    EXPECT_TRUE(store::is_backup_due({}, kDay, 7));
    const std::vector<store::Backup> one{{"f", kDay, 1}};
    EXPECT_FALSE(store::is_backup_due(one, kDay + std::chrono::days(6), 7));
    EXPECT_TRUE(store::is_backup_due(one, kDay + std::chrono::days(7), 7));
    EXPECT_TRUE(store::is_backup_due(one, kDay - std::chrono::days(1), 7)) << "one of a day that has not come is of a wrong clock";
}

TEST_F(Backups, WhatFailsLeavesTheOlderOnes) {
    ASSERT_TRUE(store::back_up(at, sticks, kDay));
    EXPECT_EQ(store::back_up(at, s / "not there", kDay).error().code, core::ErrorCode::NotFound);
    EXPECT_EQ(store::back_up(at, sticks, kDay + std::chrono::days(7), [](double share) { return share < 0.7; }).error().code,
        core::ErrorCode::Cancelled);
    EXPECT_EQ(store::names_in(sticks).size(), 1u);
}

TEST_F(Backups, ADamagedArchiveIsFound) {
    const auto backup = store::back_up(at, sticks, kDay);
    ASSERT_TRUE(backup);
    auto bytes = *store::read_file(backup->file);
    const auto where = bytes.find("site_note");
    ASSERT_NE(where, std::string::npos);
    bytes[where + 3] = 'x';
    ASSERT_TRUE(store::write_file(s / "damaged.zip", bytes));
    EXPECT_FALSE(store::try_archive(s / "damaged.zip"));
    ASSERT_TRUE(store::write_file(s / "half.zip", bytes.substr(0, bytes.size() / 2)));
    EXPECT_FALSE(store::try_archive(s / "half.zip"));
}
