#include "app/dryrun/thread_layout.h"

#include <algorithm>

namespace anagraph::app {
namespace {

constexpr double kGap = 14;
constexpr double kLeaning = 34;  // names lean over to the right of the last column
constexpr double kMostBetweenThreads = 62;
constexpr double kLane = 40;       // one person's column of the plan
constexpr double kJoin = 30;       // room for the lines from rows to blocks
constexpr double kLeastBlock = 3;  // what takes no time is seen all the same

}  // namespace

core::Down ThreadLayout::down_at(double at) const {
    if (rows == 0) return {};
    const double down = std::clamp((at - metrics.head) / metrics.row, 0.0, static_cast<double>(rows));
    const int step = std::min(static_cast<int>(down), static_cast<int>(rows) - 1);
    return {step, down - step};
}

ThreadLayout thread_layout(const core::Threads& threads, const core::Plan* plan, const ThreadMetrics& metrics) {
    ThreadLayout out;
    out.metrics = metrics;
    out.rows = threads.steps.size();
    out.band = metrics.headings;
    const double first = out.band + kBandWidth + kGap;
    const double plan_room = plan == nullptr ? 0 : metrics.plan;
    const auto columns = static_cast<double>(threads.threads.size() + threads.fluids.size());
    const double room = metrics.width - first - plan_room - kGap - kLeaning;
    const double step = columns == 0 ? 0 : std::clamp(room / columns, kLeastBetweenThreads, kMostBetweenThreads);
    double x = first + step / 2;
    for (std::size_t i = 0; i < threads.threads.size(); ++i, x += step) out.threads.push_back(x);
    for (std::size_t i = 0; i < threads.fluids.size(); ++i, x += step) out.fluids.push_back(x);
    out.plan_left = std::max(x - step / 2 + kGap + kLeaning, metrics.width - plan_room);
    out.width = std::max(metrics.width, out.plan_left + plan_room);
    out.height = metrics.head + static_cast<double>(out.rows) * metrics.row + kGap;
    if (plan == nullptr || plan->seconds <= 0 || out.rows == 0) return out;

    out.pixels_per_second = static_cast<double>(out.rows) * metrics.row / static_cast<double>(plan->seconds);
    const auto row_of = [&](const core::StepId& id) {
        return static_cast<int>(std::find(threads.steps.begin(), threads.steps.end(), id) - threads.steps.begin());
    };
    for (std::size_t i = 0; i < plan->tasks.size(); ++i) {
        const auto& t = plan->tasks[i];
        PlanBlock block;
        block.task = i;
        block.row = row_of(t.step);
        if (block.row >= static_cast<int>(out.rows)) continue;
        const int lane = t.part == core::PlannedTask::Part::Wait ? plan->people : std::max(0, t.who);
        const double top = metrics.head + static_cast<double>(t.from) * out.pixels_per_second;
        const double high = std::max(kLeastBlock, static_cast<double>(t.to - t.from) * out.pixels_per_second - 1);
        block.box = QRectF(out.plan_left + kJoin + lane * kLane, top, kLane - 6, high);
        block.joins_y = out.row_top(block.row) + metrics.row / 2;
        block.moved = std::find(plan->moved.begin(), plan->moved.end(), t.step) != plan->moved.end();
        out.blocks.push_back(block);
    }
    return out;
}

}  // namespace anagraph::app
