#include "core/practice/tasks.h"

#include <algorithm>

#include "core/figure/evidence.h"

namespace anagraph::core {

namespace {

constexpr std::size_t kChecksBefore = 1;  // of the strainer's step, as the demo guide comes

std::optional<Words> settle(const Procedure& p, const Figure& figure) {
    switch (standing_of(p, figure)) {
        case Standing::Proved:
            return std::nullopt;
        case Standing::Disputed:
            return key("Tasks", "What was said and what the book gives still stand against each other.");
        case Standing::Open:
            break;
    }
    return key("Tasks", "No source gives the value any more; Undo brings it back.");
}

std::optional<Words> add_check(const Step& step) {
    if (step.checks.size() <= kChecksBefore) return key("Tasks", "The step has no check of the wing nuts yet.");
    const Check& c = step.checks.back();
    if (c.look.empty()) return key("Tasks", "The new check does not say what to look at.");
    if (c.good.empty()) return key("Tasks", "The new check does not say what is good.");
    if (c.stop.empty()) return key("Tasks", "The new check does not say what stops the work.");
    return std::nullopt;
}

}  // namespace

TaskPlace place_of(Task task) {
    switch (task) {
        case Task::Settle:
            return {.figure = FigureId("level-torque")};
        case Task::CallOut:
            return {.item = ItemId("wing-nuts"), .step = StepId("strainer")};
        case Task::AddCheck:
            return {.step = StepId("strainer")};
    }
    return {};
}

bool has_tasks(const Procedure& p) {
    return p.header.number == "KQ-PT60-100" && std::all_of(all_of<Task>().begin(), all_of<Task>().end(), [&](const auto& t) {
        const TaskPlace place = place_of(t.value);
        return (place.figure.empty() || p.find(place.figure) != nullptr) && (place.item.empty() || p.find(place.item) != nullptr) &&
            (place.step.empty() || p.find(place.step) != nullptr);
    });
}

std::optional<Words> still_missing(Task task, const Procedure& p) {
    const TaskPlace place = place_of(task);
    switch (task) {
        case Task::Settle:
            return settle(p, *p.find(place.figure));
        case Task::CallOut:
            if (callout_numbers(p).contains(place.item)) return std::nullopt;
            return key("Tasks", "The wing nuts have no number on a picture yet.");
        case Task::AddCheck:
            return add_check(*p.find(place.step));
    }
    return std::nullopt;
}

}  // namespace anagraph::core
