// The session: what it performs is on disk, what it refuses changes nothing, and every station hears of it once.
#include "app/session/session.h"

#include <gtest/gtest.h>

#include <QSignalSpy>

#include "core/tape/logging.h"
#include "tests/place.h"
#include "tests/demo_copy.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::Scratch;
using anagraph::testing::place;

namespace {

class SessionOnDemo : public ::testing::Test {
protected:
    void SetUp() override {
        anagraph::testing::copy_demo_library(scratch / "library");
        auto library = store::Library::make_or_open(place(scratch / "library"));
        ASSERT_TRUE(library) << library.error().message;
        session = std::make_unique<Session>(std::move(*library));
        ASSERT_TRUE(session->open_guide(store::GuideId(anagraph::testing::kDemoGuide)));
    }
    core::Change rename(const char* heading) {
        core::Step s = session->procedure().steps[0];
        s.heading = heading;
        return {"write a heading", {core::Put<core::Step>{std::move(s), std::nullopt}}};
    }
    Scratch scratch;
    std::unique_ptr<Session> session;
};

}  // namespace

TEST_F(SessionOnDemo, WhatItPerformsIsOnDiskAndToldOnce) {
    QSignalSpy changed(session.get(), &Session::changed);
    ASSERT_TRUE(session->perform(rename("Warm it up")));
    EXPECT_EQ(changed.count(), 1);
    EXPECT_EQ(*session->library().load_guide(session->guide()), session->procedure());
    EXPECT_TRUE(session->saved_text().startsWith("saved"));
    // the same again changes nothing and is no step of undo
    ASSERT_TRUE(session->perform(rename("Warm it up")));
    EXPECT_EQ(changed.count(), 1);
}

TEST_F(SessionOnDemo, WhatItRefusesChangesNothingAndSaysWhy) {
    QSignalSpy failed(session.get(), &Session::failed);
    const auto before = session->procedure();
    EXPECT_FALSE(session->perform(core::Change{"remove", {core::Remove<core::StepId>{core::StepId("nowhere")}}}));
    EXPECT_EQ(session->procedure(), before);
    ASSERT_EQ(failed.count(), 1);
    EXPECT_FALSE(failed[0][0].toString().isEmpty());
    EXPECT_FALSE(session->can_undo());
}

TEST_F(SessionOnDemo, UndoAndRedoNameWhatTheyDoAndANewChangeEndsTheRedo) {
    const auto before = session->procedure();
    ASSERT_TRUE(session->perform(rename("a")));
    ASSERT_TRUE(session->perform(rename("b")));
    EXPECT_EQ(session->undo_label(), "write a heading");
    session->undo();
    session->undo();
    EXPECT_EQ(session->procedure(), before);
    EXPECT_FALSE(session->can_undo());
    session->redo();
    EXPECT_EQ(session->procedure().steps[0].heading, "a");
    ASSERT_TRUE(session->perform(rename("c")));
    EXPECT_FALSE(session->can_redo());
    EXPECT_EQ(*session->library().load_guide(session->guide()), session->procedure()) << "undone and redone work is saved too";
}

TEST_F(SessionOnDemo, AnotherGuideBeginsWithoutTheUndoOfTheFirst) {
    ASSERT_TRUE(session->perform(rename("a")));
    core::Header header;
    header.machine = "Perrick PT60";
    header.title = "oil change";
    ASSERT_TRUE(session->new_guide(header));
    EXPECT_FALSE(session->can_undo());
    EXPECT_TRUE(session->procedure().steps.empty());
    ASSERT_TRUE(session->open_guide(store::GuideId(anagraph::testing::kDemoGuide)));
    EXPECT_EQ(session->procedure().steps[0].heading, "a");
}
