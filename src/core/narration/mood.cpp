#include "core/narration/mood.h"

#include <algorithm>

namespace anagraph::core {
namespace {

using lexicon::Form;

constexpr WordList kBegins = "and then so but or because cause if when until till before after which who while unless since whereas plus";
constexpr WordList kSubjects = "i we i'm we're you're they're i'll we'll you'll i've we've you've let's it's that's there's";
constexpr WordList kSpeaker = "i we i'm we're i've we've i'll we'll us";
constexpr WordList kNot =
    "don't not never no can't cannot won't doesn't didn't without wouldn't shouldn't couldn't isn't aren't wasn't haven't hasn't mustn't "
    "needn't dont ain't";
constexpr WordList kUnreal = "if unless would i'd you'd we'd he'd they'd could've would've supposed suppose otherwise rather wish";
constexpr WordList kCan = "can could might may able possible";
constexpr WordList kIntends = "gonna going will i'll we'll you'll let's lets shall wanna about today tonight next later tomorrow";
constexpr WordList kNeeds = "want need needs must should gotta have has ought better wants needed";
constexpr WordList kOthers =
    "people some somebody someone they folks he she everyone everybody nobody dad father boss uncle mate mother who guy guys bloke lad "
    "dealer others wife lads manufacturer factory most many owner mechanic shop neighbor neighbour buddy friend they're they've";
constexpr WordList kGeneral =
    "every each always usually normally typically often sometimes generally ones models model versions types most";
constexpr WordList kAnotherDay =
    "last yesterday ago already before year week month earlier once used previously winter spring summer autumn fall";
constexpr WordList kAsks = "why how what where who which did does whether";

}  // namespace

std::string_view spoken_name_of(Mood mood) {
    switch (mood) {
        case Mood::Order:
            return "read as told to be done";
        case Mood::Advised:
            return "read as advice";
        case Mood::Now:
            return "read as being done";
        case Mood::Done:
            return "read as done";
        case Mood::Intended:
            return "read as what comes";
        case Mood::Possible:
            return "read as what could be done";
        case Mood::Hypothetical:
            return "read as what would be done";
        case Mood::Others:
            return "read as what others do";
        case Mood::General:
            return "read as a general remark";
        case Mood::Denied:
            return "read as what is not done";
        case Mood::Asked:
            return "read as a question";
    }
    return "";
}

std::vector<Clause> clauses_of(const Line& line) {
    std::vector<Clause> out;
    std::size_t from = 0;
    for (std::size_t i = 1; i <= line.size(); ++i) {
        const bool joins = listed(kBegins, line.before(i));
        const bool begins = i == line.size() || line.words[i].clause_start || (listed(kBegins, line.at(i)) && !joins) ||
            (listed(kSubjects, line.at(i)) && !joins && i > from + 3);
        if (!begins) continue;
        out.push_back({from, i});
        from = i;
    }
    return out;
}

Mood mood_of(const Line& line, const Clause& clause, std::size_t verb) {
    const std::size_t from = clause.from;
    const auto said = [&](const WordList& words) { return line.any_of(words, from, verb); };
    const auto form = lexicon::work_verb(line.at(verb));
    const Form how = form ? form->form : Form::Base;
    if (said(kNot)) return Mood::Denied;
    if (said(kUnreal) || line.any_of("if unless when whenever until", from, std::min(from + 2, verb))) return Mood::Hypothetical;
    if (listed(kAsks, line.at(from))) return Mood::Asked;
    if (said(kOthers)) return Mood::Others;
    if (said(kCan)) return Mood::Possible;
    if (said(kIntends)) return Mood::Intended;
    if (how == Form::Past || line.any_of("i've we've had was were been got", from, verb))
        return line.any_of(kAnotherDay, from, clause.to) ? Mood::General : said(kSpeaker) ? Mood::Done : Mood::General;
    if (said(kNeeds)) return Mood::Advised;
    if (said(kGeneral)) return Mood::General;
    if (said(kSpeaker) || how == Form::Ing) return Mood::Now;
    if (how == Form::Third) return Mood::General;
    return Mood::Order;
}

}  // namespace anagraph::core
