// anagraph-cli verify
#include "shop/verify.h"

#include <fmt/format.h>

#include "cli/at_library.h"
#include "cli/commands.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class Verify : public Command {
public:
    Verify(CLI::App& app, const Answer& answer) : Command(answer) {
        app.add_option("PACK", pack_, "the pack's folder, or its file")->required();
        app.add_option("--trust", against_.trust, "whose keys are trusted: a library, or a file of keys");
        app.add_option("--library", against_.library, "the library that should have issued it");
    }

    int run() override {
        const auto v = shop::verify(pack_, against_, [&](double share) { return show_progress(answer_, "Reading the pack", share); });
        if (!v)
            return answer_.wrong(v.error(),
                v.error().code == core::ErrorCode::NotFound || v.error().code == core::ErrorCode::BadInput ? kWrongUse : kFoundWrong);
        using shop::PackTruth;
        const int code = v->truth == PackTruth::Altered || v->truth == PackTruth::Foreign ? kFoundWrong
            : v->truth == PackTruth::Unvouched                                            ? kUnvouched
                                                                                          : kFine;
        json signatures = json::array();
        for (const auto& s : v->signatures)
            signatures.push_back({{"post", s.signature.post}, {"role", s.signature.role}, {"key", s.signature.key}, {"at", s.signature.at},
                {"trusted", s.trusted}, {"why", s.why}});
        return answer_.say(
            {{"ok", code == kFine}, {"truth", core::name_of(v->truth)}, {"undamaged", v->found.undamaged}, {"signatures", signatures},
                {"issued_by_library", against_.library.empty() || !v->found.undamaged ? json(nullptr) : json(v->known)},
                {"withdrawn", v->withdrawn.empty() ? json(nullptr) : json(v->withdrawn)}, {"edition", v->found.edition},
                {"mark", v->found.mark}, {"sha256", v->found.sha256}, {"manifest", v->found.manifest}, {"troubles", v->found.troubles},
                {"notes", v->found.notes}, {"words", v->words}},
            v->words, code);
    }

private:
    std::string pack_;
    shop::Against against_;
};

}  // namespace

void add_verify(CLI::App& app, const Answer& answer, int& code) {
    add<Verify>(app, answer, code, "verify", "is a pack intact, who vouches for it, and is it what a library issued?",
        "Exit 0: intact, and signed by keys that are trusted, or exactly what the library issued. 3: intact, but nobody trusted here "
        "vouches for it. 1: altered.");
}

}  // namespace anagraph::cli
