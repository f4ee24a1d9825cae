// Where everything of a dry run stands when it is drawn: steps as rows, the machine as a band, items and fluids as columns, the plan
// as a column of its own. A pure function of what is drawn and of the room there is; painting and clicking both use it.
#pragma once

#include <QRectF>
#include <optional>
#include <vector>

#include "core/dryrun/threads.h"
#include "core/schedule/plan.h"

namespace anagraph::app {

struct ThreadMetrics {
    double width = 900;
    double row = 52;
    double head = 100;      // above the first row, for the names
    double headings = 216;  // room for number and heading of a step
    double plan = 190;      // room for the plan; 0: none is shown
};

/// A block of the plan: hands or a wait, beside the rows in the same downward direction, to the scale of its time.
struct PlanBlock {
    std::size_t task = 0;  // of the plan
    int row = 0;           // of its step
    QRectF box;
    double joins_y = 0;  // the middle of its step's row, where its line begins
    bool moved = false;  // it is done in another place than it is written in
};

struct ThreadLayout {
    ThreadMetrics metrics;
    std::size_t rows = 0;
    double band = 0;              // left edge of the machine's band
    std::vector<double> threads;  // middle of each
    std::vector<double> fluids;   // middle of each
    double plan_left = 0;
    std::vector<PlanBlock> blocks;
    double pixels_per_second = 0;
    double width = 0;  // all there is; more than the metrics' where the threads need it
    double height = 0;

    double y(const core::Down& down) const { return metrics.head + (down.step + down.at) * metrics.row; }
    double row_top(int row) const { return metrics.head + row * metrics.row; }
    /// The place at a height, within the rows.
    core::Down down_at(double y) const;
};

inline constexpr double kBandWidth = 20;
inline constexpr double kLeastBetweenThreads = 28;

ThreadLayout thread_layout(const core::Threads& threads, const core::Plan* plan, const ThreadMetrics& metrics);

}  // namespace anagraph::app
