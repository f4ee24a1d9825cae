// The pages of the help that are about the work itself and not about one station.
#pragma once

#include <vector>

#include "app/command/commands.h"
#include "app/window/help.h"

namespace anagraph::app {

/// A text in which {station.command} stands for what the command is called, with its key.
QString with_commands(QString text, const std::vector<Commands*>& stations);
/// What a guide is no substitute for; the first page.
HelpPage safety_page();
/// What people ask in their first week, with the commands that answer it as they are called and keyed now.
HelpPage first_week_page(const std::vector<Commands*>& stations);

}  // namespace anagraph::app
