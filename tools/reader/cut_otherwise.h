// The same words cut otherwise: what is read must not hang on where a recogniser or a person began a new line.
#pragma once

#include <nlohmann/json.hpp>
#include <vector>

#include "core/narration/timed_text.h"

namespace anagraph::reader_tools {

/// The narration in paragraphs of at least `words` words, whole lines each.
std::vector<core::Segment> in_paragraphs(const std::vector<core::Segment>& segments, std::size_t words = 60);

struct Differing {
    int entries = 0;  // of both answers together
    int differ = 0;   // in one of them only
    double share() const { return entries == 0 ? 0 : static_cast<double>(differ) / entries; }
    Differing& operator+=(const Differing& other);
};

/// How two answers as marks_json writes them differ, the first of `segments`, the second of `paragraphs` of the same words: figures by
/// kind and value, steps by verb, moments, each counted once a paragraph. Talk is told of lines and not compared.
Differing differing(const nlohmann::json& answer, const nlohmann::json& of_paragraphs, const std::vector<core::Segment>& paragraphs);

}  // namespace anagraph::reader_tools
