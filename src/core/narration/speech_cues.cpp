#include "core/narration/speech_cues.h"

#include <algorithm>

namespace anagraph::core {
namespace {

using lexicon::Class;
using lexicon::is;

constexpr WordList kNegated =
    "not no never can't cannot couldn't won't don't didn't doesn't isn't wasn't wouldn't shouldn't mustn't ain't unable hardly barely dont "
    "cant wont couldnt nothing nobody";
constexpr WordList kCannot = "can't cannot couldn't won't cant wont couldnt unable wouldn't hardly barely";
constexpr WordList kWill =
    "will you'll it'll that'll they'll she'll he'll would you'd it'd can could might may gonna going i'll we'll 'll must";
constexpr WordList kSelf = "i we i've we've i'm we're i'd me my us";
constexpr WordList kViewer = "you you'll you're you've you'd they they'll they've folks guys everybody everyone anybody people";
constexpr WordList kCamera =
    "camera cameras lens phone tripod microphone recording footage video film filming filmed record shot frame picture screen clip";
constexpr WordList kFilmed = "show showed shown film filmed record recorded";
constexpr WordList kSeen = "see seen saw";
constexpr WordList kExclaims = "oops whoops bugger damn blast drat shoot heck crikey dang crap darn argh yikes ah oh ooh aw";
constexpr WordList kHot =
    "hot sharp live poisonous heavy slippery slick boiling scalding corrosive explosive flammable toxic loaded charged";
constexpr WordList kThere = "there here right that this how it the where";

/// A stretch with the questions that several cues ask.
class Cues {
public:
    explicit Cues(const Line& line) : line_(line) {}

    std::vector<SpeechCue> all() {
        warnings();
        harm();
        limits();
        slips();
        corrections();
        camera();
        seeing();
        return std::move(out_);
    }

private:
    void give(std::string_view name) {
        if (std::find(out_.begin(), out_.end(), SpeechCue{name}) == out_.end()) out_.push_back({name});
    }
    void give(bool holds, std::string_view name) {
        if (holds) give(name);
    }
    std::string_view at(std::size_t i) const { return line_.at(i); }
    bool any_of(const WordList& words) const { return line_.any_of(words); }
    /// Is one of the words within so many before i, in its clause?
    bool before(std::size_t i, std::size_t far, const WordList& words) const {
        const std::size_t from = std::max(line_.clause_begin(i), i > far ? i - far : 0);
        return line_.any_of(words, from, i);
    }
    bool after(std::size_t i, std::size_t far, const WordList& words) const {
        return line_.any_of(words, i + 1, std::min(line_.clause_end(i), i + 1 + far));
    }
    bool any_harm(std::size_t from, std::size_t to) const { return line_.any(Class::Harm, from, to) || line_.any(Class::Spoil, from, to); }

    // -- warnings

    void warnings() {
        give(any_of("caution warning danger dangerous beware poisonous lethal toxic explosive hazard hazardous attention"),
            "a word of warning");
        give(line_.has("careful"), "a call to be careful");
        give(any_of("carefully gently gentle easy gingerly"), "gently");
        give(line_.any(Class::Wear) && any_of("wear wearing on put need use always first please want get your"),
            "protective gear is put on");
        for (std::size_t i = 0; i < line_.size(); ++i) {
            const auto w = at(i);
            const auto next = at(i + 1);
            if (listed("watch mind look", w) && listed("out your the that for yourself", next) && !listed("i we to", line_.before(i)))
                give(next == "out" || next == "your" || next == "yourself" ? "a call to watch out" : "a call to mind something");
            if (listed("keep stay stand get hold", w) && after(i, 4, "clear back away out off well aside")) give("a call to keep away");
            if (w == "nobody" || (w == "everybody" && after(i, 2, "clear out back away"))) give("nobody may be there");
            forbidden(i);
            if (listed("lock locked padlock isolate isolated unplug unplugged chock chocks chocked", w)) give("the machine is made safe");
            if (listed("stand stands", w) && listed("jack axle", line_.before(i))) give("it is held up safely");
            if (w == "key" && any_of("out pocket remove take pull")) give("the key is taken");
            if (listed("disconnect unhook pull", w) && after(i, 4, "battery negative ground wire lead plug"))
                give("the machine is made safe");
        }
        give(any_of("under underneath") && any_of("jack jacked lift lifted raised hoist") &&
                (any_of(kNegated) || any_of("before until trust")),
            "nobody goes under what is lifted");
        give(any_of("kilos kilo kg pounds lbs heavy heavier weighs weight") &&
                any_of("lift lifting helper two help drop drops foot back under"),
            "a weight");
        give(any_of("pressure charge current volts voltage spring tension") &&
                any_of("still under holds hold stored even left trapped release"),
            "it is under pressure, tension or current");
        give(any_of("start starts") && any_of("itself own nobody somebody someone accidentally"), "it may start");
        give(any_of("hospital fire burned burnt lost finger blind killed") &&
                any_of("he she guy man friend buddy neighbor neighbour cousin once"),
            "an accident is told");
    }

    void forbidden(std::size_t i) {
        const auto w = at(i);
        const bool dont = listed("don't dont mustn't", w) || (w == "not" && listed("do must should may", line_.before(i)));
        const auto subject = line_.before(i, w == "not" ? 2 : 1);
        std::size_t k = i + 1;
        while (k + 1 < line_.size() && listed("ever you go try and just be let", at(k))) ++k;
        const auto verb = at(k);
        if (dont) {
            if (listed(kSelf, subject) || listed("they he she people some most folks", subject)) return give("what somebody does not do");
            if (listed("have need", verb)) return give("what need not be done");
            if (listed("worry think know like care mind see remember forget mean believe", verb)) return give("a mild do not");
            if (subject == "you" && verb != "want") return give("what you do not do");
            if (verb == "want") return give("what is not wanted");
            give(any_harm(i, line_.clause_end(i)) ? "what must not be done, and its harm"
                    : lexicon::work_verb(verb)    ? "something that must not be done"
                                                  : "something not to be done");
        } else if (w == "never") {
            if (listed("i we i've we've he she they it was had has have", subject)) return give("what never was");
            give(listed("mind been seen saw again", verb) ? "a mild never" : "something never to be done");
        } else if (w == "no" && verb.ends_with("ing") && verb.size() > 5 && !is(Class::Part, verb)) {
            give("something that must not be done");
        } else if (listed("no not", w) && (is(Class::Tool, verb) || (listed("a the with any", verb) && is(Class::Tool, at(k + 1))))) {
            give("a tool that must not be used");
        } else if (w == "not" && line_.starts_clause(i) && listed("down in into on near over past against too more by with", verb)) {
            give("where or how it must not be done");
        }
    }

    // -- harm and damage

    void harm() {
        std::size_t harms = 0;
        std::size_t spoils = 0;
        for (std::size_t i = 0; i < line_.size(); ++i) {
            harms += line_.any(Class::Harm, i, i + 1) ? 1 : 0;
            spoils += line_.any(Class::Spoil, i, i + 1) ? 1 : 0;
            if (!any_harm(i, i + 1)) continue;
            if (before(i, 5, kWill)) give("harm or damage that may come");
            if (before(i, 7, "if otherwise or else unless because cause so then")) give("harm or damage that would follow");
            if (before(i, 5, kNegated)) give("harm or damage denied");
            if (before(i, 5, "was were had got been last once already used")) give("harm or damage that was");
            if (after(i, 3, "your you yourself") || line_.any(Class::Body, i + 1, i + 5)) give("harm, and to whom");
            if (at(i).ends_with("s") && before(i, 1, "it that they she he water oil grease dirt air plastic"))
                give("what it does to a thing");
        }
        give(harms > 0, "a word of harm");
        give(harms > 1, "several words of harm");
        give(spoils > 0, "a word of damage");
        give(spoils > 1, "several words of damage");
        const bool body = line_.any(Class::Body) &&
            !line_.says_any({"by hand", "hand tight", "finger tight", "on hand", "other hand", "right hand", "left hand", "the back"});
        give(body && any_of("your you fingers hands yourself"), "a part of the body");
        give(body && any_of("keep watch mind out away clear between near under in"), "a part of the body, and where it must not be");
        give(any_of("your you") && any_of("eye eyes face skin lungs foot toes fingers hair sleeve sleeves"), "what it would do to you");
        give(line_.has("otherwise") || line_.says("or else"), "what happens otherwise");
        for (std::size_t i = 1; i < line_.size(); ++i) {
            if (line_.before(i) == "or" && listed("you'll you it'll it she'll they'll you're", at(i))) give("what happens otherwise");
            if (at(i) == "that's" && after(i, 4, "gone dead finished scrap ruined toast junk")) give("what it would cost");
            if (listed("buy buying pay paying cost", at(i)) && before(i, 5, kWill) && after(i, 5, "new another"))
                give("what it would cost");
            if (listed(kHot, at(i)) && before(i, 4, "is it's are that's they're still gets as there's be real very pretty so"))
                give(
                    before(i, 5, kNegated) || before(i, 5, "if when until how") ? "hot or sharp, and not now" : "it is hot, sharp or live");
        }
        give(line_.any(Class::Soft), "something soft");
        give(line_.any(Class::Soft) && (spoils > 0 || any_of(kNegated) || any_of("only just easy careful remember")),
            "something soft gives way");
        give(line_.any(Class::Fluid) && any_of("ground drain sink river pond soil sewer sea harbour ditch bin trash") && any_of(kNegated),
            "where it must not go");
        give(any_of("mix mixed mixing confuse confused swap swapped") && (any_of(kNegated) || any_of("or because")),
            "things not to be confused");
    }

    void limits() {
        for (std::size_t i = 0; i < line_.size(); ++i) {
            const auto w = at(i);
            if (w == "too" && listed("tight much far hard hot fast long high full deep", at(i + 1)))
                give(
                    before(i, 7, kNegated) || before(i, 7, "if or") || any_harm(0, line_.size()) ? "too much, and what of it" : "too much");
            if (listed("overtighten overfill overtightened overfilled overdo overheat", w) ||
                (w == "over" && listed("tighten fill tightened tight", at(i + 1))))
                give("too much, and what of it");
            if (listed("more further tighter", w) && before(i, 2, "no not any don't")) give("a limit not to be passed");
            if (w == "only" && (before(i, 3, "hand finger") || after(i, 3, "hand finger plastic"))) give("a limit not to be passed");
            if (listed("crank force lean hammer pry yank", w) && before(i, 4, kNegated)) give("force forbidden");
        }
    }

    // -- slips

    void slips() {
        for (std::size_t i = 0; i < line_.size(); ++i) {
            const auto w = at(i);
            const bool first = line_.starts_clause(i);
            if (listed("should've shoulda", w) || (w == "should" && listed("have of", at(i + 1))) || (w == "ought" && at(i + 2) == "have"))
                give(before(i, 3, "i we you i'd") ? "it should have been done before" : "it should be so");
            if (listed("forgot forgotten omitted overlooked skipped missed", w))
                give(before(i, 4, "i we i've we've almost nearly") || first ? "the speaker forgot something" : "something forgotten");
            if (w == "forget") give(before(i, 2, kNegated) ? "do not forget" : before(i, 3, kSelf) ? "the speaker forgets" : "forgetting");
            if (listed("meant", w) && before(i, 2, "i we")) give("what was meant");
            if (w == "mean" && before(i, 1, "i")) give("what is meant");
            if (w == "said" && before(i, 2, "i i've we"))
                give(any_of("no wrong but wait actually it's that's before and") ? "what was said, and now" : "what was said");
            if (listed("told", w) && before(i, 2, "i i've")) give("what was told");
            if (w == "wrong") give(before(i, 4, "the that's i was it's got had is") ? "it is wrong" : "a word of wrong");
            if (listed("backwards backward", w) || (w == "upside" && at(i + 1) == "down") || line_.stands_at("back to front", i) ||
                line_.stands_at("other way round", i) || line_.stands_at("other way around", i))
                give(before(i, 6, "it's i is that's got put in on was") ? "it is the wrong way round" : "which way round it goes");
            if (listed("where where's where'd", w) && (first || before(i, 2, "now oh so okay hey and")) &&
                after(i, 4, "my i is did are that the it") && !line_.any_of("this goes it's you your", i + 1, i + 4))
                give("something is looked for");
            if (listed("find", w) && before(i, 3, "can't cannot couldn't")) give("something is not found");
            if (listed("dropped fell fallen rolled lost broke snapped stripped", w) && before(i, 3, "i i've it it's just we and oh there"))
                give(before(i, 6, "if don't you'll when or never last once he") ? "a mishap that may be" : "a mishap");
            if (listed(kExclaims, w) && first)
                give(listed("ah oh ooh aw", w)
                        ? (listed("no wait hang sorry shoot man boy crap dear damn", at(i + 1)) ? "an exclamation" : "a small exclamation")
                        : "an exclamation");
            if (listed("sorry apologies", w)) give(first ? "an apology first" : "an apology");
            if (listed("actually", w)) give(first ? "actually, and then something else" : "actually");
            if (listed("correction misread misspoke", w) || (listed("scratch strike ignore", w) && at(i + 1) == "that") ||
                line_.stands_at("tell a lie", i) || line_.stands_at("or rather", i) || line_.stands_at("take that back", i))
                give("the speaker corrects himself");
            if (listed("mistake fault bad", w) && line_.before(i) == "my") give("the speaker takes the blame");
            if (listed("let lemme", w) && line_.any_of("back again over redo restart", i + 1, i + 7) && line_.any_of("me lemme", i, i + 2))
                give("the speaker begins again");
            if (listed("before", w) && listed("that this all i you we", at(i + 1)) && any_of("should forgot did have first"))
                give("something from earlier");
            if (listed("wait", w) && (first || before(i, 2, "oh no but hang")) && listed("a no that", at(i + 1)))
                give("the speaker stops himself");
            if (listed("hang hold", w) && at(i + 1) == "on" && first && !line_.any_of("to the it", i + 2, i + 4))
                give("the speaker stops himself");
        }
    }

    /// "thirty two, no, thirty six", "twelve newtons. Newton metres, I mean": a number or its unit said again, otherwise.
    void corrections() {
        for (std::size_t i = 1; i + 1 < line_.size(); ++i) {
            if (listed("no nah nope sorry wait rather actually", at(i)) && !listed("more less need one problem longer", at(i + 1))) {
                bool earlier = false;
                for (std::size_t k = i > 4 ? i - 4 : 0; k < i && !earlier; ++k)
                    earlier = read_number(line_.words, k).has_value() && at(k) != "oh";
                bool later = false;
                for (std::size_t k = i + 1; k < std::min(line_.size(), i + 5) && !later; ++k)
                    later = read_number(line_.words, k).has_value() && at(k) != "one";
                if (earlier && later) give("a number said again, otherwise");
            }
            if (listed("newtons newton", at(i)) && !listed("metre metres meter meters", at(i + 1)))
                for (std::size_t k = i + 1; k < std::min(line_.size(), i + 5); ++k)
                    if (at(k) == "newton" && listed("metre metres meter meters", at(k + 1))) give("a unit put right");
            if (listed("no nah nope", at(i)) && line_.words[i].sentence_start && line_.words[i + 1].clause_start)
                give("something is taken back");
            if (listed("no nope", at(i)) && line_.words[i].clause_start && listed("wait sorry hang that's it's not the", at(i + 1)))
                give("something is put right after a no");
        }
    }

    // -- what the picture shows

    void camera() {
        const bool camera = any_of(kCamera);
        give(camera, "the film is spoken of");
        for (std::size_t i = 0; i < line_.size(); ++i) {
            const auto w = at(i);
            if (listed(kFilmed, w)) {
                if (before(i, 5, kNegated))
                    give("it is not shown");
                else if (before(i, 5, "would i'd wish could've wanted like"))
                    give("it should have been shown");
                else if (before(i, 3, "let i'll gonna to me"))
                    give("it will be shown");
            }
            if (listed(kCamera, w)) {
                if (before(i, 7, kNegated) || after(i, 5, kNegated)) give("the camera cannot show it");
                if (after(i, 4, "died dead stopped off flat fell fallen quit shut cut")) give("the camera failed");
                if (before(i, 4, "off behind out")) give("outside of the picture");
                if (before(i, 4, "put set lay leave down prop")) give("the camera is put down");
            }
            if (listed("put set lay", w) && listed("you it this", at(i + 1)) && at(i + 2) == "down" &&
                listed("here for while so cause i'm", at(i + 3)))
                give("the camera is put down");
            if (listed("battery memory card phone", w) && after(i, 4, "died dead flat full ran") && camera) give("the camera failed");
            if (listed("record recording", w) && before(i, 4, "forgot wasn't didn't not stopped")) give("the camera failed");
            if (w == "out" && at(i + 1) == "of" && line_.any_of("shot frame view picture focus sight", i + 2, i + 4))
                give("outside of the picture");
            if (listed("way", w) && before(i, 2, "the") &&
                before(i, 8, "head hand hands arm elbow thumb finger fingers shoulder body bracket"))
                give("something is in the way");
            if (listed("blocking block covering", w) && after(i, 4, "camera shot view light lens it")) give("something is in the way");
            if (listed("blurry blurred glare fogged foggy shaky", w)) give("the picture is poor");
            if (listed("focus", w) && before(i, 4, kNegated)) give("the picture is poor");
            if (listed("dark black gloomy", w) && before(i, 4, "too so pitch it's very really all"))
                give(any_of(kSeen) || any_of("light under down sorry camera lamp") ? "it is too dark" : "it is dark");
            if ((w == "trust" && at(i + 1) == "me") || (w == "imagine" && (camera || any_of(kSeen))) || line_.stands_at("my word", i) ||
                line_.stands_at("by feel", i) || line_.stands_at("by touch", i))
                give("it has to be believed");
        }
    }

    void seeing() {
        for (std::size_t i = 0; i < line_.size(); ++i) {
            if (!listed(kSeen, at(i))) continue;
            const bool no = before(i, 6, kCannot) || before(i, 4, "don't didn't not never doesn't isn't");
            const bool sure = before(i, 9, "know sure whether hope hopefully if");
            const bool viewer = before(i, 6, kViewer);
            const auto next = at(i + 1);
            if (!no && viewer) give("you see it");
            if (!no && !viewer && listed(kThere, next)) give("it is pointed at");
            if (no && listed("any anything no one anyone", next))
                give("none is seen");
            else if (no && sure && !before(i, 6, kCannot))
                give("whether you see it");
            else if (no && before(i, 9, "if until till when unless"))
                give("if it is not seen");
            else if (no && viewer)
                give("you cannot see it");
            else if (no && any_of(kCamera))
                give("the camera does not see it");
            else if (no && listed(kSelf, line_.before(i, 2)))
                give("the speaker does not see it");
            else if (no)
                give("it is not seen");
            if (before(i, 2, "hard difficult tough") || before(i, 3, "barely hardly")) give("it is hard to see");
        }
        give(line_.says("you can see") && !any_of(kCannot), "you see it");
    }

    const Line& line_;
    std::vector<SpeechCue> out_;
};

}  // namespace

std::vector<SpeechCue> speech_cues(const Line& stretch) { return Cues(stretch).all(); }

}  // namespace anagraph::core
