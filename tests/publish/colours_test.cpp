#include "publish/colours.h"

#include <gtest/gtest.h>

#include <QColor>

#include "publish/marks_svg.h"
#include "publish/plate_svg.h"
#include "publish/resource.h"

using namespace anagraph;

namespace {

/// Contrast after WCAG 2, from 1 to 21.
double contrast(const std::string& a, const std::string& b) {
    const auto light = [](const std::string& name) {
        const QColor c(QString::fromStdString(name));
        const auto part = [](double v) { return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
        return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
    };
    const auto [low, high] = std::minmax({light(a), light(b)});
    return (high + 0.05) / (low + 0.05);
}

}  // namespace

TEST(Colours, StandInTheStyleByTheirNamesAndOtherWordsStay) {
    EXPECT_EQ(publish::with_colours("a{color:@ink}@media print{b{color:@accent_dark;}}"),
        "a{color:" + publish::colour("ink") + "}@media print{b{color:" + publish::colour("accent_dark") + ";}}");
    EXPECT_EQ(publish::with_colours("who@example @ @"), "who@example @ @");
    EXPECT_EQ(publish::colour("wombat"), "");
    for (const char* part : {"guide.css", "guide.html", "reshoot.html"}) {
        EXPECT_NE(publish::resource(part).find("@ink"), std::string::npos) << part;
        EXPECT_EQ(publish::template_text(part).find("@ink"), std::string::npos) << part;
    }
}

TEST(Colours, ASignalWordIsReadOnItsGround) {
    for (const auto& signal : core::all_of<core::Signal>()) {
        const auto colours = publish::signal_colours(signal.value);
        EXPECT_GE(contrast(colours.ground, colours.on), 4.5) << signal.name;
    }
}

TEST(Colours, InEverySetWordsAreReadOnEveryGroundAndShapesAreSeen) {
    for (const auto& set : core::all_of<publish::ColourSet>()) {
        const auto on = [&](const char* what, const char* ground) {
            return contrast(publish::colour(what, set.value), publish::colour(ground, set.value));
        };
        for (const char* ground : {"paper", "sheet", "white"}) {
            EXPECT_GE(on("ink", ground), 7) << set.name << " on " << ground;
            for (const char* words : {"second", "accent", "danger", "seen", "good", "caution_ink"})
                EXPECT_GE(on(words, ground), 4.5) << set.name << ": " << words << " on " << ground;
            EXPECT_GE(on("strong", ground), 3) << set.name << ": the edge of a field on " << ground;
        }
        for (const char* ground : {"wash", "key", "band"})
            for (const char* words : {"ink", "second", "accent"})
                EXPECT_GE(on(words, ground), 4.5) << set.name << ": " << words << " on " << ground;
        EXPECT_GE(on("on_accent", "accent"), 4.5) << set.name;
        EXPECT_GE(on("on_film", "film"), 4.5) << set.name;
    }
    EXPECT_GE(contrast(publish::colour("second", publish::ColourSet::Contrast), publish::colour("sheet", publish::ColourSet::Contrast)), 7);
    EXPECT_EQ(publish::colour("ink"), publish::colour("ink", publish::ColourSet::Light)) << "what goes out is light";
    EXPECT_EQ(publish::with_colours("@ink", publish::ColourSet::Dark), publish::colour("ink", publish::ColourSet::Dark));
    EXPECT_EQ(publish::colour("warning", publish::ColourSet::Dark), publish::colour("warning"))
        << "a signal word's ground is the standard's";
}

TEST(Colours, ADrawingIsMadeOfColoursOfTheTable) {
    core::Plate plate;
    plate.callouts = {{core::ItemId("plug"), {2000, 2000}, {6000, 6000}}};
    plate.role = core::PairRole::Right;
    const std::string svg = publish::marks_svg({}, plate, 1280, 720) + publish::callouts_svg(plate, {{core::ItemId("plug"), 7}}, 1280, 720);
    int colours = 0;
    for (const std::string start : {"fill=\"", "stroke=\""})
        for (auto at = svg.find(start); at != std::string::npos; at = svg.find(start, at + 1)) {
            const auto from = at + start.size();
            const std::string value = svg.substr(from, svg.find('"', from) - from);
            EXPECT_TRUE(value == "none" || value == publish::colour("ink") || value == publish::colour("white")) << value;
            ++colours;
        }
    EXPECT_GT(colours, 6);
}
