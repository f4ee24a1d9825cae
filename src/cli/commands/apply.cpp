// anagraph-cli apply
#include <fmt/format.h>

#include "cli/at_library.h"
#include "cli/commands.h"
#include "core/procedure/json.h"
#include "store/files.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

constexpr std::int64_t kMostOfChange = 50'000'000;

class Apply : public AtGuide {
public:
    Apply(CLI::App& app, const Answer& answer) : AtGuide(app, answer) {
        app.add_option("CHANGE", file_, "JSON of a change, as the journal holds it (docs/format)")->required();
        app.add_option("--as", author_, "who changes it, by post")->required();
        app.add_option("--base", base_, "the guide's change it was made on; not given: the last one");
    }

    int run() override {
        const auto text = store::read_file(file_, kMostOfChange);
        if (!text) return answer_.wrong(text.error(), kWrongUse);
        const auto given = json::parse(*text, nullptr, false);
        const auto change = core::change_from_json(given);
        if (!change) return answer_.wrong(change.error(), kWrongUse);
        const auto library = store::Library::open(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const store::GuideId id(guide_);
        if (!base_) {
            const auto now = (*library)->guide_state(id);
            if (!now) return answer_.wrong(now.error(), wrong_path(now.error()));
            base_ = now->sequence;
        }
        const auto done = (*library)->append_on(id, *base_, *change, author_);
        if (!done)
            return answer_.wrong(done.error(), done.error().code == core::ErrorCode::BadInput ? kWrongUse : wrong_path(done.error()));
        if (const auto* c = std::get_if<core::Conflict>(&*done))
            return answer_.say({{"conflict", {{"what", c->what}, {"mine", c->mine}, {"theirs", c->theirs}, {"base", c->base}}}},
                fmt::format("Not applied: others changed this too: {}.", c->what), kFoundWrong);
        const auto& appended = std::get<store::Appended>(*done);
        return answer_.say({{"sequence", appended.sequence}, {"rebased", appended.rebased}},
            fmt::format("Change {} of {}{}.", appended.sequence, guide_, appended.rebased ? ", beside what others did since" : ""));
    }

private:
    std::string file_, author_;
    std::optional<std::int64_t> base_;
};

}  // namespace

void add_apply(CLI::App& app, const Answer& answer, int& code) {
    add<Apply>(app, answer, code, "apply", "apply a change to a guide, made on what it is now or was",
        "Where others changed the guide since --base, what touches different things is kept beside it; where it touches the same, nothing "
        "is applied, and the answer holds both and what they came from (exit 1).");
}

}  // namespace anagraph::cli
