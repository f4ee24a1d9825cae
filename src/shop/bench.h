// The bench of a library: runs under way, kept with every touch, until they are in the logbook.
#pragma once

#include <string>
#include <vector>

#include "core/bench/bench.h"
#include "core/learner/progress.h"
#include "shop/logbook.h"

namespace anagraph::shop {

/// What can be worked by: the editions that hold now.
struct BenchEdition {
    std::string guide;  // id
    int edition = 0;
    std::string mark;
    std::string machine, title;
    std::vector<std::string> variants;
};

class RunAtBench {
public:
    /// Begins a run by an edition that holds; `about` names who and which machine. Errors: NotFound; those of core::Bench::add() and of
    /// writing.
    static core::Result<RunAtBench> begin(store::Library& library, const BenchEdition& edition, core::RunBegun about, core::Moment now);

    /// Another value after each add(): what was looked at in it before is gone then.
    const core::Bench& bench() const { return bench_; }
    const core::Edition& edition() const { return edition_; }
    /// Is the edition still the one that holds? Empty: it is; otherwise the sentence that says what has come of it.
    const std::string& edition_trouble() const { return edition_trouble_; }
    /// What happened, all of it or nothing; on the disk when it returns. Errors: those of core::Bench::add() and of writing; then the run
    /// is as it was.
    core::Outcome add(store::Library& library, const std::vector<core::BenchBody>& bodies, core::Moment now);
    /// Keeps a photograph of the step in hand. Errors: those of reading the file and of add().
    core::Outcome keep_photograph(store::Library& library, const std::string& file, core::Moment now);
    /// Puts the run into the logbook, once. Errors: Refused before its end; those of take_run().
    core::Result<TakenRun> hand_in(store::Library& library, const std::string& post);
    core::Outcome give_up(store::Library& library);

private:
    friend core::Result<struct BenchStart> bench_start(store::Library& library);
    /// `kept`: so many of its events lie in the library already.
    RunAtBench(core::Bench bench, core::Edition edition, std::size_t kept = 0)
        : bench_(std::move(bench)), edition_(std::move(edition)), kept_(kept) {}
    core::Bench bench_;
    core::Edition edition_;
    std::size_t kept_;
    std::string edition_trouble_;
};

/// What the bench begins with.
struct BenchStart {
    std::vector<BenchEdition> editions;  // by machine and title
    /// Runs that were begun and are neither in the logbook nor given up, as they were left. One that a killed program had put into the
    /// logbook already is not among them.
    std::vector<RunAtBench> waiting;
    std::vector<std::string> troubles;            // of runs that cannot be taken up: a sentence each
    std::vector<core::LearnerProgress> progress;  // over the editions, in their order
};
/// Errors: those of reading the library.
core::Result<BenchStart> bench_start(store::Library& library);

}  // namespace anagraph::shop
