// PieceFile: a file written piece by piece, with the true reason where that fails.
#pragma once

#include <cstddef>
#include <string>

#include "core/base/result.h"

namespace anagraph::media {

/// Closed without a word when it goes; what was written stays. Errors of all: NoSpace, Unwritable.
class PieceFile {
public:
    PieceFile() = default;
    ~PieceFile() { abandon(); }
    PieceFile(const PieceFile&) = delete;
    PieceFile& operator=(const PieceFile&) = delete;

    core::Outcome open(std::string path);
    core::Outcome write(const void* bytes, std::size_t size);
    core::Outcome close();
    void abandon();

private:
    std::string path_;
    int fd_ = -1;
};

}  // namespace anagraph::media
