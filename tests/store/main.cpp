// Runs the store's tests; `test_store --write LIBRARY GUIDE` is the child that the kill test kills, `test_store --author LIBRARY GUIDE
// POST` an author of the played day.
#include <fmt/format.h>
#include <gtest/gtest.h>

#include <QCoreApplication>
#include <QTemporaryDir>

#include "store/library.h"
#include "tests/store/author_at_work.h"

using namespace anagraph;

int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    if (argc == 4 && std::string(argv[1]) == "--write") {
        auto library = store::Library::open(argv[2]);
        if (!library) return 3;
        const store::GuideId id(argv[3]);
        auto p = *(*library)->load_guide(id);
        for (int i = 0;; ++i) {
            core::Header h = p.header;
            h.site_note = std::to_string(i);
            const core::Change change{"note", {core::SetHeader{h}}};
            p = *core::apply(p, change);
            if (!(*library)->append(id, change, p, "author")) return 4;
            // only now is it called saved
            fmt::print("{}\n", i);
            std::fflush(stdout);
        }
    }
    if (argc == 5 && std::string(argv[1]) == "--author") return anagraph::testing::author_at_work(argv[2], argv[3], argv[4]);
    const QTemporaryDir home;  // what waits on this computer, what it fetched and its passwords are kept there
    for (const char* place : {"XDG_DATA_HOME", "XDG_CACHE_HOME", "XDG_CONFIG_HOME"}) qputenv(place, (home.path() + '/' + place).toUtf8());
    ::testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
