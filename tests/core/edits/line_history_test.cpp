// Who wrote a line and what stood there before.
#include "core/edits/line_history.h"

#include <gtest/gtest.h>

#include "core/editing/split_line.h"
#include "core/tape/takes.h"
#include "tests/core/job.h"

using namespace anagraph::core;
namespace job = anagraph::core::testing;

namespace {

/// A guide with its journal.
struct Written {
    Procedure p = job::guide();
    std::vector<Journaled> journal;
    int day = 0;

    Written() {
        Change made{"begin", {}};
        for (const auto& s : p.steps) made.edits.emplace_back(Put<Step>{s, {}});
        journal.push_back({"day 0", "author", made});
    }
    void perform(const Result<Change>& change, const char* who = "author") {
        p = job::after(p, change);
        journal.push_back({"day " + std::to_string(++day), who, *change});
    }
    void lines(const char* step, std::vector<std::string> lines, const char* who = "author") {
        Step s = *p.find(StepId(step));
        s.lines = std::move(lines);
        perform(Change{"write", {Put<Step>{s, std::nullopt}}}, who);
    }
    std::vector<std::string> texts(const char* step, std::size_t line) const {
        std::vector<std::string> out;
        for (const auto& v : line_history(journal, StepId(step), line)) out.push_back(v.who + ": " + v.text);
        return out;
    }
};

using Texts = std::vector<std::string>;

}  // namespace

TEST(LineHistory, FollowsALineThroughChangesOfItsWords) {
    Written w;
    w.lines("one", {"Tighten the plug."});
    w.lines("one", {"Tighten the plug to 25."}, "checker");
    w.lines("two", {"Something else."});
    w.lines("one", {"Tighten the drain plug to 25."});
    EXPECT_EQ(w.texts("one", 0),
        (Texts{"author: Tighten the drain plug to 25.", "checker: Tighten the plug to 25.", "author: Tighten the plug."}));
}

TEST(LineHistory, AnotherLineBeforeItChangesNothingOfIt) {
    Written w;
    w.lines("one", {"Turn it in by hand.", "Tighten the plug."});
    w.lines("one", {"Look into the hole.", "Turn it in by hand.", "Tighten the plug."});
    w.lines("one", {"Look into the hole.", "Tighten the plug now."});
    EXPECT_EQ(w.texts("one", 1), (Texts{"author: Tighten the plug now.", "author: Tighten the plug."}));
    EXPECT_EQ(w.texts("one", 0), (Texts{"author: Look into the hole."}));
}

TEST(LineHistory, GoesWithALineIntoAnotherStepAndBack) {
    Written w;
    w.lines("one", {"Turn it in by hand.", "Tighten it."}, "checker");
    w.perform(split_at_line(w.p, StepId("one"), 1));
    const auto fresh = w.p.steps[1].id;
    EXPECT_EQ(w.texts(fresh.text().c_str(), 0), (Texts{"checker: Tighten it."})) << "splitting wrote nothing";
    w.perform(merge_with_next(w.p, StepId("one")));
    EXPECT_EQ(w.texts("one", 1), (Texts{"checker: Tighten it."}));
}

TEST(LineHistory, NothingForALineOrStepThatIsNotThere) {
    Written w;
    w.lines("one", {"Tighten it."});
    EXPECT_TRUE(w.texts("one", 1).empty());
    EXPECT_TRUE(w.texts("no", 0).empty());
    EXPECT_TRUE(line_history({}, StepId("one"), 0).empty());
}
