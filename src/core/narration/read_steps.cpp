#include "core/narration/read_steps.h"

#include <fmt/format.h>

#include <algorithm>
#include <optional>

#include "core/narration/mood.h"

namespace anagraph::core {
namespace {

using lexicon::Class;
using lexicon::Form;
using lexicon::is;
using lexicon::Need;

constexpr WordList kConnect = "and then so now or but next right okay ok please to first second well uh um yes yeah also finally lastly";
constexpr WordList kDoers = "i we you i'll we'll let's i've we've you've us ill";
constexpr WordList kAuxiliary =
    "can must should will need needs have has got gotta want gonna going better ought to be get wanna shall may gets being ready";
constexpr WordList kNegative =
    "don't not never no can't cannot won't doesn't didn't without nobody nothing wouldn't shouldn't couldn't isn't aren't wasn't haven't "
    "hasn't neither nor mustn't needn't dont rather instead";
constexpr WordList kUndone =
    "if unless would could might whether suppose i'd you'd we'd he'd they'd she'd used supposed meant wanted forgot forgotten should've "
    "would've could've";
constexpr WordList kSubordinate =
    "when before until till because cause 'cause which who where why how whenever than as since whose what whatever";
constexpr WordList kNotUs =
    "people some somebody someone they folks he she everyone everybody nobody dad father boss uncle mate mother who guy guys bloke lad "
    "dealer others wife lads them him";
constexpr WordList kBoundary = "and then so but or because cause if when until till before after which who while";
constexpr WordList kPronouns = "it them this that those these one ones both everything all each any him her lot";
constexpr WordList kDeterminers = "the a an your my its this that these those each every new old another both all some any";
constexpr WordList kMoves =
    "comes come come's goes go slips lifts pops slides pulls unclips swings hinges hooks clips pushes presses threads screws winds";
constexpr WordList kParticles = "off out on in back up down open closed shut away tight loose undone apart";

bool thing_or_fluid(std::string_view w) { return is(Class::Thing, w) || is(Class::Fluid, w); }

/// How a clause says that its verb is done: by whom, and whether it is done at all.
std::optional<std::string> said_as_done(const Line& line, std::size_t i, Form form) {
    // left over adverbs to the word the verb hangs on
    std::size_t j = i;
    while (j > 0 && !line.words[j].clause_start && is(Class::Adverb, line.before(j)) && !listed("so right", line.before(j))) --j;
    const bool head = line.words[j].clause_start;
    const std::string_view left = head ? std::string_view{} : line.before(j);
    const std::size_t begin = line.clause_begin(i);
    // what stands between the start of the clause and the verb
    std::size_t from = begin;
    if (i - begin > 9) from = i - 9;
    bool condition = false;
    bool others = false;
    bool auxiliary = false;
    for (std::size_t k = from; k < j; ++k) {
        const auto w = line.at(k);
        if (listed(kNegative, w) || listed(kUndone, w)) return std::nullopt;
        if (listed("do did does", w) && k == begin) return std::nullopt;
        if (listed("imagine later says said", w)) return std::nullopt;  // told of another time, or by a book
        if (listed(kSubordinate, w)) condition = true;
        if (listed(kNotUs, w)) others = true;
        if (listed("was were been had", w)) return std::nullopt;
        if (w == "and" || w == "then" || w == "so") condition = others = false;
        if (listed(kAuxiliary, w)) auxiliary = true;
    }
    if (condition || others || line.has("already", from, i)) return std::nullopt;
    if (listed(kDeterminers, left) && left != "all" && left != "both") return std::nullopt;
    if (line.stands_at("going to", j >= 2 ? j - 2 : 0) && line.any({"today", "video", "week", "show"})) return std::nullopt;
    if (form == Form::Base) {
        if (head) return "told at the head of a clause";
        if (listed(kDoers, left)) return "said of the one who does it";
        if (left == "to") return auxiliary ? std::optional<std::string>("told to be done") : std::nullopt;
        if (listed(kConnect, left)) return "told after a connecting word";
        if (auxiliary && listed(kAuxiliary, left) && !listed("be being have has", left)) return "told to be done";
        // "cap off wipe the face", "take it out and clean it"
        const auto earlier = line.before(j, 2);
        if (listed("it them", left) ||
            (listed(kParticles, left) && (thing_or_fluid(earlier) || listed("it them back one", earlier)) &&
                (listed(kDeterminers, line.at(i + 1)) || listed(kPronouns, line.at(i + 1)))))
            return "told after another action";
        if (line.at(i) == "wait" && lexicon::unit_of(left, "", "")) return "told as a time to wait";
        // where nothing is punctuated a new clause may begin after any thing: "no grit in it wipe the tip"
        const bool unpunctuated = line.clause_begin(line.size() - 1) == 0 && line.size() > 5;
        if (unpunctuated && listed("it them the your those", line.at(i + 1)) && !listed(kDoers, left) && !listed(kPronouns, left) &&
            !listed(kAuxiliary, left) && !listed("that which of for with at by from in you'll it'll they'll they i'd you'd", left))
            return "told in a new clause";
        return std::nullopt;
    }
    if (form == Form::Past) {
        if (listed("i we i've we've you've", left)) return "said to have been done";
        if (left == "and" && line.any({"i", "we", "i've"}, from, j)) return "said to have been done";
        if (listed("is are gets get be", left) && !line.any({"if", "when"}, from, j)) return "said in the passive";
        return std::nullopt;
    }
    if (form == Form::Ing) {
        if (line.any({"today", "tonight"}, begin, i)) return std::nullopt;  // announced
        if (listed("i'm we're you're i we keep start begin", left) || (left == "and" && line.any({"i'm", "we're"}, from, j)))
            return "said of the one who does it";
        return std::nullopt;
    }
    return std::nullopt;
}

/// Where the words that belong to the verb end: at the next clause, or at a connecting word after the object.
std::size_t reach_of(const Line& line, std::size_t i) {
    std::size_t end = std::min(line.clause_end(i), i + 10);
    for (std::size_t k = i + 2; k < end; ++k)
        if (listed(kBoundary, line.at(k))) return k;
    return end;
}

/// What the verb at `i` is done to: named before the first word that says with what, in what or for what ("clean it with paraffin" names
/// no thing). What is filled or greased may be named by what goes in.
std::string object_of(const Line& line, std::string_view canonical, std::size_t i, std::size_t to) {
    std::size_t from = i + 1;
    while (from < to && listed(kParticles, line.at(from))) ++from;
    std::size_t end = from;
    while (end < to && !listed("with from in into onto for by using until till against because so", line.at(end))) ++end;
    auto about = thing_near(line, from, from, end);
    if (about.empty() && listed("fill drain pump bleed lubricate", canonical)) about = thing_near(line, from, from, to);
    return fitting(canonical, std::move(about));
}

std::optional<std::size_t> particle_in(const Line& line, const WordList& particles, std::size_t from, std::size_t to) {
    for (std::size_t k = from; k < to; ++k)
        if (listed(particles, line.at(k))) return k;
    return std::nullopt;
}

bool has_need(const Line& line, Need need, std::size_t from, std::size_t to) {
    for (std::size_t k = from; k < to; ++k) {
        const auto w = line.at(k);
        switch (need) {
            case Need::None:
                return true;
            case Need::Object:
                if (is(Class::Body, w) || is(Class::Wear, w)) return false;
                if (thing_or_fluid(w) || listed(kPronouns, w)) return true;
                break;
            case Need::Thing:
                if (thing_or_fluid(w) || listed("it them these those", w)) return true;
                break;
            case Need::Fluid:
                if (is(Class::Fluid, w)) return true;
                break;
            case Need::Switch:
                if (is(Class::Switched, w) || is(Class::Part, w) || listed("it her them him this minutes minute idle", w)) return true;
                break;
            case Need::Duration:
                if (listed("minute minutes hour hours second seconds overnight cool drain settle drip while bit", w)) return true;
                break;
        }
    }
    return need == Need::None;
}

class Reader {
public:
    explicit Reader(const Line& line) : line_(line), used_(line.size(), false) {}

    std::vector<FoundStep> read() {
        verbs();
        short_clauses();
        smears();
        tight_by_hand();
        new_things();
        things_alone();
        std::stable_sort(out_.begin(), out_.end(), [](const FoundStep& a, const FoundStep& b) { return a.at < b.at; });
        return std::move(out_);
    }

private:
    void add(std::string_view verb, std::string about, std::size_t at, std::size_t words, std::string because) {
        for (const auto& s : out_)
            if (s.verb == verb && (s.about == about || about.empty())) return;
        for (std::size_t k = at; k < std::min(at + words, used_.size()); ++k) used_[k] = true;
        out_.push_back({std::string(verb), std::move(about), at, words, std::move(because)});
    }

    /// "take the old washer off", "we undo the nut", "the covers are refitted".
    void verbs() {
        for (std::size_t i = 0; i < line_.size(); ++i) {
            const auto verb = lexicon::work_verb(line_.at(i));
            if (!verb || used_[i]) continue;
            Form form = verb->form;
            auto how = said_as_done(line_, i, form);
            if (!how && form == Form::Base) how = said_as_done(line_, i, Form::Past);  // "I put it back", "is cut"
            if (!how) continue;
            // a noun at the head of a clause: "oil out", "filter on", "drain plug"
            const auto next = line_.at(i + 1);
            const bool ambiguous =
                form == Form::Base && (is(Class::Part, line_.at(i)) || is(Class::Fluid, line_.at(i)) || is(Class::Tool, line_.at(i)));
            const bool acts = line_.starts_clause(i + 1) ? false
                                                         : listed(kDeterminers, next) || listed(kPronouns, next) ||
                    (lexicon::is_plural(next) && is(Class::Thing, next)) || (listed("up down in on", next) && line_.at(i) != "drain");
            if ((ambiguous && !acts) || listed("me us", next)) continue;
            if (listed("enough", next) ||
                (line_.at(i) == "look" && next == "at" && listed("that this", line_.at(i + 2)) &&
                    (line_.size() <= i + 3 || !is(Class::Thing, line_.at(i + 3)))))
                continue;  // "close enough", "look at that"
            const std::size_t to = reach_of(line_, i);
            const bool passive = *how == "said in the passive";
            // "turn the tap on": what is switched is opened or closed
            if (listed("turn turned turning switch", line_.at(i))) {
                const auto which = particle_in(line_, "on off", i + 1, to);
                const bool tap = line_.any({"tap", "taps", "cock", "valve", "stopcock"}, i + 1, to);
                if (which && tap) {
                    add(line_.at(*which) == "on" ? "open" : "close", thing_near(line_, i + 1, i + 1, to), i, *which + 1 - i,
                        fmt::format("\"{} {}\": {}", line_.at(i), line_.at(*which), *how));
                    continue;
                }
            }
            // "put nine in", "pour two and a half in": an amount
            if (line_.at(i) == "put" && read_number(line_.words, i + 1) && line_.any({"in"}, i + 2, to) &&
                !line_.any(Class::Fastener, i, to)) {
                add("fill", thing_near(line_, i + 1, i + 1, to), i, to - i, fmt::format("an amount is put in: {}", *how));
                continue;
            }
            for (const auto& p : verb->patterns) {
                std::size_t end = to;
                if (!p.particles.empty()) {
                    const auto particle = particle_in(line_, p.particles, i + 1, to);
                    if (!particle) continue;
                    end = *particle + 1;
                }
                if (!passive && !has_need(line_, p.need, i + 1, to)) continue;
                if (p.canonical == "none") break;
                std::string about = object_of(line_, p.canonical, i, to);
                if (about.empty() && passive) about = thing_near(line_, i, line_.clause_begin(i), i);
                add(p.canonical, about, i, std::max<std::size_t>(end, i + 1) - i, fmt::format("\"{}\": {}", line_.at(i), *how));
                break;
            }
        }
    }

    /// "cap off", "lid back on", "filter goes in", "off it comes", "old oil goes in the drum".
    void short_clauses() {
        for (std::size_t i = 0; i < line_.size(); ++i) {
            const auto w = line_.at(i);
            if (!listed("off out away on in over back up down open closed shut tight loose", w) || used_[i]) continue;
            const std::size_t begin = line_.clause_begin(i);
            // "and back on with a new clip": the thing is the one of the line before
            if (i > 0 && line_.before(i) == "back" && listed("on in", w) &&
                (line_.starts_clause(i - 1) || listed("and then so now", line_.before(i, 2)))) {
                add("fit", {}, i - 1, 2, fmt::format("\"back {}\": something is done", w));
                continue;
            }
            // off it comes, out comes the screw
            const bool inverted = (line_.starts_clause(i) || listed("and then so now", line_.before(i))) &&
                (listed("it they that", line_.at(i + 1)) ? listed("comes come goes go", line_.at(i + 2))
                                                         : listed("comes come goes", line_.at(i + 1)));
            if (inverted) {
                act(w, thing_near(line_, i, i, line_.clause_end(i)), i, 3);
                continue;
            }
            const auto next = line_.at(i + 1);
            const bool ends = i + 1 >= line_.size() || line_.starts_clause(i + 1) ||
                listed(
                    "and with by then now again so for first hand finger but before as into onto that's it's these this there's i you we "
                    "till until when because cause to at from it one two three four five six",
                    next) ||
                (w == "back" && listed("on in up", next)) || (listed("in off out on over", w) && listed("the it them each", next)) ||
                (w == "out" && next == "of" && !is(Class::Body, line_.before(i)));
            if (!ends || i == begin) continue;
            // back over "comes", "goes", "is" to the thing
            std::size_t k = i;
            bool moves = false;
            while (k > begin &&
                (listed(kMoves, line_.before(k)) || listed("is are back straight right just all now then fully", line_.before(k)) ||
                    is(Class::Adverb, line_.before(k)))) {
                moves = moves || listed(kMoves, line_.before(k)) || listed("is are", line_.before(k));
                --k;
                if (used_[k]) break;
            }
            if (k == begin) continue;
            const bool pronoun = (moves && listed("it that they those these this one", line_.before(k)) && !(w == "out" && next == "of")) ||
                (line_.before(k) == "one" && listed("old new left right fresh first second other that this", line_.before(k, 2)));
            if (is(Class::Body, line_.before(k)) || is(Class::Wear, line_.before(k)) || listed("drop smear", line_.before(k))) continue;
            if (!pronoun && !thing_or_fluid(line_.before(k)) && !(moves && is(Class::Wired, line_.before(k)))) continue;
            // the words before the thing belong to its name
            std::size_t m = k - 1;
            while (m > begin &&
                (is(Class::Modifier, line_.before(m)) || is(Class::Thing, line_.before(m)) || is(Class::Fluid, line_.before(m)) ||
                    listed(kDeterminers, line_.before(m)) || listed("of two three four six more", line_.before(m))))
                --m;
            const bool whole = m == begin ||
                listed("and then so now right okay with well yes uh um but i'll i've get got that's or out off on in", line_.before(m));
            if (!whole || used_[k - 1]) continue;
            bool unreal = false;
            for (std::size_t q = begin; q < i; ++q)
                unreal = unreal || listed(kNegative, line_.at(q)) || listed(kUndone, line_.at(q)) ||
                    listed("when before until till because while", line_.at(q));
            if (unreal) continue;
            std::string about = pronoun ? std::string() : thing_near(line_, k - 1, begin, k);
            const bool onto = listed("in on over", w) && listed("the it them each", next);
            if (onto && moves && !line_.any({"goes", "go"}, begin, i)) continue;  // "the oil is in the pan" is no action
            if (onto && w == "in" && !is(Class::Fluid, line_.before(k)) && !moves && next == "the") continue;
            if (onto && is(Class::Fluid, line_.before(k)) && w != "in") continue;
            if (listed("bin drum can tank bucket jar recycling", line_.at(i + 2)) || listed("bin drum can", line_.at(i + 3))) {
                if (line_.any({"old", "waste", "goes", "rag", "rags"}, begin, i))
                    add("dispose", about, m, i + 1 - m, "something old goes into its bin");
                continue;
            }
            act(w == "back" && listed("on in up", next) ? next : w, about, m, i + 1 - m);
        }
    }

    void act(std::string_view particle, std::string about, std::size_t at, std::size_t words) {
        const auto blank = about.rfind(' ');
        const std::string_view noun = std::string_view(about).substr(blank == std::string::npos ? 0 : blank + 1);
        const bool wired = is(Class::Wired, noun) && !is(Class::Fluid, noun);
        const bool switched = is(Class::Switched, noun) && !wired && !listed("key heater fan pump machine", noun);
        std::string_view verb;
        if (listed("off out away", particle)) verb = is(Class::Fluid, noun) ? "drain" : wired ? "disconnect" : "remove";
        if (listed("on in back over", particle)) verb = is(Class::Fluid, noun) ? "fill" : wired ? "connect" : "fit";
        if (switched && listed("off out on in back", particle))
            verb = listed("isolator breaker", noun) ? (listed("off out", particle) ? "open" : "close")
                                                    : std::string_view{};  // an isolator that is off is open
        if (particle == "open") verb = "open";
        if (listed("closed shut", particle)) verb = "close";
        if (particle == "tight") verb = "tighten";
        if (particle == "loose") verb = "loosen";
        if (listed("up down", particle) && is(Class::Fastener, noun) && !listed("cover cap head", noun)) verb = "tighten";
        if (particle == "up" && listed("forks loader bike load jack wheel car machine bonnet", noun)) verb = "lift";
        if (particle == "down" && listed("forks loader bike load jack wheel car machine", noun)) verb = "lower";
        if (verb.empty()) return;
        add(verb, std::move(about), at, words, fmt::format("a thing and \"{}\": something is done to it", particle));
    }

    /// "with a new washer", "new element, new O ring": something is replaced.
    void new_things() {
        for (std::size_t i = 0; i + 1 < line_.size(); ++i) {
            if (!listed("new fresh", line_.at(i))) continue;
            const bool with = line_.before(i) == "a" && listed("with and plus", line_.before(i, 2));
            const bool head = line_.starts_clause(i) || listed("and then so", line_.before(i));
            if (!with && !head) continue;
            const std::size_t end = std::min(line_.clause_end(i), i + 5);
            std::size_t thing = line_.size();
            for (std::size_t k = i + 1; k < end && thing == line_.size(); ++k) {
                if (is(Class::Part, line_.at(k)) && !is(Class::Tool, line_.at(k)) && !is(Class::Fluid, line_.at(k)))
                    thing = k;
                else if (!is(Class::Modifier, line_.at(k)) && line_.at(k) != "o")
                    break;
            }
            if (thing == line_.size() || listed("is was has machine in on back goes out", line_.at(thing + 1)) ||
                line_.any({"if", "when", "want", "wants", "need", "needs", "number", "every", "buy", "it's"}, line_.clause_begin(i), i))
                continue;
            add("replace", thing_near(line_, thing, i + 1, end), i, thing + 1 - i, "something new goes in");
        }
    }

    /// "Dipstick." alone: it is looked at.
    void things_alone() {
        for (std::size_t i = 0; i < line_.size(); ++i) {
            if (!line_.words[i].sentence_start) continue;
            std::size_t k = i;
            while (k < line_.size() && listed("the now then right so okay and again", line_.at(k))) ++k;
            const bool alone =
                k + 1 >= line_.size() || line_.words[k + 1].sentence_start || (line_.starts_clause(k + 1)) || line_.at(k + 1) == "again";
            if (alone && listed("dipstick stick glass level gauges pressure leaks", line_.at(k)))
                add("check", std::string(line_.at(k)), k, 1, "a thing named alone: it is looked at");
        }
    }

    /// "finger tight", "hand tight and a quarter turn".
    void tight_by_hand() {
        for (std::size_t i = 0; i + 1 < line_.size(); ++i)
            if (listed("finger hand fingertight handtight", line_.at(i)) && line_.at(i + 1) == "tight" &&
                !line_.any({"not", "never", "past", "don't"}, line_.clause_begin(i), i))
                add("tighten", thing_near(line_, i), i, 2, "tightened by hand");
    }

    /// "a smear of grease on the seal", "a drop of oil on the threads".
    void smears() {
        for (std::size_t i = 0; i + 2 < line_.size(); ++i) {
            if (!listed("smear dab film drop wipe lick touch bit splash", line_.at(i)) || line_.at(i + 1) != "of") continue;
            for (std::size_t k = i + 2; k < std::min(i + 5, line_.size()); ++k) {
                if (!is(Class::Fluid, line_.at(k)) || listed("water coolant", line_.at(k)) ||
                    !line_.any({"on", "round", "to", "over"}, k, k + 4))
                    continue;
                add("lubricate", thing_near(line_, k + 3, k + 1), i, k + 1 - i, "oil or grease goes on something");
                break;
            }
        }
    }

    const Line& line_;
    std::vector<bool> used_;
    std::vector<FoundStep> out_;
};

/// Is the verb at `at` explained rather than done: what others do, could do, or do in general?
bool explained_only(const Line& line, const std::vector<Clause>& clauses, std::size_t at) {
    const auto clause = std::find_if(clauses.begin(), clauses.end(), [&](const Clause& c) { return at >= c.from && at < c.to; });
    switch (mood_of(line, clause == clauses.end() ? Clause{0, line.size()} : *clause, at)) {
        case Mood::Possible:
        case Mood::Hypothetical:
        case Mood::Others:
        case Mood::General:
        case Mood::Denied:
        case Mood::Asked:
            return true;
        case Mood::Order:
        case Mood::Advised:
        case Mood::Now:
        case Mood::Done:
        case Mood::Intended:
            return false;
    }
    return false;
}

/// Log odds that what a rule found is worth: less where it does not know on what, for the verbs everything is put with, and where it is
/// explained.
double worth_of(const Line& line, const std::vector<Clause>& clauses, const FoundStep& s) {
    constexpr double kExplained = 0.5;
    constexpr double kRule = 4.5;
    constexpr double kPut = 2.5;
    constexpr double kUnnamed = 1.5;
    const bool put = s.verb == "fit" && !listed("fit fits fitted fitting refit refitted install installed mount mounted", line.at(s.at));
    return (put ? kPut : kRule) - (put && s.about.empty() ? kUnnamed : 0) - (explained_only(line, clauses, s.at) ? kExplained : 0);
}

/// One act that two readings found is one step: "close the cap" is not "fit the cap" too.
std::vector<FoundStep> said_once(std::vector<FoundStep> steps) {
    static constexpr std::pair<std::string_view, std::string_view> kSame[] = {{"connect", "fit"}, {"close", "fit"}, {"replace", "fit"},
        {"inspect", "check"}, {"measure", "check"}, {"record", "mark"}, {"pump", "fill"}};
    std::vector<FoundStep> out;
    for (auto& s : steps) {
        auto same = std::find_if(out.begin(), out.end(), [&](const FoundStep& o) {
            if (o.verb == s.verb) return o.about == s.about || o.about.empty() || s.about.empty();
            const bool alike = std::any_of(std::begin(kSame), std::end(kSame), [&](const auto& pair) {
                return (pair.first == o.verb && pair.second == s.verb) || (pair.first == s.verb && pair.second == o.verb);
            });
            return alike && o.about == s.about;
        });
        if (same == out.end()) {
            out.push_back(std::move(s));
            continue;
        }
        if (same->about.empty()) same->about = s.about;
        const bool plainer = same->verb == "fit" || same->verb == "check" || same->verb == "mark" || same->verb == "fill";
        if (plainer && !s.guessed) same->verb = s.verb;
        if (same->guessed && !s.guessed) *same = std::move(s);
    }
    return out;
}

}  // namespace

std::string fitting(std::string_view verb, std::string about) {
    const auto blank = about.rfind(' ');
    const std::string_view noun = std::string_view(about).substr(blank == std::string::npos ? 0 : blank + 1);
    const bool pours = listed("fill drain pump", verb);
    const bool hole =
        listed("hole holes thread threads slot gap bottom", noun) && !listed("clean inspect check measure lubricate mark", verb);
    const bool solid = pours && is(Class::Fastener, noun) && !listed("plug cap", noun);
    const bool fluid = is(Class::Fluid, noun) && !is(Class::Part, noun) &&
        !listed("fill drain pump remove check measure dispose replace record run lubricate bleed", verb);
    return verb == "wait" || hole || solid || fluid ? std::string() : about;
}

std::vector<FoundStep> read_steps(const Line& line, const SpeechModel& model) {
    // Rules say where and what; the learned model says how likely a verb is at all in its stretch, and finds what the rules
    // have no form for. Thresholds where right and wrong balance over speakers left out.
    constexpr double kThreshold = -0.9;
    constexpr double kGuess = -0.85;
    constexpr std::size_t kUnread = 5;  // words
    auto by_rule = Reader(line).read();
    const auto clauses = clauses_of(line);
    std::vector<FoundStep> out;
    std::size_t covered = 0;  // stretches of a line without punctuation overlap
    for (const auto& stretch : stretches_of(line, kStepStretch)) {
        const auto scores = model.scores(part_of(line, stretch));
        // what the rules have read already says nothing more; what is needed is not done yet
        std::size_t unread = stretch.to - stretch.from;
        for (const auto& s : by_rule)
            if (s.at >= stretch.from && s.at < stretch.to) unread -= std::min(unread, s.words);
        const bool nothing_left = unread < kUnread && unread < stretch.to - stretch.from;
        const bool needed = line.any({"need", "needs"}, stretch.from, stretch.to);
        for (std::size_t v = 0; v < scores.size(); ++v) {
            const auto& verb = model.labels()[v];
            bool ruled = false;
            for (const auto& s : by_rule) {
                if (s.verb != verb || s.at < stretch.from || s.at >= stretch.to) continue;
                ruled = true;
                if (s.at >= covered && scores[v].total + worth_of(line, clauses, s) >= kThreshold) out.push_back(s);
            }
            const bool again =
                std::any_of(out.begin(), out.end(), [&](const FoundStep& s) { return s.verb == verb && s.at >= stretch.from; });
            if (!ruled && !again && !nothing_left && !(needed && verb == "replace") && scores[v].total >= kGuess)
                out.push_back({verb, thing_near(line, stretch.from, stretch.from, stretch.to), std::max(stretch.from, covered), 1,
                    "likely from what is said around it; no word says it outright", true});
        }
        covered = stretch.to;
    }
    for (auto& s : out) s.about = fitting(s.verb, std::move(s.about));
    std::stable_sort(out.begin(), out.end(), [](const FoundStep& a, const FoundStep& b) { return a.at < b.at; });
    return said_once(std::move(out));
}

}  // namespace anagraph::core
