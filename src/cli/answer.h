// How a command answers: one JSON value, or sentences.
#pragma once

#include <fmt/format.h>

#include <nlohmann/json.hpp>
#include <string>

#include "core/base/result.h"
#include "core/base/utf8.h"

namespace anagraph::cli {

inline constexpr int kFine = 0;
inline constexpr int kFoundWrong = 1;
inline constexpr int kWrongUse = 2;
inline constexpr int kUnvouched = 3;  // of verify: intact, but nobody trusted vouches for it

struct Answer {
    bool as_json = false;

    /// Names of files may hold bytes that are no text; they are told as well as they can be.
    static std::string text_of(const nlohmann::json& value) { return value.dump(2, ' ', false, nlohmann::json::error_handler_t::replace); }

    int say(const nlohmann::json& value, const std::string& words, int code = kFine) const {
        fmt::print("{}\n", as_json ? text_of(value) : core::as_utf8(words));
        return code;
    }
    int wrong(const core::Error& error, int code = kFoundWrong) const {
        if (as_json) fmt::print("{}\n", text_of({{"ok", false}, {"reason", error.message}, {"place", error.place}}));
        fmt::print(stderr, "{}\n", core::as_utf8(error.message.english()));
        return code;
    }
};

}  // namespace anagraph::cli
