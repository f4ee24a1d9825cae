#include "publish/signatures.h"

#include <fmt/format.h>

#include <nlohmann/json.hpp>

namespace anagraph::publish {

using nlohmann::json;

std::string signed_text(std::string_view manifest_sha256) { return fmt::format("anagraph edition 1\n{}\n", manifest_sha256); }

std::string signatures_text(const std::vector<Signature>& signatures) {
    json list = json::array();
    for (const auto& s : signatures)
        list.push_back({{"post", s.post}, {"role", s.role}, {"key", s.key}, {"at", s.at}, {"signature", s.signature}});
    return list.dump(1, ' ', false, json::error_handler_t::replace) + "\n";
}

core::Result<std::vector<Signature>> signatures_from_text(std::string_view text) {
    const auto bad = [] { return core::fail(core::ErrorCode::BadInput, core::key("Pack", "This is no list of signatures.")); };
    const json list = json::parse(text, nullptr, false);
    if (!list.is_array()) return bad();
    std::vector<Signature> out;
    for (const auto& j : list) {
        if (!j.is_object()) return bad();
        Signature s;
        for (const auto& [name, value] : {std::pair("post", &s.post), std::pair("role", &s.role), std::pair("key", &s.key),
                 std::pair("at", &s.at), std::pair("signature", &s.signature)}) {
            if (!j.contains(name) || !j.at(name).is_string()) return bad();
            *value = j.at(name).get<std::string>();
        }
        if (s.role != "author" && s.role != "checker") return bad();
        out.push_back(std::move(s));
    }
    return out;
}

}  // namespace anagraph::publish
