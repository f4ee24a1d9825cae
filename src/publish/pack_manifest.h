// The manifest of a pack: the SHA-256 of every file and the mark of its edition; its own SHA-256 and the signatures beside it.
#pragma once

#include <functional>
#include <map>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "publish/pack_source.h"

namespace anagraph::publish {

inline constexpr const char* kManifest = "manifest.json";
inline constexpr const char* kSeal = "manifest.sha256";
inline constexpr const char* kSignatures = "signatures.json";
inline constexpr std::size_t kMostFiles = 20000;

/// What lies in a pack: all files but the manifest, its seal and the signatures with their SHA-256, and a sentence for everything
/// that no pack holds.
struct Below {
    std::map<std::string, std::string> hashes;
    std::vector<std::string> odd;
};
/// Errors: NotFound, Unreadable, Cancelled; BadInput for more files than a pack can have.
core::Result<Below> read_below(const PackSource& pack, const std::function<bool(double)>& progress);

/// `mark` as printed on every page; empty in packs made before it stood there.
std::string manifest_text(const std::map<std::string, std::string>& hashes, const std::string& mark);
std::string mark_of_manifest(const std::string& manifest);
std::string seal_text(const std::string& manifest);
/// What differs between a manifest and what is there, a sentence each: changed, missing and extra files.
std::vector<std::string> compare_with_manifest(const std::map<std::string, std::string>& actual, const std::string& manifest);

}  // namespace anagraph::publish
