// The window with the demo guide open, on a copy of the demo library.
#pragma once

#include "tests/app/window.h"
#include "tests/demo_copy.h"
#include "tests/scratch.h"

namespace anagraph::testing {

class OnDemoGuide : public ::testing::Test {
protected:
    void SetUp() override {
        copy_demo_library(scratch / "library");
        w = std::make_unique<Window>(scratch / "library");
        ASSERT_TRUE((*w)->session().open_guide(store::GuideId(kDemoGuide)));
    }
    const core::Procedure& guide() { return w->guide(); }
    app::Session& session() { return (*w)->session(); }

    Scratch scratch;
    std::unique_ptr<Window> w;
};

}  // namespace anagraph::testing
