// anagraph-wrench: a stand-in for a torque wrench on a serial line. It makes a pseudo-terminal, links it to PORT, and plays a script:
//   24.8 Nm      a reading, with the next running number
//   again        the last line once more            skip     a number that is never sent
//   broken       a line that was disturbed          noise    bytes that are no line
//   wait 200     milliseconds
// Without a script it sends 25 N·m every two seconds.   anagraph-wrench PORT [--script FILE]

#include <fcntl.h>
#include <fmt/format.h>
#include <poll.h>
#include <stdlib.h>
#include <termios.h>
#include <unistd.h>

#include <CLI/CLI.hpp>
#include <algorithm>
#include <chrono>
#include <csignal>
#include <fstream>
#include <string>
#include <thread>
#include <vector>

#include "core/base/versions.h"
#include "core/torque/wrench_line.h"

namespace {

using namespace anagraph;

volatile std::sig_atomic_t ended = 0;

class Port {
public:
    explicit Port(std::string link) : link_(std::move(link)), fd_(::posix_openpt(O_RDWR | O_NOCTTY)) {
        if (fd_ < 0 || ::grantpt(fd_) != 0 || ::unlockpt(fd_) != 0) return;
        const char* name = ::ptsname(fd_);
        // what is sent arrives as it was sent
        termios raw{};
        ::tcgetattr(fd_, &raw);
        ::cfmakeraw(&raw);
        ::tcsetattr(fd_, TCSANOW, &raw);
        has_line_ = name != nullptr && ::access(name, R_OK | W_OK) == 0;
        good_ = has_line_ && ::symlink(name, link_.c_str()) == 0;
    }
    ~Port() {
        if (good_) ::unlink(link_.c_str());
        if (fd_ >= 0) ::close(fd_);
    }
    Port(const Port&) = delete;
    Port& operator=(const Port&) = delete;
    bool has_line() const { return has_line_; }
    bool good() const { return good_; }
    void send(const std::string& bytes) const {
        if (::write(fd_, bytes.data(), bytes.size()) < 0) ended = 1;
    }

private:
    std::string link_;
    int fd_;
    bool has_line_ = false;
    bool good_ = false;
};

void rest(int ms) {
    for (int left = ms; left > 0 && ended == 0; left -= 20) std::this_thread::sleep_for(std::chrono::milliseconds(std::min(left, 20)));
}

/// Plays one line of the script; false where it is none.
bool play(const Port& port, const std::string& line, int& number, std::string& last) {
    if (line.empty() || line[0] == '#') return true;
    if (line == "again") return port.send(last), true;
    if (line == "skip") return ++number, true;
    if (line == "noise") return port.send("\x01\x7f%%~\r\n"), true;
    if (line == "broken") {
        std::string disturbed = last;
        if (disturbed.size() > 3) disturbed[2] = disturbed[2] == '9' ? '1' : '9';
        return port.send(disturbed), true;
    }
    if (line.starts_with("wait ")) return rest(std::atoi(line.c_str() + 5)), true;
    auto value = core::Quantity::parse(line, core::DecimalMark::Point);
    if (!value) return false;
    last = core::wrench_line({'T', std::move(*value), ++number});
    port.send(last);
    return true;
}

}  // namespace

int main(int argc, char** argv) {
    CLI::App app{"A stand-in for a torque wrench on a serial line.", "anagraph-wrench"};
    app.set_version_flag("--version", core::version_text("anagraph-wrench"));
    std::string line_name;
    std::string script_name;
    app.add_option("PORT", line_name, "the name that its serial line gets, where nothing is yet")->required();
    app.add_option("--script", script_name, "readings to send, a line each; without it 25 N\u00b7m every two seconds");
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& e) {
        return app.exit(e) == 0 ? 0 : 2;
    }
    std::signal(SIGTERM, [](int) { ended = 1; });
    std::signal(SIGINT, [](int) { ended = 1; });
    std::ifstream script;
    if (!script_name.empty()) script.open(script_name);
    if (!script_name.empty() && !script) {
        fmt::print(stderr, "{} cannot be read.\n", script_name);
        return 2;
    }
    const Port port(line_name);
    if (!port.has_line()) {
        fmt::print(stderr, "This machine has no pseudo-terminals (devpts is not mounted), so no serial line can be played on it.\n");
        return 1;
    }
    if (!port.good()) {
        fmt::print(stderr, "{} cannot be made: something is there already, or its folder cannot be written.\n", line_name);
        return 1;
    }
    fmt::print("{}\n", line_name);
    std::fflush(stdout);
    int number = 0;
    std::string last;
    if (script_name.empty()) {
        while (ended == 0) {
            play(port, "25.0 Nm", number, last);
            rest(2000);
        }
        return 0;
    }
    int at = 0;
    for (std::string line; ended == 0 && std::getline(script, line);) {
        ++at;
        if (!play(port, line, number, last)) {
            fmt::print(stderr, "Line {} of the script is none: {}\n", at, line);
            return 2;
        }
    }
    // what was sent is read before the line goes
    rest(1000);
    return 0;
}
