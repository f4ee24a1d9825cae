// anagraph-cli key
#include <fmt/format.h>

#include "cli/at_library.h"
#include "cli/commands.h"
#include "cli/passphrase.h"
#include "store/destination.h"
#include "store/files.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class KeyNew : public Command {
public:
    KeyNew(CLI::App& app, const Answer& answer) : Command(answer) {
        app.add_option("POST", post_, "whose key it is: author, checker")->required();
        app.add_option("--to", to_, "the key file; its public part goes to FILE.pub")->required();
        app.add_option("--passphrase-file", passphrase_, "a file whose first line is the passphrase");
    }

    int run() override {
        // both places first: a key that is made is not lost for want of a folder
        auto place = store::Destination::file(to_);
        if (!place) return answer_.wrong(place.error(), kWrongUse);
        auto open_place = store::Destination::file(to_ + ".pub");
        if (!open_place) return answer_.wrong(open_place.error(), kWrongUse);
        const auto words = passphrase(passphrase_, "the new key");
        if (!words) return answer_.wrong(words.error(), kWrongUse);
        const auto key = store::SigningKey::make(post_);
        if (!key) return answer_.wrong(key.error(), kWrongUse);
        const auto sealed = key->sealed(*words);
        if (!sealed) return answer_.wrong(sealed.error());
        for (const auto& [text, at] : {std::pair(*sealed, &*place), std::pair(key->public_text(), &*open_place)}) {
            if (auto written = store::write_file(at->work(), text); !written) return answer_.wrong(written.error());
            if (auto put = at->commit(); !put) return answer_.wrong(put.error());
        }
        return answer_.say({{"post", key->post()}, {"key", key->key()}, {"file", place->path()}, {"public", open_place->path()}},
            fmt::format("The key of the {} is in {}. Keep it and its passphrase; give {} to whoever keeps the library.", key->post(),
                place->path(), open_place->path()));
    }

private:
    std::string post_, to_, passphrase_;
};

class KeyRegister : public AtLibrary {
public:
    KeyRegister(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) {
        app.add_option("FILE", file_, "a public key: FILE.pub")->required();
    }

    int run() override {
        const auto text = store::read_file(file_, 64 << 10);
        if (!text) return answer_.wrong(text.error(), kWrongUse);
        const auto key = store::public_key(*text);
        if (!key) return answer_.wrong(key.error(), kWrongUse);
        const auto library = store::Library::open(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto done = (*library)->record({core::KeyRegistered{key->post, key->key}}, key->post);
        if (!done) return answer_.wrong(done.error());
        return answer_.say({{"post", key->post}, {"key", key->key}}, fmt::format("The key of the {} is registered.", key->post));
    }

private:
    std::string file_;
};

class KeyEnd : public AtLibrary {
public:
    KeyEnd(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) {
        app.add_option("POST", post_, "whose key it is, by post")->required();
        app.add_option("--because", because_, "why it ends")->required();
    }

    int run() override {
        const auto library = store::Library::open(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto done = (*library)->record({core::KeyEnded{post_, because_}}, post_);
        if (!done) return answer_.wrong(done.error());
        return answer_.say({{"post", post_}, {"because", because_}},
            fmt::format("The key of the {} has ended. What it signed before stays good; register another one.", post_));
    }

private:
    std::string post_, because_;
};

class KeyList : public AtLibrary {
public:
    using AtLibrary::AtLibrary;

    int run() override {
        const auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto records = (*library)->records();
        if (!records) return answer_.wrong(records.error());
        std::string words = records->keys().empty() ? "No key is registered; this house issues without signatures." : "";
        for (const auto& k : records->keys())
            words += fmt::format("{}{}  {}  from {}{}", words.empty() ? "" : "\n", k.post, k.key, k.from,
                k.holds() ? "" : fmt::format(" until {}: {}", k.until, k.because));
        return answer_.say(core::keys_to_json(records->keys()), words);
    }
};

}  // namespace

void add_key(CLI::App& app, const Answer& answer, int& code) {
    auto* key = app.add_subcommand("key", "keys that sign editions: make one, register it, end it");
    key->require_subcommand(1);
    key->fallthrough();
    add<KeyNew>(*key, answer, code, "new", "make a key, sealed with a passphrase");
    add<KeyRegister>(*key, answer, code, "register", "enter a public key in the library's register");
    add<KeyEnd>(*key, answer, code, "end", "end a key that was lost or is not used any more");
    add<KeyList>(*key, answer, code, "list", "the register of keys; with --json it can be given to verify --trust");
}

}  // namespace anagraph::cli
