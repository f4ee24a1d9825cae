// The templates, styles and fonts that ship inside the program for what it publishes.
#pragma once

#include <string>

namespace anagraph::publish {

/// The bytes of a resource by its name, "guide.html"; empty when there is none of that name.
std::string resource(const char* name);
/// A style or a template of them, with the colours of the table in it.
std::string template_text(const char* name);

}  // namespace anagraph::publish
