// Procedure and edits as JSON, the form kept in the library and in an edition. The schema is docs/format/procedure.md.
// No floating numbers: values keep their digits as text, moments are fractions.
#pragma once

#include <nlohmann/json_fwd.hpp>

#include "core/edits/edit.h"
#include "core/procedure/procedure.h"

namespace anagraph::core {

nlohmann::json to_json(const Procedure& p);
/// Errors: BadInput naming the place that is wrong; Refused for a format newer than this program.
Result<Procedure> procedure_from_json(const nlohmann::json& j);

nlohmann::json to_json(const Change& change);
Result<Change> change_from_json(const nlohmann::json& j);

}  // namespace anagraph::core
