#include "cli/passphrase.h"

#include <fmt/format.h>
#include <termios.h>
#include <unistd.h>

#include <cstdio>
#include <iostream>

#include "store/files.h"

namespace anagraph::cli {

namespace {

constexpr std::int64_t kMostKeyFile = 64 << 10;

/// What is typed is not shown while this lives.
class Unseen {
public:
    Unseen() {
        if (::tcgetattr(STDIN_FILENO, &before_) != 0) return;
        termios quiet = before_;
        quiet.c_lflag &= ~static_cast<tcflag_t>(ECHO);
        changed_ = ::tcsetattr(STDIN_FILENO, TCSANOW, &quiet) == 0;
    }
    ~Unseen() {
        if (changed_) ::tcsetattr(STDIN_FILENO, TCSANOW, &before_);
    }
    Unseen(const Unseen&) = delete;
    Unseen& operator=(const Unseen&) = delete;

private:
    termios before_{};
    bool changed_ = false;
};

}  // namespace

core::Result<std::string> passphrase(const std::string& file, const std::string& what_for) {
    std::string out;
    if (!file.empty()) {
        const auto text = store::read_file(file, kMostKeyFile);
        if (!text) return tl::make_unexpected(text.error());
        out = text->substr(0, text->find_first_of("\r\n"));
    } else if (::isatty(STDIN_FILENO) != 0) {
        fmt::print(stderr, "Passphrase for {}: ", what_for);
        std::fflush(stderr);
        const Unseen unseen;
        std::getline(std::cin, out);
        fmt::print(stderr, "\n");
    } else {
        std::getline(std::cin, out);
    }
    if (out.empty())
        return core::fail(core::ErrorCode::BadInput,
            std::string("No passphrase was given; type one, or name a file that holds it: --passphrase-file FILE."));
    return out;
}

core::Result<store::SigningKey> opened_key(const std::string& key_file, const std::string& passphrase_file) {
    const auto text = store::read_file(key_file, kMostKeyFile);
    if (!text) return tl::make_unexpected(text.error());
    const auto words = passphrase(passphrase_file, key_file);
    if (!words) return tl::make_unexpected(words.error());
    auto key = store::SigningKey::open(*text, *words);
    if (!key) return core::fail(key.error().code, fmt::format("{}: {}", key_file, key.error().message), key_file);
    return key;
}

}  // namespace anagraph::cli
