#include "bench/rest_bench.h"

#include <fmt/format.h>

#include <QApplication>
#include <QTest>
#include <filesystem>
#include <fstream>
#include <map>
#include <stdexcept>

#include "app/tape/tape_station.h"
#include "app/window/main_window.h"
#include "bench/bench.h"
#include "bench/good.h"
#include "bench/window_bench.h"
#include "store/library.h"

namespace anagraph::bench {

namespace fs = std::filesystem;
using app::MainWindow;
using nlohmann::json;

namespace {

constexpr int kSettledMs = 8000;  // from which on nothing that was begun is still going on
constexpr int kRestMs = 30000;
constexpr int kWarm = 3;    // rounds until everything that is kept was read once
constexpr int kHour = 60;   // rounds: nobody does one in less than a minute
constexpr int kSteps = 12;  // of a round

/// How often each thread of this process left the processor because it had nothing to do, and so was woken again (proc(5)).
std::map<std::string, long> wakes() {
    std::map<std::string, long> out;
    for (const auto& task : fs::directory_iterator("/proc/self/task")) {
        std::ifstream in(task.path() / "status");
        for (std::string line; std::getline(in, line);)
            if (line.starts_with("voluntary_ctxt_switches:")) out[task.path().filename()] = std::stol(line.substr(line.find(':') + 1));
    }
    return out;
}

/// Of all threads that are there now, since then; one that ended meanwhile worked, and is not at rest.
long woken_since(const std::map<std::string, long>& before) {
    long out = 0;
    for (const auto& [thread, count] : wakes()) {
        const auto it = before.find(thread);
        out += count - (it == before.end() ? 0 : it->second);
    }
    return out;
}

struct Stop {
    MainWindow::Stop stop;
    const char* name;
};
constexpr Stop kStops[] = {{MainWindow::Shelf, "Shelf"}, {MainWindow::Tape, "Tape"}, {MainWindow::Figures, "Figures"},
    {MainWindow::Sheet, "Sheet"}, {MainWindow::Plates, "Plates"}, {MainWindow::DryRun, "Dry run"}, {MainWindow::Issue, "Issue"},
    {MainWindow::Bench, "Bench"}, {MainWindow::Logbook, "Logbook"}};

/// What a person does in a minute or more: looks at every station and at steps in it, goes through the film, changes something, takes it
/// back.
void round_of(MainWindow& window) {
    auto& session = window.session();
    for (const auto& s : kStops) {
        window.go(s.stop);
        window.repaint();
        for (int i = 0; i < kSteps; ++i) {
            const auto& steps = session.procedure().steps;
            session.set_step(steps[static_cast<std::size_t>(i) % steps.size()].id);
            QCoreApplication::processEvents();
        }
        if (s.stop == MainWindow::Tape)
            for (int i = 0; i < 20; ++i) {
                QTest::keyClick(&window.tape(), i % 2 == 0 ? Qt::Key_Down : Qt::Key_Right);
                QCoreApplication::processEvents();
            }
    }
    auto step = session.procedure().steps.front();
    step.heading += " ";
    if (!session.perform(core::Change{"write a heading", {core::Put<core::Step>{step, std::nullopt}}}))
        throw std::runtime_error("a heading cannot be changed");
    session.undo();
    QTest::qWait(50);
}

}  // namespace

json at_rest_and_for_long(const std::string& folder) {
    MainWindow window(good(store::Library::open(folder)));
    window.resize(1280, 800);
    window.show();
    if (!QTest::qWaitForWindowExposed(&window)) throw std::runtime_error("the window does not come up");
    const auto guides = good(window.session().library().guides());
    if (guides.empty() || !window.session().open_guide(guides.front().id)) throw std::runtime_error("there is no guide to walk through");
    QApplication::setCursorFlashTime(0);  // how often the cursor in a field shows is the desktop's
    double most = 0;
    std::string each;
    for (const auto& s : kStops) {
        window.go(s.stop);
        QTest::qWait(kSettledMs);
        const auto before = wakes();
        QEventLoop rest;
        QTimer::singleShot(kRestMs, &rest, &QEventLoop::quit);
        rest.exec();
        const double a_minute = static_cast<double>(woken_since(before)) * 60000 / kRestMs;
        most = std::max(most, a_minute);
        each += fmt::format("{}{} {:.0f}", each.empty() ? "" : ", ", s.name, a_minute);
    }
    for (int i = 0; i < kWarm; ++i) round_of(window);
    const double first = resident();
    for (int i = kWarm; i < kHour; ++i) round_of(window);
    const double last = resident();
    return {{{"what", "the window at rest wakes the processor, times a minute, most of any station"}, {"value", most}, {"target", 5},
                {"detail", each}, {"unit", "times"}},
        {{"what", "memory after an hour of walking through a guide, against after its first minutes"}, {"value", last / first},
            {"target", 1.05}, {"detail", fmt::format("{:.0f} MB against {:.0f} MB, {} rounds through all stations", last, first, kHour)}}};
}

}  // namespace anagraph::bench
