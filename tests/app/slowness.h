// How slow the machine is just now, for tests that ask how long the window is busy: a machine that is shared may run at a third
// of its speed for minutes.
#pragma once

#include <algorithm>
#include <ctime>
#include <map>
#include <random>
#include <string>

namespace anagraph::testing {

/// Processor time of this thread in ms, so that other programs on the machine do not count.
inline double busy_ms() {
    timespec t{};
    clock_gettime(CLOCK_THREAD_CPUTIME_ID, &t);
    return static_cast<double>(t.tv_sec) * 1000 + static_cast<double>(t.tv_nsec) / 1e6;
}

/// How many times longer than usual a small piece of work takes that has nothing to do with the program, so that a slower program
/// is no excuse; 1 at the least, 5 at the most.
inline double slowness() {
    constexpr double kUsual = 9.5;  // ms, measured where the limits of the tests were chosen
    const double began = busy_ms();
    std::mt19937 random(1);
    std::map<std::string, int> words;
    for (int i = 0; i < 20000; ++i) words[std::to_string(random())] += i;
    const double took = busy_ms() - began;
    return std::clamp(words.empty() ? 1.0 : took / kUsual, 1.0, 5.0);  // the words are looked at, so that they are made
}

}  // namespace anagraph::testing
