// Long work beside the window: its result, its progress, its cancel, and what becomes of it when it is replaced or throws.
#include "app/work/work.h"

#include <gtest/gtest.h>

#include <QSignalSpy>
#include <QTest>
#include <semaphore>
#include <stdexcept>

#include "app/work/work_bar.h"

using namespace anagraph;
using anagraph::app::GoOn;
using anagraph::app::Work;

namespace {

constexpr int kLong = 30000;  // ms a test waits before it fails

core::Result<int> until_stopped(const GoOn& go_on) {
    while (go_on(0.5)) QThread::msleep(1);
    return core::fail(core::ErrorCode::Cancelled, std::string("It was stopped."));
}

}  // namespace

TEST(Work, HandsItsResultBackAndIsBusyMeanwhile) {
    Work work(nullptr);
    QSignalSpy busy(&work, &Work::busy_changed);
    int got = 0;
    bool quiet = false;
    work.run([](const GoOn&) { return 7; },
        [&](int result) {
            got = result;
            quiet = !work.busy();
        });
    EXPECT_TRUE(work.busy());
    ASSERT_TRUE(QTest::qWaitFor([&] { return got == 7; }, kLong));
    EXPECT_TRUE(quiet) << "what follows may begin the next work";
    EXPECT_EQ(busy.count(), 2);
}

TEST(Work, WhatItThrowsBecomesItsError) {
    Work work(nullptr);
    std::optional<core::Result<int>> got;
    work.run(
        [](const GoOn&) -> core::Result<int> { throw std::runtime_error("the disk is gone"); }, [&](core::Result<int>& r) { got = r; });
    ASSERT_TRUE(QTest::qWaitFor([&] { return got.has_value(); }, kLong));
    EXPECT_FALSE(*got);
}

TEST(Work, CancelledItHandsItsErrorBack) {
    Work work(nullptr);
    std::optional<core::Result<int>> got;
    work.run(until_stopped, [&](core::Result<int>& r) { got = r; });
    work.cancel();
    EXPECT_TRUE(work.busy()) << "until it has ended";
    ASSERT_TRUE(QTest::qWaitFor([&] { return got.has_value(); }, kLong));
    EXPECT_EQ(got->error().code, core::ErrorCode::Cancelled);
}

TEST(Work, TheNewestCountsAndTheOneBeforeIsNotHandedOver) {
    Work work(nullptr);
    bool old = false;
    int got = 0;
    std::binary_semaphore stopped(0);
    work.run(
        [&](const GoOn& go_on) {
            const auto r = until_stopped(go_on);
            stopped.release();
            return r;
        },
        [&](core::Result<int>&) { old = true; });
    work.run([](const GoOn&) { return 2; }, [&](int r) { got = r; });
    ASSERT_TRUE(QTest::qWaitFor([&] { return got == 2; }, kLong));
    stopped.acquire();  // it was told to stop
    QTest::qWait(1);
    EXPECT_FALSE(old);
}

TEST(Work, GoneWithItsOwnerItIsToldToStopAndHandsNothingOver) {
    bool handed = false;
    auto ended = std::make_shared<std::binary_semaphore>(0);
    {
        QObject owner;
        auto* work = new Work(&owner);
        work->run(
            [ended](const GoOn& go_on) {
                const auto r = until_stopped(go_on);
                ended->release();
                return r;
            },
            [&](core::Result<int>&) { handed = true; });
    }
    ended->acquire();
    Work::end_all();
    QTest::qWait(1);
    EXPECT_FALSE(handed);
}

TEST(Work, AllOfItEndsBeforeTheWindow) {
    Work work(nullptr);
    work.run(until_stopped, [](core::Result<int>&) {});
    Work::end_all();  // would wait for ever for work that is not told
    EXPECT_TRUE(work.busy()) << "its result comes with the next events";
    EXPECT_TRUE(QTest::qWaitFor([&] { return !work.busy(); }, kLong));
}

TEST(WorkBar, ShowsWhatIsDoneAndTheTimeThatIsLeftWhileItRuns) {
    QWidget window;
    Work work(&window);
    auto* cancel = new QWidget;
    app::WorkBar bar(work, QStringLiteral("Import progress"), cancel, &window);
    window.show();
    EXPECT_TRUE(bar.isHidden());
    bar.set_words(QStringLiteral("Looking through film.mp4"));
    work.run(until_stopped, [](core::Result<int>&) {});
    EXPECT_FALSE(bar.isHidden());
    auto* words = bar.findChild<QLabel*>();
    ASSERT_TRUE(QTest::qWaitFor([&] { return words->text().endsWith(QStringLiteral("s left")); }, kLong));
    EXPECT_TRUE(words->text().startsWith(QStringLiteral("Looking through film.mp4, ")));
    EXPECT_EQ(bar.findChild<QProgressBar*>()->value(), 500);
    work.cancel();
    ASSERT_TRUE(QTest::qWaitFor([&] { return bar.isHidden(); }, kLong));
}
