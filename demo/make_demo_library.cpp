// Makes the demo library: brings the two films in and writes the guide of the demo job, by the same functions the program
// uses.   make-demo-library FILMS_FOLDER LIBRARY_FOLDER [--guides-only]
//   --guides-only   nothing is issued, and nobody has worked by it

#include <fmt/format.h>

#include <QCoreApplication>
#include <chrono>
#include <string_view>

#include "demo/demo_library.h"
#include "demo/demo_runs.h"
#include "publish/clip_paint.h"

namespace {

/// The first edition, and a year of runs by it.
anagraph::core::Outcome worked_by(const std::string& folder) {
    auto library = anagraph::store::Library::open(folder);
    if (!library) return tl::make_unexpected(library.error());
    if (auto issued = anagraph::demo::issue_first_edition(**library); !issued) return issued;
    return anagraph::demo::work_by_it(**library, std::chrono::floor<std::chrono::days>(std::chrono::system_clock::now()));
}

}  // namespace

int main(int argc, char** argv) {
    const auto application = anagraph::publish::drawing_application(argc, argv);
    const bool guides_only = argc == 4 && std::string_view(argv[3]) == "--guides-only";
    if (argc != 3 && !guides_only) {
        fmt::print(stderr, "make-demo-library FILMS_FOLDER LIBRARY_FOLDER [--guides-only]\n");
        return 2;
    }
    auto made = anagraph::demo::make_demo_library(argv[1], argv[2]);
    if (made && !guides_only) made = worked_by(argv[2]);
    if (!made) fmt::print(stderr, "{}\n", made.error().message);
    return made ? 0 : 1;
}
