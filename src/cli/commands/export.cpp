// anagraph-cli export
#include "shop/export.h"

#include <fmt/format.h>

#include "cli/at_library.h"
#include "cli/commands.h"

namespace anagraph::cli {
namespace {

class Export : public AtGuide {
public:
    Export(CLI::App& app, const Answer& answer) : AtGuide(app, answer) {
        std::string forms;
        for (const auto& f : core::all_of<shop::ExportForm>()) forms += (forms.empty() ? "" : ", ") + std::string(f.name);
        app.add_option("EDITION", edition_, "the number of the edition")->required();
        app.add_option("--as", form_, forms)->required();
        app.add_option("--seed", seed_, "of a check: which questions are asked; the same seed gives the same check");
        app.add_option("--to", to_, "the file; for html a folder, or NAME.anapack")->required();
    }

    int run() override {
        const auto form = core::from_name<shop::ExportForm>(form_);
        if (!form)
            return answer_.wrong(
                {core::ErrorCode::BadInput, fmt::format("\u201C{}\u201D is no form that an edition can be written in.", form_), form_},
                kWrongUse);
        const auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto done = shop::export_edition(
            **library, store::GuideId(guide_), edition_, *form, to_, [&](double share) { return show_progress(answer_, "Writing", share); },
            seed_);
        if (!done) return answer_.wrong(done.error());
        return answer_.say(
            {{"edition", edition_}, {"as", form_}, {"file", to_}}, fmt::format("Edition {} of {} is in {}.", edition_, guide_, to_));
    }

private:
    int edition_ = 0;
    std::uint64_t seed_ = 0;
    std::string form_, to_;
};

}  // namespace

void add_export(CLI::App& app, const Answer& answer, int& code) {
    add<Export>(app, answer, code, "export", "write an issued edition in another open form");
}

}  // namespace anagraph::cli
