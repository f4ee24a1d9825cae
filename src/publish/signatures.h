// The signatures of a pack: a list beside its manifest. What is signed is a short text with the manifest's SHA-256, so that every
// file of the pack is vouched for.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"

namespace anagraph::publish {

struct Signature {
    std::string post;
    std::string role;       // "author", "checker"
    std::string key;        // public, base64
    std::string at;         // UTC
    std::string signature;  // base64
    friend bool operator==(const Signature&, const Signature&) = default;
};

/// The text that is signed: "anagraph edition 1\n", the SHA-256 of manifest.json in hex, "\n".
std::string signed_text(std::string_view manifest_sha256);
/// The text of signatures.json.
std::string signatures_text(const std::vector<Signature>& signatures);
/// Errors: BadInput.
core::Result<std::vector<Signature>> signatures_from_text(std::string_view text);

}  // namespace anagraph::publish
