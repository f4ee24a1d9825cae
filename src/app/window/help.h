// The help: the way from a recording to a guide, and every command with its key, made from the tables of the stations.
#pragma once

#include <QString>
#include <vector>

#include "app/command/commands.h"

namespace anagraph::app {

/// The help as a page of rich text.
QString help_page(const std::vector<Commands*>& stations);
void show_help(const std::vector<Commands*>& stations, QWidget* parent);

}  // namespace anagraph::app
