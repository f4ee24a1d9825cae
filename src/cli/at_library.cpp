#include "cli/at_library.h"

#include <fmt/format.h>
#include <unistd.h>

namespace anagraph::cli {

int wrong_path(const core::Error& error) { return error.code == core::ErrorCode::NotFound ? kWrongUse : kFoundWrong; }

core::Result<core::Procedure> guide_to_look_at(const store::Library& library, const std::string& guide) {
    auto state = library.guide_state(store::GuideId(guide));
    if (!state) return tl::make_unexpected(state.error());
    for (const auto& lost : state->lost) fmt::print(stderr, "{}\n", lost);
    return std::move(state->procedure);
}

bool show_progress(const Answer& answer, const std::string& what, double share) {
    if (answer.as_json || isatty(STDERR_FILENO) == 0) return true;
    static int last = -1;
    const int percent = static_cast<int>(share * 100);
    if (percent != last) fmt::print(stderr, "\r{} {} %   {}", what, percent, percent >= 100 ? "\n" : "");
    last = percent;
    return true;
}

}  // namespace anagraph::cli
