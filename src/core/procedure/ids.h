// Typed names of the things in a procedure, so that a step is never looked up where an item is meant.
#pragma once

#include <compare>
#include <string>
#include <string_view>
#include <utility>

namespace anagraph::core {

/// May a name that comes from outside be an id? It goes into tokens, file names and folders: at most 200 bytes, none of them a
/// control sign, a slash, a backslash or a brace, and no point first.
inline bool is_id(std::string_view text) {
    if (text.empty() || text.size() > 200 || text.front() == '.') return false;
    for (const char c : text)
        if (static_cast<unsigned char>(c) < 0x20 || c == 0x7F || c == '/' || c == '\\' || c == '{' || c == '}') return false;
    return true;
}

/// Is it the SHA-256 of something, as 64 lower-case hexadecimal digits?
inline bool is_sha256(std::string_view text) {
    return text.size() == 64 && text.find_first_not_of("0123456789abcdef") == std::string_view::npos;
}

template <class Kind>
class Id {
public:
    Id() = default;
    /// For ids the program makes itself; what is read from outside passes is_id() first.
    explicit Id(std::string text) : text_(std::move(text)) {}
    const std::string& text() const { return text_; }
    bool empty() const { return text_.empty(); }
    friend auto operator<=>(const Id&, const Id&) = default;

private:
    std::string text_;
};

using ItemId = Id<struct ItemKindTag>;
using FigureId = Id<struct FigureTag>;
using SourceId = Id<struct SourceTag>;
using StepId = Id<struct StepTag>;
using PlateId = Id<struct PlateTag>;
using RecordingId = Id<struct RecordingTag>;  // the content hash of the recording
using DocumentId = Id<struct DocumentTag>;    // the content hash of a book page, a label's picture, a drawing

}  // namespace anagraph::core
