// Edition: a frozen, numbered version of a guide. Its canonical JSON is what is hashed, kept and compared; it never changes.
#pragma once

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <vector>

#include "core/edition/wrench_setting.h"
#include "core/house/methods.h"
#include "core/procedure/procedure.h"

namespace anagraph::core {

/// Who vouches for an edition with a key; the signatures themselves lie beside the manifest of its pack.
struct Signer {
    std::string role;  // "author", "checker"
    std::string post;
    std::string key;  // public, base64
    friend bool operator==(const Signer&, const Signer&) = default;
};

struct Edition {
    int number = 1;
    std::string issued;   // UTC, "2026-11-25T10:42:08Z"
    std::string author;   // by post: "author"
    std::string checker;  // by post: "checker"
    Procedure procedure;
    std::vector<std::string> changes;          // what a learner of the edition before must know, in words; empty for the first
    std::string rule = {};                     // which source outranked which in the house when it was issued; see rule_text()
    std::vector<HouseMethod> methods = {};     // what the house said where practitioners differ
    std::vector<Signer> signers = {};          // empty: it is not signed
    std::string desk = {};                     // address of the house's desk, on every printed page; empty: there was none
    std::vector<WrenchSetting> wrenches = {};  // its torques on the wrenches of the house
    std::vector<std::string> taught = {};      // what runs by the editions before it taught, in words
    friend bool operator==(const Edition&, const Edition&) = default;
};

nlohmann::json to_json(const Edition& edition);
Result<Edition> edition_from_json(const nlohmann::json& j);

/// Canonical text: UTF-8, keys in order of their bytes, no spaces, no floating numbers, one newline at the end. The same
/// value gives the same bytes on every machine, so its SHA-256 names the edition.
std::string canonical_text(const nlohmann::json& j);

/// What differs between two versions of a guide, in words a learner understands, most important first.
struct Difference {
    std::string text;
    bool read_again = false;  // a figure, caution or the order changed: who learned the old one must be told
    // where, and what it was and is, as far as that can be said in a word
    StepId step = {};      // in the later version, or the earlier one where it is gone; empty: of the guide as a whole
    FigureId figure = {};  // empty: it is no figure that differs
    std::string was = {};  // "24 N·m (18 lbf·ft)"; empty: it was not there, or cannot be said in a word
    std::string is = {};
    friend bool operator==(const Difference&, const Difference&) = default;
};
std::vector<Difference> differences(const Procedure& before, const Procedure& after);
/// The same between two editions: also what the house changed that they are printed with, its ways of doing things and which
/// source outranks which. Empty only where nothing a reader sees has changed.
std::vector<Difference> differences(const Edition& before, const Edition& after);

}  // namespace anagraph::core
