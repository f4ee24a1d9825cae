// Figures in sentences of many trades, each said as people say them. One line a case: what was said, what is to be found.
#include <gtest/gtest.h>

#include "tests/core/narration/said.h"

using anagraph::core::testing::figures_of;

namespace {

struct Case {
    std::vector<std::string> lines;
    const char* figures;
};

void check(const std::vector<Case>& cases) {
    for (const auto& c : cases) EXPECT_EQ(figures_of(c.lines), c.figures) << c.lines.back();
}

}  // namespace

TEST(ReadFigures, Torques) {
    check({
        {{"the head bolts go to sixty five newton metres"}, "torque 65"},
        {{"torque the gland nut to 18 foot pounds"}, "torque 24.405"},
        {{"that banjo is twelve foot pounds no more"}, "torque 16.27"},
        {{"ninety inch pounds on the cover screws"}, "torque 10.169"},
        {{"tighten the caliper bolts to 35Nm"}, "torque 35"},
        {{"the wheel nuts want a hundred and ten newton metres"}, "torque 110"},
        {{"it's eight newtons on the little screws"}, "torque 8 hedged"},
        {{"tighten the plug to twenty pounds"}, "torque 27.116 hedged"},
        {{"between forty and fifty newton metres on the keel bolts"}, "torque 40-50"},
        {{"first twenty, then forty newton metres on the bolts"}, "torque 20; torque 40"},
        {{"the bolts take two point five newton metres"}, "torque 2.5"},
        {{"three kilogram metres on the hub nut"}, "torque 29.42"},
        {{"tighten the strap bolts to nine n m"}, "torque 9"},
        {{"about fifteen foot pounds on the lid bolts"}, "torque 20.337 hedged"},
    });
}

TEST(ReadFigures, TurnsAndAngles) {
    check({
        {{"then half a turn more"}, "turn 0.5"},
        {{"tighten it a further ninety degrees"}, "turn 0.25"},
        {{"back the screw off one and a half turns"}, "turn 1.5"},
        {{"an eighth of a turn on the adjuster"}, "turn 0.125"},
        {{"give the valve two full turns"}, "turn 2"},
        {{"two thirds of a turn by hand"}, "turn 0.66667"},
        {{"tighten by another sixty degrees"}, "turn 0.16667"},
        {{"turn the adjuster a quarter of a turn", "then another quarter"}, "turn 0.25; turn 0.25"},
        {{"give it a full turn"}, "turn 1"},
    });
}

TEST(ReadFigures, AmountsOfFluid) {
    check({
        {{"the headstock takes four point two litres of oil"}, "volume 4.2"},
        {{"pour in one and three quarter litres"}, "volume 1.75"},
        {{"it holds seven quarts"}, "volume 6.6245"},
        {{"two gallons of hydraulic oil"}, "volume 7.5708"},
        {{"put 250 ml in the reservoir"}, "volume 0.25"},
        {{"a hundred and fifty mil of oil in each fork leg"}, "volume 0.15"},
        {{"we drained nearly three litres of coolant"}, "volume 3 hedged"},
        {{"half a litre in the gearbox"}, "volume 0.5"},
        {{"three pints of oil in the sump"}, "volume 1.7048"},
        {{"six fluid ounces of oil"}, "volume 0.17744"},
        {{"thirty cc of grease oil in the hub"}, "volume 0.03"},
        {{"top it up with a quarter of a litre"}, "volume 0.25"},
        {{"the sump takes eleven", "litres of oil"}, "volume 11"},
        {{"five to six litres of oil depending on the filter"}, "volume 5-6"},
        {{"it's the two litre engine with a hundred horsepower"}, ""},
        {{"pour in two litres of oil", "then a half litre more"}, "volume 2; volume 0.5"},
    });
}

TEST(ReadFigures, Sizes) {
    check({
        {{"use a thirteen millimetre spanner on it"}, "size 13"},
        {{"undo it with a five eighths socket"}, "size 15.875"},
        {{"it's a 10 mil bolt"}, "size 10"},
        {{"that nut is a nineteen"}, "size 19"},
        {{"a six millimetre hex key in the grub screw"}, "size 6"},
        {{"these screws are T25"}, "size T25"},
        {{"they're m eight bolts"}, "size M8"},
        {{"seven sixteenths wrench on the flare nut"}, "size 11.113"},
        {{"the drain plug is a half inch square"}, "size 12.7"},
        {{"take the 24 socket for the cap"}, "size 24"},
        {{"the plug needs a three eighths hex"}, "size 9.525"},
        {{"the axle nut, that's a thirty two"}, "size 32"},
        {{"undo the clamp, eight millimetre, at the back"}, "size 8"},
    });
}

TEST(ReadFigures, GradesAndClasses) {
    check({
        {{"fill it with ten w forty"}, "grade 10W40"},
        {{"the oil is SAE 30"}, "grade SAE30"},
        {{"gear oil eighty w ninety g l four"}, "grade 80W90; grade GL4"},
        {{"hydraulic oil V G thirty two"}, "grade VG32"},
        {{"it must be 5W-30 and nothing else"}, "grade 5W30"},
        {{"brake fluid dot four"}, "grade DOT4"},
        {{"n l g i two grease in the nipple"}, "grade NLGI2"},
        {{"bolts of class ten point nine"}, "grade 10.9"},
        {{"those are 8.8 studs"}, "grade 8.8"},
        {{"you want 8.8 newton metres here"}, "torque 8.8"},
        {{"10.9 litres on this one"}, "volume 10.9"},
        {{"set the bolts to 8.8 to 9.4 newton metres"}, "torque 8.8-9.4"},
        {{"inflate it to 12.9 p s i"}, "pressure 88.942"},
        {{"oil to C I four, it says so on the can"}, "grade CI4"},
    });
}

TEST(ReadFigures, PartNumbersHoweverSpelt) {
    check({
        {{"the filter is part number K R 4 0 1 7"}, "part_number KR4017"},
        {{"order number h b dash two two nine"}, "part_number HB-229"},
        {{"the kit is number LT-5504"}, "part_number LT5504"},
        {{"part number eighteen dash three oh four b"}, "part_number 18-304B"},
        {{"seal number d f double four seven one"}, "part_number DF4471"},
    });
}

TEST(ReadFigures, PressuresTemperaturesAndSpeeds) {
    check({
        {{"pump the tyre up to two point four bar"}, "pressure 240"},
        {{"thirty two p s i in the front tyre"}, "pressure 220.63"},
        {{"the relief valve opens at 160 bar"}, "pressure 16000"},
        {{"the oil should be at sixty degrees"}, "temperature 60"},
        {{"freezer at minus twenty two degrees"}, "temperature -22"},
        {{"a hundred and forty degrees fahrenheit in the sump"}, "temperature 60"},
        {{"idle at eight hundred and fifty rpm"}, "speed 850"},
        {{"run the spindle at fifteen hundred revs"}, "speed 1500"},
        {{"the pressure is six bar", "now it's seven"}, "pressure 600; pressure 700"},
        {{"idle speed should be nine hundred"}, "speed 900"},
    });
}

TEST(ReadFigures, TimesAndIntervals) {
    check({
        {{"leave it for ten minutes"}, "duration 600"},
        {{"hold the button for five seconds"}, "duration 5"},
        {{"wait a quarter of an hour"}, "duration 900"},
        {{"let it stand half an hour"}, "duration 1800"},
        {{"wait two or three minutes"}, "duration 120-180"},
        {{"give it a couple of minutes"}, "duration 120"},
        {{"run it for a minute and a half"}, "duration 90"},
        {{"leave it a minute or two"}, "duration 60-120"},
        {{"cure overnight or twelve hours"}, "duration 43200"},
        {{"grease it every fifty hours"}, "interval 50 h"},
        {{"every 10000 kilometres or once a year"}, "interval 10000 km; interval 12 month"},
        {{"change it every six months"}, "interval 6 month"},
        {{"it's the five hundred hour service"}, "interval 500 h"},
        {{"look at it every week"}, "interval 0.22998 month"},
        {{"after the first twenty hours of work tighten them again"}, "interval 20 h"},
        {{"every two thousand hours or two years whichever comes first"}, "interval 2000 h; interval 24 month"},
    });
}

TEST(ReadFigures, TheWayPeopleShortenThem) {
    check({
        {{"grab your twelve and your fourteen"}, "size 12; size 14"},
        {{"ring spanner seventeen"}, "size 17"},
        {{"that's a big one thirty six millimetre across the flats"}, "size 36"},
        {{"it's a seven sixteenths on the union and half inch on the big one"}, "size 11.113; size 12.7"},
        {{"you want a T30 for these"}, "size T30"},
        {{"em six bolts all of them"}, "size M6"},
        {{"twelve nine cap heads"}, "grade 12.9"},
        {{"rev it up to two and a half thousand"}, "speed 2500"},
        {{"hold it at fifteen hundred"}, "speed 1500"},
        {{"idle is about nine fifty"}, "speed 950 hedged"},
        {{"tyres thirty two front thirty six rear psi"}, "pressure 220.63; pressure 248.21"},
        {{"two bar four on the gauge"}, "pressure 240"},
        {{"gap of nought point seven"}, "length 0.7"},
        {{"seven fifty mil of oil"}, "volume 0.75"},
        {{"takes one point two in the gearbox"}, "volume 1.2"},
        {{"I got eight hundred mil out and it takes nine fifty"}, "volume 0.8; volume 0.95"},
        {{"torque is forty newton metres plus ninety degrees"}, "torque 40; turn 0.25"},
        {{"turn and a half out from seated"}, "turn 1.5"},
        {{"six monthly"}, "interval 6 month"},
        {{"twice a year"}, "interval 6 month"},
        {{"good for five hundred hours"}, "interval 500 h"},
        {{"about seventy C"}, "temperature 70 hedged"},
        {{"the room is at minus seventeen already"}, "temperature -17"},
        {{"a fifty fifty mix of antifreeze"}, "percent 50"},
        {{"part number is six five dash three three one"}, "part_number 65-331"},
        {{"it's the B X forty two belt"}, "part_number BX42"},
        {{"eight point seven litres of oil in", "nine's in now that's plenty"}, "volume 8.7; volume 9"},
    });
}

TEST(ReadFigures, ReadingsOfTheMeter) {
    check({
        {{"the hour meter reads two thousand three hundred and six"}, "reading 2306 h"},
        {{"four hundred and twelve hours on the clock"}, "reading 412 h"},
        {{"the odometer shows eighteen thousand kilometres"}, "reading 18000 km"},
        {{"the clock says twelve forty hours"}, "reading 1240 h"},
        {{"last serviced at nine hundred and fifty hours"}, "reading 950 h"},
    });
}

TEST(ReadFigures, LengthsAndShares) {
    check({
        {{"the gap is point four millimetres"}, "length 0.4"},
        {{"ten to twelve millimetres of play"}, "length 10-12"},
        {{"the clearance wants to be four thou"}, "length 0.1016"},
        {{"chain slack of an inch and a half"}, "length 38.1"},
        {{"it's worn to five centimetres"}, "length 50"},
        {{"the belt should give fifteen mil in the middle"}, "length 15"},
        {{"the pads are about three millimetres thick"}, "length 3 hedged"},
        {{"forty percent glycol in the coolant"}, "percent 40"},
        {{"the gap is one millimetre", "measure again, point eight"}, "length 1; length 0.8"},
    });
}

TEST(ReadFigures, CountsOfThings) {
    check({
        {{"take out the four screws"}, "count 4"},
        {{"there are eight bolts on the flange"}, "count 8"},
        {{"pump it twelve times"}, "count 12"},
        {{"two small copper washers"}, "count 2"},
        {{"six of those hold the lid"}, "count 6"},
        {{"give each nipple three strokes"}, "count 3"},
        {{"how many bolts are there", "there are ten"}, "count 10"},
    });
}

TEST(ReadFigures, WhatIsNoFigure) {
    check({
        {{"it cost me forty dollars at the shop"}, ""},
        {{"it weighs about thirty kilos"}, ""},
        {{"a twelve volt battery of eighty amps"}, ""},
        {{"it was built in 1998"}, ""},
        {{"two hundred people have seen it"}, ""},
        {{"the first one is stuck"}, ""},
        {{"that was ten years ago"}, ""},
        {{"press the belt with thirty newtons of force"}, ""},
        {{"hang on a second"}, ""},
        {{"step four is next"}, ""},
        {{"the motor has five kilowatts at fifty hertz"}, ""},
    });
}

TEST(ReadFigures, ValuesTakenBackAloud) {
    check({
        {{"that's a fifteen, no, a seventeen on the drain plug"}, "size 17"},
        {{"tighten the nut to thirty, sorry, forty newton metres"}, "torque 40"},
        {{"two litres, no wait, two and a half litres of oil"}, "volume 2.5"},
    });
}

TEST(ReadFigures, HedgesInAllPlaces) {
    check({
        {{"roughly two litres of oil"}, "volume 2 hedged"},
        {{"two litres of oil or so"}, "volume 2 hedged"},
        {{"i think it's thirty newton metres"}, "torque 30 hedged"},
        {{"it's thirty newton metres i believe"}, "torque 30 hedged"},
        {{"just over three millimetres of play"}, "length 3 hedged"},
        {{"ten minutes, give or take"}, "duration 600 hedged"},
        {{"five bar or thereabouts"}, "pressure 500 hedged"},
        {{"maybe four bar"}, "pressure 400 hedged"},
        {{"less than four bar"}, "pressure 400"},
        {{"up to six litres"}, "volume 6"},
    });
}

TEST(ReadFigures, ASecondUnitIsASecondFigure) {
    check({{{"twenty foot pounds, twenty seven newton metres, on the bolts"}, "torque 27.116; torque 27"}});
}
