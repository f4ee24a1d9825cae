// anagraph-cli review
#include "shop/review.h"

#include <fmt/format.h>

#include "cli/at_library.h"
#include "cli/commands.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class Review : public AtGuide {
public:
    Review(CLI::App& app, const Answer& answer) : AtGuide(app, answer) {
        app.add_option("--as", post_, "who reviews, by post: checker")->required();
        app.add_flag("--pass", pass_, "the guide as it stands now is checked");
        app.add_option("--note", note_, "a note kept with the check");
    }

    int run() override {
        const store::GuideId guide(guide_);
        if (pass_) {
            const auto library = store::Library::open(library_);
            if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
            if (auto done = shop::check_guide(**library, guide, post_, note_); !done) return answer_.wrong(done.error());
            return tell(**library, guide);
        }
        const auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        return tell(**library, guide);
    }

private:
    int tell(const store::Library& library, const store::GuideId& guide) {
        const auto now = shop::review(library, guide, post_);
        if (!now) return answer_.wrong(now.error());
        json places = json::array();
        std::string words;
        for (const auto& p : now->places) {
            json changes = json::array();
            for (const auto& d : p.place.differences) changes.push_back(d.text);
            places.push_back({{"place", p.place.id}, {"title", p.place.title}, {"changed", p.place.changed}, {"passed", p.passed},
                {"changes", changes}});
            words += fmt::format("{} {}{}\n", p.passed ? "passed " : "to pass", p.place.title, p.place.changed ? ", changed" : "");
            for (const auto& d : p.place.differences) words += fmt::format("          {}\n", d.text);
        }
        auto reasons = now->reasons;
        if (auto why = now->not_by(post_); !why.empty()) reasons.insert(reasons.begin(), why);
        for (const auto& r : reasons) words += fmt::format("Before it can be checked: {}\n", r);
        const bool checked = now->checked_by(post_);
        words += checked ? fmt::format("Checked by the {}, as it stands now.", post_)
                         : fmt::format("{} of {} places passed.", now->passed(), now->places.size());
        return answer_.say(
            {{"checked", checked}, {"state", now->state}, {"authors", now->authors}, {"places", places}, {"reasons", reasons}}, words);
    }

    std::string post_, note_;
    bool pass_ = false;
};

}  // namespace

void add_review(CLI::App& app, const Answer& answer, int& code) {
    add<Review>(app, answer, code, "review", "what has to be looked at before a guide is checked; --pass checks it");
}

}  // namespace anagraph::cli
