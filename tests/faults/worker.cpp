// What the tests of faults let run, fail and be killed: the program's own edits through a session, and a look at what a library
// holds afterwards.
//   fault-worker make LIBRARY FILM      a library with that film, a guide that can be issued, and two more
//   fault-worker make-bench LIBRARY     issues the third of them, and enters a machine
//   fault-worker edit LIBRARY N         N edits; each number is written once it was called saved
//   fault-worker replace LIBRARY N      words replaced to and fro in all three guides, the same way
//   fault-worker bench LIBRARY N        N things found in runs at the bench; every fifth goes into the logbook with its run
//   fault-worker look LIBRARY           opens it, as the next start would, and tells as JSON what is there
#include <fmt/format.h>

#include <QCoreApplication>
#include <cstdlib>
#include <iostream>
#include <nlohmann/json.hpp>
#include <set>

#include "app/session/session.h"
#include "core/editing/replace_words.h"
#include "publish/clip_paint.h"
#include "publish/pack.h"
#include "shop/bench.h"
#include "shop/intake.h"
#include "shop/issue.h"
#include "shop/replace.h"
#include "store/digest.h"
#include "store/files.h"

using namespace anagraph;
using nlohmann::json;

namespace {

int wrong(const core::Error& e) {
    fmt::print(stderr, "{}\n", e.message);
    return 1;
}

core::Procedure guide(const char* title, const core::RecordingId& film, const core::FrameTime& at) {
    core::Procedure p;
    p.header = {title, "Perrick PT60", std::string("KQ-") + title, "", {}, ""};
    p.recordings = {{film, "film", {}}};
    core::Step s;
    s.id = core::StepId("press");
    s.heading = "Push the lever";
    s.lines = {"Push the lever down."};
    core::Plate plate;
    plate.id = core::PlateId("plate");
    plate.recording = film;
    plate.at = at;
    s.plates = {plate};
    p.steps = {s};
    return p;
}

int make(const std::string& folder, const std::string& film) {
    auto library = store::Library::make_or_open(folder);
    if (!library) return wrong(library.error());
    auto prepared = shop::prepare_recording(folder, film, "");
    if (!prepared) return wrong(prepared.error());
    if (auto entered = shop::enter_recording(**library, *prepared); !entered) return wrong(entered.error());
    for (const char* title : {"one", "two", "three"})
        if (auto made = (*library)->create_guide(guide(title, prepared->entry.id, prepared->index.times[5]), "author"); !made)
            return wrong(made.error());
    return 0;
}

/// One of its guides is issued, and a machine is there to work on.
int make_bench(const std::string& folder) {
    const auto library = store::Library::open(folder);
    if (!library) return wrong(library.error());
    const auto request = shop::prepare_issue(**library, store::GuideId("perrick-pt60-three"), "author", "checker");
    if (!request) return wrong(request.error());
    auto pack = shop::make_pack(*request);
    if (!pack) return wrong(pack.error());
    if (auto entered = shop::enter_edition(**library, *request, std::move(*pack)); !entered) return wrong(entered.error());
    const auto machine = (*library)->log({core::MachineAdded{"pump", "Perrick PT60", "", "P-1", "", ""}}, "author");
    return machine ? 0 : wrong(machine.error());
}

std::unique_ptr<app::Session> session_on(const std::string& folder) {
    auto library = store::Library::open(folder);
    if (!library) {
        wrong(library.error());
        return nullptr;
    }
    auto session = std::make_unique<app::Session>(std::move(*library));
    QObject::connect(
        session.get(), &app::Session::failed, [](const QString& sentence) { fmt::print(stderr, "{}\n", sentence.toStdString()); });
    return session->open_guide(store::GuideId("perrick-pt60-one")) ? std::move(session) : nullptr;
}

void saved(int n) {
    fmt::print("{}\n", n);
    std::fflush(stdout);
}

int edit(const std::string& folder, int count) {
    const auto session = session_on(folder);
    if (!session) return 1;
    int n = session->procedure().header.site_note.empty() ? 0 : std::stoi(session->procedure().header.site_note);
    for (int i = 0; i < count; ++i) {
        core::Header h = session->procedure().header;
        h.site_note = std::to_string(++n);
        if (!session->perform(core::Change{"note", {core::SetHeader{h}}})) return 1;
        saved(n);
    }
    return 0;
}

int replace(const std::string& folder, int count) {
    const auto session = session_on(folder);
    if (!session) return 1;
    for (int i = 0; i < count; ++i) {
        const bool pushed = core::times_said(session->procedure(), "Push") > 0;
        const std::string from = pushed ? "Push" : "Press";
        const std::string to = pushed ? "Press" : "Push";
        const auto sayers = shop::guides_with_words(session->library(), from, session->guide());
        if (!sayers) return wrong(sayers.error());
        auto changes = shop::replacements(session->library(), sayers->guides, from, to);
        const auto own = core::replace_words(session->procedure(), from, to);
        if (!changes || !own) return wrong(changes ? own.error() : changes.error());
        if (!session->perform_everywhere(*own, std::move(*changes))) return 1;
        saved(pushed ? 1 : 0);
    }
    return 0;
}

/// Learners entered, and an edition handed out to each in the same step.
int hand(const std::string& folder, int count) {
    const auto library = store::Library::open(folder);
    if (!library) return wrong(library.error());
    const auto records = (*library)->records();
    if (!records) return wrong(records.error());
    auto number = static_cast<int>(records->learners().size());
    for (int i = 0; i < count; ++i) {
        const std::string learner = fmt::format("learner {}", ++number);
        const auto done = (*library)->record({core::LearnerAdded{learner, ""}, core::HandedOut{"guide", 1, learner}}, "author");
        if (!done) return wrong(done.error());
        saved(number);
    }
    return 0;
}

/// Found in runs that are under way, and in those of the logbook. Below nothing: it cannot be read.
int found(store::Library& library) {
    const auto start = shop::bench_start(library);
    const auto log = library.logbook();
    if (!start || !log) return -wrong(start ? log.error() : start.error());
    int out = static_cast<int>(log->findings().size());
    for (const auto& run : start->waiting) out += static_cast<int>(run.bench().run().findings.size());
    return out;
}

int bench(const std::string& folder, int count) {
    const auto library = store::Library::open(folder);
    if (!library) return wrong(library.error());
    const core::Moment now = 1796032800;
    int n = found(**library);
    auto start = shop::bench_start(**library);
    if (n < 0 || !start || !start->troubles.empty()) return 1;
    auto& waiting = start->waiting;
    for (int i = 0; i < count; ++i) {
        if (waiting.empty()) {
            core::RunBegun about;
            about.id = fmt::format("123e4567-e89b-42d3-a456-{:012x}", n);
            about.machine = "pump";
            about.who = "learner 07";
            auto run = shop::RunAtBench::begin(**library, start->editions.at(0), about, now);
            if (!run) return wrong(run.error());
            waiting.push_back(std::move(*run));
        }
        auto& run = waiting.front();
        std::vector<core::BenchBody> bodies;
        if (run.bench().at() == core::Bench::At::Before) bodies = {core::LockedOff{}, core::WorkBegun{}, core::StepTaken{"press"}};
        if (run.bench().at() == core::Bench::At::Paused) bodies = {core::RunGoesOn{}};
        if (run.bench().at() != core::Bench::At::Ended) {
            bodies.emplace_back(core::SomethingFound{"press", fmt::format("{}", n + 1), core::Urgency::Watch, {}});
            if (auto kept = run.add(**library, bodies, now); !kept) return wrong(kept.error());
            saved(++n);
            if (n % 5 != 0) continue;
            if (auto ended = run.add(
                    **library, {core::LinesDone{"press", 1}, core::StepClosed{"press", core::StepState::Done, ""}, core::RunEnded{}}, now);
                !ended)
                return wrong(ended.error());
        }
        if (const auto taken = run.hand_in(**library, "author"); !taken) return wrong(taken.error());
        waiting.clear();
    }
    return 0;
}

int look(const std::string& folder) {
    const auto library = store::Library::open(folder);
    if (!library) return wrong(library.error());
    json out{{"guides", json::array()}, {"recordings", json::array()}, {"editions", json::array()}, {"unknown", json::array()}};
    std::set<std::string> known;
    const auto records = (*library)->records();
    if (!records) return wrong(records.error());
    out["learners"] = records->learners().size();
    out["found"] = found(**library);
    out["handed_out"] = records->kept<core::HandedOut>().size();
    const auto guides = (*library)->guides();
    if (!guides) return wrong(guides.error());
    for (const auto& g : *guides) {
        const auto state = (*library)->guide_state(g.id);
        if (!state) return wrong(state.error());
        out["guides"].push_back({{"id", g.id.text()}, {"note", state->procedure.header.site_note},
            {"line", state->procedure.steps.front().lines.front()}, {"lost", state->lost.size()}});
        const auto editions = (*library)->editions(g.id);
        if (!editions) return wrong(editions.error());
        for (const auto& e : *editions) {
            const auto pack = (*library)->pack_folder(g.id, e.edition.number);
            const auto verified = pack ? publish::verify_pack(*pack) : tl::make_unexpected(pack.error());
            out["editions"].push_back({{"guide", g.id.text()}, {"number", e.edition.number}, {"sha256", e.sha256},
                {"whole", verified && verified->undamaged && verified->manifest == e.pack}});
            known.insert("editions/" + e.pack);
        }
    }
    const auto recordings = (*library)->recordings();
    if (!recordings) return wrong(recordings.error());
    for (const auto& r : *recordings) {
        const auto index = media::load_index((*library)->recording_folder(r.id));
        const auto hash = store::sha256_of_file(r.path);
        out["recordings"].push_back(
            {{"id", r.id.text()}, {"lines", r.lines}, {"whole", index.has_value() && hash && *hash == r.id.text()}});
        known.insert("media/" + r.id.text());
    }
    for (const char* part : {"media", "editions", "documents", "work"})
        for (const auto& name : store::names_in(folder + "/" + part))
            if (!known.contains(std::string(part) + "/" + name)) out["unknown"].push_back(std::string(part) + "/" + name);
    for (const auto& name : store::names_in(folder))
        if (!std::set<std::string>{
                "library.db", "library.db-wal", "library.db-shm", "library.lock", "media", "editions", "documents", "work"}
                 .contains(name))
            out["unknown"].push_back(name);
    fmt::print("{}\n", out.dump());
    return 0;
}

}  // namespace

int main(int argc, char** argv) {
    const std::unique_ptr<QCoreApplication> application = publish::drawing_application(argc, argv);
    const std::string what = argc > 2 ? argv[1] : "";
    const std::string folder = argc > 2 ? argv[2] : "";
    if (what == "make" && argc == 4) return make(folder, argv[3]);
    if (what == "make-bench" && argc == 3) return make_bench(folder);
    if (what == "edit" && argc == 4) return edit(folder, std::atoi(argv[3]));
    if (what == "replace" && argc == 4) return replace(folder, std::atoi(argv[3]));
    if (what == "hand" && argc == 4) return hand(folder, std::atoi(argv[3]));
    if (what == "bench" && argc == 4) return bench(folder, std::atoi(argv[3]));
    if (what == "look" && argc == 3) return look(folder);
    fmt::print(stderr, "fault-worker make|make-bench|edit|replace|hand|bench|look LIBRARY ...\n");
    return 2;
}
