// The manifest of a pack: the SHA-256 of every file, and its own beside it.
#pragma once

#include <functional>
#include <map>
#include <string>
#include <vector>

#include "core/base/result.h"

namespace anagraph::publish {

inline constexpr const char* kManifest = "manifest.json";
inline constexpr const char* kSeal = "manifest.sha256";

/// What lies in a folder: relative paths of all regular files but the manifest and its seal with their SHA-256, and a sentence
/// for everything that no pack holds: links, pipes, empty folders, names that are no text.
struct Below {
    std::map<std::string, std::string> hashes;
    std::vector<std::string> odd;
};
/// Errors: NotFound, Unreadable, Cancelled; BadInput for more files than a pack can have.
core::Result<Below> read_below(const std::string& folder, const std::function<bool(double)>& progress);

std::string manifest_text(const std::map<std::string, std::string>& hashes);
std::string seal_text(const std::string& manifest);
/// What differs between a manifest and what is there, a sentence each: changed, missing and extra files.
std::vector<std::string> compare_with_manifest(const std::map<std::string, std::string>& actual, const std::string& manifest);

}  // namespace anagraph::publish
