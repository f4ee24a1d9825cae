// A folder of its own for one test, taken away afterwards.
#pragma once

#include <filesystem>
#include <functional>
#include <string>
#include <utility>
#include <vector>

namespace anagraph::testing {

inline std::vector<std::function<void(const std::string&)>>& scratch_ends() {
    // for good: a folder that lives as long as the program goes after it
    static auto* ends = new std::vector<std::function<void(const std::string&)>>;
    return *ends;
}
/// Done with the path of each scratch folder that goes.
inline void at_scratch_end(std::function<void(const std::string&)> work) { scratch_ends().push_back(std::move(work)); }

class Scratch {
public:
    Scratch() {
        std::string name = (std::filesystem::temp_directory_path() / "anagraph-test-XXXXXX").string();
        path_ = mkdtemp(name.data());
    }
    ~Scratch() {
        for (const auto& end : scratch_ends()) end(path_.string());
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
