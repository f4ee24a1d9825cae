// The learned tables of the speech model: resources/reader, made by tools/reader/learn.cpp and built into the program.
#pragma once

#include <string_view>

namespace anagraph::core {

std::string_view moment_weights();
std::string_view step_weights();

}  // namespace anagraph::core
