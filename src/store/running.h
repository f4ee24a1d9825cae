// Running: a note in a folder of this computer that a program is open, and at what; it goes when the program closes. The kernel holds its
// lock and gives it back however the program ends, so a note that nobody holds tells of one that ended without closing. What a program
// writes in its last moment stands behind it.
#pragma once

#include <string>
#include <vector>

#include "core/base/result.h"

namespace anagraph::store {

/// A program that ended without closing.
struct Ended {
    std::string since;       // UTC, when it was opened
    std::string library;     // as it was named; empty: none was open yet
    std::string guide;       // id; empty: none
    std::string last_words;  // empty where it had no time for any
};

class Running {
public:
    /// Errors: NoSpace, Unwritable.
    static core::Result<Running> begin(const std::string& folder);
    ~Running();
    Running(Running&& other) noexcept;
    Running& operator=(Running&&) = delete;
    Running(const Running&) = delete;
    Running& operator=(const Running&) = delete;

    /// What is open now. Errors: NoSpace, Unwritable.
    core::Outcome at(const std::string& library, const std::string& guide);
    /// What is written to it stands behind the note.
    int file() const { return fd_; }

    /// Those that ended without closing, the latest first, and takes their notes away.
    static std::vector<Ended> ended(const std::string& folder);

private:
    Running(std::string path, int fd, std::string since) : path_(std::move(path)), fd_(fd), since_(std::move(since)) {}

    std::string path_;
    int fd_ = -1;
    std::string since_;
};

}  // namespace anagraph::store
