#include "cli/given_guide.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>

#include "cli/at_library.h"
#include "core/edition/edition.h"
#include "core/procedure/json.h"
#include "store/files.h"

namespace anagraph::cli {
namespace {

constexpr std::int64_t kMostBytes = 50'000'000;

core::Result<core::Procedure> from_file(const std::string& path) {
    const auto text = store::read_file(path, kMostBytes);
    if (!text) return tl::make_unexpected(text.error());
    const auto j = nlohmann::json::parse(*text, nullptr, false);
    if (!j.is_object())
        return core::fail(core::ErrorCode::BadInput, fmt::format("{} is no procedure and no edition; see docs/format.", path), path);
    return core::procedure_from_json(j.contains("procedure") ? j["procedure"] : j);
}

core::Result<core::Procedure> from_library(const std::string& path, const std::string& guide) {
    auto library = store::Library::read(path);
    if (!library) return tl::make_unexpected(library.error());
    return guide_to_look_at(**library, guide);
}

}  // namespace

AtGivenGuide::AtGivenGuide(CLI::App& app, const Answer& answer) : Command(answer) {
    app.add_option("FILE", path_, "a procedure or an edition as JSON, or a library")->required();
    app.add_option("GUIDE", guide_, "a guide of the library");
    app.add_option("--variant", variant_, "of the guide; all of them where none is named");
}

core::Result<core::Procedure> AtGivenGuide::given() const {
    auto p = guide_.empty() ? from_file(path_) : from_library(path_, guide_);
    if (!p || variant_.empty()) return p;
    const auto& known = p->header.variants;
    if (std::find(known.begin(), known.end(), variant_) == known.end())
        return core::fail(core::ErrorCode::BadInput,
            known.empty() ? fmt::format("This guide has no variants; leave “{}” out.", variant_)
                          : fmt::format("“{}” is no variant of this guide; it has {}.", variant_, fmt::join(known, ", ")));
    return p;
}

}  // namespace anagraph::cli
