// An edition as a course for a learning platform: the pack as it was issued, and beside it the page that shows it and reports what the
// check comes to.
#pragma once

#include <string>
#include <vector>

#include "core/edition/edition.h"
#include "store/archive.h"

namespace anagraph::publish {

/// How the platform is spoken to: SCORM 1.2 (Content Aggregation Model, Run-Time Environment), or cmi5 (quartz) with xAPI 1.0.3.
enum class CourseForm { Scorm12, Cmi5 };

/// The files of the course but those of the pack, which lie in its folder "pack" under the names given.
std::vector<store::ArchiveEntry> course_files(
    const core::Edition& edition, const std::string& sha256, CourseForm form, const std::vector<std::string>& names_of_pack);

/// What stands before the names of the pack's files in a course.
inline constexpr const char* kCoursePack = "pack/";

}  // namespace anagraph::publish
