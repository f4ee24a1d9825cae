// Records: what a house keeps of its keys, its checks, its learners and what was handed out to them. Nothing in it is written
// over: a mistake is struck through by a later record. What holds now is the sum of all of them.
#pragma once

#include <cstdint>
#include <nlohmann/json_fwd.hpp>
#include <string>
#include <variant>
#include <vector>

#include "core/base/named.h"
#include "core/base/result.h"

namespace anagraph::core {

/// How an edition came to a learner.
enum class HandedBy { Desk, Stick, Print, Platform };
template <>
struct Names<HandedBy> {
    static constexpr auto all =
        std::to_array<Named<HandedBy>>({{HandedBy::Desk, "desk", "from the desk"}, {HandedBy::Stick, "stick", "on a stick"},
            {HandedBy::Print, "print", "in print"}, {HandedBy::Platform, "platform", "by the learning platform"}});
};

// -- what is recorded; guides are named by their ids, people by their posts

/// The public part of a post's key, base64 of its 32 bytes.
struct KeyRegistered {
    std::string post, key;
    friend bool operator==(const KeyRegistered&, const KeyRegistered&) = default;
};
struct KeyEnded {
    std::string post, because;
    friend bool operator==(const KeyEnded&, const KeyEnded&) = default;
};
/// A place of a guide was passed by a reviewer; `state` names what stood there, see review_places().
struct PlacePassed {
    std::string guide, place, state;
    friend bool operator==(const PlacePassed&, const PlacePassed&) = default;
};
/// A guide was checked as it stood: `state` names all of it.
struct Checked {
    std::string guide, state, note;
    friend bool operator==(const Checked&, const Checked&) = default;
};
struct LearnerAdded {
    std::string learner, group;
    friend bool operator==(const LearnerAdded&, const LearnerAdded&) = default;
};
struct LearnerMoved {
    std::string learner, group;
    friend bool operator==(const LearnerMoved&, const LearnerMoved&) = default;
};
/// Nothing is owed by a learner who has left; what was handed out and learned stays in the records.
struct LearnerLeft {
    std::string learner;
    friend bool operator==(const LearnerLeft&, const LearnerLeft&) = default;
};
struct HandedOut {
    std::string guide;
    int edition = 0;
    std::string learner;
    HandedBy by = HandedBy::Print;
    friend bool operator==(const HandedOut&, const HandedOut&) = default;
};
/// A learner confirmed to have read an edition, or the page of what changed to it.
struct Learned {
    std::string guide;
    int edition = 0;
    std::string learner;
    std::string answers = {};  // of the check made from the guide, as JSON; empty: confirmed by word
    friend bool operator==(const Learned&, const Learned&) = default;
};
struct Withdrawn {
    std::string guide;
    int edition = 0;
    std::string because;
    friend bool operator==(const Withdrawn&, const Withdrawn&) = default;
};
/// An earlier record was a mistake. Keys, withdrawals and strikes themselves stay.
struct Struck {
    std::int64_t record = 0;
    std::string because;
    friend bool operator==(const Struck&, const Struck&) = default;
};

using Entry = std::variant<KeyRegistered, KeyEnded, PlacePassed, Checked, LearnerAdded, LearnerMoved, LearnerLeft, HandedOut, Learned,
    Withdrawn, Struck>;

struct Record {
    std::int64_t number = 0;  // counts up from 1
    std::string at;           // UTC
    std::string by;           // post
    Entry entry;
    friend bool operator==(const Record&, const Record&) = default;
};

nlohmann::json to_json(const Entry& entry);
/// Errors: BadInput; Refused for a kind that a newer version wrote.
Result<Entry> entry_from_json(const nlohmann::json& j);

// -- what holds now

struct KeyHeld {
    std::string post, key;
    std::string from;   // UTC
    std::string until;  // UTC; empty: it holds
    std::string because;
    bool holds() const { return until.empty(); }
    friend bool operator==(const KeyHeld&, const KeyHeld&) = default;
};

struct Learner {
    std::string name, group;
    bool left = false;
    friend bool operator==(const Learner&, const Learner&) = default;
};

/// A record of this kind that was not struck.
template <class Kind>
struct Kept {
    std::int64_t number = 0;
    std::string at, by;
    Kind what;
};

class Records {
public:
    /// Adds the next record. Errors: Refused where it cannot be: a learner nobody added, a key registered twice, a reason not
    /// given, an edition withdrawn before. Then nothing is added.
    Outcome add(Record record);

    const std::vector<Record>& all() const { return all_; }
    std::int64_t next_number() const { return all_.empty() ? 1 : all_.back().number + 1; }

    const std::vector<KeyHeld>& keys() const { return keys_; }
    /// The key that holds for a post; null: it has none.
    const KeyHeld* key_of(std::string_view post) const;
    /// Whether the house signs: some key was registered once.
    bool signs() const { return !keys_.empty(); }

    std::vector<Learner> learners() const;
    const Learner* learner(std::string_view name) const;

    template <class Kind>
    std::vector<Kept<Kind>> kept() const {
        std::vector<Kept<Kind>> out;
        for (const auto& r : all_)
            if (const auto* what = std::get_if<Kind>(&r.entry); what != nullptr && !is_struck(r.number))
                out.push_back({r.number, r.at, r.by, *what});
        return out;
    }
    /// Why an edition was withdrawn; null: it was not.
    const Withdrawn* withdrawal(std::string_view guide, int edition) const;
    /// The checks of a guide, of whatever state, oldest first.
    std::vector<Kept<Checked>> checks(std::string_view guide) const;

private:
    bool is_struck(std::int64_t number) const;
    Learner* entered(std::string_view name);
    std::vector<Record> all_;
    std::vector<KeyHeld> keys_;
    std::vector<Learner> learners_;
    std::vector<std::int64_t> struck_;  // in order
};

/// [{"post", "key", "from", "until", "because"}], as `key list` prints it.
nlohmann::json keys_to_json(const std::vector<KeyHeld>& keys);
/// The same read again, or {"keys": [...]}, or one or more public keys {"post", "key"}, which hold for ever. Errors: BadInput.
Result<std::vector<KeyHeld>> keys_from_json(const nlohmann::json& j);

}  // namespace anagraph::core
