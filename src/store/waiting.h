// Waiting: changes that this computer keeps for a library because they are not in it yet. Some could not be brought to it, since its server
// was away; some met a change of somebody else, and a person has to decide. Each is on the disk of this computer when add() has returned,
// and leaves it only when the library has it or the person gave it up.
//
// One file for each window that has the library open; what a killed one left is taken over by the next.
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

#include "core/procedure/procedure.h"
#include "store/library.h"

namespace anagraph::store {

struct WaitingChange {
    GuideId guide;
    std::int64_t base = 0;  // the change of the guide in the library that it, or the first of those before it, was made on
    core::Change change;
    std::string author;
    std::string at;                               // UTC, when it was made
    std::string transaction;                      // of the server, where it may be there already; see Library::was_kept()
    std::optional<core::Procedure> made_on = {};  // where a person has to decide: the guide as it was when it was made
    std::optional<core::Conflict> conflict = {};  // and what about
};

class Waiting {
public:
    /// Of the library at this place, for this window. Errors: Unwritable, NoSpace; Damaged where a file of it is none.
    static core::Result<Waiting> open(const std::string& place);
    /// Where no file can be had: nothing can wait, and add() says why.
    static Waiting nowhere(core::Error why);
    ~Waiting();
    Waiting(Waiting&& other) noexcept;
    Waiting& operator=(Waiting&& other) noexcept;
    Waiting(const Waiting&) = delete;
    Waiting& operator=(const Waiting&) = delete;

    /// In the order they were made.
    const std::vector<WaitingChange>& all() const { return all_; }
    /// Of a guide, those that nobody has to decide on.
    std::vector<WaitingChange> to_bring(const GuideId& guide) const;
    int to_bring() const;
    int to_decide() const;
    core::Outcome add(WaitingChange change);
    core::Outcome put(std::vector<WaitingChange> all);

private:
    Waiting(std::string path, int fd) : path_(std::move(path)), fd_(fd) {}
    std::string path_;
    int fd_ = -1;  // held while this window lives
    std::optional<core::Error> nowhere_ = {};
    std::vector<WaitingChange> all_;
};

/// The guide as its author has it: as it was in the library at their base, with what waits.
core::Procedure with_waiting(core::Procedure base, const std::vector<WaitingChange>& changes);

/// Brings what waits to the library, in the order it was made, each brought to what others did meanwhile; what meets another's change
/// waits for a person with it. Nothing is brought twice. Errors: Away, and those of append_all(); what was not brought still waits.
core::Outcome bring(Library& library, Waiting& waiting);

/// A person decided: `mine` stands where both changed the same, or it is given up. `index`: of Waiting::all(). Errors: Refused where a rule
/// does not let mine stand; then it waits as it did.
core::Outcome settle(Library& library, Waiting& waiting, std::size_t index, bool mine);

}  // namespace anagraph::store
