// anagraph-cli reshoot
#include "shop/reshoot.h"

#include <fmt/format.h>

#include "cli/at_library.h"
#include "cli/commands.h"
#include "store/files.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class Reshoot : public AtGuide {
public:
    Reshoot(CLI::App& app, const Answer& answer) : AtGuide(app, answer) {
        app.add_option("--to", to_, "also write it as a page with pictures, for paper or a phone");
        app.add_flag("--replace", replace_, "write over a page that is there");
    }

    int run() override {
        auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto p = guide_to_look_at(**library, guide_);
        if (!p) return answer_.wrong(p.error(), kWrongUse);
        const auto points = shop::gather_reshoot(**library, store::GuideId(guide_));
        if (!points) return answer_.wrong(points.error(), kWrongUse);
        json list = json::array();
        std::string words = points->empty() ? "Nothing is on the reshoot list." : "";
        for (const auto& point : *points) {
            list.push_back({{"recording", point.recording}, {"t", point.missing.at.seconds()}, {"what", point.missing.what},
                {"why", point.missing.why}});
            words += fmt::format(
                "{}, {}: {} ({})\n", point.recording, core::clock_text(point.missing.at, false), point.missing.what, point.missing.why);
        }
        if (!to_.empty()) {
            auto place = store::Destination::file(to_, {}, replace_);
            if (!place) return answer_.wrong(place.error(), kWrongUse);
            if (auto written = shop::write_reshoot(*p, *points, *place); !written) return answer_.wrong(written.error());
            words += fmt::format("The page is in {}.", place->path());
        }
        return answer_.say({{"points", list}}, words);
    }

private:
    std::string to_;
    bool replace_ = false;
};

}  // namespace

void add_reshoot(CLI::App& app, const Answer& answer, int& code) {
    add<Reshoot>(app, answer, code, "reshoot", "the reshoot list: what was not filmed, not seen or has to be looked up");
}

}  // namespace anagraph::cli
