// Backups: a library put into one file again and again, in a folder of another disk or on a stick. Each is tried by opening it; the last
// three stay.
#pragma once

#include <chrono>
#include <optional>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "store/files.h"

namespace anagraph::store {

inline constexpr int kBackupsKept = 3;

struct Backup {
    std::string file;
    std::chrono::sys_days day;
    std::int64_t bytes = 0;
};

/// Those of a library in a folder, the latest first. They are called NAME-2026-12-01.zip, where NAME tells the library.
std::vector<Backup> backups_in(const std::string& folder, const std::string& library);

/// Whether another is due: `every` days after the last, or where there is none.
bool is_backup_due(const std::vector<Backup>& there, std::chrono::sys_days today, int every);

/// Makes one of today, in place of one of the same day, tries it, and lets those go that are more than kBackupsKept. Errors: those of
/// archive_library() and try_archive(); NotFound where the folder is not there, as where a stick is not put in. Then the older ones stay.
core::Result<Backup> back_up(
    const std::string& library, const std::string& folder, std::chrono::sys_days today, const Progress& progress = {});

}  // namespace anagraph::store
