// Edits: the only way a procedure changes. Undo, autosave, history and differences all stand on them.
#pragma once

#include <cstddef>
#include <optional>
#include <string>
#include <variant>
#include <vector>

#include "core/procedure/procedure.h"

namespace anagraph::core {

struct SetHeader {
    Header header;
    friend bool operator==(const SetHeader&, const SetHeader&) = default;
};

/// Puts a thing in place of the one with the same id, or inserts it before position `at` (at the end when empty).
template <class Thing>
struct Put {
    Thing thing;
    std::optional<std::size_t> at;
    friend bool operator==(const Put&, const Put&) = default;
};

template <class IdType>
struct Remove {
    IdType id;
    friend bool operator==(const Remove&, const Remove&) = default;
};

/// Moves a step so that it stands at position `to` (0-based) afterwards.
struct MoveStep {
    StepId id;
    std::size_t to = 0;
    friend bool operator==(const MoveStep&, const MoveStep&) = default;
};

using Edit = std::variant<SetHeader, Put<RecordingUse>, Put<Item>, Put<Source>, Put<Figure>, Put<Step>, Remove<RecordingId>, Remove<ItemId>,
    Remove<SourceId>, Remove<FigureId>, Remove<StepId>, MoveStep>;

/// What a person did, in one go: the unit of undo. `label` completes "Undo ...".
struct Change {
    std::string label;
    std::vector<Edit> edits;
    friend bool operator==(const Change&, const Change&) = default;
};

/// Applies one edit. Errors: NotFound for an id that is not there; Refused with the reason where something still refers to
/// what is removed, or where a take or callout is impossible; BadInput for an empty id.
Result<Procedure> apply(const Procedure& p, const Edit& edit);
Result<Procedure> apply(const Procedure& p, const Change& change);

/// The procedure after a change that was accepted once, without asking again whether it may be: what the program refuses today
/// is no reason to lose what it let in before. What it names and is not there is passed over.
Procedure replay(Procedure p, const Change& change);

/// What the rules have against a guide as it is, a sentence each; nothing against one that apply() alone made.
std::vector<Words> objections(const Procedure& p);

/// The change, if it can be applied; otherwise why not. Offers are made with it.
Result<Change> tried(const Procedure& p, Change change);

/// The change that takes `change` back, from the procedure before it was applied. `change` must apply to `before`.
Result<Change> inverse(const Procedure& before, const Change& change);

}  // namespace anagraph::core
