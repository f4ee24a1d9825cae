// Tasks: three small pieces of work on the demo guide by which somebody learns the program, and whether each is done. What stands in the
// guide is asked, not which keys were pressed: any way there is right.
#pragma once

#include <optional>

#include "core/base/words.h"
#include "core/procedure/procedure.h"

namespace anagraph::core {

enum class Task { Settle, CallOut, AddCheck };
template <>
struct Names<Task> {
    static constexpr auto all =
        std::to_array<Named<Task>>({{Task::Settle, "settle"}, {Task::CallOut, "call-out"}, {Task::AddCheck, "add-check"}});
};

/// Where it is done: the figure, the item to be called out, the step.
struct TaskPlace {
    FigureId figure = {};
    ItemId item = {};
    StepId step = {};
};
TaskPlace place_of(Task task);

/// Is this the demo guide, with all that the tasks are about still in it?
bool has_tasks(const Procedure& p);
/// What a task still lacks, a sentence; nothing once it is done. Of a guide that has the tasks.
std::optional<Words> still_missing(Task task, const Procedure& p);

}  // namespace anagraph::core
