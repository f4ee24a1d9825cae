// Methods: the questions on which practitioners differ, the ways they hold to and their reasons. A house picks one, says why
// and which others it accepts; a step carries the question, so that the house's choice reaches all guides. Nothing is picked
// for the house.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/procedure/procedure.h"

namespace anagraph::core {

/// A way some hold to, and their reason for it.
struct Way {
    std::string_view id;      // "warm"
    std::string_view name;    // "drain it warm"
    std::string_view reason;  // "Warm oil runs fast ..."
};

struct MethodTopic {
    std::string_view id;        // "drain-heat"
    std::string_view question;  // "How warm is the oil drained?"
    std::vector<Way> ways;
    const Way* way(std::string_view id) const;
};
const std::vector<MethodTopic>& method_topics();
const MethodTopic* find_topic(std::string_view id);

/// What a house says to a question.
struct HouseMethod {
    std::string topic;
    std::string chosen;                      // empty: the house has picked none
    std::string because;                     // its own reason
    std::vector<std::string> accepted = {};  // other ways that may be taken here
    friend bool operator==(const HouseMethod&, const HouseMethod&) = default;
};

/// What holds at a step.
struct MethodHeld {
    const MethodTopic* topic = nullptr;
    const Way* chosen = nullptr;       // null: nobody has picked one, and the maker's book decides
    std::string because;               // the author's for this step, or the house's
    std::vector<const Way*> accepted;  // others, never the chosen one
    bool of_step = false;              // the step differs from the house
};
/// Questions not known here are left out.
std::vector<MethodHeld> methods_of(const Step& step, const std::vector<HouseMethod>& house);
/// "House rule: drain it warm, because ...". In one sentence, for where it is folded.
std::string summary(const MethodHeld& held);

}  // namespace anagraph::core
