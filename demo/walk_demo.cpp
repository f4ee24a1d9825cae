// Walks the demo path through the real window and leaves a picture of every station and the issued pack.
//   walk-demo LIBRARY FOLDER [all]      all: also the lesser dialogs
//   walk-demo LIBRARY FILE.png look STATION COLOURS LANGUAGE WIDTH HEIGHT      one picture of the demo guide, as somebody else sees it
// Used by run-demo where there is no display, and to refresh docs/screenshots.

#include <fmt/format.h>

#include <QApplication>
#include <QComboBox>
#include <QDir>
#include <QLineEdit>
#include <QMessageBox>
#include <QSettings>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>
#include <map>

#include "app/bench/bench_station.h"
#include "app/dryrun/dryrun_station.h"
#include "app/figures/details_dialog.h"
#include "app/figures/figures_station.h"
#include "app/figures/page_view.h"
#include "app/figures/source_dialog.h"
#include "app/figures/work_out.h"
#include "app/house/house_dialog.h"
#include "app/issue/issue_station.h"
#include "app/logbook/logbook_station.h"
#include "app/plates/clip_dialog.h"
#include "app/plates/plates_station.h"
#include "app/plates/still_dialog.h"
#include "app/running/languages.h"
#include "app/sheet/sheet_station.h"
#include "app/shelf/shelf_station.h"
#include "app/tape/takes_dialog.h"
#include "app/tape/tape_station.h"
#include "app/theme/theme.h"
#include "app/window/main_window.h"
#include "app/window/practice_dialog.h"
#include "core/tape/logging.h"
#include "core/tape/takes.h"
#include "demo/demo_runs.h"
#include "shop/handout.h"

namespace {

using anagraph::app::MainWindow;

bool wait_until(const std::function<bool()>& done, int ms) { return QTest::qWaitFor(done, ms); }

class Walk {
public:
    Walk(MainWindow& window, QString folder, bool all) : w_(window), folder_(std::move(folder)), all_(all) {}

    bool run() {
        QTest::qWait(300);
        picture("shelf");
        QTest::keyClick(focus(), Qt::Key_Return);  // opens the guide
        if (!w_.session().has_guide()) return fail("the guide did not open");
        wait_until([&] { return !w_.tape().film().settling(); }, 15000);
        for (int i = 0; i < 24; ++i) QTest::keyClick(&w_.tape(), Qt::Key_Down);
        wait_until([&] { return !w_.tape().film().settling(); }, 15000);
        QTest::qWait(400);
        picture("tape");
        QTest::keyClick(focus(), Qt::Key_2, Qt::ControlModifier);
        QTest::qWait(300);
        QTest::keyClick(&w_.figures(), Qt::Key_F4);
        wait_until([&] { return !w_.figures().film().settling(); }, 15000);
        QTest::qWait(600);
        picture("figures");
        if (!figures_in_depth()) return false;
        settle_by_rule();
        QTest::keyClick(focus(), Qt::Key_3, Qt::ControlModifier);
        w_.session().set_step(w_.session().procedure().steps[5].id);
        QTest::qWait(500);
        picture("sheet");
        const auto typed = [](QDialog& d) {
            d.findChild<QLineEdit*>()->setText(QStringLiteral("drain"));
            QTest::qWait(600);  // until what was said is there too
            return true;
        };
        if (!asked(w_.sheet(), Qt::Key_F, Qt::ControlModifier, "finder", typed) ||
            !asked(w_.sheet(), Qt::Key_G, Qt::ControlModifier, "settings"))
            return false;
        if (all_ &&
            (!asked(w_.sheet(), Qt::Key_K, Qt::ControlModifier | Qt::AltModifier, "keys") ||
                !asked(w_.sheet(), Qt::Key_L, Qt::ControlModifier | Qt::AltModifier, "language") || !tasks()))
            return false;
        if (!sheet_in_depth()) return false;
        w_.session().set_step(w_.session().procedure().steps[12].id);  // the one with the fasteners of the cover
        QTest::keyClick(focus(), Qt::Key_4, Qt::ControlModifier);
        wait_until([&] { return w_.plates().still_ready(); }, 15000);
        QTest::qWait(600);
        picture("plates");
        if (!plates_in_depth()) return false;
        if (!dry_run()) return false;
        QTest::keyClick(focus(), Qt::Key_6, Qt::ControlModifier);
        QTest::qWait(200);
        QTest::keyClicks(&w_.issue().checker(), QStringLiteral("checker"));
        answer_yes();
        QTest::keyClick(&w_.issue().checker(), Qt::Key_Return, Qt::ControlModifier);
        if (!w_.issue().busy()) return fail("issuing did not begin: " + w_.notice().toStdString());
        wait_until([&] { return !w_.issue().busy(); }, 300000);
        if (w_.issue().chosen_pack().isEmpty()) return fail("the edition was not issued: " + w_.notice().toStdString());
        fmt::print("pack: {}\n", w_.issue().chosen_pack().toStdString());
        return in_review() && draft_a_second_guide() && faults() && bench() && logbook();
    }

private:
    /// A torque changes after the edition went out: the checker looks at it, the old beside the new.
    bool in_review() {
        namespace core = anagraph::core;
        auto& session = w_.session();
        std::vector<core::Entry> learners;
        std::vector<std::string> names;
        for (int i = 1; i <= 9; ++i) {
            names.push_back(fmt::format("learner {:02}", i));
            learners.emplace_back(core::LearnerAdded{names.back(), i < 5 ? "spring" : "autumn"});
        }
        if (!session.library().record(learners, "author") ||
            !anagraph::shop::hand_out(session.library(), session.guide(), 1, names, core::HandedBy::Print, "author"))
            return fail("nothing could be handed out");
        for (int i = 0; i < 7; ++i)
            (void)anagraph::shop::confirm(session.library(), session.guide(), 1, names[static_cast<std::size_t>(i)], "", "author");
        core::Figure f = *session.procedure().find(core::FigureId("drain-torque"));
        f.value.low = "24";
        for (auto& proof : f.proofs) proof.value.low = "24";
        core::Step s = session.procedure().steps[5];
        s.lines[0] += " Wipe the seat.";
        session.perform(core::Change{"another torque", {core::Put<core::Figure>{f, std::nullopt}, core::Put<core::Step>{s, std::nullopt}}});
        session.set_author(QStringLiteral("checker"));
        w_.go(MainWindow::Issue);
        QApplication::setActiveWindow(&w_);
        w_.issue().places().setFocus();
        QTest::keyClick(&w_.issue().places(), Qt::Key_Return);
        QTest::qWait(300);
        picture("issue");
        session.set_author(QStringLiteral("author"));
        session.undo();
        return true;
    }

    /// The same recordings once more, as a new guide whose steps the program drafts.
    bool draft_a_second_guide() {
        auto& session = w_.session();
        const auto recordings = session.procedure().recordings;
        anagraph::core::Header header;
        header.machine = "Perrick PT60";
        header.title = "first draft";
        if (!session.new_guide(header)) return fail("no second guide could be begun");
        for (const auto& r : recordings)
            session.perform(anagraph::core::Change{
                "use a recording", {anagraph::core::Put<anagraph::core::RecordingUse>{{r.id, r.title, {}}, std::nullopt}}});
        QApplication::setActiveWindow(&w_);
        w_.go(MainWindow::Tape);
        wait_until([&] { return !w_.tape().film().settling(); }, 15000);
        QTest::keyClick(&w_.tape(), Qt::Key_D);
        for (int i = 0; i < 3; ++i) {
            QTest::keyClick(&w_.tape(), Qt::Key_Return);
            wait_until([&] { return !w_.tape().film().settling(); }, 15000);
        }
        session.perform(anagraph::core::add_note(session.procedure(), recordings.front().id,
            {anagraph::core::NoteKind::NotFilmed, w_.tape().film().time(), "the thread of the plug from near"}));
        QTest::qWait(500);
        picture("draft");
        return other_views_of_the_tape(recordings.back().id);
    }

    /// The guide walked, played half way, planned for two, and its kit.
    bool dry_run() {
        auto& dry_run = w_.dry_run();
        QTest::keyClick(focus(), Qt::Key_5, Qt::ControlModifier);
        if (!wait_until([&] { return dry_run.planned(); }, 30000)) return fail("no plan was made");
        QTest::qWait(300);
        picture("dryrun");
        dry_run.view().stand_on({6, 0.5});
        QTest::keyClick(&dry_run, Qt::Key_P);
        QTest::qWait(900);
        picture("dryrun-playing");
        QTest::keyClick(&dry_run, Qt::Key_P);
        QTest::keyClick(&dry_run, Qt::Key_W);
        if (!wait_until([&] { return dry_run.planned(); }, 30000)) return fail("no plan for two was made");
        return asked(dry_run, Qt::Key_K, Qt::NoModifier, "kit");
    }

    /// A year of learners, and one of them in the middle of the job: the wrench has just read too much.
    bool bench() {
        namespace core = anagraph::core;
        auto& library = w_.session().library();
        const auto today = std::chrono::floor<std::chrono::days>(std::chrono::system_clock::now());
        if (auto worked = anagraph::demo::work_by_it(library, today); !worked) return fail(worked.error().message);
        auto& bench = w_.bench();
        core::Moment now = today.time_since_epoch().count() * core::Moment{86400} + 10 * 3600;
        bench.set_clock([&now] { return now; });
        w_.go(MainWindow::Bench);
        const auto start = anagraph::shop::bench_start(library);
        if (!start || start->editions.empty()) return fail("nothing to work by at the bench");
        core::RunBegun about;
        about.machine = "PT60 no. 3";
        about.serial = "P-60-0342";
        about.variant = "PT60-T";
        about.who = "learner 07";
        about.assessor = "instructor, pump bay";
        if (const QString wrong = bench.begin(start->editions.front(), about); !wrong.isEmpty()) return fail(wrong.toStdString());
        std::vector<core::BenchBody> before{core::LockedOff{}, core::WorkBegun{}};
        for (const auto& gear : bench.bench()->sheet().gear) before.insert(before.begin(), core::KitTicked{gear});
        for (int step = 1; step < 6; ++step) {
            const auto& id = bench.bench()->sheet().steps[static_cast<std::size_t>(step - 1)].id.text();
            before.emplace_back(core::StepClosed{id, core::StepState::Skipped, "shown by the instructor"});
        }
        const auto& filter = bench.bench()->sheet().steps[7];
        before.emplace_back(core::StepTaken{filter.id.text()});
        if (!filter.waits.empty()) before.emplace_back(core::WaitBegun{filter.id.text(), 0});
        const auto& plug = bench.bench()->sheet().steps[5];
        before.emplace_back(core::StepTaken{plug.id.text()});
        before.emplace_back(core::LinesDone{plug.id.text(), static_cast<std::int64_t>(plug.lines.size())});
        if (!bench.happen(before)) return fail("the run at the bench did not go on: " + bench.said().toStdString());
        now += 130;
        bench.tick();
        emit bench.wrench().reading({'T', *core::Quantity::parse("28.4 Nm"), 1});
        emit bench.wrench().reading({'T', *core::Quantity::parse("24.8 Nm"), 2});
        wait_until([&] { return w_.notice().isEmpty(); }, 20000);  // what the station before said
        picture("bench");
        bench.set_clock({});
        return true;
    }

    /// What the machines remember.
    bool logbook() {
        w_.go(MainWindow::Logbook);
        for (int i = 0; i < 3; ++i) QTest::keyClick(&w_.logbook().fleet(), Qt::Key_Right);
        wait_until([&] { return w_.notice().isEmpty(); }, 20000);  // what the station before said
        picture("logbook");
        return !w_.logbook().fleet().machine().isEmpty() || fail("the logbook is empty");
    }

    /// The guide that was drafted in a hurry.
    bool faults() {
        if (!w_.session().open_guide(anagraph::store::GuideId("tolvane-30-forklift-axle-oil-and-wheel-bearings")))
            return fail("the second guide did not open");
        w_.go(MainWindow::DryRun);
        if (!wait_until([&] { return w_.dry_run().planned(); }, 30000)) return fail("no plan was made");
        for (int i = 0; i < 3; ++i) QTest::keyClick(&w_.dry_run().list(), Qt::Key_Down);
        QTest::qWait(400);
        picture("dryrun-faults");
        return true;
    }

    /// What a key asks or shows for a figure; `ready` says when it is worth a picture.
    template <class Dialog>
    bool dialog(const char* figure, Qt::Key key, const char* name, const std::function<bool(Dialog&)>& ready = {}) {
        w_.figures().choose(anagraph::core::FigureId(figure));
        bool pictured = false;
        auto* timer = new QTimer(qApp);
        QObject::connect(timer, &QTimer::timeout, timer, [&, timer] {
            auto* shown = qobject_cast<Dialog*>(QApplication::activeModalWidget());
            if (shown == nullptr) return;
            timer->deleteLater();
            wait_until([&] { return !ready || ready(*shown); }, 30000);
            QTest::qWait(300);
            shown->grab().save(folder_ + QLatin1Char('/') + QLatin1String(name) + QStringLiteral(".png"));
            pictured = true;
            shown->reject();
        });
        timer->start(100);
        QApplication::setActiveWindow(&w_);
        QTest::keyClick(&w_.figures(), key);
        QApplication::setActiveWindow(&w_);
        w_.figures().setFocus();
        return pictured || fail(std::string("nothing came up for ") + figure);
    }

    /// A picture of what comes up at a key on a station, once it is ready; it is called off again.
    bool asked(
        QWidget& station, int key, Qt::KeyboardModifiers modifiers, const char* name, const std::function<bool(QDialog&)>& ready = {}) {
        bool pictured = false;
        auto* timer = new QTimer(qApp);
        QObject::connect(timer, &QTimer::timeout, timer, [&, timer] {
            auto* shown = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            if (shown == nullptr) return;
            timer->deleteLater();
            wait_until([&] { return !ready || ready(*shown); }, 30000);
            QTest::qWait(400);
            shown->grab().save(folder_ + QLatin1Char('/') + QLatin1String(name) + QStringLiteral(".png"));
            pictured = true;
            shown->reject();
        });
        timer->start(100);
        QApplication::setActiveWindow(&w_);
        QTest::keyClick(&station, static_cast<Qt::Key>(key), modifiers);
        QApplication::setActiveWindow(&w_);
        return pictured || fail(std::string("nothing came up for ") + name);
    }

    /// They stand beside the window.
    bool tasks() {
        QTest::keyClick(&w_.sheet(), Qt::Key_T, Qt::ControlModifier | Qt::ShiftModifier);
        QTest::qWait(400);
        auto* shown = w_.findChild<anagraph::app::PracticeDialog*>();
        if (shown == nullptr || !shown->isVisible()) return fail("the tasks do not come up");
        if (!w_.geometry().contains(shown->geometry())) return fail("the tasks stick out of the window");
        shown->grab().save(folder_ + QStringLiteral("/tasks.png"));
        shown->reject();
        QApplication::setActiveWindow(&w_);
        return true;
    }

    bool sheet_in_depth() {
        auto& sheet = w_.sheet();
        const auto only_what_differs = [](QDialog& d) {
            d.findChildren<QComboBox*>().back()->setCurrentIndex(1);
            return true;
        };
        if (!asked(sheet, Qt::Key_B, Qt::AltModifier, "variants", only_what_differs)) return false;
        sheet.card(5)->focus_line(3);
        QTest::qWait(100);
        return !all_ ||
            (asked(sheet, Qt::Key_H, Qt::AltModifier, "history") && asked(sheet, Qt::Key_V, Qt::AltModifier, "facts") &&
                asked(sheet, Qt::Key_Y, Qt::AltModifier, "ways") && asked(sheet, Qt::Key_W, Qt::AltModifier, "caution") &&
                asked(sheet, Qt::Key_T, Qt::AltModifier, "check") && asked(sheet, Qt::Key_O, Qt::AltModifier, "translation") &&
                asked(sheet, Qt::Key_L, Qt::AltModifier, "later"));
    }

    bool go_to_plate(std::size_t step) {
        w_.session().set_step(w_.session().procedure().steps[step].id);
        w_.go(MainWindow::Sheet);
        w_.go(MainWindow::Plates);
        const bool ready = wait_until([&] { return w_.plates().still_ready(); }, 15000);
        QTest::qWait(800);
        return ready;
    }

    bool plates_in_depth() {
        using anagraph::app::ClipDialog;
        if (!go_to_plate(6)) return fail("the pair did not come up");
        picture("pair");
        if (!go_to_plate(3)) return fail("the drain plug did not come up");
        const auto measured = [](QDialog& d) {
            auto& clip = static_cast<ClipDialog&>(d);
            clip.film().show_time(clip.clip().marks.front().from);
            return clip.bytes() > 0 && !clip.film().settling();
        };
        if (!asked(w_.plates(), Qt::Key_G, {}, "clip", measured)) return false;
        if (!all_) return true;
        if (!asked(w_.plates(), Qt::Key_K, {}, "still", [](QDialog& d) { return static_cast<anagraph::app::StillDialog&>(d).ready(); }))
            return false;
        if (!asked(w_.plates(), Qt::Key_X, {}, "care")) return false;
        if (!go_to_plate(4)) return false;
        picture("magnifier");
        if (!go_to_plate(2)) return false;
        QTest::keyClick(&w_.plates().view(), Qt::Key_N);
        picture("exploded");
        return go_to_plate(12);
    }

    /// What sources settle is settled by the house's rule, so that the guide leaves no question but those nobody can answer.
    void settle_by_rule() {
        const auto figures = w_.session().procedure().figures;
        for (const auto& f : figures) {
            if (anagraph::core::standing_of(f) != anagraph::core::Standing::Disputed) continue;
            w_.figures().choose(f.id);
            QTest::keyClick(&w_.figures(), Qt::Key_R);
        }
    }

    /// What stands behind the figures and what follows from them.
    bool figures_in_depth() {
        using anagraph::app::WorkOut;
        for (const auto& [figure, name] : {std::pair("drain-torque", "wrench"), std::pair("refill", "filling"),
                 std::pair("cover-count", "order"), std::pair("canister-turn", "turn")})
            if (!dialog<WorkOut>(figure, Qt::Key_W, name)) return false;
        const auto read = [](anagraph::app::SourceDialog& d) { return d.page().marked().has_value(); };
        if (!dialog<anagraph::app::SourceDialog>("level-torque", Qt::Key_B, "source", read)) return false;
        if (!dialog<anagraph::app::HouseDialog>("level-torque", Qt::Key_H, "house")) return false;
        if (!all_) return true;
        const auto shown = [](QDialog& d) { return d.findChild<anagraph::app::PageView*>()->marked().has_value(); };
        const auto serviced = [](WorkOut& d) {
            return typed(
                d, {{"202 h, 1200 km", "242 h"}, {"2026-05-28", "2026-05-28"}, {"2027-06-01..2027-08-31", "2026-12-01..2027-01-10"}});
        };
        return dialog<WorkOut>("interval-hours", Qt::Key_W, "due", serviced) &&
            dialog<anagraph::app::DetailsDialog>("refill", Qt::Key_E, "details") && dialog<QDialog>("refill", Qt::Key_V, "page", shown) &&
            figure_list_end();
    }

    /// Types into the fields that show these hints; true once it is done.
    static bool typed(QDialog& dialog, const std::map<QString, QString>& words) {
        for (auto* edit : dialog.findChildren<QLineEdit*>())
            if (const auto it = words.find(edit->placeholderText()); it != words.end()) edit->setText(it->second);
        return true;
    }

    /// The grades and part numbers at the end of the list, and a mixture.
    bool figure_list_end() {
        w_.figures().choose(anagraph::core::FigureId("canister-number"));
        QTest::qWait(200);
        picture("figures-end");
        anagraph::core::Figure strength;
        strength.id = anagraph::core::FigureId("strength");
        strength.kind = anagraph::core::FigureKind::Percent;
        strength.purpose = "strength of the coolant";
        strength.value = {"50", "", "%"};
        w_.session().perform(anagraph::core::Change{"add a figure", {anagraph::core::Put<anagraph::core::Figure>{strength, std::nullopt}}});
        const bool done = dialog<anagraph::app::WorkOut>("strength", Qt::Key_W, "mixture", [](anagraph::app::WorkOut& d) {
            return typed(d, {{"8 L", "8 L"}, {"35", "35"}, {"2 L", "2 L"}});
        });
        w_.session().undo();
        return done;
    }

    /// The whole job folded on one screen, single frames, and two takes of a step side by side.
    bool other_views_of_the_tape(const anagraph::core::RecordingId& other) {
        auto& session = w_.session();
        QTest::keyClick(&w_.tape(), Qt::Key_H);
        w_.tape().show_moment(session.tape_order().front(), {}, false);
        wait_until([&] { return !w_.tape().film().settling(); }, 15000);
        picture("folded");
        QTest::keyClick(&w_.tape(), Qt::Key_1);
        QTest::qWait(200);
        picture("whole-job");
        QTest::keyClick(&w_.tape(), Qt::Key_H);
        QTest::keyClick(&w_.tape(), Qt::Key_3);
        QTest::qWait(400);
        picture("single-frames");
        QTest::keyClick(&w_.tape(), Qt::Key_2);
        const auto step = session.procedure().steps[2].id;
        const auto* r = session.recording(other);
        if (r == nullptr ||
            !session.perform(anagraph::core::add_take(session.procedure(), step,
                {other, r->index.times[r->index.times.size() / 2], r->index.times[r->index.times.size() * 5 / 8]})))
            return fail("no second take could be added");
        const auto take = session.procedure().find(step)->takes.front();
        w_.tape().show_moment(take.recording, take.from, false);
        wait_until([&] { return !w_.tape().film().settling(); }, 15000);
        bool pictured = false;
        auto* timer = new QTimer(qApp);
        QObject::connect(timer, &QTimer::timeout, timer, [&, timer] {
            auto* dialog = qobject_cast<anagraph::app::TakesDialog*>(QApplication::activeModalWidget());
            if (dialog == nullptr) return;
            timer->deleteLater();
            QTest::qWait(1500);  // both films settle
            dialog->grab().save(folder_ + QStringLiteral("/takes.png"));
            pictured = true;
            dialog->reject();
        });
        timer->start(100);
        QTest::keyClick(&w_.tape(), Qt::Key_U);
        return pictured || fail("the takes were not shown side by side");
    }

    static QWidget* focus() { return QApplication::focusWidget() != nullptr ? QApplication::focusWidget() : QApplication::activeWindow(); }
    static void answer_yes() {
        auto* timer = new QTimer(qApp);
        QObject::connect(timer, &QTimer::timeout, timer, [timer] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            if (box == nullptr) return;
            timer->deleteLater();
            box->button(QMessageBox::Yes)->click();
        });
        timer->start(100);
    }
    bool fail(const std::string& why) {
        fmt::print(stderr, "walk-demo: {}\n", why);
        return false;
    }
    void picture(const char* name) {
        QTest::qWait(100);
        w_.grab().save(folder_ + QLatin1Char('/') + QLatin1String(name) + QStringLiteral(".png"));
    }

    MainWindow& w_;
    QString folder_;
    bool all_;
};

/// One picture of a station, in the window as it is now.
bool look(MainWindow& window, std::string_view station, const QString& file) {
    constexpr std::string_view kStations[] = {"tape", "figures", "sheet", "plates", "dryrun", "issue", "shelf", "bench", "logbook"};
    const auto* stop = std::find(std::begin(kStations), std::end(kStations), station);
    if (stop == std::end(kStations) || !window.session().open_guide(anagraph::store::GuideId("perrick-pt60-100-h-service"))) return false;
    window.session().set_step(window.session().procedure().steps[5].id);
    window.go(static_cast<int>(stop - std::begin(kStations)));
    wait_until([&] { return !window.tape().film().settling() && window.plates().still_ready(); }, 15000);
    QTest::qWait(1500);
    return window.grab().save(file);
}

}  // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    const bool all = argc == 4 && std::string_view(argv[3]) == "all";
    const bool one = argc == 9 && std::string_view(argv[3]) == "look";
    if (argc != 3 && !all && !one) {
        fmt::print(stderr, "walk-demo LIBRARY FOLDER [all] | LIBRARY FILE.png look STATION COLOURS LANGUAGE WIDTH HEIGHT\n");
        return 2;
    }
    // the walk has settings of its own: who sits at this desk is left alone
    const QTemporaryDir settings;
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, settings.path());
    const auto colours = anagraph::core::from_name<anagraph::publish::ColourSet>(one ? argv[5] : "light");
    if (!colours) {
        fmt::print(stderr, "There are no colours \"{}\".\n", argv[5]);
        return 2;
    }
    anagraph::app::theme::apply(*colours);
    anagraph::app::speak(QLatin1String(one ? argv[6] : "en"));
    if (!one) QDir().mkpath(QString::fromLocal8Bit(argv[2]));
    auto library = anagraph::store::Library::make_or_open(argv[1]);
    if (!library) {
        fmt::print(stderr, "{}\n", library.error().message);
        return 1;
    }
    MainWindow window(std::move(*library));
    window.show();
    QApplication::setActiveWindow(&window);
    if (one) {
        window.resize(QString::fromLocal8Bit(argv[7]).toInt(), QString::fromLocal8Bit(argv[8]).toInt());
        return look(window, argv[4], QString::fromLocal8Bit(argv[2])) ? 0 : 1;
    }
    return Walk(window, QString::fromLocal8Bit(argv[2]), all).run() ? 0 : 1;
}
