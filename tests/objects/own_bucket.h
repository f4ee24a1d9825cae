// The object store that was started for the tests (tools/own-objects), and its wire that breaks as a plan says (serve.mjs).
#pragma once

#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <string>
#include <utility>
#include <vector>

#include "store/credentials.h"
#include "tests/place.h"

namespace anagraph::testing {

inline constexpr const char* kOwnKey = "S3RVER";  // and its secret

/// Was one started?
inline bool with_objects() { return !from_environment("ANAGRAPH_OBJECTS").empty(); }

/// A bucket of it, whose key is kept for whoever asks.
inline store::Bucket own_bucket(const std::string& name, const char* side = "ANAGRAPH_OBJECTS") {
    store::Bucket out;
    out.endpoint = from_environment(side);
    out.name = name;
    out.plain = true;
    EXPECT_TRUE(store::keep_credentials(store::credentials_name(out), {kOwnKey, kOwnKey}));
    return out;
}

/// A library of its own on the tests' server (tests/place.h), with its films in a bucket.
inline std::string far_place(const std::string& folder, const char* side = "ANAGRAPH_OBJECTS") {
    const std::string near = place(folder);
    const auto bucket = own_bucket("library", side);
    return near.substr(0, near.find("?objects=")) + "?objects=s3+http://" + bucket.endpoint + "/" + bucket.name + "/" + database_of(folder);
}

/// Another computer: what one has fetched and keeps, the other has not.
class Computer {
public:
    explicit Computer(const std::string& folder) {
        for (const char* name : {"XDG_CACHE_HOME", "XDG_DATA_HOME"}) {
            before_.emplace_back(name, from_environment(name));
            ::setenv(name, (folder + "/" + name).c_str(), 1);
        }
    }
    ~Computer() {
        for (const auto& [name, value] : before_) ::setenv(name, value.c_str(), 1);
    }
    Computer(const Computer&) = delete;
    Computer& operator=(const Computer&) = delete;

private:
    std::vector<std::pair<const char*, std::string>> before_;
};

/// What a wire does from now on, to the object store or (`which` "database-plan") to the server.
inline void plan(const std::string& json, const std::string& which = "plan") {
    const std::string file = from_environment("ANAGRAPH_OBJECTS_FOLDER") + "/" + which;
    std::ofstream(file + ".new") << json;
    std::filesystem::rename(file + ".new", file);
    std::filesystem::remove(file + ".breaks");
}

inline int breaks(const std::string& which = "plan") {
    int out = 0;
    std::ifstream(from_environment("ANAGRAPH_OBJECTS_FOLDER") + "/" + which + ".breaks") >> out;
    return out;
}

}  // namespace anagraph::testing
