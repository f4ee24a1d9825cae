// Roles: what a post may do in a library on a server. They are roles of the server itself, named after the database, so that another client
// than this program can do no more: workshop_reader, workshop_author, workshop_checker, workshop_trainer, workshop_keeper. What is only
// added to (changes, editions, records, the logbook) nobody but the owner of the database can alter.
#pragma once

#include <string>
#include <string_view>

#include "core/base/named.h"
#include "core/base/result.h"

namespace anagraph::store {

enum class Role { Reader, Author, Checker, Trainer, Keeper };

}  // namespace anagraph::store

namespace anagraph::core {

template <>
struct Names<store::Role> {
    static constexpr auto all = std::to_array<Named<store::Role>>({{store::Role::Reader, "reader"}, {store::Role::Author, "author"},
        {store::Role::Checker, "checker"}, {store::Role::Trainer, "trainer"}, {store::Role::Keeper, "keeper"}});
};

}  // namespace anagraph::core

namespace anagraph::store {

/// Makes the roles of the library at a place with what each may do; once more where they are there. Errors: BadInput for a library that is
/// a folder, which the rights of its files protect; Refused where whoever connects may make none.
core::Outcome make_roles(const std::string& place);

/// Gives a role to a name the server knows. Errors: those of make_roles(); NotFound for a name it does not know.
core::Outcome give_role(const std::string& place, const std::string& name, Role role);

}  // namespace anagraph::store
