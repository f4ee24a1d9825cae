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
#include "app/company/shared_bar.h"
#include "app/sheet/sheet_station.h"
#include "app/theme/theme.h"
#include "app/window/main_window.h"

namespace {

using anagraph::app::DecideDialog;
using anagraph::app::MainWindow;
namespace core = anagraph::core;
namespace store = anagraph::store;

core::Change with_heading(const core::Procedure& p, std::size_t step, const char* words) {
    core::Step s = p.steps.at(step);
    s.heading = words;
    return {"write a heading", {core::Put<core::Step>{s, std::nullopt}}};
}

class Walk {
public:
    Walk(MainWindow& window, store::Library& other, QString folder) : w_(window), other_(other), folder_(std::move(folder)) {}

    bool run(const std::string& stop, const std::string& start) {
        auto& session = w_.session();
        const auto guides = other_.guides();
        if (!guides || guides->empty() || !session.open_guide(guides->front().id)) return fail("the guide did not open");
        const auto guide = session.guide();
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

private:
    void picture(QWidget& of, const char* name) {
        of.grab().save(folder_ + QLatin1Char('/') + QLatin1String(name) + QStringLiteral(".png"));
    }
    static bool fail(const std::string& what) {
        fmt::print(stderr, "The walk stopped: {}\n", what);
        return false;
    }

    MainWindow& w_;
    store::Library& other_;
    QString folder_;
};

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
    anagraph::app::theme::apply();
    auto library = store::Library::open(argv[1]);
    auto other = store::Library::open(argv[1]);
    if (!library || !other) {
        fmt::print(stderr, "{}\n", (library ? other.error() : library.error()).message);
        return 1;
    }
    QDir().mkpath(QString::fromLocal8Bit(argv[2]));
    MainWindow window(std::move(*library));
    window.session().set_author(QStringLiteral("author"));
    window.show();
    return Walk(window, **other, QString::fromLocal8Bit(argv[2])).run(argv[3], argv[4]) ? 0 : 1;
}
