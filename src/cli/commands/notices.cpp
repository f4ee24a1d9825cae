// anagraph-cli notices
#include "shop/notices.h"

#include <fmt/format.h>

#include "cli/at_library.h"
#include "cli/commands.h"

namespace anagraph::cli {
namespace {

class Notices : public AtLibrary {
public:
    Notices(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) {
        app.add_option("--to", to_, "FILE.pdf to print, .html, .txt as mails, .ics as things to do")->required();
        app.add_option("--learner", learner_, "only this one");
    }

    int run() override {
        const auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto notices = shop::gather_notices(**library, learner_);
        if (!notices) return answer_.wrong(notices.error());
        if (auto written = shop::write_notices(*notices, to_); !written) return answer_.wrong(written.error());
        return answer_.say({{"notices", notices->size()}, {"file", to_}},
            notices->size() == 1 ? fmt::format("One notice is in {}.", to_) : fmt::format("{} notices are in {}.", notices->size(), to_));
    }

private:
    std::string to_, learner_;
};

}  // namespace

void add_notices(CLI::App& app, const Answer& answer, int& code) {
    add<Notices>(app, answer, code, "notices", "what learners have to be told: what changed, what is withdrawn");
}

}  // namespace anagraph::cli
