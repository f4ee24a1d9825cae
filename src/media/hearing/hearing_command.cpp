#include "media/hearing/hearing_command.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <spawn.h>
#include <sys/wait.h>
#include <unistd.h>

#include <cerrno>
#include <chrono>
#include <csignal>
#include <cstdio>
#include <cstring>
#include <fstream>
#include <iterator>
#include <thread>

#include "core/base/utf8.h"

extern char** environ;

namespace anagraph::media {

using core::ErrorCode;
using core::fail;

namespace {

constexpr const char* kSoundPlace = "{sound}";
constexpr const char* kTextPlace = "{text}";
constexpr auto kAsked = std::chrono::milliseconds(50);
constexpr auto kGrace = std::chrono::seconds(2);  // between asking it to end and ending it

bool put_in_place(std::string& command, const std::string& place, const std::string& by) {
    bool found = false;
    for (auto at = command.find(place); at != std::string::npos; at = command.find(place, at + by.size())) {
        command.replace(at, place.size(), by);
        found = true;
    }
    return found;
}

std::string contents(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

std::string last_line(const std::string& said) {
    const auto end = said.find_last_not_of(" \r\n");
    if (end == std::string::npos) return "";
    const auto begin = said.find_last_of("\r\n", end);
    const auto from = begin == std::string::npos ? 0 : begin + 1;
    return core::as_utf8(said.substr(from, std::min<std::size_t>(end + 1 - from, 200)));
}

/// Asks a group of processes to end, and ends it where it does not.
void end_group(pid_t group) {
    ::kill(-group, SIGTERM);
    for (auto waited = kAsked; waited < kGrace; waited += kAsked) {
        if (::waitpid(group, nullptr, WNOHANG) == group) {
            ::kill(-group, SIGKILL);  // what it left behind
            return;
        }
        std::this_thread::sleep_for(kAsked);
    }
    ::kill(-group, SIGKILL);
    ::waitpid(group, nullptr, 0);
}

}  // namespace

core::Result<std::string> run_hearing_command(
    const std::string& command, const std::string& wav, const std::string& work_folder, const Progress& progress) {
    std::string script = command;
    if (!put_in_place(script, kSoundPlace, "\"$1\"")) script += " \"$1\"";
    const bool writes_file = put_in_place(script, kTextPlace, "\"$2\"");
    const std::string text = work_folder + "/heard.vtt", out = work_folder + "/said.out", err = work_folder + "/said.err";
    posix_spawn_file_actions_t files;
    posix_spawn_file_actions_init(&files);
    posix_spawn_file_actions_addopen(&files, STDIN_FILENO, "/dev/null", O_RDONLY, 0);
    posix_spawn_file_actions_addopen(&files, STDOUT_FILENO, out.c_str(), O_WRONLY | O_CREAT | O_TRUNC, 0600);
    posix_spawn_file_actions_addopen(&files, STDERR_FILENO, err.c_str(), O_WRONLY | O_CREAT | O_TRUNC, 0600);
    posix_spawnattr_t how;
    posix_spawnattr_init(&how);
    posix_spawnattr_setflags(&how, POSIX_SPAWN_SETPGROUP);  // a group of its own: ended as a whole
    posix_spawnattr_setpgroup(&how, 0);
    std::string shell = "sh", option = "-c", name = "hear", sound = wav, written = text;
    char* arguments[] = {shell.data(), option.data(), script.data(), name.data(), sound.data(), written.data(), nullptr};
    pid_t process = 0;
    const int begun = ::posix_spawn(&process, "/bin/sh", &files, &how, arguments, environ);
    posix_spawn_file_actions_destroy(&files);
    posix_spawnattr_destroy(&how);
    if (begun != 0)
        return fail(ErrorCode::Refused,
            core::say(core::key("Films", "The recogniser \"{0}\" could not be started ({1})."), command, std::strerror(begun)), command);
    int status = 0;
    while (true) {
        const pid_t ended = ::waitpid(process, &status, WNOHANG);
        if (ended == process || (ended < 0 && errno != EINTR)) break;
        if (progress && !progress(0.5)) {
            end_group(process);
            return fail(ErrorCode::Cancelled, core::key("Films", "Hearing was stopped; nothing of it is kept."));
        }
        std::this_thread::sleep_for(kAsked);
    }
    if (!WIFEXITED(status) || WEXITSTATUS(status) != 0) {
        const std::string why = last_line(contents(err));
        return fail(ErrorCode::Refused,
            core::say(core::key("Films",
                          "The recogniser \"{0}\" failed{1}{2}. Try the command in a terminal on a WAV file, and put it right in the house "
                          "settings."),
                command, why.empty() ? "" : ": ", why),
            command);
    }
    std::string heard = contents(writes_file ? text : out);
    if (heard.find_first_not_of(" \r\n") == std::string::npos)
        return fail(ErrorCode::BadInput,
            core::say(core::key("Films", "The recogniser \"{0}\" wrote nothing; it has to write WebVTT or SRT {1}."), command,
                writes_file ? "into the file {text}" : "to its standard output, or into the file {text} of its command"),
            command);
    return heard;
}

}  // namespace anagraph::media
