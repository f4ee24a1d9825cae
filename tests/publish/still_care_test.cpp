// Stills as they are shown: what is hidden is gone, the turned one has no empty corner, the dark one is brighter; and the
// drawings of the pack: hazards, presses, pairs, overlays of clips.
#include "publish/still_care.h"

#include <gtest/gtest.h>

#include <QPainter>
#include <QSvgRenderer>
#include <QXmlStreamReader>
#include <set>

#include "core/editing/usual_cautions.h"
#include "core/plate/still_frame.h"
#include "publish/clip_paint.h"
#include "publish/hazard_signs.h"
#include "publish/marks_svg.h"
#include "publish/plate_svg.h"
#include "publish/press_strip.h"

using namespace anagraph;
using namespace anagraph::core;
using namespace anagraph::publish;

namespace {

/// Light grey with a red square in the middle tenth.
QImage frame() {
    QImage image(640, 360, QImage::Format_RGB32);
    image.fill(QColor(200, 200, 200));
    QPainter(&image).fillRect(288, 162, 64, 36, Qt::red);
    return image;
}

int reds(const QImage& image) {
    int n = 0;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x) {
            const QColor c = image.pixelColor(x, y);
            n += c.red() > c.green() + 60 ? 1 : 0;
        }
    return n;
}

bool well_formed(const std::string& svg) {
    QXmlStreamReader reader(QByteArray::fromStdString(svg));
    while (!reader.atEnd()) reader.readNext();
    return !reader.hasError() && QSvgRenderer(QByteArray::fromStdString(svg)).isValid();
}

Procedure guide_with_stills() {
    Procedure p;
    p.items = {{ItemId("plug"), ItemKind::Fastener, "drain plug", "", ""}, {ItemId("cap"), ItemKind::Part, "cap", "", ""}};
    p.figures = {{FigureId("hold"), FigureKind::Duration, {}, "held", {"5", "", "s"}, "", {}, {}, ""}};
    return p;
}

}  // namespace

TEST(StillCare, WhatIsHiddenIsGoneWhateverElseIsDone) {
    StillCare care;
    care.hidden = {{4400, 4400, 5600, 5600}};
    EXPECT_GT(reds(frame()), 2000);
    EXPECT_EQ(reds(cared_for(frame(), care)), 0);
    care.tilt = 120;
    care.crop = {3000, 3000, 7000, 7000};
    care.brighten = 60;
    EXPECT_EQ(reds(cared_for(frame(), care)), 0);
}

TEST(StillCare, NoEdgeOfWhatIsHiddenIsLeftWhateverThePixels) {
    QImage image(641, 359, QImage::Format_RGB32);
    image.fill(Qt::red);
    StillCare care;
    care.hidden = {{3333, 1, 6667, 9999}};
    const QImage out = cared_for(image, care);
    EXPECT_EQ(reds(out.copy(641 * 3333 / 10000, 0, 641 * 6667 / 10000 - 641 * 3333 / 10000 + 1, 359)), 0);
}

TEST(StillCare, ACutIsAsLargeAsItsEdgesSay) {
    QImage image(1280, 720, QImage::Format_RGB32);
    image.fill(Qt::gray);
    StillCare care;
    care.crop = {900, 1200, 8900, 9200};
    EXPECT_EQ(cared_for(image, care).size(), QSize(1024, 576));
    care.crop = {0, 0, 10000, 5000};
    EXPECT_EQ(cared_for(image, care).size(), QSize(1280, 360));
}

TEST(StillCare, ATurnedStillHasNoEmptyCornerAndKeepsItsSize) {
    for (const int tilt : {-150, -31, 7, 150}) {
        StillCare care;
        care.tilt = tilt;
        const QImage out = cared_for(frame(), care);
        EXPECT_EQ(out.size(), frame().size());
        for (const QPoint corner : {QPoint(1, 1), QPoint(638, 1), QPoint(1, 358), QPoint(638, 358)})
            EXPECT_NEAR(out.pixelColor(corner).red(), 200, 3) << tilt;
    }
}

TEST(StillCare, APlaceOfTheGeometryIsThePlaceOnThePicture) {
    QImage image(1000, 600, QImage::Format_RGB32);
    image.fill(Qt::black);
    QPainter(&image).fillRect(695, 145, 10, 10, Qt::white);  // about (7000, 2500)
    StillCare care;
    care.tilt = 80;
    care.crop = {1000, 500, 9500, 9000};
    const QImage out = cared_for(image, care);
    const Place at = shown_at({7000, 2500}, care, 1000.0 / 600);
    EXPECT_GT(out.pixelColor(at.x * out.width() / 10000, at.y * out.height() / 10000).red(), 128);
}

TEST(StillCare, ADarkStillIsBrightenedAndBlackAndWhiteStay) {
    QImage image(3, 1, QImage::Format_RGB32);
    image.setPixelColor(0, 0, Qt::black);
    image.setPixelColor(1, 0, QColor(40, 40, 40));
    image.setPixelColor(2, 0, Qt::white);
    StillCare care;
    care.brighten = 60;
    const QImage out = cared_for(image, care);
    EXPECT_EQ(out.pixelColor(0, 0), QColor(Qt::black));
    EXPECT_GT(out.pixelColor(1, 0).red(), 80);
    EXPECT_EQ(out.pixelColor(2, 0), QColor(Qt::white));
    EXPECT_EQ(cared_for(image, {}), image) << "left alone it is the frame";
}

TEST(Magnifier, ShowsTheDetailTwiceAsLargeAndIsClearOutside) {
    const QImage lens = magnified(frame(), {5000, 5000}, 40);
    EXPECT_EQ(lens.size(), QSize(80, 80));
    EXPECT_EQ(lens.pixelColor(40, 40).red(), 255);
    EXPECT_EQ(qAlpha(lens.pixel(1, 1)), 0);
    EXPECT_EQ(lens.pixelColor(40, 40 + 34).green(), 0) << "17 pixels of the frame away it is the square still";
    EXPECT_EQ(lens.pixelColor(40, 40 + 38).green(), 200) << "19 pixels away it is not";
}

TEST(HazardSigns, EveryHazardHasItsOwnDrawing) {
    std::set<std::string> seen{hazard_svg("", "#000", "#fff")};
    std::set<std::string_view> symbols;
    for (const auto& h : hazards()) {
        const auto svg = hazard_svg(h.symbol, "#000000", "#ffffff");
        EXPECT_TRUE(well_formed(svg)) << h.id;
        EXPECT_EQ(svg.find('@'), std::string::npos) << h.id;
        if (symbols.insert(h.symbol).second) {
            EXPECT_TRUE(seen.insert(svg).second) << h.id << " looks like another";
        }
    }
    EXPECT_GE(symbols.size(), 9U);
    EXPECT_EQ(hazard_svg("unheard-of", "#000", "#fff"), hazard_svg("", "#000", "#fff"));
}

TEST(PressStrip, DrawsEveryPressAndSaysItInWords) {
    const ResetSequence r{"two buttons", {},
        {{Press::Kind::Hold, "MODE + SET", 1, FigureId("hold"), "SErv"}, {Press::Kind::Press, "SET", 3, {}, "100 h"},
            {Press::Kind::Hold, "A & B", 1, {}, ""}}};
    const auto svg = press_strip(guide_with_stills(), r);
    EXPECT_TRUE(well_formed(svg));
    for (const char* part : {"hold 5 s", "press, 3 ×", "MODE + SET", "100 h", "A &amp; B", "time not known"})
        EXPECT_NE(svg.find(part), std::string::npos) << part;
    EXPECT_EQ(press_words(guide_with_stills(), r),
        "Hold MODE + SET for 5 s; it then shows SErv. Press SET 3 times; it then shows 100 h. Hold A & B for a time that is not known.");
}

TEST(Pairs, EveryRoleIsToldByShapeAndWord) {
    std::set<std::string> seen;
    for (const auto role : {PairRole::Before, PairRole::After, PairRole::Right, PairRole::Wrong, PairRole::New, PairRole::Old}) {
        EXPECT_EQ(counterpart(counterpart(role)), role);
        Plate plate{PlateId("p"), RecordingId("r"), {}, "the plug", {}};
        plate.role = role;
        std::string word(name_of(role));
        for (auto& c : word) c = static_cast<char>(std::toupper(c));
        auto svg = marks_svg(guide_with_stills(), plate, 640, 360);
        EXPECT_NE(svg.find(">" + word + "<"), std::string::npos);
        svg.erase(svg.find("<text"));
        EXPECT_TRUE(seen.insert(svg).second) << word << " has no shape of its own";
        EXPECT_NE(plate_words(guide_with_stills(), plate, {}).find(": the plug"), std::string::npos);
    }
}

TEST(OffOrder, IsDrawnFromPartToPartAndToldBothWays) {
    Plate plate{PlateId("p"), RecordingId("r"), {}, "",
        {{ItemId("plug"), {2000, 2000}, {1000, 1000}}, {ItemId("cap"), {8000, 2000}, {9000, 1000}}}};
    const auto bare = marks_svg(guide_with_stills(), plate, 640, 360);
    plate.off_order = {ItemId("cap"), ItemId("plug")};
    EXPECT_GT(marks_svg(guide_with_stills(), plate, 640, 360).size(), bare.size());
    const std::map<ItemId, int> numbers{{ItemId("plug"), 1}, {ItemId("cap"), 2}};
    EXPECT_EQ(off_order_words(plate, numbers), "Comes off in the order 2, 1; goes back in the order 1, 2.");
    EXPECT_NE(plate_words(guide_with_stills(), plate, numbers).find("Comes off"), std::string::npos);
}

TEST(ClipOverlay, IsThereForItsTimeAndLiesUprightOnATurnedFilm) {
    const RecordingId r("r");
    Clip clip{{r, FrameTime(0, 1), FrameTime(10, 1)}};
    EXPECT_FALSE(clip_options(guide_with_stills(), clip, 0, 1).paint) << "nothing is drawn, so nothing is converted";
    clip.marks = {{{PlateSign::Pull, {1000, 5000}, {9000, 5000}}, {}, FrameTime(2, 1), FrameTime(4, 1)},
        {{PlateSign::Look, {5000, 5000}, {6000, 2000}}, ItemId("cap"), FrameTime(3, 1), FrameTime(5, 1)}};
    EXPECT_TRUE(clip_overlay(guide_with_stills(), clip, FrameTime(1, 1), 640, 360).empty());
    EXPECT_TRUE(well_formed(clip_overlay(guide_with_stills(), clip, FrameTime(2, 1), 640, 360)));
    EXPECT_EQ(clip_overlay(guide_with_stills(), clip, FrameTime(2, 1), 640, 360).find("<text"), std::string::npos);
    EXPECT_NE(clip_overlay(guide_with_stills(), clip, FrameTime(3, 1), 640, 360).find("<text"), std::string::npos)
        << "the number of an item";
    EXPECT_TRUE(clip_overlay(guide_with_stills(), clip, FrameTime(5, 1), 640, 360).empty());
    // stored on its side: the arrow runs across the picture as it is seen, so down the stored one
    for (const int rotation : {0, 90, 180, 270}) {
        const auto options = clip_options(guide_with_stills(), clip, rotation, 1);
        EXPECT_TRUE(options.paints(FrameTime(2, 1)));
        EXPECT_FALSE(options.paints(FrameTime(6, 1)));
        media::Picture p{300, 200, std::vector<std::uint8_t>(300UL * 200 * 4, 255)};
        options.paint(p, FrameTime(2, 1));
        int across = 0;
        int down = 0;
        const auto dark = [&](int x, int y) { return p.bgra[(static_cast<std::size_t>(y) * 300 + static_cast<std::size_t>(x)) * 4] < 90; };
        for (int x = 0; x < 300; ++x) across += dark(x, 100) ? 1 : 0;
        for (int y = 0; y < 200; ++y) down += dark(150, y) ? 1 : 0;
        EXPECT_EQ(across > down, rotation % 180 == 0) << rotation;
    }
}
