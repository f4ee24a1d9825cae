// Two people in the demo guide of a library on a server: what each sees of the other, a change of one thing by both, the server away.
//   walk-workshop LIBRARY FOLDER STOP START      STOP, START: commands that stop and start the server
// Used by run-demo --workshop where there is no display.

#include <fmt/format.h>

#include <QApplication>
#include <QDir>
#include <QSettings>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>
#include <cstdlib>

#include "app/company/decide_dialog.h"
#include "app/company/library_dialog.h"
#include "app/company/moving_dialog.h"
#include "app/company/shared_bar.h"
#include "app/sheet/sheet_station.h"
#include "app/running/languages.h"
#include "app/theme/theme.h"
#include "app/window/main_window.h"
#include "shop/far_recordings.h"
#include "store/taken_along.h"

namespace {

using anagraph::app::DecideDialog;
using anagraph::app::LibraryDialog;
using anagraph::app::MainWindow;
namespace core = anagraph::core;
namespace store = anagraph::store;

core::Change with_heading(const core::Procedure& p, std::size_t step, const char* words) {
    core::Step s = p.steps.at(step);
    s.heading = words;
    return {"write a heading", {core::Put<core::Step>{s, std::nullopt}}};
}

void save_picture(QWidget& of, const QString& folder, const char* name) {
    of.grab().save(folder + QLatin1Char('/') + QLatin1String(name) + QStringLiteral(".png"));
}

bool fail(const std::string& what) {
    fmt::print(stderr, "The walk stopped: {}\n", what);
    return false;
}

class Walk {
public:
    Walk(MainWindow& window, store::Library& other, QString folder) : w_(window), other_(other), folder_(std::move(folder)) {}

    bool run(const std::string& stop, const std::string& start) {
        auto& session = w_.session();
        const auto guides = other_.guides();
        if (!guides || guides->empty() || !session.open_guide(guides->front().id)) return fail("the guide did not open");
        const auto guide = session.guide();
        // its films come to this computer
        w_.go(MainWindow::Tape);
        QTest::qWait(60);
        picture(w_, "workshop-film-coming");
        const auto film = session.procedure().recordings.front().id;
        if (!QTest::qWaitFor([&] { return session.recording(film) != nullptr && !session.recording(film)->coming; }, 60000))
            return fail("the film does not come");
        QTest::qWait(1500);
        picture(w_, "workshop-film-here");
        // one guide goes along
        QTimer::singleShot(300, [this] {
            if (auto* dialog = qobject_cast<LibraryDialog*>(QApplication::activeModalWidget())) {
                auto* list = dialog->findChild<QListWidget*>();
                list->item(0)->setCheckState(Qt::Checked);
                for (auto* button : dialog->findChildren<anagraph::app::CommandButton*>())
                    if (button->isVisible() && button->text() == QStringLiteral("Take along")) button->click();
                QTest::qWait(20);
                picture(*dialog, "workshop-library-copying");
                (void)QTest::qWaitFor([this] { return !store::taken_along(w_.session().home()).guides.empty(); }, 60000);
                QTest::qWait(200);
                picture(*dialog, "workshop-library");
                dialog->reject();
            }
        });
        auto& own = *w_.commands().back();
        w_.perform(own, *own.find(QStringLiteral("window.library")));
        if (store::taken_along(session.home()).guides.size() != 1) return fail("nothing is taken along");
        w_.go(MainWindow::Sheet);
        QTest::qWait(500);
        // the trainer is in the first step too
        const auto p = session.procedure();
        if (auto there = other_.be_present({"trainer", guide, p.steps.at(0).id}); !there) return fail(there.error().message);
        if (!QTest::qWaitFor([&] { return !session.others_at(p.steps.at(0).id).isEmpty(); }, 5000)) return fail("nobody is seen");
        QTest::qWait(300);
        picture(w_, "workshop-presence");
        // both write the same heading
        const auto theirs = with_heading(*other_.load_guide(guide), 0, "Warm the oil, then stop and lock off");
        if (auto done = other_.append_on(guide, *other_.last_change(guide), theirs, "trainer"); !done) return fail(done.error().message);
        QTimer::singleShot(600, [this] {
            if (auto* dialog = qobject_cast<DecideDialog*>(QApplication::activeModalWidget())) {
                picture(*dialog, "workshop-conflict");
                dialog->reject();
            }
        });
        (void)session.perform(with_heading(p, 0, "Run it warm, then isolate it"));
        QTest::qWait(1200);
        picture(w_, "workshop-undecided");
        if (session.waiting().to_decide() != 1 || !session.settle(0, false)) return fail("nothing was to decide");
        // the server goes, work goes on, the server comes back
        if (std::system(stop.c_str()) != 0) return fail("the server did not stop");
        for (const char* words : {"Drain the old oil", "Drain the old oil while it is warm"})
            if (!session.perform(with_heading(session.procedure(), 1, words))) return fail("nothing is kept while the server is away");
        QTest::qWait(300);
        picture(w_, "workshop-away");
        if (session.waiting().to_bring() != 2) return fail("the changes do not wait");
        if (std::system(start.c_str()) != 0) return fail("the server did not start");
        if (!QTest::qWaitFor([&] { return !session.is_away(); }, 30000)) return fail("the server is not found again");
        QTest::qWait(300);
        picture(w_, "workshop-back");
        const auto now = other_.load_guide(guide);
        if (!now || now->steps.at(1).heading != "Drain the old oil while it is warm") return fail("what waited is not in the library");
        return true;
    }

    /// A window that is opened while the server is away, on what was taken along.
    bool on_the_road(const std::string& place, const std::string& stop, const std::string& start) {
        if (std::system(stop.c_str()) != 0) return fail("the server did not stop");
        auto copy = store::Library::on_the_road(place);
        if (!copy) return fail(copy.error().message);
        MainWindow window(std::move(*copy));
        window.show();
        auto& session = window.session();
        const auto guides = session.library().guides();
        if (!guides || guides->empty() || !session.open_guide(guides->front().id)) return fail("the guide did not open on the road");
        window.go(MainWindow::Sheet);
        if (!session.perform(with_heading(session.procedure(), 2, "Fit the plug with a new washer")))
            return fail("nothing is kept on the road");
        QTest::qWait(500);
        picture(window, "workshop-on-the-road");
        if (std::system(start.c_str()) != 0) return fail("the server did not start");
        if (!QTest::qWaitFor([&] { return !session.is_away(); }, 30000)) return fail("the server is not found again");
        const auto now = session.library().load_guide(session.guide());
        if (!now || now->steps.at(2).heading != "Fit the plug with a new washer")
            return fail("what was changed on the road is not in the library");
        return true;
    }

private:
    void picture(QWidget& of, const char* name) { save_picture(of, folder_, name); }

    MainWindow& w_;
    store::Library& other_;
    QString folder_;
};

/// The library moved into a folder.
bool move(const QString& from, const QString& folder) {
    anagraph::app::MovingDialog moving(from, folder + QStringLiteral("/moved"));
    moving.show();
    for (const char* name : {"workshop-moving-1", "workshop-moving-2", "workshop-moving-3"}) {
        QTest::qWait(300);
        if (moving.isVisible()) save_picture(moving, folder, name);
    }
    if (!QTest::qWaitFor([&] { return moving.result() == QDialog::Accepted; }, 120000)) return fail("the library was not moved");
    return true;
}

}  // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    if (argc != 5) {
        fmt::print(stderr, "walk-workshop LIBRARY FOLDER STOP START\n");
        return 2;
    }
    const QTemporaryDir settings;
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, settings.path());
    qputenv("XDG_DATA_HOME", settings.path().toUtf8());
    anagraph::shop::read_far_recordings();
    anagraph::app::theme::apply();
    anagraph::app::speak(QStringLiteral("en"));
    const QString folder = QString::fromLocal8Bit(argv[2]);
    QDir().mkpath(folder);
    {
        auto library = store::Library::open(argv[1]);
        auto other = store::Library::open(argv[1]);
        if (!library || !other) {
            fmt::print(stderr, "{}\n", (library ? other.error() : library.error()).message);
            return 1;
        }
        MainWindow window(std::move(*library));
        window.session().set_author(QStringLiteral("author"));
        window.show();
        Walk walk(window, **other, folder);
        if (!walk.run(argv[3], argv[4]) || !walk.on_the_road(argv[1], argv[3], argv[4])) return 1;
    }
    return move(QString::fromLocal8Bit(argv[1]), folder) ? 0 : 1;
}
