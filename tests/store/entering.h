// Recordings and editions entered in a library for a test, without films and packs.
#pragma once

#include <gtest/gtest.h>

#include <fstream>
#include <optional>
#include <string>
#include <vector>

#include "store/digest.h"
#include "store/library.h"

namespace anagraph::testing {

inline core::Outcome enter_recording(store::Library& library, const std::string& id, const std::string& name, const std::string& path,
    const std::optional<std::vector<core::Segment>>& narration = std::nullopt) {
    auto files = store::Library::work_folder(library.place());
    if (!files) return tl::make_unexpected(files.error());
    std::ofstream(files->path() + "/index.json") << "{}";
    return library.enter_recording({core::RecordingId(id), name, path, "2026-11-25T10:00:00Z"}, narration, std::move(*files));
}

/// The SHA-256 that stands for a manifest of this text.
inline std::string manifest(const std::string& text = "manifest") { return store::sha256(text); }

inline core::Result<std::string> enter_edition(store::Library& library, const store::GuideId& guide, const core::Edition& edition,
    const std::string& of = manifest(), std::int64_t sequence = 1) {
    auto pack = store::Library::work_folder(library.place());
    if (!pack) return tl::make_unexpected(pack.error());
    std::ofstream(pack->path() + "/manifest.json") << "{}";
    return library.enter_edition(guide, sequence, edition, of, std::move(*pack));
}

}  // namespace anagraph::testing
