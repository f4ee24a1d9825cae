// Measurements in the real window, a JSON list of lines each; see bench.h. Run by paint-bench.
#pragma once

#include <nlohmann/json.hpp>
#include <string>

#include "app/window/main_window.h"

namespace anagraph::bench {

/// Seconds the whole window takes to paint once, median.
double frame_of_painting(QWidget& window);

/// Resident memory of this process, MB.
double resident();

/// What an edit and a plate's layout cost, against a frame of painting.
nlohmann::json work_between_frames(app::MainWindow& window);
/// How long the window does not answer while a film with four hours of narration is brought in: the longest gap of a heartbeat by
/// the wall clock, from the drop to half a second after the last line is read; the median of three attempts.
nlohmann::json busy_during_import(const std::string& folder, const std::string& film);
/// An empty window, and the program's on a library, from their beginning to their end.
void open_empty_window();
void open_library(const std::string& folder);
/// A library of 10,000 guides, 2,000 recordings and 1,000,000 lines, made in `folder` where there is none: opened, searched,
/// closed, and its memory.
nlohmann::json large_library(const std::string& folder);

}  // namespace anagraph::bench
