// anagraph-cli find
#include <fmt/format.h>

#include "cli/at_library.h"
#include "cli/commands.h"
#include "shop/far_recordings.h"
#include "shop/relink.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class Find : public AtLibrary {
public:
    Find(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) {
        app.add_option("FOLDER", where_, "where to look, with everything in it")->required();
    }

    int run() override {
        auto library = store::Library::open(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto away = shop::recordings_away(**library);
        if (!away) return answer_.wrong(away.error());
        json found = json::array();
        json missing = json::array();
        std::string words = away->empty() ? "Every recording is where it was." : "";
        for (const auto& r : *away) {
            const auto index = shop::recording_index(**library, r.id);
            const auto path = shop::find_original(r.id, index ? index->bytes : 0, where_,
                [&](double share) { return show_progress(answer_, "Looking for " + r.name, share); });
            if (path) {
                if (auto moved = (*library)->move_recording(r.id, *path); !moved) return answer_.wrong(moved.error());
                found.push_back({{"recording", r.id.text()}, {"path", *path}});
                words += fmt::format("{} is in {}\n", r.name, *path);
            } else {
                missing.push_back({{"recording", r.id.text()}, {"name", r.name}, {"reason", path.error().message}});
                words += fmt::format("{}: {}\n", r.name, path.error().message);
            }
        }
        return answer_.say({{"found", found}, {"missing", missing}}, words, missing.empty() ? kFine : kFoundWrong);
    }

private:
    std::string where_;
};

}  // namespace

void add_find(CLI::App& app, const Answer& answer, int& code) {
    add<Find>(app, answer, code, "find", "find recordings again that are no longer where they were");
}

}  // namespace anagraph::cli
