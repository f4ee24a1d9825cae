// Measurements with a target, each a ratio of two things timed in one run on one machine, so that they hold on any.
#pragma once

#include <chrono>
#include <functional>
#include <string>
#include <vector>

namespace anagraph::bench {

struct Line {
    std::string what;   // "import of 2 min of 1080p, against plain decoding"
    double value = 0;   // the ratio, or a size in `unit`
    double target = 0;  // at most; at least where `at_least`
    bool at_least = false;
    std::string unit;    // empty: times
    std::string detail;  // the numbers behind it
    bool good() const { return at_least ? value >= target : value <= target; }
};

struct Options {
    std::string folder;    // for films made for the purpose; kept, so that a second run is quick
    std::string programs;  // where anagraph-cli and paint-bench lie
    bool full = false;  // ten minutes of 1080p as phones film it and four hours of it with few bits, instead of two minutes and four hours
                        // of a small picture
    // one part: import, memory, frame, reader, figures, drafts, hearing, clips, window, library, rest, desk, logbook; empty: all
    std::string only = {};
};

/// Runs everything and tells each line as it is known. Throws std::runtime_error with a sentence when a film cannot be made.
std::vector<Line> run(const Options& options, const std::function<void(const Line&)>& tell);

template <class Work>
double seconds(Work&& work) {
    const auto begin = std::chrono::steady_clock::now();
    work();
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - begin).count();
}

/// The value below which `share` of the values lie.
double quantile(std::vector<double> values, double share);
inline double median(std::vector<double> values) { return quantile(std::move(values), 0.5); }

/// The median of the ratios of two things timed in turn: what slows the machine down for a while slows neighbours alike.
double median_ratio(const std::vector<double>& ours, const std::vector<double>& reference);

}  // namespace anagraph::bench
