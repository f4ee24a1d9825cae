// The templates, styles and fonts that ship inside the program for what it publishes.
#pragma once

#include <string>

namespace anagraph::publish {

/// The bytes of a resource by its name, "guide.html"; empty when there is none of that name.
std::string resource(const char* name);

}  // namespace anagraph::publish
