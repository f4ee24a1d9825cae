#include "core/procedure/verbs.h"

#include <algorithm>
#include <array>
#include <utility>

namespace anagraph::core {
namespace {

constexpr auto kOlder = std::to_array<std::pair<std::string_view, Verb>>({{"pour", Verb::Fill}, {"add", Verb::Fill}, {"top", Verb::Fill},
    {"refill", Verb::Fill}, {"look", Verb::Inspect}, {"compare", Verb::Inspect}, {"read", Verb::Measure}, {"undo", Verb::Loosen},
    {"crack", Verb::Loosen}, {"unscrew", Verb::Remove}, {"take", Verb::Remove}, {"pull", Verb::Remove}, {"refit", Verb::Fit},
    {"install", Verb::Fit}, {"screw", Verb::Fit}, {"push", Verb::Fit}, {"torque", Verb::Tighten}, {"wipe", Verb::Clean},
    {"grease", Verb::Lubricate}, {"oil", Verb::Lubricate}, {"warm", Verb::Run}, {"start", Verb::Run}, {"idle", Verb::Run},
    {"jack", Verb::Lift}, {"write", Verb::Record}, {"renew", Verb::Replace}, {"change", Verb::Replace}});

}  // namespace

std::optional<Verb> verb_of(std::string_view word) {
    if (const auto verb = from_name<Verb>(word)) return verb;
    const auto it = std::find_if(kOlder.begin(), kOlder.end(), [&](const auto& old) { return old.first == word; });
    return it == kOlder.end() ? std::nullopt : std::optional<Verb>(it->second);
}

}  // namespace anagraph::core
