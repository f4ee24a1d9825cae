// What two changes of one thing say, in lines a person can lay beside each other.
#pragma once

#include <nlohmann/json.hpp>
#include <string>
#include <vector>

namespace anagraph::core {

/// A value of a Conflict as lines: a text as it stands, a list a line each, a thing as its parts with their names; nothing for null, which
/// is a thing that is not there. What only the program needs (ids, moments of the film) is left out where there are words.
std::vector<std::string> conflict_lines(const nlohmann::json& value);

}  // namespace anagraph::core
