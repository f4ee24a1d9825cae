// A folder of its own for one test, taken away afterwards.
#pragma once

#include <filesystem>
#include <string>

namespace anagraph::testing {

class Scratch {
public:
    Scratch() {
        std::string name = (std::filesystem::temp_directory_path() / "anagraph-test-XXXXXX").string();
        path_ = mkdtemp(name.data());
    }
    ~Scratch() {
        std::error_code ec;
        std::filesystem::permissions(path_, std::filesystem::perms::owner_all, ec);
        std::filesystem::remove_all(path_, ec);
    }
    Scratch(const Scratch&) = delete;
    Scratch& operator=(const Scratch&) = delete;
    std::string operator/(const std::string& name) const { return (path_ / name).string(); }
    std::string text() const { return path_.string(); }

private:
    std::filesystem::path path_;
};

}  // namespace anagraph::testing
