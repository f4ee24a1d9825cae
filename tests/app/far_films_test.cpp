// The window on a library whose films lie in an object store, at a computer that has fetched none of them yet.
#include <gtest/gtest.h>

#include <QElapsedTimer>

#include "app/film/coming_films.h"
#include "app/film/film_view.h"
#include "app/tape/tape_station.h"
#include "shop/verify.h"
#include "store/files.h"
#include "store/whole_library.h"
#include "tests/app/window.h"
#include "tests/demo_copy.h"
#include "tests/issued_library.h"
#include "tests/objects/own_bucket.h"

using namespace anagraph;
using namespace anagraph::app;
using namespace anagraph::testing;

TEST(FarFilms, TheSmallCopyComesFirstAndOfTheOriginalWhatIsLookedAt) {
    if (!with_objects() || !on_server()) GTEST_SKIP() << "no object store and server were started";
    const Scratch folder;
    copy_demo_library(folder / "library");
    store::GuideId issued;
    {
        auto library = store::Library::open(place(folder / "library"));
        ASSERT_TRUE(library) << library.error().message;
        issued = new_guide(**library, core::testing::engine(), "KQ-M4");
        ASSERT_FALSE(issue(**library, issued).empty());
    }
    const std::string at = far_place(folder / "far");
    const auto moved = store::move_library(place(folder / "library"), at);
    ASSERT_TRUE(moved) << moved.error().message;

    const Computer another(folder / "another");
    Window w(at);
    auto& session = w->session();
    ASSERT_TRUE(session.open_guide(store::GuideId(kDemoGuide)));
    const auto id = session.procedure().recordings.front().id;
    const auto* r = session.recording(id);
    ASSERT_NE(r, nullptr);
    EXPECT_FALSE(r->away) << "it can be had";
    EXPECT_TRUE(r->far);
    EXPECT_FALSE(r->narration.empty());
    ASSERT_TRUE(QTest::qWaitFor([&] { return !session.recording(id)->coming; }, 30000)) << "the small copy never came";
    r = session.recording(id);
    const std::string original = r->entry.path;
    EXPECT_FALSE(store::is_there(original)) << "the original stays where it is";

    FilmView film;
    film.resize(640, 360);
    film.show();
    ASSERT_TRUE(QTest::qWaitForWindowExposed(&film));
    film.open(r);
    ASSERT_TRUE(QTest::qWaitFor([&] { return !film.picture().isNull(); }, 30000));
    film.show_frame(120);
    ASSERT_TRUE(QTest::qWaitFor([&] { return film.shows_exact(); }, 30000)) << "its own frame never came";
    film.step_frames(1);
    EXPECT_FALSE(film.shows_exact()) << "that was of another frame";
    ASSERT_TRUE(QTest::qWaitFor([&] { return film.shows_exact(); }, 30000)) << "nor that of the next";
    // where it is stopped, too
    film.toggle_play();
    ASSERT_TRUE(QTest::qWaitFor([&] { return film.playing() && film.frame() > 125; }, 30000));
    EXPECT_FALSE(film.shows_exact());
    film.toggle_play();
    ASSERT_TRUE(QTest::qWaitFor([&] { return film.shows_exact(); }, 30000)) << "nor where it was stopped";
    EXPECT_FALSE(store::is_there(original)) << "only what was looked at came";
    film.open(nullptr);

    // a pack is read where it is asked about
    const auto pack = session.library().pack_folder(issued, 1);
    ASSERT_TRUE(pack);
    EXPECT_FALSE(store::is_there(*pack + "/guide.html"));
    const auto verdict = shop::verify(*pack, {"", at, true}, {});
    ASSERT_TRUE(verdict) << verdict.error().message;
    EXPECT_TRUE(verdict->known);
}

TEST(FarFilms, WhileTheObjectStoreIsAwayTheWindowStaysUsable) {
    if (!with_objects() || !on_server()) GTEST_SKIP() << "no object store and server were started";
    const Scratch folder;
    copy_demo_library(folder / "library");
    const std::string at = far_place(folder / "far", "ANAGRAPH_OBJECTS_WIRE");
    const auto moved = store::move_library(place(folder / "library"), at);
    ASSERT_TRUE(moved) << moved.error().message;
    const Computer another(folder / "another");
    plan(R"({"answer": "HTTP/1.1 503 Slow Down\r\nConnection: close\r\nContent-Length: 0\r\n\r\n"})");
    Window w(at);
    QElapsedTimer clock;
    clock.start();
    ASSERT_TRUE(w->session().open_guide(store::GuideId(kDemoGuide)));
    for (int stop = MainWindow::Tape; stop <= MainWindow::Logbook; ++stop) w->go(stop);
    EXPECT_LT(clock.elapsed(), 10000);
    EXPECT_TRUE(w->notice().contains("object store")) << w->notice().toStdString();
    // what is written does not need it
    core::Step s = w->session().procedure().steps.front();
    s.heading = "Warm it up";
    EXPECT_TRUE(w->session().perform(core::Change{"write a heading", {core::Put<core::Step>{s, std::nullopt}}}));
    plan("{}");
    const auto id = w->session().procedure().recordings.front().id;
    EXPECT_TRUE(QTest::qWaitFor([&] { return w->session().recording(id) != nullptr && !w->session().recording(id)->coming; }, 60000));
}
