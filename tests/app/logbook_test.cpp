// The Logbook by keys: machines, readings, what is due, findings, a mistake struck, runs taken in.
#include <gtest/gtest.h>

#include <QListWidget>
#include <QMouseEvent>
#include <QPushButton>
#include <QSignalSpy>
#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>

#include "app/logbook/logbook_station.h"
#include "app/logbook/paper_dialog.h"
#include "tests/app/window.h"
#include "tests/issued_library.h"
#include "tests/scratch.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::fill;
using anagraph::testing::Scratch;
using anagraph::testing::when_asked;
using anagraph::testing::Window;

namespace {

class LogbookKeys : public ::testing::Test {
protected:
    void SetUp() override {
        w = std::make_unique<Window>(s / "library");
        w->key(Qt::Key_9, Qt::ControlModifier);
    }
    LogbookStation& logbook() { return (*w)->logbook(); }
    store::Library& library() { return (*w)->session().library(); }
    /// Presses a key that opens a form, types into its fields by their hints, and answers it.
    void asked(int key, Qt::KeyboardModifiers m, std::vector<std::pair<const char*, const char*>> fields) {
        when_asked<QDialog>([fields](QDialog* d) {
            for (const auto& [hint, words] : fields) fill(*d, hint, words);
            QTest::keyClick(d, Qt::Key_Return);
        });
        logbook().fleet().setFocus();
        w->key(key, m);
    }
    void adds_machine(const char* name, const char* serial) {
        asked(Qt::Key_N, Qt::ControlModifier, {{"as it is called: PT60 no. 3", name}, {"PT60", "PT60"}, {"from its plate", serial}});
    }

    const Scratch s;
    std::unique_ptr<Window> w;
};

}  // namespace

TEST_F(LogbookKeys, AMachineIsEnteredReadServicedAndWhatIsDueStandsAtTheEndOfItsLine) {
    EXPECT_TRUE(logbook().fleet().machine().isEmpty());
    adds_machine("PT60 no. 3", "P-303");
    ASSERT_EQ(logbook().fleet().machine(), "PT60 no. 3");
    asked(Qt::Key_D, Qt::NoModifier, {{"100 h service", "100 h service"}, {"100 h, 12 month: whichever comes first", "100 h, 12 month"}});
    EXPECT_TRUE(logbook().told().contains("No meter of PT60 no. 3 was read")) << logbook().told().toStdString();
    const std::string past = QDate::currentDate().addDays(-100).toString(Qt::ISODate).toStdString();
    const std::string hint = "today; or as in " + QDate::currentDate().addDays(-2).toString(Qt::ISODate).toStdString();
    asked(Qt::Key_S, Qt::NoModifier,
        {{"as its rule names it: 100 h service", "100 h service"}, {hint.c_str(), past.c_str()}, {"302 h; may stay empty", "200 h"}});
    asked(Qt::Key_R, Qt::NoModifier, {{"302 h", "250 h"}});
    const auto& marks = logbook().fleet().columns().at(0).marks;
    ASSERT_EQ(marks.size(), 2U);
    EXPECT_EQ(marks[0].kind, core::FleetMark::Kind::Service);
    EXPECT_EQ(marks[1].kind, core::FleetMark::Kind::Due);
    EXPECT_TRUE(logbook().told().contains("100 h service, at 300 h, about")) << logbook().told().toStdString();
    EXPECT_TRUE(logbook().fleet().accessibleDescription().contains("100 h service is due at 300 h"))
        << logbook().fleet().accessibleDescription().toStdString();
    asked(Qt::Key_R, Qt::NoModifier, {{"302 h", "310 h"}});
    EXPECT_TRUE(logbook().fleet().columns().at(0).overdue());
    EXPECT_TRUE(logbook().told().contains("overdue"));
}

TEST_F(LogbookKeys, WhatCannotBeIsToldInTheFormAndNothingTypedIsLost) {
    adds_machine("PT60 no. 3", "P-303");
    asked(Qt::Key_R, Qt::NoModifier, {{"302 h", "300 h"}});
    when_asked<QDialog>([](QDialog* d) {
        fill(*d, "302 h", "30 h");
        QTest::keyClick(d, Qt::Key_Return);
        EXPECT_TRUE(d->isVisible());
        bool told = false;
        for (const auto* label : d->findChildren<QLabel*>()) told = told || label->text().contains("would run backwards");
        EXPECT_TRUE(told);
        fill(*d, "302 h", "330 h");
        QTest::keyClick(d, Qt::Key_Return);
    });
    logbook().fleet().setFocus();
    w->key(Qt::Key_R);
    EXPECT_EQ(library().logbook()->machine("P-303")->meter(core::Dimension::Duration)->points.size(), 2U);
}

TEST_F(LogbookKeys, AFindingIsCarriedUntilItIsClosedAndAMistakeIsStruck) {
    adds_machine("PT60 no. 3", "P-303");
    asked(Qt::Key_F, Qt::NoModifier, {{"a chafed pipe", "a chafed pipe"}});
    EXPECT_TRUE(logbook().told().contains("a chafed pipe (at the next service)")) << logbook().told().toStdString();
    asked(Qt::Key_C, Qt::NoModifier, {{"the pipe was renewed", "renewed"}});
    EXPECT_FALSE(logbook().told().contains("a chafed pipe (")) << logbook().told().toStdString();
    asked(Qt::Key_R, Qt::NoModifier, {{"302 h", "3020 h"}});
    logbook().entries().setFocus();
    logbook().entries().setCurrentRow(0);
    when_asked<QDialog>([](QDialog* d) {
        fill(*d, "one digit too many", "one digit too many");
        QTest::keyClick(d, Qt::Key_Return);
    });
    w->key(Qt::Key_Delete);
    EXPECT_TRUE(logbook().entries().item(0)->text().contains("(struck)")) << logbook().entries().item(0)->text().toStdString();
    asked(Qt::Key_R, Qt::NoModifier, {{"302 h", "302 h"}});
    EXPECT_EQ(library().logbook()->machine("P-303")->meter(core::Dimension::Duration)->points.back().shown, 302);
}

TEST_F(LogbookKeys, UnitsStoreAndSamplesAreEnteredByKeys) {
    adds_machine("PT60 no. 3", "P-303");
    asked(Qt::Key_U, Qt::ControlModifier, {{"injector set", "injector set"}, {"from its plate", "I-7"}});
    asked(Qt::Key_U, Qt::NoModifier, {{"302 h", "100 h"}});
    EXPECT_TRUE(logbook().told().contains("injector set, serial I-7")) << logbook().told().toStdString();
    asked(Qt::Key_U, Qt::ShiftModifier, {{"302 h", "150 h"}});
    EXPECT_FALSE(logbook().told().contains("serial I-7"));
    EXPECT_DOUBLE_EQ(*library().logbook()->hours_of(*library().logbook()->unit("I-7")), 50);
    asked(Qt::Key_K, Qt::ControlModifier,
        {{"gear oil 75W90", "gear oil"}, {"4 L, or 3 x", "1 L"}, {"not to fall below; may stay empty", "4 L"}});
    EXPECT_TRUE(logbook().told().contains("order 3 L")) << logbook().told().toStdString();
    asked(Qt::Key_M, Qt::NoModifier, {{"gear oil", "gear oil"}, {"on the bottle", "S-1"}, {"95 h; may stay empty", "95 h"}});
    EXPECT_TRUE(logbook().told().contains("no answer yet")) << logbook().told().toStdString();
    asked(Qt::Key_M, Qt::ShiftModifier, {{"iron 12 ppm, water none", "iron 12 ppm, water none"}});
    EXPECT_TRUE(logbook().told().contains("iron 12 ppm, water none")) << logbook().told().toStdString();
}

TEST_F(LogbookKeys, OldPaperIsShownFirstAndTakenInWholeOrNotAtAll) {
    adds_machine("PT60 no. 3", "P-303");
    std::ofstream(s / "bad.csv") << "machine;date;what;reading\nP-303;2025-03-01;100 h service;102\nP-303;03/04/2025;100 h service;199\n";
    when_asked<QDialog>([](QDialog* d) {
        auto* paper = qobject_cast<PaperDialog*>(d);
        ASSERT_NE(paper, nullptr);
        EXPECT_TRUE(paper->told().contains("1 line is doubtful")) << paper->told().toStdString();
        EXPECT_TRUE(paper->list().topLevelItem(1)->text(5).contains("two ways"));
        for (auto* b : d->findChildren<QPushButton*>()) EXPECT_TRUE(b->text() != "Take in" || !b->isEnabled());
        QTest::keyClick(d, Qt::Key_Escape);
    });
    logbook().take_paper(QString::fromStdString(s / "bad.csv"));
    EXPECT_TRUE(library().logbook()->machine("P-303")->services.empty());
    std::ofstream(s / "good.csv") << "machine;date;what;reading\nP-303;2025-03-01;100 h service;102\nP-303;3.4.2025;100 h service;199\n";
    when_asked<QDialog>([](QDialog* d) {
        for (auto* b : d->findChildren<QPushButton*>())
            if (b->text() == "Take in") b->click();
    });
    logbook().take_paper(QString::fromStdString(s / "good.csv"));
    EXPECT_EQ(library().logbook()->machine("P-303")->services.size(), 2U);
    EXPECT_EQ(logbook().said(), "2 services were taken in.");
    std::ofstream(s / "none.csv") << "a;b\n1;2\n";
    logbook().take_paper(QString::fromStdString(s / "none.csv"));
    EXPECT_TRUE(logbook().said().contains("no table of services")) << logbook().said().toStdString();
}

TEST_F(LogbookKeys, RunsAreTakenInAndBookAndLabelsAreWritten) {
    const auto guide = anagraph::testing::new_guide(library(), core::testing::engine(), "KQ-M4");
    const std::string mark = anagraph::testing::issue(library(), guide).substr(0, 8);
    adds_machine("M4 no. 1", "M-1");
    const nlohmann::json run{{"format", 1}, {"id", "123e4567-e89b-42d3-a456-426614174000"}, {"guide", guide.text()}, {"edition", 1},
        {"mark", mark}, {"machine", {{"name", "M4 no. 1"}, {"serial", "M-1"}}}, {"who", "learner 07"}, {"began", "2026-05-02T08:00:00Z"},
        {"ended", "2026-05-02T10:00:00Z"}, {"steps", {{{"id", "one"}, {"state", "done"}}}}};
    std::ofstream(s / "a.run.json") << run.dump();
    logbook().take_runs({QString::fromStdString(s / "a.run.json"), QString::fromStdString(s / "none.run.json")});
    EXPECT_TRUE(logbook().said().contains("The run on M4 no. 1 is entry")) << logbook().said().toStdString();
    logbook().take_runs({QString::fromStdString(s / "a.run.json")});
    EXPECT_TRUE(logbook().said().contains("is in the logbook already"));
    EXPECT_EQ(library().logbook()->machine("M-1")->services.size(), 1U);
    // one came back over the desk, and one of a machine nobody entered
    nlohmann::json second = run;
    second["id"] = "223e4567-e89b-42d3-a456-426614174000";
    nlohmann::json stranger = run;
    stranger["id"] = "323e4567-e89b-42d3-a456-426614174000";
    stranger["machine"] = {{"name", "M4 no. 9"}, {"serial", ""}};
    std::filesystem::create_directories(s / "library/inbox");
    std::ofstream(s / "library/inbox/b.run.json") << second.dump();
    std::ofstream(s / "library/inbox/c.run.json") << stranger.dump();
    logbook().refresh();
    EXPECT_TRUE(logbook().said().contains("2 runs came back over the desk")) << logbook().said().toStdString();
    logbook().fleet().setFocus();
    w->key(Qt::Key_I, Qt::ControlModifier);
    EXPECT_TRUE(logbook().said().contains("add it first")) << logbook().said().toStdString();
    EXPECT_EQ(library().logbook()->machine("M-1")->services.size(), 2U);
    EXPECT_EQ(shop::waiting_runs(library()).size(), 1U) << "nothing is lost";
    logbook().write_labels(shop::LabelForm::Panel, QString::fromStdString(s / "l.pdf"));
    ASSERT_TRUE(QTest::qWaitFor([&] { return logbook().said().contains("The labels are in"); }, 60000)) << logbook().said().toStdString();
    logbook().write_history(shop::HistoryForm::Pdf, QString::fromStdString(s / "h.pdf"));
    ASSERT_TRUE(QTest::qWaitFor([&] { return logbook().said().contains("The logbook is in"); }, 60000)) << logbook().said().toStdString();
    EXPECT_GT(std::filesystem::file_size(s / "h.pdf"), 1000U);
}

TEST_F(LogbookKeys, AServiceIsPlannedByKeysAndPulledWithTheMouseAndSaysWhatThatCosts) {
    adds_machine("PT60 no. 3", "P-303");
    asked(Qt::Key_D, Qt::NoModifier, {{"100 h service", "oil"}, {"100 h, 12 month: whichever comes first", "12 month"}});
    const QDate today = QDate::currentDate();
    const std::string past = today.addMonths(-6).toString(Qt::ISODate).toStdString();
    const std::string hint = "today; or as in " + today.addDays(-2).toString(Qt::ISODate).toStdString();
    asked(Qt::Key_S, Qt::NoModifier, {{"as its rule names it: 100 h service", "oil"}, {hint.c_str(), past.c_str()}});
    const std::string day = today.addMonths(2).toString(Qt::ISODate).toStdString();
    const std::string day_hint = "as in " + today.addDays(14).toString(Qt::ISODate).toStdString();
    asked(Qt::Key_P, Qt::NoModifier, {{day_hint.c_str(), day.c_str()}, {"before the trip; may stay empty", "before the trip"}});
    EXPECT_TRUE(logbook().said().contains("is planned for " + QString::fromStdString(day))) << logbook().said().toStdString();
    EXPECT_TRUE(logbook().said().contains("days early")) << logbook().said().toStdString();
    EXPECT_EQ(core::text_of(*logbook().fleet().columns().at(0).marks.back().planned), day);
    // whatever day it stands at, it is taken hold of there and pulled up
    auto* view = logbook().fleet().viewport();
    QSignalSpy pulled(&logbook().fleet(), &FleetView::pulled);
    for (int y = view->height() - 20; y > 120 && pulled.isEmpty(); y -= 6) {
        QTest::mousePress(view, Qt::LeftButton, {}, {80, y});
        QMouseEvent move(QEvent::MouseMove, QPointF(80, y - 50), QPointF(80, y - 50), Qt::LeftButton, Qt::LeftButton, {});
        QApplication::sendEvent(view, &move);
        QTest::mouseRelease(view, Qt::LeftButton, {}, {80, y - 50});
    }
    ASSERT_FALSE(pulled.isEmpty());
    const auto planned = core::text_of(*logbook().fleet().columns().at(0).marks.back().planned);
    EXPECT_LT(planned, day);
    EXPECT_TRUE(logbook().said().contains(QString::fromStdString(planned))) << logbook().said().toStdString();
}

TEST_F(LogbookKeys, ACalendarKeepsDaysFreeAndAReceiptStaysWithTheMachine) {
    adds_machine("PT60 no. 3", "P-303");
    std::ofstream(s / "trip.ics")
        << "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART;VALUE=DATE:20270801\r\n"
           "DTEND;VALUE=DATE:20270822\r\nSUMMARY:training trip\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
    when_asked<QDialog>([](QDialog* d) { QTest::keyClick(d, Qt::Key_Return); });
    logbook().take_calendar(QString::fromStdString(s / "trip.ics"));
    EXPECT_TRUE(logbook().said().contains("1 stretch is kept free")) << logbook().said().toStdString();
    EXPECT_EQ(core::text_of(library().logbook()->machine("P-303")->kept_free.at(0).days.to), "2027-08-21");
    std::ofstream(s / "broken.ics") << "hello";
    logbook().take_calendar(QString::fromStdString(s / "broken.ics"));
    EXPECT_TRUE(logbook().said().contains("no calendar")) << logbook().said().toStdString();
    asked(Qt::Key_K, Qt::NoModifier,
        {{"2026-08-01", "2027-12-24"}, {"2026-08-21; empty: one day", "2027-12-20"}, {"2026-08-21; empty: one day", "2027-12-31"}});
    EXPECT_EQ(library().logbook()->machine("P-303")->kept_free.size(), 2U);
}
