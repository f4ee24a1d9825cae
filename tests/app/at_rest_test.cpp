// A window nobody touches does nothing, and still hears what others do.
#include <gtest/gtest.h>

#include <QElapsedTimer>

#include "tests/app/demo_guide.h"

using namespace anagraph;
using namespace anagraph::app;

namespace {

/// Counts the timers that fire in the program.
class TimersSeen : public QObject {
public:
    TimersSeen() { qApp->installEventFilter(this); }
    int count() const { return count_; }
    QString last() const { return last_; }

protected:
    bool eventFilter(QObject* of, QEvent* event) override {
        if (event->type() == QEvent::Timer) {
            ++count_;
            last_ = QStringLiteral("%1 of %2")
                        .arg(QLatin1String(of->metaObject()->className()),
                            of->parent() == nullptr ? QStringLiteral("nobody") : QLatin1String(of->parent()->metaObject()->className()));
        }
        return false;
    }

private:
    int count_ = 0;
    QString last_;
};

class AtRest : public anagraph::testing::OnDemoGuide {
protected:
    void SetUp() override {
        flash_ = QApplication::cursorFlashTime();
        QApplication::setCursorFlashTime(0);  // a cursor in a field is the desktop's
        OnDemoGuide::SetUp();
    }
    void TearDown() override { QApplication::setCursorFlashTime(flash_); }

    /// Longer than anything that looks now and then would let pass.
    bool comes_to_rest() {
        constexpr int kRestMs = 1700;
        QElapsedTimer all, quiet;
        all.start();
        quiet.start();
        for (int before = timers_.count(); all.elapsed() < 60000;) {
            QTest::qWait(20);
            if (timers_.count() != before) {
                before = timers_.count();
                quiet.restart();
            }
            if (quiet.elapsed() > kRestMs) return true;
        }
        return false;
    }

    TimersSeen timers_;
    int flash_ = 0;
};

}  // namespace

TEST_F(AtRest, NoTimerFiresAtAnyStation) {
    for (int stop = MainWindow::Tape; stop <= MainWindow::Logbook; ++stop) {
        (*w)->go(static_cast<MainWindow::Stop>(stop));
        EXPECT_TRUE(comes_to_rest()) << "station " << stop << " goes on: " << timers_.last().toStdString();
    }
}

TEST_F(AtRest, WhatOthersDoIsHeardAllTheSame) {
    ASSERT_TRUE(comes_to_rest()) << timers_.last().toStdString();
    auto other = store::Library::open(anagraph::testing::place(scratch / "library"));
    ASSERT_TRUE(other) << other.error().message;
    core::Step step = guide().steps.front();
    step.heading = "Warm it up";
    ASSERT_TRUE((*other)->append_on(session().guide(), (*other)->guide_state(session().guide())->sequence,
        {"write a heading", {core::Put<core::Step>{step, std::nullopt}}}, "trainer"));
    EXPECT_TRUE(QTest::qWaitFor([&] { return guide().steps.front().heading == "Warm it up"; }, 60000));
    EXPECT_TRUE(comes_to_rest()) << timers_.last().toStdString();
}

TEST_F(AtRest, TwoWhoComeLaterKnowOfEachOther) {
    ASSERT_TRUE(comes_to_rest()) << timers_.last().toStdString();
    anagraph::testing::Window second(scratch / "library");
    EXPECT_TRUE(QTest::qWaitFor([&] { return !session().others().empty() && !second->session().others().empty(); }, 60000));
}
