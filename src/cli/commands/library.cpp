// anagraph-cli library
#include <fmt/format.h>

#include <chrono>
#include <cmath>
#include <iostream>

#include "cli/at_library.h"
#include "cli/commands.h"
#include "cli/passphrase.h"
#include "shop/whole_check.h"
#include "store/backups.h"
#include "store/credentials.h"
#include "store/roles.h"
#include "store/taken_along.h"
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

class LibraryBackup : public AtLibrary {
public:
    LibraryBackup(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) {
        app.add_option("FOLDER", folder_, "where the backups go, on another disk or a stick")->required();
        app.add_option("--every", every_, "days: nothing is done where the last is younger")->check(CLI::PositiveNumber);
    }
    int run() override {
        const auto today = std::chrono::floor<std::chrono::days>(std::chrono::system_clock::now());
        const auto there = store::backups_in(folder_, library_);
        if (every_ > 0 && !store::is_backup_due(there, today, every_))
            return answer_.say(
                {{"made", false}, {"file", there.front().file}}, fmt::format("None is due; the last is {}.", there.front().file));
        const auto backup =
            store::back_up(library_, folder_, today, [&](double share) { return show_progress(answer_, "Backing up", share); });
        if (!backup) return answer_.wrong(backup.error(), wrong_path(backup.error()));
        return answer_.say({{"made", true}, {"file", backup->file}, {"bytes", backup->bytes}},
            fmt::format("The library is in {}, and was tried by opening it.", backup->file));
    }

private:
    std::string folder_;
    int every_ = 0;
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
        app.add_option("ADDRESS", address_, "postgresql://HOST/DATABASE, or s3://ENDPOINT/BUCKET")->required();
        app.add_option("--name", user_, "the name the server knows you by; of an object store, the key")->required();
        app.add_option("--password-file", file_, "a file whose first line is the password; without it, it is asked for");
    }
    int run() override {
        const auto named = store::credentials_name(address_);
        if (!named) return answer_.wrong(named.error(), kWrongUse);
        const std::string& name = *named;
        const auto words = passphrase(file_, name);
        if (!words) return answer_.wrong(words.error(), kWrongUse);
        const auto kept = store::keep_credentials(name, {user_, *words});
        if (!kept) return answer_.wrong(kept.error());
        return answer_.say({{"ok", true}, {"kept_in", *kept}}, fmt::format("The password for {} is kept in {}.", name, *kept));
    }

private:
    std::string address_, user_, file_;
};

class LibraryHere : public AtLibrary {
public:
    LibraryHere(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) {
        app.add_option("--most", most_, "the most that may be here, in GB")->check(CLI::Range(0.0, 1e6));
    }
    int run() override {
        const auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        if (most_)
            if (auto kept = (*library)->keep_here_at_most(std::llround(*most_ * kGigabyte)); !kept) return answer_.wrong(kept.error());
        const auto here = (*library)->files_here();
        if (!here)
            return answer_.say(
                {{"held", nullptr}, {"most", nullptr}}, "The films of this library lie in its own folder, and none of them twice.");
        return answer_.say({{"held", here->held}, {"most", here->most}},
            fmt::format("{:.1f} GB of its films and packs are on this computer, of at most {:.1f} GB.",
                static_cast<double>(here->held) / kGigabyte, static_cast<double>(here->most) / kGigabyte));
    }

private:
    static constexpr double kGigabyte = 1e9;
    std::optional<double> most_;
};

class LibraryAlong : public AtLibrary {
public:
    LibraryAlong(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) {
        app.add_option("GUIDE", guides_, "ids of the guides; without them, what is taken along is told");
        app.add_flag("--films", films_, "the films themselves too, not only their small copies");
        app.add_flag("--none", none_, "take nothing along any more");
    }
    int run() override {
        if (!guides_.empty() || none_) {
            std::vector<store::GuideId> guides(guides_.begin(), guides_.end());
            if (none_) guides.clear();
            auto taken =
                store::take_along(library_, guides, films_, [&](double share) { return show_progress(answer_, "Copying", share); });
            if (!taken) return answer_.wrong(taken.error(), wrong_path(taken.error()));
        }
        const auto now = store::taken_along(library_);
        json ids = json::array();
        for (const auto& g : now.guides) ids.push_back(g.text());
        return answer_.say({{"guides", ids}, {"films", now.films}, {"at", now.at}},
            now.guides.empty() ? "Nothing is taken along."
                               : fmt::format("{} of its guides are on this computer, as they were at {}.", now.guides.size(), now.at));
    }

private:
    std::vector<std::string> guides_;
    bool films_ = false, none_ = false;
};

}  // namespace

void add_library(CLI::App& app, const Answer& answer, int& code) {
    auto* library = app.add_subcommand("library", "make, check, move, archive and restore whole libraries");
    library->require_subcommand(1);
    library->footer(
        "LIBRARY is a folder, or postgresql://HOST/DATABASE?objects=FOLDER, where FOLDER holds the films and every computer reaches it, or "
        "postgresql://HOST/DATABASE?objects=s3://ENDPOINT/BUCKET.");
    add<LibraryCreate>(*library, answer, code, "create", "make an empty library");
    add<LibraryCheck>(*library, answer, code, "check", "read everything; say what is missing or damaged, and what depends on it (exit 1)");
    add<LibraryMove>(*library, answer, code, "move", "make the same library somewhere else, byte for byte; the old one stays");
    add<LibraryArchive>(*library, answer, code, "archive", "write the library into one zip file");
    add<LibraryBackup>(*library, answer, code, "backup", "write such a file of today into a folder, try it, and keep the last three");
    add<LibraryRestore>(*library, answer, code, "restore", "take a library out of such a file; never over another");
    add<LibraryRole>(*library, answer, code, "role", "say what a name may do in a library on a server");
    add<LibraryHere>(*library, answer, code, "here", "say how much of its films is on this computer, and the most that may be");
    add<LibraryAlong>(*library, answer, code, "along", "copy guides to this computer, to work on where the server is not");
    add<LibraryPassword>(*library, answer, code, "password", "keep the password for a server in the keyring, or in a file of your own");
}

}  // namespace anagraph::cli
