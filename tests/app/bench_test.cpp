// The Bench by its one key and by the wrench on the line; and that the window, a file of a tablet and the desk bring the same record.
#include <gtest/gtest.h>

#include <QDragEnterEvent>
#include <QDropEvent>
#include <QImage>
#include <QListWidget>
#include <QMimeData>
#include <QProcess>
#include <QScrollArea>
#include <QSettings>
#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>

#include "app/bench/bench_station.h"
#include "app/bench/camera_dialog.h"
#include "app/running/settings.h"
#include "shop/desk/desk.h"
#include "store/files.h"
#include "tests/app/window.h"
#include "tests/bench_guide.h"
#include "tests/place.h"
#include "tests/pseudo_terminal.h"
#include "tests/scratch.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::BenchLibrary;
using anagraph::testing::fill;
using anagraph::testing::place;
using anagraph::testing::Scratch;
using anagraph::testing::when_asked;
using anagraph::testing::Window;
using nlohmann::json;

namespace {

constexpr core::Moment kNow = 1796032800;  // 2026-11-30T10:00:00Z

class BenchKeys : public ::testing::Test {
protected:
    void SetUp() override {
        BenchLibrary(s / "library");
        opens();
    }
    /// What the desktop user keeps from window to window is as it was.
    void TearDown() override {
        if (w != nullptr) (*w)->session().set_author("author");
        w.reset();
        QSettings settings("anagraph", "anagraph");
        for (const auto& key : settings.allKeys())
            if (key.contains("bench.")) settings.remove(key);
    }
    /// The window on the library, as after a start of the program.
    void opens() {
        w.reset();
        w = std::make_unique<Window>(s / "library");
        (*w)->session().set_author("instructor");
        bench().set_clock([this] { return now; });
        w->key(Qt::Key_8, Qt::ControlModifier);
    }
    BenchStation& bench() { return (*w)->bench(); }
    store::Library& library() { return (*w)->session().library(); }
    void on() { w->key(Qt::Key_PageDown); }
    QString at() {
        return bench().bench() == nullptr || bench().bench()->step() == nullptr
            ? QString()
            : QString::fromStdString(bench().bench()->step()->id.text());
    }
    void asked(int key, std::vector<std::pair<const char*, const char*>> fields) {
        when_asked<QDialog>([fields](QDialog* d) {
            for (const auto& [hint, words] : fields) fill(*d, hint, words);
            QTest::keyClick(d, Qt::Key_Return);
        });
        w->key(key);
    }
    void begins() {
        asked(Qt::Key_PageDown,
            {{"its name or serial, or the code of its label", "launch / M4-2291 / entry 3"}, {"learner 07", "learner 07"}});
        ASSERT_NE(bench().bench(), nullptr) << bench().said().toStdString();
        for (int i = 0; i < bench().kit().count(); ++i) {
            bench().kit().setCurrentRow(i);
            w->key(Qt::Key_Space);
        }
        on();
        ASSERT_EQ(at(), "warm") << bench().said().toStdString();
    }
    /// Presses on until that step is in hand, doing what each wants.
    void works_to(const QString& step) {
        for (int press = 0; press < 200 && at() != step; ++press) {
            if (bench().said().contains("Look")) w->key(Qt::Key_G);
            if (bench().said().contains("left")) now += 600;
            if (bench().bench()->at() == core::Bench::At::Ended) return;
            on();
        }
    }
    void reads_the_hours() {
        works_to("end");
        asked(Qt::Key_R, {{"24.8, or 18.3 lbf.ft", "302"}});
        works_to("the end of the run");
        ASSERT_EQ(bench().bench()->at(), core::Bench::At::Ended) << bench().said().toStdString();
    }

    const Scratch s;
    core::Moment now = kNow;
    std::unique_ptr<Window> w;
};

/// A run without what differs from one to the next: its id, its moments, what took a reading, which photographs.
json bare(json run) {
    run.erase("id");
    for (const char* name : {"began", "ended", "files", "guide"}) run.erase(name);
    for (auto& step : run["steps"]) {
        for (const char* name : {"began", "ended", "paused"}) step.erase(name);
        for (auto& r : step["readings"])
            for (const char* name : {"at", "by", "device"}) r.erase(name);
        step["evidence"] = step["evidence"].size();
    }
    return run;
}

}  // namespace

TEST_F(BenchKeys, OneKeyGoesThroughTheJobAndTheRunIsInTheLogbook) {
    EXPECT_TRUE(bench().told().contains("Ostrel M4 launch diesel service, edition 1")) << bench().told().toStdString();
    begins();
    works_to("drain");
    EXPECT_TRUE(bench().told().contains("Drain"));
    works_to("belt");
    EXPECT_TRUE(bench().told().contains("until it drips (step 3); meanwhile")) << bench().told().toStdString();
    reads_the_hours();
    for (int i = 0; i < bench().steps().count(); ++i) w->key(Qt::Key_1);
    EXPECT_TRUE(bench().told().contains("alone"));
    when_asked<QDialog>([](QDialog* d) { QTest::keyClick(d, Qt::Key_Return); });
    w->key(Qt::Key_I);
    EXPECT_TRUE(bench().told().contains("Signed by learner 07")) << bench().told().toStdString();
    w->key(Qt::Key_2);
    EXPECT_TRUE(bench().said().contains("signed")) << "nothing of it is changed any more: " << bench().said().toStdString();
    on();
    EXPECT_TRUE(bench().said().contains("The run on launch is entry")) << bench().said().toStdString();
    const auto log = *library().logbook();
    EXPECT_EQ(log.machine("launch")->services.size(), 1U);
    EXPECT_TRUE(bench().told().contains("learner 07, Ostrel M4 launch diesel service: works by it alone, 1 run"))
        << bench().told().toStdString();
}

TEST_F(BenchKeys, ARunIsThereAfterTheProgramEndedAndGoesOnToTheSecond) {
    begins();
    works_to("drain");
    while (!bench().bench()->entered(core::StepId("drain")).waits_begun.contains(0)) on();
    now += 30;
    bench().tick();
    opens();
    EXPECT_TRUE(bench().told().contains("Under way: Ostrel M4 launch diesel service, launch, learner 07, step 3"))
        << bench().told().toStdString();
    now += 45;
    on();
    EXPECT_EQ(bench().bench()->at(), core::Bench::At::Paused);
    on();
    EXPECT_EQ(bench().bench()->run().steps[2].paused, 45);
    EXPECT_TRUE(bench().told().contains("8:45 left")) << bench().told().toStdString();
}

TEST_F(BenchKeys, AReadingOutsideStopsTheStepUntilItIsDoneAgainOrExplained) {
    begins();
    works_to("plug");
    asked(Qt::Key_R, {{"24.8, or 18.3 lbf.ft", "45"}});
    EXPECT_TRUE(bench().said().contains("45 N·m is above the limits")) << bench().said().toStdString();
    EXPECT_TRUE(bench().told().contains("above the limits"));
    for (int i = 0; i < 4; ++i) on();
    EXPECT_EQ(at(), "plug");
    asked(Qt::Key_W, {{"the instructor has seen it", "the wrench slipped"}});
    w->key(Qt::Key_G);
    on();
    EXPECT_EQ(at(), "plug") << "what was looked at later needs the reason anew";
    asked(Qt::Key_R, {{"24.8, or 18.3 lbf.ft", "26 lbf.ft"}});
    on();
    EXPECT_NE(at(), "plug") << bench().said().toStdString();
    const auto run = bench().bench()->run();
    EXPECT_EQ(std::find_if(run.steps.begin(), run.steps.end(), [](const core::RunStep& x) { return x.id == "plug"; })->readings.size(), 2U);
}

TEST_F(BenchKeys, StopLeaveFindPauseAndGiveUpByKeys) {
    begins();
    asked(Qt::Key_F, {{"a chafed pipe, a cracked belt", "a chafed pipe"}});
    EXPECT_TRUE(bench().said().contains("Written down"));
    w->key(Qt::Key_B);
    EXPECT_EQ(bench().bench()->at(), core::Bench::At::Paused);
    on();
    asked(Qt::Key_O, {{"done last week", "it is warm"}});
    EXPECT_EQ(at(), "prove");
    asked(Qt::Key_S, {{"the thread is crossed", "the cap is stuck"}});
    w->key(Qt::Key_E, Qt::ControlModifier);
    EXPECT_TRUE(bench().told().contains("no service")) << bench().told().toStdString();
    w->key(Qt::Key_Escape);
    EXPECT_EQ(bench().bench(), nullptr);
    bench().list().setCurrentRow(0);
    bench().list().setFocus();
    when_asked<QDialog>([](QDialog* d) { QTest::keyClick(d, Qt::Key_Return); });
    w->key(Qt::Key_Delete);
    EXPECT_TRUE(library().benches()->empty()) << bench().said().toStdString();
}

TEST_F(BenchKeys, WhatWasFoundBeforeIsToldAndClosedWhereItIsPutRight) {
    ASSERT_TRUE(library().log({core::FindingNoted{"launch", "weep at the water pump", core::Urgency::NextService, ""}}, "author"));
    asked(Qt::Key_PageDown, {{"its name or serial, or the code of its label", "launch"}, {"learner 07", "learner 07"}});
    EXPECT_TRUE(bench().told().contains("weep at the water pump")) << bench().told().toStdString();
    asked(Qt::Key_D, {{"new hose fitted", "new seal fitted"}});
    EXPECT_FALSE(bench().told().contains("weep at the water pump"));
    const auto log = *library().logbook();
    ASSERT_TRUE(log.findings().at(0).closed) << bench().said().toStdString();
    EXPECT_EQ(log.findings().at(0).closed->because, "new seal fitted");
}

TEST_F(BenchKeys, APictureThatIsDroppedIsKeptWithTheStepAndOtherFilesAreNot) {
    begins();
    QImage(4, 4, QImage::Format_RGB32).save(QString::fromStdString(s / "photo.png"));
    std::ofstream(s / "notes.txt") << "no picture";
    QMimeData data;
    data.setUrls(
        {QUrl::fromLocalFile(QString::fromStdString(s / "notes.txt")), QUrl::fromLocalFile(QString::fromStdString(s / "photo.png"))});
    QDragEnterEvent enter(QPoint(10, 10), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&bench(), &enter);
    EXPECT_TRUE(enter.isAccepted());
    QDropEvent drop({10, 10}, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&bench(), &drop);
    EXPECT_EQ(bench().bench()->run().steps[0].evidence.size(), 1U) << bench().said().toStdString();
    EXPECT_TRUE(bench().told().contains("1 photograph is kept"));
}

TEST_F(BenchKeys, APhotographIsTakenByTheCameraWithOneKeyAndOneThatIsNotGoodIsTakenAgain) {
    const QString before = app::Settings().value("camera/device").toString();
    begins();
    QProcess camera;
    camera.setProcessChannelMode(QProcess::ForwardedErrorChannel);
    const QString socket = QString::fromStdString(s / "camera");
    camera.start(QString::fromUtf8(ANAGRAPH_BINARIES "/anagraph-camera"), {socket});
    ASSERT_TRUE(QTest::qWaitFor([&] { return QFile::exists(socket); }, 60000));
    app::Settings().setValue("camera/device", socket);
    when_asked<app::CameraDialog>([](app::CameraDialog* d) {
        ASSERT_TRUE(QTest::qWaitFor([&] { return d->sees(); }, 60000)) << d->said().toStdString();
        QTest::keyClick(d, Qt::Key_PageDown);
        EXPECT_TRUE(d->taken());
        QTest::keyClick(d, Qt::Key_PageUp);
        EXPECT_FALSE(d->taken());
        QTest::keyClick(d, Qt::Key_PageDown);
        QTest::keyClick(d, Qt::Key_PageDown);
    });
    w->key(Qt::Key_P);
    const auto run = bench().bench()->run();
    ASSERT_EQ(run.steps[0].evidence.size(), 1U) << bench().said().toStdString();
    const QImage kept(QString::fromStdString(library().document_path(core::DocumentId(run.steps[0].evidence[0].sha256))));
    EXPECT_EQ(kept.size(), QSize(1280, 720));
    // pulled out: it says so, and nothing is kept
    camera.terminate();
    camera.waitForFinished();
    when_asked<app::CameraDialog>([](app::CameraDialog* d) {
        EXPECT_FALSE(d->sees());
        QTest::keyClick(d, Qt::Key_PageDown);
        EXPECT_FALSE(d->taken());
        d->reject();
    });
    w->key(Qt::Key_P);
    EXPECT_EQ(bench().bench()->run().steps[0].evidence.size(), 1U);
    before.isEmpty() ? app::Settings().remove("camera/device") : app::Settings().setValue("camera/device", before);
}

TEST_F(BenchKeys, TheTimeAtTheMachineIsToldToTheLibraryAlsoWhenAnotherStationIsLookedAt) {
    begins();
    now += 30;
    w->key(Qt::Key_9, Qt::ControlModifier);
    ASSERT_FALSE(bench().isVisible());
    bench().tick();
    const auto kept = *library().benches();
    ASSERT_EQ(kept.size(), 1U);
    EXPECT_EQ(kept[0].alive, now);
}

TEST_F(BenchKeys, AnUnknownMachineAndOnesOwnAssessorAreToldAndNothingTypedIsLost) {
    QString first;
    when_asked<QDialog>([&](QDialog* d) {
        fill(*d, "its name or serial, or the code of its label", "PT99");
        fill(*d, "learner 07", "instructor");
        QTest::keyClick(d, Qt::Key_Return);
        for (const auto* label : d->findChildren<QLabel*>()) first += label->text();
        fill(*d, "its name or serial, or the code of its label", "launch");
        QTest::keyClick(d, Qt::Key_Return);
        for (const auto* label : d->findChildren<QLabel*>()) first += label->text();
        fill(*d, "learner 07", "learner 07");
        QTest::keyClick(d, Qt::Key_Return);
    });
    w->key(Qt::Key_PageDown);
    EXPECT_TRUE(first.contains("knows no machine")) << first.toStdString();
    EXPECT_TRUE(first.contains("Nobody assesses their own run")) << first.toStdString();
    EXPECT_NE(bench().bench(), nullptr);
}

TEST_F(BenchKeys, TheWindowATabletByFileAndATabletOverTheDeskBringTheSameRecord) {
    // in the window, with the stand-in for a wrench on the line
    std::ofstream(s / "script") << "wait 1500\nnoise\n45 Nm\nagain\nskip\nbroken\n250 kPa\n34.8 Nm\n";
    begins();
    works_to("plug");
    QProcess stand_in;
    if (anagraph::testing::has_pseudo_terminals()) {
        stand_in.start(QString::fromUtf8(ANAGRAPH_BINARIES "/anagraph-wrench"),
            {QString::fromStdString(s / "port"), "--script", QString::fromStdString(s / "script")});
        ASSERT_TRUE(stand_in.waitForReadyRead(30000)) << stand_in.readAllStandardError().toStdString();
        ASSERT_EQ(bench().wrench().open(QString::fromStdString(s / "port")), "");
    } else {  // no line can be played here: what it would bring
        emit bench().wrench().reading({'T', *core::Quantity::parse("45 Nm"), 1});
        emit bench().wrench().reading({'T', *core::Quantity::parse("34.8 Nm"), 2});
    }
    const auto readings = [&] { return bench().bench()->entered(core::StepId("plug")).readings.size(); };
    ASSERT_TRUE(QTest::qWaitFor([&] { return readings() == 2; }, 60000)) << bench().said().toStdString();
    EXPECT_EQ(at(), "plug") << "the washer is still to be looked at";
    stand_in.waitForFinished(30000);
    asked(Qt::Key_F, {{"a chafed pipe, a cracked belt", "a chafed pipe"}});
    std::ofstream(s / "photo.jpg") << "a photograph";
    bench().keep_photograph(QString::fromStdString(s / "photo.jpg"));
    EXPECT_TRUE(bench().said().contains("kept")) << bench().said().toStdString();
    reads_the_hours();
    for (int i = 0; i < bench().steps().count(); ++i) w->key(Qt::Key_1);
    for (int i = 0; i < 2; ++i) {
        when_asked<QDialog>([](QDialog* d) { QTest::keyClick(d, Qt::Key_Return); });
        w->key(Qt::Key_I);
    }
    on();
    ASSERT_TRUE(bench().said().contains("entry")) << bench().said().toStdString();
    (*w)->session().set_author("author");
    w.reset();

    // on tablets
    const auto pack = [&] {
        const auto lib = store::Library::read(place(s / "library"));
        const auto guide = (*lib)->guides()->at(0).id;
        return *(*lib)->pack_folder(guide, 1);
    }();
    std::filesystem::create_directory(s / "out");
    {
        const auto desk = shop::Desk::open({place(s / "library"), "127.0.0.1", 0, "", ""});
        ASSERT_TRUE(desk);
        QProcess node;
        node.start("node",
            {QString::fromUtf8(ANAGRAPH_SOURCE "/tests/browser/bench_test.mjs"), QString::fromStdString(pack),
                QString::fromStdString((*desk)->address()), QString::fromStdString((*desk)->pairing_code()),
                QString::fromStdString(s / "out")});
        node.waitForFinished(-1);
        const QString said = QString::fromUtf8(node.readAllStandardOutput() + node.readAllStandardError());
        EXPECT_TRUE(said.contains("5 passed, 0 failed")) << said.toStdString();
    }
    const auto library = *store::Library::open(place(s / "library"));
    const auto taken = shop::take_run(*library, store::read_file(s / "out/by-file.run.json", 1 << 24).value_or(""), "instructor");
    ASSERT_TRUE(taken) << taken.error().message;
    EXPECT_EQ(taken->photographs_missing, 0);
    const auto waiting = shop::take_waiting_runs(*library, "instructor");
    ASSERT_TRUE(waiting);
    ASSERT_EQ(waiting->size(), 1U);
    ASSERT_TRUE(waiting->front().taken) << waiting->front().taken.error().message;
    EXPECT_EQ(waiting->front().taken->photographs_missing, 0);

    std::vector<json> runs;
    const auto log = *library->logbook();
    for (const auto& e : log.all())
        if (const auto* run = std::get_if<core::RunTaken>(&e.body)) runs.push_back(json::parse(run->body));
    ASSERT_EQ(runs.size(), 3U);
    // a tablet is told the serial alone
    for (auto& run : runs) run["machine"].erase("name");
    EXPECT_EQ(bare(runs[0]), bare(runs[1])) << json::diff(bare(runs[0]), bare(runs[1])).dump(1);
    EXPECT_EQ(bare(runs[0]), bare(runs[2])) << json::diff(bare(runs[0]), bare(runs[2])).dump(1);
    EXPECT_EQ(log.machine("launch")->services.size(), 3U);
    EXPECT_EQ(std::count_if(log.findings().begin(), log.findings().end(),
                  [](const core::FindingInLog& f) { return f.what.words == "a chafed pipe"; }),
        3);
}
