// What this program is in numbers: its own version and those of the forms it writes. They stand here and nowhere else; CMake reads its
// version from here. What each form is: docs/format.
#pragma once

#include <fmt/format.h>

#include <string>
#include <string_view>

namespace anagraph::core {

inline constexpr std::string_view kVersion = "0.1.0";

inline constexpr int kLibrarySchema = 9;       // tables of a library
inline constexpr int kProcedureFormat = 1;     // a guide, in its journal and in an edition
inline constexpr int kArchiveFormat = 1;       // a whole library in one file
inline constexpr int kRunFormat = 1;           // a run at the machine
inline constexpr int kCheckAnswersFormat = 1;  // what a learner answered

/// What --version tells of a program of this name: two lines.
inline std::string version_text(std::string_view program) {
    return fmt::format("{} {}\nforms: library {}, guide {}, archive {}, run {}, answers {}", program, kVersion, kLibrarySchema, kProcedureFormat,
        kArchiveFormat, kRunFormat, kCheckAnswersFormat);
}

}  // namespace anagraph::core
