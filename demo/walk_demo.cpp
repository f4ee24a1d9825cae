// Walks the demo path through the real window and leaves a picture of every station and the issued pack.
//   walk-demo LIBRARY FOLDER
// Used by run-demo where there is no display, and to refresh docs/screenshots.

#include <fmt/format.h>

#include <QApplication>
#include <QDir>
#include <QMessageBox>
#include <QTest>
#include <QTimer>

#include "app/figures/figures_station.h"
#include "app/figures/work_out.h"
#include "app/issue/issue_station.h"
#include "app/plates/plates_station.h"
#include "app/sheet/sheet_station.h"
#include "app/shelf/shelf_station.h"
#include "app/tape/takes_dialog.h"
#include "app/tape/tape_station.h"
#include "app/theme/theme.h"
#include "app/window/main_window.h"
#include "core/procedure/logging.h"
#include "core/procedure/takes.h"

namespace {

using anagraph::app::MainWindow;

bool wait_until(const std::function<bool()>& done, int ms) { return QTest::qWaitFor(done, ms); }

class Walk {
public:
    Walk(MainWindow& window, QString folder) : w_(window), folder_(std::move(folder)) {}

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
        if (!worked_out("drain-torque", "wrench") || !worked_out("refill", "filling") || !worked_out("cover-count", "order") || !worked_out("canister-turn", "turn")) return false;
        QTest::keyClick(focus(), Qt::Key_3, Qt::ControlModifier);
        w_.session().set_step(w_.session().procedure().steps[5].id);
        QTest::qWait(500);
        picture("sheet");
        QTest::keyClick(focus(), Qt::Key_4, Qt::ControlModifier);
        wait_until([&] { return w_.plates().still_ready(); }, 15000);
        QTest::qWait(300);
        picture("plates");
        QTest::keyClick(focus(), Qt::Key_5, Qt::ControlModifier);
        QTest::qWait(200);
        QTest::keyClicks(&w_.issue().checker(), QStringLiteral("checker"));
        answer_yes();
        QTest::keyClick(&w_.issue().checker(), Qt::Key_Return, Qt::ControlModifier);
        if (!w_.issue().issuing()) return fail("issuing did not begin: " + w_.notice().toStdString());
        wait_until([&] { return !w_.issue().issuing(); }, 300000);
        if (w_.issue().chosen_pack().isEmpty()) return fail("the edition was not issued: " + w_.notice().toStdString());
        QTest::qWait(300);
        picture("issue");
        fmt::print("pack: {}\n", w_.issue().chosen_pack().toStdString());
        return draft_a_second_guide();
    }

private:
    /// The same recordings once more, as a new guide whose steps the program drafts.
    bool draft_a_second_guide() {
        auto& session = w_.session();
        const auto recordings = session.procedure().recordings;
        anagraph::core::Header header;
        header.machine = "Perrick PT60";
        header.title = "first draft";
        if (!session.new_guide(header)) return fail("no second guide could be begun");
        for (const auto& r : recordings) session.perform(anagraph::core::Change{"use a recording", {anagraph::core::Put<anagraph::core::RecordingUse>{{r.id, r.title, {}}, std::nullopt}}});
        QApplication::setActiveWindow(&w_);
        w_.go(MainWindow::Tape);
        wait_until([&] { return !w_.tape().film().settling(); }, 15000);
        QTest::keyClick(&w_.tape(), Qt::Key_D);
        for (int i = 0; i < 3; ++i) {
            QTest::keyClick(&w_.tape(), Qt::Key_Return);
            wait_until([&] { return !w_.tape().film().settling(); }, 15000);
        }
        session.perform(anagraph::core::add_note(session.procedure(), recordings.front().id, {anagraph::core::NoteKind::NotFilmed, w_.tape().film().time(), "the thread of the plug from near"}));
        QTest::qWait(500);
        picture("draft");
        return other_views_of_the_tape(recordings.back().id);
    }

    /// A figure worked out for the tool or the vessel in hand.
    bool worked_out(const char* figure, const char* name) {
        w_.figures().choose(anagraph::core::FigureId(figure));
        bool pictured = false;
        auto* timer = new QTimer(qApp);
        QObject::connect(timer, &QTimer::timeout, timer, [&, timer] {
            auto* dialog = qobject_cast<anagraph::app::WorkOut*>(QApplication::activeModalWidget());
            if (dialog == nullptr) return;
            timer->deleteLater();
            QTest::qWait(300);
            dialog->grab().save(folder_ + QLatin1Char('/') + QLatin1String(name) + QStringLiteral(".png"));
            pictured = true;
            dialog->reject();
        });
        timer->start(100);
        QApplication::setActiveWindow(&w_);
        QTest::keyClick(&w_.figures(), Qt::Key_W);
        QApplication::setActiveWindow(&w_);
        w_.figures().setFocus();
        return pictured || fail(std::string("nothing was worked out for ") + figure);
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
        if (r == nullptr || !session.perform(anagraph::core::add_take(session.procedure(), step, {other, r->index.times[r->index.times.size() / 2], r->index.times[r->index.times.size() * 5 / 8]}))) return fail("no second take could be added");
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
};

}  // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    if (argc != 3) {
        fmt::print(stderr, "walk-demo LIBRARY FOLDER\n");
        return 2;
    }
    anagraph::app::theme::apply();
    QDir().mkpath(QString::fromLocal8Bit(argv[2]));
    auto library = anagraph::store::Library::open(argv[1]);
    if (!library) {
        fmt::print(stderr, "{}\n", library.error().message);
        return 1;
    }
    MainWindow window(std::move(*library));
    window.show();
    QApplication::setActiveWindow(&window);
    return Walk(window, QString::fromLocal8Bit(argv[2])).run() ? 0 : 1;
}
