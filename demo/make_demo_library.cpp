// Makes the demo library: brings the two films in and writes the guide of the demo job, by the same functions the program
// uses.   make-demo-library FILMS_FOLDER LIBRARY_FOLDER

#include <fmt/format.h>

#include <QCoreApplication>

#include "demo/demo_library.h"

int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    if (argc != 3) {
        fmt::print(stderr, "make-demo-library FILMS_FOLDER LIBRARY_FOLDER\n");
        return 2;
    }
    const auto made = anagraph::demo::make_demo_library(argv[1], argv[2]);
    if (!made) fmt::print(stderr, "{}\n", made.error().message);
    return made ? 0 : 1;
}
