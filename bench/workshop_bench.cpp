// A large library on a server: what an edit takes while others edit, and the Shelf and the search against the same library in a file.
//   tools/own-server --safe build/release/src/workshop-bench FOLDER [GUIDES RECORDINGS LINES SECONDS]
// Makes the library in FOLDER unless it is there, moves it to the server that ANAGRAPH_SERVER names, and prints a line of JSON a measure.

#include <fmt/format.h>

#include <QCoreApplication>
#include <algorithm>
#include <atomic>
#include <chrono>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <mutex>
#include <nlohmann/json.hpp>
#include <random>
#include <thread>

#include "bench/good.h"
#include "store/library.h"
#include "store/whole_library.h"

namespace {

using namespace anagraph;
using bench::good;
using Clock = std::chrono::steady_clock;

constexpr int kAuthors = 20;
constexpr int kDesks = 50;
constexpr double kEditsASecond = 5;  // of all authors together
constexpr int kRounds = 9;

double since(Clock::time_point from) { return std::chrono::duration<double, std::milli>(Clock::now() - from).count(); }

template <class Work>
double timed(Work work) {
    std::vector<double> all;
    for (int i = 0; i < kRounds; ++i) {
        const auto from = Clock::now();
        work();
        all.push_back(since(from));
    }
    std::sort(all.begin(), all.end());
    return all[all.size() / 2];
}

void say(const std::string& what, double value, const std::string& unit, const nlohmann::json& more = {}) {
    fmt::print("{}\n", nlohmann::json{{"what", what}, {"value", value}, {"unit", unit}, {"of", more}}.dump());
    std::fflush(stdout);
}

double memory_mb() {
    std::ifstream status("/proc/self/status");
    for (std::string line; std::getline(status, line);)
        if (line.starts_with("VmRSS:")) return std::stod(line.substr(6)) / 1024;
    return 0;
}

core::Procedure guide(int n) {
    core::Procedure p;
    p.header = {fmt::format("{} h service", 50 * (n % 20 + 1)), fmt::format("Perrick PT60 no. {}", n), fmt::format("KQ-{}", n), "", {}, ""};
    for (int i = 0; i < 12; ++i) {
        core::Step s;
        s.id = core::StepId(fmt::format("s{}", i));
        s.heading = fmt::format("Do thing {}", i + 1);
        s.lines = {"Undo the drain plug.", "Let the oil run out."};
        p.steps.push_back(std::move(s));
    }
    return p;
}

void make(const std::string& folder, int guides, int recordings, int lines) {
    const auto library = good(store::Library::make_or_open(folder));
    static const char* kWords[] = {"undo the drain plug and let the oil run", "about twenty four newton metres on that one",
        "mind the belt while it runs", "the breather is finger tight", "wipe the magnet and look at the filings",
        "now the canister goes on"};
    for (int g = 0; g < guides; ++g) good(library->create_guide(guide(g), "author"));
    for (int r = 0; r < recordings; ++r) {
        std::vector<core::Segment> said;
        for (int i = 0; i < lines / recordings; ++i)
            said.push_back(
                {core::FrameTime(i, 1), core::FrameTime(i + 1, 1), fmt::format("{} {}", kWords[(r + i) % 6], (r * 31 + i) % 5000)});
        auto files = good(store::Library::work_folder(folder));
        std::ofstream(files.path() + "/index.json") << "{}";
        good(library->enter_recording(
            {core::RecordingId(fmt::format("{:064x}", r)), fmt::format("film-{}.mp4", r), "/films/x.mp4", ""}, said, std::move(files)));
    }
}

/// Twenty people edit, each in one of four guides, while fifty desks look for what is new.
void edit_together(const std::string& place, int seconds) {
    const auto ids = [&] {
        const auto library = good(store::Library::read(place));
        std::vector<store::GuideId> out;
        for (const auto& g : good(library->guides())) out.push_back(g.id);
        return out;
    }();
    std::mutex mutex;
    std::vector<double> took;
    std::atomic<int> rebased = 0;
    std::atomic<int> conflicts = 0;
    std::atomic<bool> stop = false;
    std::vector<std::thread> people;
    const double before = memory_mb();
    for (int a = 0; a < kAuthors; ++a)
        people.emplace_back([&, a] {
            const auto library = good(store::Library::open(place));
            const auto& id = ids[static_cast<std::size_t>(a % 4)];
            std::mt19937 random(static_cast<unsigned>(a));
            std::this_thread::sleep_for(std::chrono::milliseconds(random() % 4000));
            auto state = good(library->guide_state(id));
            for (int n = 0; !stop; ++n) {
                core::Step s = state.procedure.steps[static_cast<std::size_t>(a % 12)];
                s.heading = fmt::format("author {} writes {}", a, n);
                const core::Change change{"write a heading", {core::Put<core::Step>{s, std::nullopt}}};
                const auto from = Clock::now();
                const auto done = good(library->append_all(
                    {{id, change, core::replay(state.procedure, change), state.sequence}}, std::nullopt, fmt::format("author {}", a)));
                const double ms = since(from);
                {
                    const std::scoped_lock lock(mutex);
                    took.push_back(ms);
                }
                if (std::holds_alternative<core::Conflict>(done))
                    ++conflicts;
                else if (std::get<std::vector<store::Appended>>(done).front().rebased)
                    ++rebased;
                // every other author has not seen what others did when they write next
                if (n % 2 == 0 || std::holds_alternative<core::Conflict>(done))
                    state = good(library->guide_state(id));
                else
                    state = {core::replay(state.procedure, change), state.sequence, {}};
                if (n % 2 == 1) state = good(library->guide_state(id));
                std::this_thread::sleep_for(std::chrono::milliseconds(static_cast<int>(1000 * kAuthors / kEditsASecond)) -
                    std::chrono::milliseconds(static_cast<int>(std::min(ms, 3000.0))));
            }
        });
    std::atomic<int> looks = 0;
    for (int d = 0; d < kDesks; ++d)
        people.emplace_back([&] {
            while (!stop) {
                (void)store::Library::stamp(place);
                ++looks;
                std::this_thread::sleep_for(std::chrono::seconds(1));
            }
        });
    std::this_thread::sleep_for(std::chrono::seconds(seconds));
    stop = true;
    for (auto& p : people) p.join();
    std::sort(took.begin(), took.end());
    const auto at = [&](double share) { return took[static_cast<std::size_t>(share * static_cast<double>(took.size() - 1))]; };
    say("an edit of 20 authors, p95", at(0.95), "ms",
        {{"edits", took.size()}, {"p50", at(0.5)}, {"worst", took.back()}, {"rebased", rebased.load()}, {"conflicts", conflicts.load()},
            {"desks", kDesks}, {"looks", looks.load()}, {"seconds", seconds}});
    say("memory of the authors after it", memory_mb() - before, "MB more");
}

}  // namespace

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv);
    const char* server = std::getenv("ANAGRAPH_SERVER");
    if (argc < 2 || server == nullptr) {
        fmt::print(stderr, "tools/own-server --safe workshop-bench FOLDER [GUIDES RECORDINGS LINES SECONDS]\n");
        return 2;
    }
    const auto given = [&](int i, int usual) { return argc > i ? std::atoi(argv[i]) : usual; };
    const std::string folder = argv[1];
    const std::string port = std::getenv("ANAGRAPH_SERVER_PORT");
    const std::string made = fmt::format(
        "{}/psql -q -h {} -p {} -U anagraph -d postgres -c 'CREATE DATABASE workshop'", std::getenv("ANAGRAPH_SERVER_BIN"), server, port);
    if (std::system(made.c_str()) != 0) return 1;
    const std::string place = fmt::format("postgresql://anagraph@127.0.0.1:{}/workshop?objects={}/films", port, folder);
    const std::string file = folder + "/file";
    if (!std::filesystem::exists(file)) make(file, given(2, 10000), given(3, 2000), given(4, 1000000));
    const auto from = Clock::now();
    good(store::move_library(file, place));
    say("moving it to the server", since(from) / 1000, "s");
    {
        const auto on_disk = good(store::Library::read(file));
        const auto on_server = good(store::Library::read(place));
        const auto both = [&](const std::string& what, auto work) {
            const double disk = timed([&] { work(*on_disk); });
            const double net = timed([&] { work(*on_server); });
            say(what + ", server against file", net / disk, "times", {{"server_ms", net}, {"file_ms", disk}});
        };
        both("the Shelf's guides", [](const store::Library& l) { good(l.guides()); });
        both("the Shelf's recordings", [](const store::Library& l) { good(l.recordings()); });
        both("a common word", [](const store::Library& l) { good(l.find_said("drain pl")); });
        both("a rare word", [](const store::Library& l) { good(l.find_said("4711")); });
        both("two words", [](const store::Library& l) { good(l.find_said("breather 77")); });
        both("opening a guide", [id = good(on_disk->guides()).front().id](const store::Library& l) { good(l.guide_state(id)); });
    }
    edit_together(place, given(5, 60));
    return 0;
}
