#include "bench/window_bench.h"

#include <fmt/format.h>
#include <malloc.h>

#include <QElapsedTimer>
#include <QProcess>
#include <QTest>
#include <QTimer>
#include <QVBoxLayout>
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <random>
#include <stdexcept>

#include "app/shelf/shelf_station.h"
#include "app/window/said_search.h"
#include "bench/bench.h"
#include "bench/good.h"
#include "core/dryrun/dry_run.h"
#include "core/narration/timed_text.h"
#include "core/plate/layout.h"
#include "core/schedule/plan.h"
#include "store/files.h"
#include "store/library.h"

namespace anagraph::bench {

namespace fs = std::filesystem;
using core::FrameTime;
using nlohmann::json;

namespace {

json line(const std::string& what, double value, double target, const std::string& detail, const std::string& unit = "") {
    return {{"what", what}, {"value", value}, {"target", target}, {"detail", detail}, {"unit", unit}};
}

/// The longest time between two beats of the window's own timer.
class Heartbeat {
public:
    Heartbeat() {
        clock_.start();
        QObject::connect(&timer_, &QTimer::timeout, &timer_, [this] {
            longest_ = std::max(longest_, clock_.nsecsElapsed());
            clock_.restart();
        });
        timer_.start(2);
    }
    /// ms
    double longest() {
        longest_ = std::max(longest_, clock_.nsecsElapsed());
        return static_cast<double>(longest_) / 1e6;
    }

private:
    QTimer timer_;
    QElapsedTimer clock_;
    qint64 longest_ = 0;
};

core::Procedure claimed(int claims) {
    core::Procedure p;
    p.recordings.push_back({core::RecordingId("recording"), "recording", {}});
    p.sources.push_back({core::SourceId("book"), core::SourceKind::Book, "service book", "issue 4"});
    for (int i = 0; i < claims; ++i) {
        if (i % 4 == 0) {
            core::Figure f;
            f.id = core::FigureId("figure-" + std::to_string(i / 4));
            f.value = {std::to_string(10 + i % 50), "", "Nm"};
            f.proofs.push_back({core::SourceId("book"), "page 2", f.value});
            p.figures.push_back(std::move(f));
        }
        p.figures.back().claims.push_back(
            {core::RecordingId("recording"), FrameTime(i, 10), "said", {std::to_string(10 + i % 50), "", "Nm"}});
    }
    return p;
}

// -- the large library

constexpr int kGuidesOfShelf = 10000;
constexpr int kRecordings = 2000;
constexpr int kLines = 500;  // of each recording

void make_large(const std::string& folder) {
    const auto library = good(store::Library::make_or_open(folder));
    static const char* const kSaid[] = {"undo the drain plug with a seventeen", "that's eighteen foot pounds on the plug",
        "let it drain for about ten minutes", "mind your fingers the cover is sharp", "and my neighbour came by with his dog",
        "tighten the six bolts crosswise to eight newton metres"};
    std::vector<core::RecordingId> ids;
    for (int i = 0; i < kRecordings; ++i) {
        const core::RecordingId id(fmt::format("{:064x}", i));
        std::vector<core::Segment> said;
        for (int k = 0; k < kLines; ++k)
            said.push_back(
                {FrameTime(k * 18, 5), FrameTime(k * 18 + 15, 5), fmt::format("{} number {}", kSaid[(i + k) % 6], i * kLines + k)});
        auto files = good(store::Library::work_folder(folder));
        std::ofstream(files.path() + "/index.json") << "{}";
        store::RecordingEntry entry{
            id, fmt::format("film {}.mp4", i), fmt::format("/films/{}.mp4", i), "", true, FrameTime(kLines * 18, 5), kLines};
        good(library->enter_recording(entry, said, std::move(files)));
        ids.push_back(id);
    }
    for (int i = 0; i < kGuidesOfShelf; ++i) {
        core::Procedure p;
        p.header = {fmt::format("service {}", i), fmt::format("Machine {}", i % 700), fmt::format("KQ-{}", i), "", {}, ""};
        p.recordings = {{ids[static_cast<std::size_t>(i % kRecordings)], "film", {}}};
        core::Step s;
        s.id = core::StepId("s");
        s.heading = "Drain the oil";
        s.lines = {i % 100 == 0 ? "Crack the plug and finish by hand." : "Undo the plug."};
        p.steps = {s};
        good(library->create_guide(p, "author"));
    }
    std::ofstream(folder + "/work/made") << "made";
}

/// Seconds from a closed library to a window that is painted.
double opened(const std::string& folder, double& closing, double& memory) {
    double t = 0;
    std::unique_ptr<app::MainWindow> window;
    t = seconds([&] {
        window = std::make_unique<app::MainWindow>(good(store::Library::open(folder)));
        window->show();
        if (!QTest::qWaitForWindowExposed(window.get())) throw std::runtime_error("the window does not come up");
        window->repaint();
    });
    memory = resident();
    closing = seconds([&] { window.reset(); });
    return t;
}

}  // namespace

void open_empty_window() {
    QWidget window;
    window.resize(1280, 800);
    window.show();
    if (!QTest::qWaitForWindowExposed(&window)) throw std::runtime_error("the window does not come up");
    window.repaint();
}

void open_library(const std::string& folder) {
    double closing = 0;
    double memory = 0;
    opened(folder, closing, memory);
}

double resident() {
    malloc_trim(0);
    std::ifstream in("/proc/self/statm");
    double pages = 0;
    in >> pages >> pages;
    return pages * 4096 / 1e6;
}

double frame_of_painting(QWidget& window) {
    std::vector<double> times;
    for (int i = 0; i < 15; ++i) times.push_back(seconds([&] { window.repaint(); }));
    return median(times);
}

/// A guide of 60 steps with some 200 actions: covers come off and go back, some of them wait.
core::Procedure long_guide() {
    core::Procedure p;
    p.header.title = "service";
    p.header.machine = "Vellan dredger engine";
    for (int i = 0; i < 60; ++i) {
        const std::string n = std::to_string(i);
        const core::ItemId cover("cover-" + n);
        const core::ItemId bolts("bolts-" + n);
        p.items.push_back({bolts, core::ItemKind::Fastener, "bolts " + n, "", ""});
        p.items.push_back({cover, core::ItemKind::Part, "cover " + n, "", ""});
        p.items.back().behind = {bolts};
        core::Step s;
        s.id = core::StepId("step-" + n);
        s.hands = {std::to_string(2 + i % 5), "", "min"};
        s.actions = {{"remove", {bolts}, {}}, {"remove", {cover}, {}}, {"fit", {cover}, {}}};
        if (i % 3 == 0) s.actions.push_back({"clean", {cover}, {}});
        s.actions.push_back({"fit", {bolts}, {}});
        s.actions.push_back({"tighten", {bolts}, {}});
        if (i % 3 != 0) s.actions.erase(s.actions.begin() + 2, s.actions.begin() + 4);
        if (i % 6 == 0) s.waits.push_back({"", core::FigureId("wait")});
        p.steps.push_back(std::move(s));
    }
    p.figures.push_back({core::FigureId("wait"), core::FigureKind::Duration, {}, "wait", {"8", "", "min"}, "", {}, {}, ""});
    return p;
}

std::vector<json> dry_runs(double frame) {
    const auto p = long_guide();
    std::size_t actions = 0;
    for (const auto& s : p.steps) actions += s.actions.size();
    std::vector<double> walks;
    for (int k = 0; k < 9; ++k) walks.push_back(seconds([&] { core::dry_run(p); }));
    double plans = 0;
    for (const int people : {1, 2}) plans = std::max(plans, seconds([&] { core::plan(p, "", people); }));
    return {line(fmt::format("walking 60 steps with {} actions, against painting the window once", actions), median(walks) / frame, 1,
                fmt::format("{:.2f} ms against {:.1f} ms", median(walks) * 1000, frame * 1000)),
        line("planning 60 steps for one person or two", plans, 1, fmt::format("{:.2f} s", plans), "s")};
}

json work_between_frames(app::MainWindow& window) {
    const double frame = frame_of_painting(window);
    std::vector<double> layout;
    std::mt19937 random(1);
    std::uniform_int_distribution<int> share(400, 9600);
    for (int k = 0; k < 15; ++k) {
        core::Plate plate;
        const auto place = [&] { return core::Place{share(random), share(random)}; };
        for (int i = 0; i < 40; ++i) {
            const core::Place at = place();
            plate.callouts.push_back({core::ItemId("item"), at, at});
        }
        for (int i = 0; i < 6; ++i) plate.fasteners.push_back({core::ItemId("bolt"), place()});
        plate.marks = {{core::PlateSign::Magnify, place(), place()}, {core::PlateSign::Distance, place(), place()}};
        plate.role = core::PairRole::Wrong;
        layout.push_back(seconds([&] { plate = core::laid_out_anew(std::move(plate), 16.0 / 9); }));
    }
    const auto p = claimed(5000);
    std::vector<double> edit;
    for (int k = 0; k < 9; ++k) {
        auto changed = p.figures[p.figures.size() / 2];
        changed.value.low = std::to_string(60 + k);
        edit.push_back(seconds([&] {
            const auto next = good(core::apply(p, core::Edit(core::Put<core::Figure>{changed, std::nullopt})));
            core::standing_of(*next.find(changed.id));
        }));
    }
    json out{line("laying out 40 callouts, against painting the window once", median(layout) / frame, 1,
                 fmt::format("{:.1f} ms against {:.1f} ms", median(layout) * 1000, frame * 1000)),
        line("judging again after one edit beside 5,000 claims, against painting the window once", median(edit) / frame, 1,
            fmt::format("{:.2f} ms against {:.1f} ms", median(edit) * 1000, frame * 1000))};
    for (auto& l : dry_runs(frame)) out.push_back(std::move(l));
    return out;
}

json busy_during_import(const std::string& folder, const std::string& film) {
    fs::create_directories(folder);
    const std::string with_words = folder + "/film.mp4";
    fs::remove(with_words);
    fs::create_hard_link(film, with_words);
    std::vector<core::Segment> said;
    for (int i = 0; i < 6000; ++i)
        said.push_back({FrameTime(i * 12, 5), FrameTime(i * 12 + 10, 5),
            i % 2 == 0 ? "tighten the drain plug to twenty five newton metres" : "mind your fingers the edge of the cover is sharp"});
    std::ofstream(folder + "/film.vtt") << core::write_webvtt(said);
    std::vector<double> gaps;
    for (int attempt = 0; attempt < 3; ++attempt) {
        const std::string library = fmt::format("{}/library-{}", folder, attempt);
        fs::remove_all(library);
        app::MainWindow window(good(store::Library::make_or_open(library)));
        window.show();
        if (!QTest::qWaitForWindowExposed(&window)) throw std::runtime_error("the window does not come up");
        QTest::qWait(300);
        Heartbeat beat;
        window.shelf().bring_in({QString::fromStdString(with_words)});
        if (!QTest::qWaitFor([&] { return !window.shelf().importing(); }, 600000)) throw std::runtime_error("the import does not end");
        const auto all = good(window.session().library().recordings());
        const auto* r = all.empty() ? nullptr : window.session().recording(all.front().id);
        if (r == nullptr || !QTest::qWaitFor([&] { return !r->reading; }, 600000)) throw std::runtime_error("the narration is not read");
        QTest::qWait(500);
        gaps.push_back(beat.longest());
    }
    fs::remove_all(folder);
    return {line("the window does not answer during an import, longest, median of three", median(gaps), 100,
        fmt::format("{:.0f}, {:.0f} and {:.0f} ms by the wall clock", gaps[0], gaps[1], gaps[2]), "ms")};
}

json large_library(const std::string& folder) {
    if (!fs::exists(folder + "/made")) {
        fs::remove_all(folder);
        make_large(folder + "/library");
        std::ofstream(folder + "/made") << "made";
    }
    const std::string large = folder + "/library";
    const std::string small = folder + "/small";
    fs::remove_all(small);
    { good(store::Library::make_or_open(small)); }
    // as a person starts it: a program of its own, until its window is painted, and closed again
    const auto started = [](const std::vector<std::string>& arguments) {
        QProcess process;
        QStringList list;
        for (const auto& a : arguments) list << QString::fromStdString(a);
        return seconds([&] {
            process.start(QCoreApplication::applicationFilePath(), list);
            if (!process.waitForFinished(60000) || process.exitCode() != 0) throw std::runtime_error("the window does not come up");
        });
    };
    std::vector<double> empty, open, few;
    for (int i = 0; i < 7; ++i) {
        empty.push_back(started({"--empty"}));
        few.push_back(started({"--open", small}));
        open.push_back(started({"--open", large}));
    }
    double before = 0;
    double after = 0;
    double closing = 0;
    opened(small, closing, before);
    opened(large, closing, after);
    // a word typed letter by letter; each answer is waited for
    std::vector<double> letters;
    app::SaidSearch search(large);
    QString answered;
    std::size_t found = 0;
    QObject::connect(&search, &app::SaidSearch::found, [&](const QString& words, const std::vector<store::SaidLine>& lines) {
        answered = words;
        found = lines.size();
    });
    const auto asked = [&](const QString& words) {
        letters.push_back(seconds([&] {
            search.look_for(words);
            while (answered != words) QCoreApplication::processEvents(QEventLoop::AllEvents | QEventLoop::WaitForMoreEvents, 50);
        }));
    };
    asked(QStringLiteral("warm"));
    letters.clear();
    for (const QString& word :
        {QStringLiteral("drain plug"), QStringLiteral("number 123456"), QStringLiteral("neighbour dog"), QStringLiteral("crosswise")})
        for (qsizetype n = 1; n <= word.size(); ++n)
            if (word[n - 1] != QLatin1Char(' ')) asked(word.left(n));
    if (found == 0) throw std::runtime_error("the search found nothing");
    return {line("opening a library of 10,000 guides, 2,000 recordings and 1,000,000 lines, against an empty Qt window",
                median(open) / median(empty), 3,
                fmt::format("{:.0f} ms against {:.0f} ms from start to end; an empty library {:.0f} ms; closing {:.0f} ms",
                    median(open) * 1000, median(empty) * 1000, median(few) * 1000, closing * 1000)),
        line("a letter typed into the search of its lines, p95", quantile(letters, 0.95) * 1000, 1000.0 / 60,
            fmt::format("median {:.1f} ms, longest {:.1f} ms of {}", median(letters) * 1000, quantile(letters, 1) * 1000, letters.size()),
            "ms"),
        line("memory it takes more than an empty library", after - before, 40, fmt::format("{:.0f} MB against {:.0f} MB", after, before),
            "MB")};
}

}  // namespace anagraph::bench
