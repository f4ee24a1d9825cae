// The help: the way from a recording to a guide, a page for each station with its picture and every command with its key, made
// from the tables of the stations.
#pragma once

#include <QString>
#include <vector>

#include "app/command/commands.h"
#include "core/base/result.h"

namespace anagraph::app {

struct HelpPage {
    QString title;
    QString html;
};

/// The pages in the order of the work.
std::vector<HelpPage> help_pages(const std::vector<Commands*>& stations);
/// Whether all these words stand on a page.
bool is_about(const HelpPage& page, const QString& words);
/// The same pages for a browser: FOLDER/index.html with its pictures. Errors: NoSpace, Unwritable.
core::Outcome write_help(const std::vector<Commands*>& stations, const std::string& folder);
/// Opens them, at the page of that title where there is one.
void show_help(const std::vector<Commands*>& stations, const QString& at, QWidget* parent);

}  // namespace anagraph::app
