// How a command answers: one JSON value, or sentences.
#pragma once

#include <fmt/format.h>

#include <nlohmann/json.hpp>
#include <string>

#include "core/base/result.h"

namespace anagraph::cli {

inline constexpr int kFine = 0;
inline constexpr int kFoundWrong = 1;
inline constexpr int kWrongUse = 2;

struct Answer {
    bool as_json = false;

    int say(const nlohmann::json& value, const std::string& words, int code = kFine) const {
        fmt::print("{}\n", as_json ? value.dump(2) : words);
        return code;
    }
    int wrong(const core::Error& error, int code = kFoundWrong) const {
        if (as_json) fmt::print("{}\n", nlohmann::json{{"ok", false}, {"reason", error.message}, {"place", error.place}}.dump(2));
        fmt::print(stderr, "{}\n", error.message);
        return code;
    }
};

}  // namespace anagraph::cli
