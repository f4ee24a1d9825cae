#include "app/running/last_words.h"

#include <execinfo.h>
#include <unistd.h>

#include <array>
#include <csignal>

namespace anagraph::app {

namespace {

constexpr int kFrames = 64;
constexpr std::size_t kStack = 64 * 1024;

int file_ = -1;
std::array<char, kStack> stack_;  // of its own: the program's may be what ran out

/// Nothing here may take memory or a lock.
void write_last_words(int signal) {
    char words[] = "signal 00\n";
    words[7] = static_cast<char>('0' + signal / 10 % 10);
    words[8] = static_cast<char>('0' + signal % 10);
    ::lseek(file_, 0, SEEK_END);
    if (::write(file_, words, sizeof words - 1) > 0) {
        std::array<void*, kFrames> frames;
        ::backtrace_symbols_fd(frames.data(), ::backtrace(frames.data(), kFrames), file_);
    }
    std::raise(signal);  // SA_RESETHAND: it now does what it would have done
}

}  // namespace

void leave_last_words(int file) {
    file_ = file;
    // loads what backtrace() needs while there is still memory
    std::array<void*, 2> frames;
    ::backtrace(frames.data(), static_cast<int>(frames.size()));
    stack_t stack{};
    stack.ss_sp = stack_.data();
    stack.ss_size = stack_.size();
    ::sigaltstack(&stack, nullptr);
    struct sigaction action {};
    action.sa_handler = write_last_words;
    action.sa_flags = static_cast<int>(SA_RESETHAND) | SA_ONSTACK | SA_NODEFER;
    for (const int signal : {SIGSEGV, SIGABRT, SIGBUS, SIGFPE, SIGILL}) ::sigaction(signal, &action, nullptr);
}

}  // namespace anagraph::app
