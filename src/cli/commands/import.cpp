// anagraph-cli import
#include <fmt/format.h>

#include "cli/at_library.h"
#include "cli/commands.h"
#include "shop/hear.h"
#include "shop/intake.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class Import : public AtLibrary {
public:
    Import(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) {
        app.add_option("RECORDING", recording_, "the film")->required();
        app.add_option("--narration", narration_, "its timed text; without it, a file of the same name beside the recording");
        app.add_flag("--hear", hears_, "without a narration: hear what is said on it");
        app.add_flag("--in-place", stays_, "do not copy the recording; remember where it lies");
    }

    int run() override {
        auto library = store::Library::make_or_open(library_);
        if (!library) return answer_.wrong(library.error());
        auto prepared = shop::prepare_recording((*library)->place(), recording_, narration_,
            [&](double share) { return show_progress(answer_, "Bringing the recording in", share); },
            stays_ ? shop::Original::StaysWhereItLies : shop::Original::Copy);
        if (!prepared) return answer_.wrong(prepared.error());
        if (auto entered = shop::enter_recording(**library, *prepared); !entered) return answer_.wrong(entered.error());
        if (hears_ && !prepared->entry.has_narration) {
            const auto house = (*library)->house();
            if (!house) return answer_.wrong(house.error());
            const auto heard = shop::hear(prepared->entry.path, {house->recogniser, {}},
                [&](double share) { return show_progress(answer_, "Hearing what is said", share); });
            // the film is in, whatever was heard
            if (!heard)
                prepared->remarks.push_back(heard.error().message);
            else if (auto kept = (*library)->keep_narration(prepared->entry.id, heard->segments); !kept)
                return answer_.wrong(kept.error());
        }
        for (const auto& remark : prepared->remarks) fmt::print(stderr, "{}\n", core::as_utf8(remark));
        const auto lines = (*library)->recording(prepared->entry.id).value_or(prepared->entry).lines;
        return answer_.say({{"recording", prepared->entry.id.text()}, {"frames", prepared->index.times.size()},
                               {"seconds", prepared->index.end.seconds() - prepared->index.start().seconds()}, {"lines", lines},
                               {"remarks", prepared->remarks}},
            fmt::format(
                "{} is in the library: {} frames, {} lines of narration.", prepared->entry.name, prepared->index.times.size(), lines));
    }

private:
    std::string recording_;
    std::string narration_;
    bool hears_ = false;
    bool stays_ = false;
};

}  // namespace

void add_import(CLI::App& app, const Answer& answer, int& code) {
    add<Import>(app, answer, code, "import", "import a recording into a library");
}

}  // namespace anagraph::cli
