// What is set for a guide as a whole: machine, job, number, interval, workshop note, and its variants. A variant that gets another
// name gets it everywhere it stands; one that goes leaves nothing behind that would then apply to every machine.
#pragma once

#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/edits/edit.h"

namespace anagraph::core {

/// A variant as it is and as it should be. `was` empty: it is new. `name` empty: it goes.
struct VariantSetting {
    std::string was;
    std::string name;
    friend bool operator==(const VariantSetting&, const VariantSetting&) = default;
};

struct GuideSettings {
    std::string machine;
    std::string job;
    std::string number;
    std::string interval;
    std::string workshop_note;
    std::string language = "en";           // its texts are written in, after ISO 639-1
    std::vector<VariantSetting> variants;  // in the order they are shown
};

GuideSettings settings_of(const Procedure& p);

/// What applies to some of these variants and to no other, each named as a person would: "step 3, Drain the oil".
std::vector<std::string> only_for(const Procedure& p, const std::vector<std::string>& these);

/// The change that sets it, as one. BadInput where machine or job is empty, the language is
/// no code of two letters, or two variants have one name; Refused where a variant
/// is to go that something applies to alone, with what that is. A change without edits where nothing is different.
Result<Change> set_guide(const Procedure& p, const GuideSettings& settings);

}  // namespace anagraph::core
