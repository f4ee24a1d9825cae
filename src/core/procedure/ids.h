// Typed names of the things in a procedure, so that a step is never looked up where an item is meant.
#pragma once

#include <compare>
#include <string>
#include <utility>

namespace anagraph::core {

template <class Kind>
class Id {
public:
    Id() = default;
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
