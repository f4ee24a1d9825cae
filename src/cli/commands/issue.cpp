// anagraph-cli issue
#include "shop/issue.h"

#include <fmt/format.h>

#include "cli/at_library.h"
#include "cli/commands.h"
#include "cli/passphrase.h"
#include "publish/pack.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class Issue : public AtGuide {
public:
    Issue(CLI::App& app, const Answer& answer) : AtGuide(app, answer) {
        app.add_option("--to", to_, "folder of the pack")->required();
        app.add_option("--author", author_, "who wrote it, by post")->capture_default_str();
        app.add_option("--checker", checker_, "who checked it, by post; not the author. For a house without keys");
        app.add_option("--sign", sign_, "author=FILE and checker=FILE: the key files of the two who vouch for it");
        app.add_option("--passphrase-file", passphrase_, "a file whose first line is the passphrase of the keys");
    }

    int run() override {
        auto library = store::Library::open(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const store::GuideId id(guide_);
        const auto signing = keys();
        if (!signing) return answer_.wrong(signing.error(), signing.error().code == core::ErrorCode::Refused ? kFoundWrong : kWrongUse);
        const auto request =
            *signing ? shop::prepare_issue(**library, id, **signing) : shop::prepare_issue(**library, id, author_, checker_);
        if (!request) return answer_.wrong(request.error());
        // the place first: nobody waits for a pack that cannot be put there
        auto place = shop::delivery(**library, id, to_);
        if (!place) return answer_.wrong(place.error(), kWrongUse);
        const auto progress = [&](const std::string& what, double share) { return show_progress(answer_, what, share); };
        auto pack = shop::make_pack(*request, progress);
        if (!pack) return answer_.wrong(pack.error());
        if (auto copied = shop::copy_pack(pack->folder.path(), *place); !copied) return answer_.wrong(copied.error());
        // the library knows the edition before anybody else has it
        const auto hash = shop::enter_edition(**library, *request, std::move(*pack));
        if (!hash) return answer_.wrong(hash.error());
        const auto& edition = request->pack.edition;
        if (auto put = place->commit(); !put)
            return answer_.wrong({put.error().code,
                fmt::format("Edition {} is issued and kept in the library, but its pack was not put at {}: {} Write it again with: "
                            "anagraph-cli deliver LIBRARY {} {} --to FOLDER",
                    edition.number, place->path(), put.error().message, guide_, edition.number),
                place->path()});
        for (const auto& remark : request->remarks) fmt::print(stderr, "{}\n", remark);
        return answer_.say({{"edition", edition.number}, {"sha256", *hash}, {"folder", place->path()}, {"changes", edition.changes},
                               {"remarks", request->remarks}},
            fmt::format("Edition {} of {} is in {} ({}).", edition.number, guide_, place->path(), publish::edition_mark(edition, *hash)));
    }

private:
    /// The keys that were named, opened; nothing where none was.
    core::Result<std::optional<shop::Signing>> keys() const {
        if (sign_.empty()) return std::optional<shop::Signing>{};
        std::optional<store::SigningKey> author;
        std::optional<store::SigningKey> checker;
        for (const auto& named : sign_) {
            const auto equals = named.find('=');
            const std::string role = named.substr(0, equals);
            auto* place = role == "author" ? &author : role == "checker" ? &checker : nullptr;
            if (place == nullptr || equals == std::string::npos || *place)
                return core::fail(
                    core::ErrorCode::BadInput, std::string("Name each key once: --sign author=FILE --sign checker=FILE."), named);
            auto key = opened_key(named.substr(equals + 1), passphrase_);
            if (!key) return tl::make_unexpected(key.error());
            *place = std::move(*key);
        }
        if (!author || !checker)
            return core::fail(
                core::ErrorCode::BadInput, std::string("Author and checker sign both: --sign author=FILE --sign checker=FILE."));
        return shop::Signing{*author, *checker};
    }

    std::string to_;
    std::string author_ = "author";
    std::string checker_;
    std::vector<std::string> sign_;
    std::string passphrase_;
};

}  // namespace

void add_issue(CLI::App& app, const Answer& answer, int& code) {
    add<Issue>(app, answer, code, "issue", "freeze the next edition of a guide and write its pack");
}

}  // namespace anagraph::cli
