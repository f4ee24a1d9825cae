// Entries of the logbook in files: each kind by its name, its fields by theirs. docs/format/README.md tells them.
#include "core/base/kind_json.h"
#include "core/logbook/log_entries.h"

namespace anagraph::core {

nlohmann::json to_json(const LogBody& body) { return kind_to_json(body); }

Result<LogBody> log_body_from_json(const nlohmann::json& j) { return kind_from_json<LogBody>(j, "The logbook"); }

const char* kind_of(const LogBody& body) {
    return std::visit([](const auto& e) { return std::decay_t<decltype(e)>::kKind; }, body);
}

}  // namespace anagraph::core
