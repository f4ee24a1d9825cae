// anagraph-cli list
#include <fmt/format.h>

#include "cli/at_library.h"
#include "cli/commands.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class List : public AtLibrary {
public:
    using AtLibrary::AtLibrary;

    int run() override {
        auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto guides = (*library)->guides();
        const auto recordings = (*library)->recordings();
        if (!guides) return answer_.wrong(guides.error());
        if (!recordings) return answer_.wrong(recordings.error());
        json out{{"guides", json::array()}, {"recordings", json::array()}};
        std::string words;
        for (const auto& g : *guides) {
            out["guides"].push_back(
                {{"id", g.id.text()}, {"title", g.title}, {"machine", g.machine}, {"editions", g.editions}, {"changed", g.changed}});
            words += fmt::format(
                "guide      {:34} {} · {}, {} edition{}\n", g.id.text(), g.machine, g.title, g.editions, g.editions == 1 ? "" : "s");
        }
        for (const auto& r : *recordings) {
            out["recordings"].push_back({{"id", r.id.text()}, {"name", r.name}, {"narration", r.has_narration}});
            words += fmt::format("recording  {}  {}{}\n", r.id.text().substr(0, 12), r.name, r.has_narration ? "" : " (no narration)");
        }
        return answer_.say(out, words);
    }
};

}  // namespace

void add_list(CLI::App& app, const Answer& answer, int& code) {
    add<List>(app, answer, code, "list", "the guides and recordings of a library");
}

}  // namespace anagraph::cli
