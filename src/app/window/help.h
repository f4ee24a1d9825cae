// The help: the way from a recording to a guide, a page for each station with its picture and every command with its key, made
// from the tables of the stations.
#pragma once

#include <QString>
#include <vector>

#include "app/command/commands.h"

namespace anagraph::app {

struct HelpPage {
    QString title;
    QString html;
};

/// The pages in the order of the work.
std::vector<HelpPage> help_pages(const std::vector<Commands*>& stations);
/// Opens them, at the page of that title where there is one.
void show_help(const std::vector<Commands*>& stations, const QString& at, QWidget* parent);

}  // namespace anagraph::app
