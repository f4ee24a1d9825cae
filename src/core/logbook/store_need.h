// What the store needs: what is below its least, and what the work that falls due soon will take.
#pragma once

#include <string>
#include <vector>

#include "core/logbook/logbook.h"

namespace anagraph::core {

/// Something that a job takes: "1.7 L gear oil", "1 × copper washer".
struct TakenByJob {
    Words job;  // "100 h service of PT60 no. 2"
    std::string item, number;
    Quantity amount;
};

struct StoreNeed {
    std::string item, number;
    const Unit* unit = nullptr;
    double there = 0;
    double least = 0;  // 0: nobody said
    double taken = 0;  // by the jobs
    double order = 0;  // so that the least is there after them
    std::vector<Words> jobs;
    bool counted = true;  // false: the store was never counted for it
};

/// One for everything in the store, and for everything the jobs take that it was never counted for; what is to be ordered first. The same
/// thing is known by its number, or by its name.
std::vector<StoreNeed> store_needs(const Logbook& log, const std::vector<TakenByJob>& taken);

/// What is to be ordered, a sentence each: "gear oil 75W90: 2.6 L there, 3.4 L taken by ...; order 4.8 L".
std::vector<Words> to_order(const std::vector<StoreNeed>& needs);

}  // namespace anagraph::core
