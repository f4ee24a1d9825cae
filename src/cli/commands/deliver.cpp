// anagraph-cli deliver
#include <fmt/format.h>

#include "cli/at_library.h"
#include "cli/commands.h"
#include "shop/issue.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class Deliver : public AtGuide {
public:
    Deliver(CLI::App& app, const Answer& answer) : AtGuide(app, answer) {
        app.add_option("EDITION", edition_, "the number of the edition")->required();
        app.add_option("--to", to_, "folder of the pack")->required();
    }

    int run() override {
        const auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto done = shop::deliver(**library, store::GuideId(guide_), edition_, to_,
            [&](double share) { return show_progress(answer_, "Copying the pack", share); });
        if (!done) return answer_.wrong(done.error());
        return answer_.say(
            {{"edition", edition_}, {"folder", to_}}, fmt::format("The pack of edition {} of {} is in {}.", edition_, guide_, to_));
    }

private:
    std::string to_;
    int edition_ = 0;
};

}  // namespace

void add_deliver(CLI::App& app, const Answer& answer, int& code) {
    add<Deliver>(app, answer, code, "deliver", "write the kept pack of an edition again");
}

}  // namespace anagraph::cli
