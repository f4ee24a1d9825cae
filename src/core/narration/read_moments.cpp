#include "core/narration/read_moments.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <array>
#include <set>

#include "core/narration/speech_model.h"

namespace anagraph::core {
namespace {

using lexicon::Class;
using lexicon::is;

/// Adds up evidence and remembers what it was.
class Evidence {
public:
    void add(double weight, std::string why) {
        total_ += weight;
        if (weight > 0) reasons_.push_back(std::move(why));
    }
    struct Verdict {
        double total = 0;
        std::optional<std::string> why;  // where the total reaches the threshold
    };
    Verdict verdict(double threshold) const {
        if (total_ < threshold || reasons_.empty()) return {total_, std::nullopt};
        return {total_, fmt::format("{}", fmt::join(reasons_, "; "))};
    }

private:
    double total_ = 0;
    std::vector<std::string> reasons_;
};

// "don't know", "never mind": no warning
constexpr WordList kMildVerbs =
    "know think mind worry care need want have see like tell ask believe remember get understand bother even recall mean hear write come "
    "matter seem look say really usually quite trust ever always normally feel";
constexpr WordList kSelf = "i we they he she people folks i've";

void forbidden(const Line& line, Evidence& e) {
    for (std::size_t i = 0; i < line.size(); ++i) {
        const auto w = line.at(i);
        const bool dont = listed("don't dont mustn't", w) || (w == "not" && listed("do must should may can", line.before(i)));
        const bool never = w == "never";
        const auto subject = line.before(i, w == "not" ? 2 : 1);
        std::size_t at = i + 1;
        while (at + 1 < line.size() && listed("ever you go try and just", line.at(at))) ++at;
        const auto verb = line.at(at);
        if (dont) {
            if (listed(kSelf, subject) && !line.starts_clause(i)) continue;
            if (subject == "you" && !(listed("want", line.at(i + 1)) || lexicon::work_verb(verb))) continue;
            if (listed(kMildVerbs, verb) && !(listed("get want need", verb) && line.any(Class::Harm, i, line.clause_end(i)))) continue;
            e.add(listed("to forget lose", verb) ? 0.8 : 1.7, fmt::format("\"{} {}\"", w, line.at(i + 1)));
        } else if (never && !listed("i we he she they i've we've had was seen could it", subject) &&
            !listed("mind been seen saw again", verb)) {
            e.add(1.9, fmt::format("\"never {}\"", verb));
        } else if (w == "no" && verb.ends_with("ing") && verb.size() > 5 && !is(Class::Part, verb)) {
            e.add(1.7, fmt::format("\"no {}\"", verb));
        } else if (w == "no" && listed("smoking naked flame flames spark sparks phones lamp cigarette grease oil further more", verb) &&
            !(verb == "more" && line.at(i + 2) == "than")) {
            e.add(verb == "more" || verb == "oil" || verb == "grease" ? 0.9 : 1.7, fmt::format("\"no {}\"", verb));
        } else if (listed("not no", w) && (is(Class::Tool, verb) || (listed("a the with any", verb) && is(Class::Tool, line.at(at + 1)))) &&
            !line.has("got")) {
            e.add(1.0, "a tool that must not be used");
        } else if (w == "not" && listed("down in into on", verb) &&
            listed("bin drain ground yard sea sink river soil harbour pond sewer",
                line.at(at + 2).empty() ? line.at(at + 1) : line.at(at + 2))) {
            e.add(1.7, "where it must not go");
        } else if (w == "not" && listed("a the with on in near too more over past against by", verb) &&
            (line.starts_clause(i) || listed("and but it's", line.before(i)))) {
            e.add(listed("too more over", verb) ? 1.1 : 0.8, fmt::format("\"not {}\"", verb));
        } else if (listed("can't cannot", w) && listed("you", subject) && line.any(Class::Harm)) {
            e.add(0.4, "what cannot be done");
        } else if (w == "won't" && line.any(Class::Spoil)) {
            e.add(0.3, "what will not go");
        }
    }
}

/// "it flattens the fins", "grease eats it", "it'll have your fingers": what a thing does to a thing or a person.
void damage_done(const Line& line, Evidence& e) {
    constexpr WordList kDamages =
        "clogs fouls smashes shatters chars mangles buckles kinks dents erodes pits galls chafes severs slices scorches flattens eats "
        "cracks strips shears breaks bends damages ruins wrecks destroys scratches rounds blows splits tears floods melts swells jams "
        "cooks chews grinds gouges leaks seizes bursts rots kills burns cuts crushes melts dissolves fills pulls shoves rips attacks bites "
        "snaps slips drips sticks weeps foams scores warps stretches crushes starves clogs blocks spits squirts jumps grabs catches drops";
    for (std::size_t i = 0; i < line.size(); ++i) {
        const auto w = line.at(i);
        const auto subject = line.before(i);
        if (listed(kDamages, w) && !line.starts_clause(i) && !listed("no any the a these those of two three for with more", subject)) {
            const bool mild = listed("fills pulls drips drops sticks catches foams weeps spits leaks", w);
            e.add(mild ? 0.5 : 1.0, fmt::format("it {}", w));
            if (!mild && listed("it that them they and grease water", subject)) e.add(0.35, "as a rule");
            break;
        }
    }
    for (std::size_t i = 0; i + 1 < line.size(); ++i) {
        const auto w = line.at(i);
        const bool will = listed("it'll that'll they'll she'll he'll will you'll would you'd it'd can could", w);
        if (!will) continue;
        const auto verb = listed("just also soon probably really", line.at(i + 1)) ? line.at(i + 2) : line.at(i + 1);
        if (listed("have take throw eat push pull drag catch hit bite cut burn kill wrap swing crush weld blow flood pump puke scald roll "
                   "squirt shoot jump cook strip crack break bend snap shear tear split ruin wreck leak weep smoke lose crush spray wear "
                   "starve boil",
                verb)) {
            e.add(listed("have take push pull pump roll lose catch hit", verb) ? 0.7 : 1.0, fmt::format("\"{} {}\"", w, verb));
            if (line.any({"your", "you", "you'll"}, i + 1, i + 7) || line.any(Class::Body, i + 1, i + 7)) e.add(0.8, "and to whom");
            break;
        }
    }
    if (line.any({"lose", "lost", "went", "cost", "took", "off"}) &&
        line.any(
            {"lad", "man", "cousin", "somebody", "someone", "bloke", "guy", "fellow", "woman", "colleague", "friend", "mate", "chap"}) &&
        line.any(Class::Body))
        e.add(1.3, "an accident told");
    if (line.any({"kilos", "kilo", "heavy", "heavier", "weighs", "weight"}) &&
        line.any({"lift", "helper", "weighs", "heavier", "heavy", "two", "help", "under", "foot"}))
        e.add(line.any({"helper", "heavy", "heavier"}) ? 1.7 : 1.2, "a weight");
    if (line.says_any({"stand well", "stand at the", "stand to the", "stand off", "stand clear", "stand back", "stand to one", "face away",
            "nobody near", "nobody stands", "nobody under", "nobody in", "hands off", "loose sleeves", "loose clothing", "everybody clear",
            "everybody out", "keep everybody", "or stop her", "or stop it", "stop and ask", "stop straight away", "switch it off at once"}))
        e.add(1.7, "where to stand, or when to stop");
    if (line.says_any({"that's your", "there's your", "that's the", "then you've no"}) &&
        line.any({"gone", "dead", "finished", "scrap", "no"}))
        e.add(1.2, "what it would cost");
    for (std::size_t i = 1; i < line.size(); ++i) {
        if (!listed("hot sharp live poisonous heavy slippery boiling scalding corrosive explosive flammable toxic", line.at(i))) continue;
        bool stated = false;
        for (std::size_t k = i > 4 ? i - 4 : 0; k < i; ++k) {
            if (listed("is it's are that's they're still gets as there's", line.at(k))) stated = true;
            if (listed("not isn't no if when until never how", line.at(k))) stated = false;
        }
        if (stated) {
            e.add(0.8, fmt::format("it is {}", line.at(i)));
            break;
        }
    }
    if (line.says_any({"could start", "can start", "might start", "could turn it on", "start by itself", "switch it on"}) &&
        line.any({"somebody", "someone", "itself", "it", "nobody"}))
        e.add(1.2, "it may start");
    if (line.says_any({"you're buying", "be buying", "you buy a new", "ask me how", "paid for one", "end up with a new", "means a new",
            "new one of", "you've made"}))
        e.add(1.1, "what it would cost");
    if (line.says_any({"auto start", "starts on its own", "starts itself", "start on its own", "start by itself", "start with the",
            "holds a charge", "hold a charge", "remains live", "still live", "pressure on", "still pressure", "under pressure",
            "still over", "stays hot"}))
        e.add(line.says_any(
                  {"auto start", "starts on its own", "starts itself", "holds a charge", "hold a charge", "remains live", "still live"})
                ? 1.7
                : 1.1,
            "it is live, hot or under pressure");
}

void consequences(const Line& line, Evidence& e) {
    damage_done(line, e);
    if (line.says_any({"or you'll", "or you", "or it'll", "or it", "or else", "or they", "or the", "or she'll", "or your", "or that's"}) &&
        (line.any(Class::Harm) || line.any(Class::Spoil) || line.any({"you'll", "it'll"})))
        e.add(1.0, "what happens otherwise");
    if (line.has("otherwise")) e.add(1.1, "what happens otherwise");
    const bool will = line.any(
        {"will", "you'll", "it'll", "they'll", "can", "could", "would", "'ll", "she'll", "that'll", "gonna", "you'd", "it'd", "may"});
    if (will && line.any(Class::Harm)) e.add(0.7, "harm that may come");
    if (will && line.any(Class::Spoil)) e.add(0.7, "damage that may come");
    if (line.says_any({"that's your * gone", "and then you're", "you're buying", "you'll be buying", "then you've", "you've lost",
            "you've made", "straight out", "and that's", "new one of"}) &&
        line.any(Class::Spoil))
        e.add(0.6, "what it would cost");
    if (line.says_any({"you'll be", "you'll have", "you'd have", "be sorry", "you've bought", "you're buying", "you'll never", "takes your",
            "take your", "takes the skin", "off your", "in your face", "in your eye", "in your eyes", "up your", "down your",
            "on your foot", "through your"}))
        e.add(0.8, "what it does to you");
    if (line.any({"if"}) && (line.any(Class::Spoil) || line.any(Class::Harm)) && line.any({"you", "it's", "they", "it", "your"}))
        e.add(0.7, "if it is done wrongly");
    if (line.says_any({"and then", "and that's"}) && line.any(Class::Spoil)) e.add(0.5, "what follows");
    if (line.any({"because", "cause", "since", "so", "as"}) && line.any(Class::Soft) && line.any(Class::Spoil))
        e.add(0.8, "something soft gives way");
}

/// "thirty two, no, thirty six", "twelve newtons. Newton metres, I mean": a number or its unit said again, otherwise.
void corrected_numbers(const Line& line, Evidence& e) {
    for (std::size_t i = 1; i + 1 < line.size(); ++i) {
        if (listed("no nah nope sorry wait rather", line.at(i)) && !listed("more less need one problem longer", line.at(i + 1))) {
            bool before = false;
            for (std::size_t k = i > 4 ? i - 4 : 0; k < i && !before; ++k)
                before = read_number(line.words, k).has_value() && line.at(k) != "oh";
            bool after = false;
            for (std::size_t k = i + 1; k < std::min(line.size(), i + 5) && !after; ++k)
                after = read_number(line.words, k).has_value() && line.at(k) != "one";
            if (before && after) {
                e.add(1.7, "a number said again, otherwise");
                return;
            }
        }
        if (listed("newtons newton", line.at(i)) && !listed("metre metres meter meters", line.at(i + 1)))
            for (std::size_t k = i + 1; k < std::min(line.size(), i + 5); ++k)
                if (listed("newton", line.at(k)) && listed("metre metres meter meters", line.at(k + 1))) {
                    e.add(1.7, "a unit put right");
                    return;
                }
    }
}

Evidence::Verdict caution_in(const Line& line) {
    Evidence e;
    if (line.any({"caution", "warning", "danger", "dangerous", "careful", "carefully", "beware", "poisonous", "lethal", "toxic",
            "explosive", "hazard"}))
        e.add(line.has("carefully") || line.says("a careful") ? 0.8 : line.has("careful") ? 1.7 : 2.2, "a word of warning");
    forbidden(line, e);
    consequences(line, e);
    int harms = 0;
    int spoils = 0;
    for (const auto& w : line.words) {
        harms += is(Class::Harm, w.text) ? 1 : 0;
        spoils += is(Class::Spoil, w.text) ? 1 : 0;
    }
    const bool body = line.any(Class::Body) &&
        !line.says_any({"by hand", "hand tight", "finger tight", "on hand", "other hand", "right hand", "left hand", "on the back",
            "in the back", "at the back", "the back"});
    const double per = std::min(1.0, 14.0 / static_cast<double>(line.size() + 1));  // a word of harm weighs less in a long paragraph
    if (harms > 0) e.add((0.5 + 0.25 * std::min(harms, 3)) * (0.6 + 0.4 * per), "harm is named");
    if (spoils > 0) e.add((0.35 + 0.15 * std::min(spoils, 3)) * (0.6 + 0.4 * per), "damage is named");
    if (body && harms > 0) e.add(0.6, "a part of the body");
    if (body && line.any({"keep", "watch", "mind", "out", "away", "clear", "between", "under", "near"}) &&
        line.any({"your", "you", "fingers", "hands", "nobody's", "yourself"}))
        e.add(0.9, "a part of the body, and where it must not be");
    if (line.says_any({"watch your", "watch out", "watch the", "mind your", "mind the", "mind that", "look out", "keep clear", "stay clear",
            "stand back", "stand clear", "keep out", "keep away", "hands away", "hands off", "be gentle", "go easy", "easy on", "take care",
            "keep your", "make sure nobody", "nobody stands", "clear of"}))
        e.add(line.says_any({"watch out", "watch your", "mind your", "take care", "stand clear", "stay clear"}) ? 1.7 : 1.4,
            "a call to watch out");
    if (line.any(Class::Wear) && (line.any({"on", "wear", "wearing", "please", "need", "first", "always", "put", "for", "and"})) &&
        !line.any({"in my glove"}))
        e.add(1.7, "protective gear");
    if (line.says_any({"too tight", "too much", "too far", "too hard", "too hot", "lean on", "overtighten", "over tighten", "by hand only",
            "hand only", "no more than", "not more than", "don't lean", "go mad", "or more", "tight only", "no tighter", "only hand"}))
        e.add(0.9, "a limit not to be passed");
    if (line.says_any({"mix them", "swap them", "mixed up", "mix that", "be mixed", "confuse", "mix the", "wrong one"}) &&
        line.any({"don't", "not", "never", "or", "because"}))
        e.add(0.9, "things not to be confused");
    if (line.says_any({"lock off", "lock it off", "locked off", "keep the key", "tag on", "key in my pocket", "lock out", "prove it's dead",
            "chock", "under a", "relying on the jack", "rely on the jack", "safety", "emergency stop"}))
        e.add(0.9, "the machine is made safe");
    if (line.says_any({"that's why", "ask me how", "i've seen", "i know a", "people always", "people overdo"}) && (harms + spoils > 0))
        e.add(0.5, "an accident told");
    if (line.any(Class::Soft) && line.any({"thread", "threads", "tighten", "torque", "housing", "post", "head", "lean"}) &&
        (spoils > 0 || line.any({"don't", "not", "only", "just", "no", "past"})))
        e.add(1.0, "something soft");
    if (line.any({"drain", "ground", "harbour", "sink", "river", "pond", "soil", "sewer", "sea", "water"}) &&
        line.any({"not", "never", "don't"}) && line.any(Class::Fluid))
        e.add(0.9, "harm to the place");
    if (line.any({"used", "was", "were", "seen", "saw"}) && !line.any({"you", "your", "don't", "never"})) e.add(-0.4, "");
    if (line.any({"okay", "fine", "good", "no"}) &&
        line.says_any({"no cracks", "no leaks", "not leaking", "no damage", "isn't cracked", "not cracked", "no play", "that's fine",
            "is fine", "no rust", "no chips"}))
        e.add(-0.9, "");
    return e.verdict(1.6);
}

Evidence::Verdict slip_in(const Line& line) {
    Evidence e;
    corrected_numbers(line, e);
    if (line.says_any({"should have", "should've", "shoulda", "ought to have", "should of"}) &&
        line.any({"i", "we", "you", "that", "before", "first"}) &&
        !line.says_any({"it should have", "they should have", "that should have been enough"}))
        e.add(1.6, "something that belonged earlier");
    if (line.any({"forgot", "forgotten", "omitted", "overlooked"}) &&
        !line.any({"don't", "everybody", "everyone", "people", "never", "easily"}))
        e.add(1.8, "something forgotten");
    if (line.says_any({"i forget", "before i forget", "nearly forgot", "i missed", "i skipped", "i left out", "i've left", "i never",
            "didn't do", "haven't done", "i meant to", "meant to say", "wanted to say", "i should say", "did you put", "i never said",
            "were going to say", "was going to say", "going to say that", "ought to have told", "did i put", "i did not", "somebody's lost",
            "going back a", "go back a", "back up a"}))
        e.add(1.7, "remembered late");
    if (line.says_any({"i mean", "no wait", "no hang on", "hang on no", "no no", "no sorry", "sorry no", "sorry i", "i beg your",
            "my mistake", "my fault", "my bad", "correction", "i correct", "must correct", "i was wrong", "that's wrong", "got that wrong",
            "had that wrong", "i'm wrong", "tell a lie", "scratch that", "strike that", "ignore that", "mixed those up", "mixed them up",
            "i mixed", "i always say", "turned over two", "wrong pair", "not as i said", "i take that back", "i meant", "that's not right",
            "that isn't right", "isn't right", "take it back", "let me get this right", "let me start again", "start again", "or rather",
            "actually no", "no actually", "that's the wrong", "the wrong way", "wrong one", "wrong way", "wrong pair", "wrong can",
            "wrong box", "wrong page", "other way round", "other way around", "i misread", "i misspoke", "i lied", "no it isn't", "no it's",
            "not the", "no that's", "no not", "no the", "i said", "said that", "i told you", "wait a minute", "hold on", "hang on"})) {
        const bool weak = !line.says_any({"no wait", "no hang on", "i beg your", "my mistake", "my bad", "my fault", "correction",
            "i was wrong", "that's wrong", "got that wrong", "had that wrong", "tell a lie", "scratch that", "strike that",
            "mixed those up", "i mixed", "must correct", "that's not right", "the wrong way", "wrong one", "wrong way", "wrong pair",
            "wrong can", "wrong page", "other way round", "i misread", "no it isn't", "no sorry", "sorry no", "actually no",
            "that's the wrong", "or rather", "let me get this right"});
        double weight = weak ? 0.6 : 1.7;
        if (line.says_any({"i mean", "i meant", "no it's", "hang on", "hold on", "that's not right", "isn't right"}))
            weight = std::max(weight, 1.0);
        if (line.says("i said") && line.any({"no", "wrong", "now", "before", "but", "that's", "first", "wait"}))
            weight = std::max(weight, 1.2);
        e.add(weight, "the speaker corrects himself");
    }
    if (line.says_any({"where's my", "where's the", "where's number", "where are my", "where are they", "where did", "where have",
            "where is my", "where'd", "can't find", "cannot find", "have you got the", "have you seen", "lost it", "i've lost", "i lost",
            "lost the", "i dropped", "dropped it", "dropped the", "i've dropped", "i drop", "it's gone under", "gone under",
            "gone down the", "fell in", "fell down", "it's fallen", "rolled under", "rolled off", "rolled away", "there it goes",
            "in the bilge", "in backwards", "upside down", "back to front", "crossed the", "cross threaded"}) &&
        !line.any({"don't", "if", "or", "you'll", "people", "somebody's"}))
        e.add(1.5, "something mislaid or done wrongly");
    for (std::size_t i = 0; i + 3 < line.size(); ++i)
        if (listed("no nah", line.at(i)) && line.words[i].sentence_start && !line.words[i + 1].sentence_start &&
            !listed("need problem more room oil leaks cracks one it not steel hiss smoking sparks worries bubbles", line.at(i + 1)) &&
            line.words[i + 1].clause_start) {
            e.add(0.9, "a sentence begins with no");
            break;
        }
    if (line.any({"oops", "whoops", "bugger", "damn", "blast", "drat", "shoot", "heck", "crikey", "dear", "sugar", "argh"}))
        e.add(line.any({"oops", "whoops", "bugger"}) ? 1.7 : 1.2, "an exclamation");
    if (line.says_any({"oh no", "ah no", "oh dear", "oh wait", "ah wait", "oh hang", "oh sorry", "oh right", "oh yes"}) ||
        line.stands_at("oh", 0) || line.stands_at("ah", 0))
        e.add(line.says_any({"oh no", "oh dear", "oh wait", "oh hang", "ah no"}) ? 1.1 : 0.6, "an exclamation");
    if (line.any({"sorry", "apologies", "forgive", "regret"})) e.add(0.5, "an apology");
    if (line.says_any(
            {"you see", "can't see", "camera", "to see", "picture", "out of shot", "the music", "the noise", "the radio", "the wind"}) &&
        line.has("sorry"))
        e.add(-0.6, "");
    if (line.says_any({"earlier", "at the start", "at the beginning", "before that", "before all that", "with the oil", "first thing"}) &&
        line.any({"i", "should", "forgot", "say", "said"}))
        e.add(0.6, "something from earlier");
    if (line.any({"don't", "never", "if", "people", "everybody"})) e.add(-0.4, "");
    return e.verdict(1.5);
}

Evidence::Verdict unseen_in(const Line& line) {
    Evidence e;
    const bool camera = line.any({"camera", "lens", "phone", "shot", "picture", "frame", "film", "filmed", "filming", "footage", "video",
        "focus", "microphone", "recording", "screen", "tripod"});
    const bool negative = line.any({"can't", "cannot", "couldn't", "won't", "not", "didn't", "doesn't", "unable", "don't", "wouldn't",
        "never", "nothing", "isn't", "can"});
    for (std::size_t i = 0; i < line.size(); ++i) {
        if (!listed("see show film filmed showed shown seen get look", line.at(i))) continue;
        bool no = false;
        for (std::size_t k = i > 5 ? i - 5 : 0; k < i; ++k)
            no = no || listed("can't cannot couldn't won't not didn't doesn't unable don't wouldn't never hardly nothing", line.at(k));
        if (!no) continue;
        const bool viewer = line.any({"you", "they", "they've", "you've", "you'll"}, i > 6 ? i - 6 : 0, std::min(line.size(), i + 4)) ||
            (camera && listed("see show get film", line.at(i)));
        if (listed("see seen", line.at(i)))
            e.add(viewer ? 1.5 : camera ? 1.2 : 0.4, "it is not seen");
        else if (listed("show showed shown film filmed", line.at(i)))
            e.add(1.6, "it is not shown");
        else if (camera && listed("get look", line.at(i)))
            e.add(1.3, "the camera does not get there");
        break;
    }
    if (line.any({"dark", "gloomy", "unlit"}) &&
        (line.any({"under", "too", "here", "there", "down", "in", "still", "sorry", "light", "down"})))
        e.add(camera ? 1.5 : line.any({"see", "sorry", "too"}) ? 1.2 : 0.8, "it is dark");
    if (line.any({"black"}) && line.says_any({"black down there", "all black", "of black", "gone black", "black on the"}))
        e.add(1.0, "it is dark");
    if (line.says_any({"out of shot", "out of the shot", "out of frame", "out of the frame", "out of picture", "out of the picture",
            "off camera", "out of focus", "out of view", "in the way", "no room for the camera", "behind the camera", "blocking the",
            "in front of the camera", "in front of the light", "over the lens", "on the lens", "fogged up", "steamed up", "battery died",
            "battery's died", "stopped recording", "wasn't recording", "not recording", "missed it on", "camera's in the wrong",
            "camera in the wrong", "camera's going", "camera down", "put the camera", "put the phone", "put you down", "phone down",
            "looking at my elbow", "looking at a", "looking at the ceiling", "all you see", "you only see", "see only", "just see my",
            "too close", "goes blurry", "blurry", "imagine", "take my word", "trust me", "by feel", "have to believe"})) {
        const bool weak = !camera && !line.any({"see", "blurry", "imagine", "shot", "focus", "elbow", "filmed", "looking"});
        e.add(weak ? 0.7 : 1.5, "it is out of the picture");
    }
    if (camera && negative && line.any({"near", "close", "in", "there", "focus", "reach", "fit", "does", "work"}))
        e.add(0.5, "the camera is named");
    if (line.says_any({"i wish you could", "i would show", "i'd like to show", "i'd show", "would've liked to show", "wanted to show",
            "i'd have shown", "i regret that", "sorry about the picture", "sorry about the light", "light is poor", "light's poor",
            "no light", "bad light", "my thumb", "my head", "my hand's in"}))
        e.add(1.1, "it should have been shown");
    if (line.says_any({"can't see any", "can't see a ", "don't see any", "not see any", "see any cracks", "don't want to see", "so you see",
            "if you can't see", "until you can't see", "never see", "can't see them again", "can't you see"}))
        e.add(-3.0, "");
    return e.verdict(1.4);
}

using Rules = Evidence::Verdict (*)(const Line&);
// Thresholds where right and wrong balance over speakers left out; in the order of the model's labels.
struct Scale {
    Rules rules;
    double threshold;
};
constexpr Scale kScales[] = {{caution_in, 0.3}, {slip_in, 0.4}, {unseen_in, -0.4}};
constexpr double kRuleWorth = 4.5;                   // log odds that a rule's finding is worth
constexpr double kAgainst = 2.0;                     // and evidence against, for each point of it
constexpr std::size_t kMatter = std::size(kScales);  // label of the model behind those
constexpr double kSurest = 4.0;                      // log odds beyond which it is no surer

}  // namespace

Moments read_moments(const Line& line, bool taken_back) {
    std::array<std::optional<std::string>, std::size(kScales)> found;
    double matter = -kSurest;
    for (const auto& stretch : stretches_of(line, kMomentStretch)) {
        const Line part = part_of(line, stretch);
        const auto scores = SpeechModel::of_moments().scores(part);
        matter = std::clamp(scores[kMatter].total, matter, kSurest);
        for (std::size_t m = 0; m < found.size(); ++m) {
            if (found[m]) continue;
            auto rule = kScales[m].rules(part);
            const double worth = rule.why ? kRuleWorth : std::min(0.0, rule.total) * kAgainst;
            if (scores[m].total + worth < kScales[m].threshold) continue;
            found[m] = rule.why             ? std::move(*rule.why)
                : scores[m].loudest.empty() ? std::string("by how it is said")
                                            : explained(scores[m].loudest);
        }
    }
    if (taken_back) found[1] = "a value taken back aloud";
    return {std::move(found[0]), std::move(found[1]), std::move(found[2]), matter};
}

bool promises(const Line& line) {
    const auto at = line.find("look");
    const bool looks_up = at != std::string_view::npos && line.has("up", at, at + 4) && line.any({"i'll", "will", "we'll", "i'd", "let"});
    return looks_up ||
        line.says_any({"i'll put it in the", "i'll pin it", "i'll find out", "give you next week", "i'll put it on", "i'll tell you later",
            "i'll come back to", "i'll let you know"});
}

double talk_balance(const Line& line, double content, double matter) {
    constexpr double kMatterWorth = 0.5;
    constexpr double kMostlyWork = -0.5;  // the model is a little too ready to hear work
    double balance = content + kMatterWorth * matter + kMostlyWork;
    const double size = static_cast<double>(std::max<std::size_t>(line.size(), 1));
    double technical = 0;
    double talk = 0;
    std::set<std::string_view> distinct;
    for (std::size_t i = 0; i < line.size(); ++i) {
        const auto w = line.at(i);
        distinct.insert(w);
        const bool fluid = is(Class::Fluid, w);
        if (is(Class::Part, w) &&
            !listed("back bed bottom car case cup deck door face head hole kit level line machine mark match plate post ring set top tree "
                    "unit window wing winter board box",
                w))
            technical += 1;
        else if (fluid || is(Class::Tool, w))
            technical += 0.9;
        else if (const auto verb = lexicon::work_verb(w); verb && verb->usual != nullptr && verb->usual->need == lexicon::Need::None)
            technical += 0.4;
        else if (is(Class::Spoil, w))
            technical += 0.2;
        if (is(Class::Talk, w))
            talk += 1;
        else if (is(Class::Meal, w) && !fluid && !is(Class::Part, w))
            talk += 0.8;
        else if (is(Class::Being, w) && !is(Class::Part, w) && !listed("engineer mechanic electrician maker driver operator learner", w))
            talk += 0.6;
    }
    if (line.says_any({"thank you", "thanks for", "welcome back", "welcome to", "see you", "good morning", "good evening", "good night",
            "good afternoon", "my name", "training workshop", "say hello", "next week", "next time", "be back", "ha ha", "la la", "na na",
            "bye bye", "that's it from", "that's me", "that's all from", "that's us", "hello everyone", "hi everyone", "press the button",
            "is it on", "is it still on", "recorded instruction"}))
        talk += 1.4;
    balance += 3.2 * technical / (size + 3) * 2 - 3.6 * talk / (size + 3) * 2.2;
    // gibberish and song: the same few words again and again
    if (line.size() >= 5 && static_cast<double>(distinct.size()) < 0.62 * size) balance -= content > 1 ? 0.5 : 2.5;
    if (line.size() <= 2 && line.any({"music", "applause", "laughter", "wind", "noise", "singing"})) balance -= 2.5;
    if (technical == 0 && content == 0) balance -= 0.35;
    return balance;
}

std::vector<bool> talk_runs(const std::vector<double>& balances) {
    constexpr double kChange = 1.1;
    const std::size_t n = balances.size();
    std::vector<bool> talk(n, false);
    if (n == 0) return talk;
    // best[s]: the best sum up to here when this line is work (0) or talk (1); came[i][s]: the state before
    std::array<double, 2> best{balances[0], -balances[0] + 0.3};
    std::vector<std::array<bool, 2>> came(n);
    for (std::size_t i = 1; i < n; ++i) {
        std::array<double, 2> now{};
        for (const bool state : {false, true}) {
            const double stay = best[state];
            const double change = best[!state] - kChange;
            came[i][state] = stay >= change ? state : !state;
            now[state] = std::max(stay, change) + (state ? -balances[i] : balances[i]);
        }
        best = now;
    }
    bool state = best[1] > best[0];
    for (std::size_t i = n; i-- > 0;) {
        talk[i] = state;
        state = came[i][state];
    }
    return talk;
}

}  // namespace anagraph::core
