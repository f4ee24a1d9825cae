// anagraph-cli library
#include <fmt/format.h>

#include <iostream>

#include "cli/at_library.h"
#include "cli/commands.h"
#include "cli/passphrase.h"
#include "shop/whole_check.h"
#include "store/credentials.h"
#include "store/roles.h"
#include "store/whole_library.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class LibraryCreate : public AtLibrary {
public:
    using AtLibrary::AtLibrary;
    int run() override {
        // one that is there is not made anew
        if (const auto there = store::Library::read(library_); there)
            return answer_.wrong({core::ErrorCode::Refused, fmt::format("There is a library at {} already.", library_), library_});
        const auto made = store::Library::make_or_open(library_);
        if (!made) return answer_.wrong(made.error());
        return answer_.say({{"library", (*made)->place()}, {"files", (*made)->folder()}},
            fmt::format("The library is made; open it with: anagraph '{}'", (*made)->place()));
    }
};

class LibraryCheck : public AtLibrary {
public:
    using AtLibrary::AtLibrary;
    int run() override {
        const auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto lacking =
            shop::check_library(**library, [&](double share) { return show_progress(answer_, "Reading the library", share); });
        if (!lacking) return answer_.wrong(lacking.error());
        json list = json::array();
        std::string words;
        bool wrong = false;
        for (const auto& l : *lacking) {
            const char* kNames[] = {"missing", "damaged", "away"};
            list.push_back({{"lack", kNames[static_cast<int>(l.lack)]}, {"kind", l.kind}, {"id", l.id}, {"name", l.name}, {"what", l.what},
                {"used_by", l.used_by}});
            words += fmt::format("{} ({}): {}{}\n", l.name, l.kind, l.what,
                l.used_by.empty() ? "" : fmt::format(" It is used by {}.", fmt::join(l.used_by, "; ")));
            wrong = wrong || l.lack != shop::Lack::Away;
        }
        return answer_.say({{"ok", !wrong}, {"lacking", list}}, words.empty() ? "Everything is there, and as it was." : words,
            wrong ? kFoundWrong : kFine);
    }
};

class LibraryMove : public AtLibrary {
public:
    LibraryMove(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) {
        app.add_option("TO", to_, "where it shall be: a folder or an address")->required();
    }
    int run() override {
        auto done = store::move_library(library_, to_, [&](double share) { return show_progress(answer_, "Moving the library", share); });
        if (!done) return answer_.wrong(done.error(), wrong_path(done.error()));
        return answer_.say({{"ok", true}, {"library", to_}},
            fmt::format("The library is at {} now, with everything in it. Work there from now on; the one at {} is as it was, and can be "
                        "taken away once you have looked at the new one.",
                to_, library_));
    }

private:
    std::string to_;
};

class LibraryArchive : public AtLibrary {
public:
    LibraryArchive(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) {
        app.add_option("FILE", file_, "the new file, as in library.zip")->required();
    }
    int run() override {
        auto done =
            store::archive_library(library_, file_, [&](double share) { return show_progress(answer_, "Writing the archive", share); });
        if (!done) return answer_.wrong(done.error(), wrong_path(done.error()));
        return answer_.say({{"ok", true}, {"file", file_}}, fmt::format("The library is in {}, with everything in it.", file_));
    }

private:
    std::string file_;
};

class LibraryRestore : public Command {
public:
    LibraryRestore(CLI::App& app, const Answer& answer) : Command(answer) {
        app.add_option("FILE", file_, "what library archive wrote")->required();
        app.add_option("LIBRARY", to_, "a folder or an address with no library yet")->required();
    }
    int run() override {
        auto done =
            store::restore_library(file_, to_, [&](double share) { return show_progress(answer_, "Restoring the library", share); });
        if (!done) return answer_.wrong(done.error(), wrong_path(done.error()));
        return answer_.say({{"ok", true}, {"library", to_}}, fmt::format("The library is at {}, with everything in it.", to_));
    }

private:
    std::string file_, to_;
};

class LibraryRole : public AtLibrary {
public:
    LibraryRole(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) {
        app.add_option("NAME", name_, "as the server knows it")->required();
        app.add_option("ROLE", role_, "reader, author, checker, trainer or keeper")->required();
    }
    int run() override {
        const auto role = core::from_name<store::Role>(role_);
        if (!role)
            return answer_.wrong(
                {core::ErrorCode::BadInput, fmt::format("{} is no role; choose reader, author, checker, trainer or keeper.", role_), role_},
                kWrongUse);
        if (auto given = store::give_role(library_, name_, *role); !given) return answer_.wrong(given.error(), wrong_path(given.error()));
        return answer_.say({{"ok", true}, {"name", name_}, {"role", role_}}, fmt::format("{} is a {} of this library now.", name_, role_));
    }

private:
    std::string name_, role_;
};

class LibraryPassword : public Command {
public:
    LibraryPassword(CLI::App& app, const Answer& answer) : Command(answer) {
        app.add_option("ADDRESS", address_, "postgresql://HOST/DATABASE")->required();
        app.add_option("--name", user_, "the name the server knows you by")->required();
        app.add_option("--password-file", file_, "a file whose first line is the password; without it, it is asked for");
    }
    int run() override {
        const auto place = store::library_place(address_.find("objects=") == std::string::npos
                ? address_ + (address_.find('?') == std::string::npos ? "?" : "&") + "objects=/"
                : address_);
        if (!place) return answer_.wrong(place.error(), kWrongUse);
        const std::string name = store::credentials_name(*place);
        const auto words = passphrase(file_, name);
        if (!words) return answer_.wrong(words.error(), kWrongUse);
        const auto kept = store::keep_credentials(name, {user_, *words});
        if (!kept) return answer_.wrong(kept.error());
        return answer_.say({{"ok", true}, {"kept_in", *kept}}, fmt::format("The password for {} is kept in {}.", name, *kept));
    }

private:
    std::string address_, user_, file_;
};

}  // namespace

void add_library(CLI::App& app, const Answer& answer, int& code) {
    auto* library = app.add_subcommand("library", "make, check, move, archive and restore whole libraries");
    library->require_subcommand(1);
    library->footer(
        "LIBRARY is a folder, or postgresql://HOST/DATABASE?objects=FOLDER, where FOLDER holds the films and every computer reaches it.");
    add<LibraryCreate>(*library, answer, code, "create", "make an empty library");
    add<LibraryCheck>(*library, answer, code, "check", "read everything; say what is missing or damaged, and what depends on it (exit 1)");
    add<LibraryMove>(*library, answer, code, "move", "make the same library somewhere else, byte for byte; the old one stays");
    add<LibraryArchive>(*library, answer, code, "archive", "write the library into one zip file");
    add<LibraryRestore>(*library, answer, code, "restore", "take a library out of such a file; never over another");
    add<LibraryRole>(*library, answer, code, "role", "say what a name may do in a library on a server");
    add<LibraryPassword>(*library, answer, code, "password", "keep the password for a server in the keyring, or in a file of your own");
}

}  // namespace anagraph::cli
