#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <set>

#include "core/base/letters.h"
#include "core/editing/line_actions.h"
#include "core/editing/rules.h"
#include "core/editing/usual_cautions.h"
#include "core/edits/change_label.h"
#include "core/narration/lexicon.h"
#include "core/quantity/quantity.h"

namespace anagraph::core::editing {
namespace {

constexpr WordList kObjectPronouns{"it them"};
constexpr WordList kBe{"is are be been being was were gets"};
constexpr WordList kIrregular{"undone taken put held kept drawn cut shut set worn driven hung bent laid left let lifted done made found"};
constexpr WordList kSubordinate{"when until till once while if that which where because so as unless after before whether"};
constexpr WordList kToolNouns{"socket spanner key hex wrench bit driver punch drill tap die reamer ring gauge feeler drift"};
constexpr WordList kDefinite{"the this that your"};

std::string full_stop(std::string text) {
    text.erase(text.find_last_not_of(" ,;") + 1);
    if (!text.empty() && text.back() != '.' && text.back() != '!' && text.back() != ':') text += '.';
    return text;
}

/// The items named in some words, tools and protective gear aside, each once.
std::vector<const Item*> things_in(const Procedure& p, const std::vector<LineWord>& words, std::size_t end) {
    std::vector<const Item*> out;
    for (std::size_t i = 0; i < end; ++i) {
        const Item* item = words[i].is_item() ? p.find(ItemId(words[i].id)) : nullptr;
        if (item == nullptr || item->kind == ItemKind::Tool || item->kind == ItemKind::Protection || item->kind == ItemKind::Vessel)
            continue;
        if (std::find(out.begin(), out.end(), item) == out.end()) out.push_back(item);
    }
    return out;
}

bool plural_name(const Item& item) {
    const auto words = line_words(item.name);
    return !words.empty() && lexicon::is_plural(words.back().lower);
}

/// "25", "1.5", "8-10" followed by a unit, or with it in one word.
struct NumberAt {
    std::size_t last;  // word it ends in
    Quantity quantity;
};
std::optional<NumberAt> number_at(const std::vector<LineWord>& words, std::size_t i) {
    if (words[i].kind != TokenKind::Words || std::isdigit(static_cast<unsigned char>(words[i].text.front())) == 0) return std::nullopt;
    const auto whole = [](const std::string& text) { return Quantity::parse(text); };
    if (i + 1 < words.size() && words[i + 1].kind == TokenKind::Words && words[i].stop == ' ')
        if (const auto q = whole(words[i].text + " " + words[i + 1].text); q && q->unit->dimension != Dimension::Count)
            return NumberAt{i + 1, *q};
    if (const auto q = whole(words[i].text); q && q->unit->dimension != Dimension::Count) return NumberAt{i, *q};
    return std::nullopt;
}

/// "cap or the plug": what may be meant, after a "the".
Words either(const std::vector<Words>& names) {
    Words out = names.front();
    for (std::size_t i = 1; i < names.size(); ++i) out = say(key("Editor", "{0} or the {1}"), out, names[i]);
    return out;
}

bool participle(std::string_view w) { return (w.size() > 4 && w.ends_with("ed")) || kIrregular.has(w); }

/// Is the word within a clause that tells a state ("until it is seated") rather than gives an order?
bool subordinate(const std::vector<LineWord>& words, std::size_t i) {
    for (std::size_t k = i; k-- > 0;) {
        if (kSubordinate.has(words[k].lower)) return true;
        if (words[k].stop == '.' || words[k].stop == ';') return false;
    }
    return false;
}

}  // namespace

Finding at(const LineInHand& in, Rule rule, std::size_t from, std::size_t to, Words why) {
    return {rule, in.step.id, StepPart::Line, in.index, in.line, from, to - from, std::move(why), std::nullopt};
}

Change lines_instead(const LineInHand& in, const std::vector<std::string>& lines, const char* label) {
    auto next = in.step.lines;
    const auto at = next.erase(next.begin() + static_cast<std::ptrdiff_t>(in.index));
    next.insert(at, lines.begin(), lines.end());
    return {label, {Put<Step>{with_lines(in.step, std::move(next), in.p.items), std::nullopt}}};
}

void two_actions(const LineInHand& in, std::vector<Finding>& out) {
    const auto orders = orders_in(in.words);
    if (orders.empty() || orders.front().word != 0 || orders.size() < 2) return;
    const auto& second = orders[1];
    auto f = at(in, Rule::TwoActions, in.words[second.word].from, in.words[second.word].to,
        say(key("Editor", "Two actions in one line: “{0}” and “{1}”. Give each its own line."), in.words[0].lower,
            in.words[second.word].lower));
    // The cut is certain where the second part says itself what it acts on, or where "it" can only be the one thing before.
    std::string rest = in.line.substr(in.words[second.word].from);
    const auto things = things_in(in.p, in.words, second.word);
    bool certain = true;
    for (std::size_t i = second.word + 1; i < in.words.size(); ++i) {
        if (!kObjectPronouns.has(in.words[i].lower)) continue;
        const bool named_since = std::any_of(in.words.begin() + static_cast<std::ptrdiff_t>(second.word),
            in.words.begin() + static_cast<std::ptrdiff_t>(i), [](const LineWord& w) { return w.is_item(); });
        if (named_since) continue;
        certain = certain && things.size() == 1;
        if (things.size() == 1)
            rest = in.line.substr(in.words[second.word].from, in.words[i].from - in.words[second.word].from) +
                fmt::format("the {{item:{}}}", things.front()->id.text()) + in.line.substr(in.words[i].to);
        break;
    }
    if (certain)
        f.fix = lines_instead(in, {full_stop(in.line.substr(0, second.joined_from)), full_stop(capitalised(rest))}, "one action a line");
    out.push_back(std::move(f));
}

void typed_numbers(const LineInHand& in, std::vector<Finding>& out) {
    for (std::size_t i = 0; i < in.words.size(); ++i) {
        const auto number = number_at(in.words, i);
        if (!number) continue;
        // "10 mm socket" is the name of a tool
        const std::size_t next = number->last + 1;
        if (next < in.words.size() &&
            (kToolNouns.has(in.words[next].lower) ||
                (in.words[next].is_item() && in.p.find(ItemId(in.words[next].id)) != nullptr &&
                    in.p.find(ItemId(in.words[next].id))->kind == ItemKind::Tool))) {
            i = number->last;
            continue;
        }
        const std::size_t from = in.words[i].from;
        const std::size_t to = in.words[number->last].to;
        const FigureValue value{number->quantity.number.text(), "", std::string(number->quantity.unit->id)};
        std::vector<const Figure*> same;
        for (const auto& f : in.p.figures)
            if (const Unit* unit = find_unit(f.value.unit);
                unit != nullptr && unit->dimension == number->quantity.unit->dimension && agrees(f.value, value, f.tolerance))
                same.push_back(&f);
        Words why = say(key("Editor", "“{0}” is typed: make it a figure, so that it has its evidence and both units."),
            in.line.substr(from, to - from));
        if (same.size() == 1)
            why = say(key("Editor", "“{0}” is typed; the guide has it as “{1}”."), in.line.substr(from, to - from),
                title_of(in.p, *same.front()));
        auto f = at(in, Rule::TypedNumber, from, to, std::move(why));
        if (same.size() == 1)
            f.fix = lines_instead(
                in, {with_part(in.line, from, to, fmt::format("{{figure:{}}}", same.front()->id.text()))}, "a figure for a typed number");
        out.push_back(std::move(f));
        i = number->last;
    }
}

void two_names(const LineInHand& in, std::vector<Finding>& out) {
    for (std::size_t i = 0; i < in.words.size(); ++i) {
        if (in.words[i].kind != TokenKind::Words) continue;
        // the whole name typed: the longest that fits
        const Item* best = nullptr;
        std::size_t length = 0;
        for (std::size_t n = 0; n < in.p.items.size(); ++n) {
            const auto& name = in.item_names[n];
            if (name.empty() || name.size() <= length || i + name.size() > in.words.size()) continue;
            bool fits = true;
            for (std::size_t k = 0; k < name.size() && fits; ++k)
                fits = in.words[i + k].kind == TokenKind::Words && in.words[i + k].lower == name[k].lower;
            // "belt tension" is not the belt
            const std::size_t after = i + name.size();
            const bool longer = after < in.words.size() && in.words[after - 1].stop == ' ' && in.words[after].kind == TokenKind::Words &&
                (lexicon::is(lexicon::Class::Part, in.words[after].lower) || kToolNouns.has(in.words[after].lower));
            if (!fits || longer) continue;
            best = &in.p.items[n];
            length = name.size();
        }
        if (best != nullptr) {
            const std::size_t from = in.words[i].from;
            const std::size_t to = in.words[i + length - 1].to;
            auto f = at(in, Rule::TwoNames, from, to,
                say(key("Editor", "“{0}” is typed; named as an item it has its number on the pictures and follows when it is renamed."),
                    in.line.substr(from, to - from)));
            f.fix =
                lines_instead(in, {with_part(in.line, from, to, fmt::format("{{item:{}}}", best->id.text()))}, "an item for typed words");
            out.push_back(std::move(f));
            i += length - 1;
            continue;
        }
        // its last word alone: "the plug"
        if (i == 0 || !kDefinite.has(in.words[i - 1].lower) || in.words[i - 1].stop != ' ') continue;
        const bool goes_on = i + 1 < in.words.size() && in.words[i].stop == ' ' &&
            (in.words[i + 1].is_item() || lexicon::is(lexicon::Class::Part, in.words[i + 1].lower) ||
                lexicon::is(lexicon::Class::Thing, in.words[i + 1].lower) || kToolNouns.has(in.words[i + 1].lower));
        if (goes_on) continue;
        std::vector<const Item*> called;
        for (std::size_t n = 0; n < in.p.items.size(); ++n)
            if (const auto& name = in.item_names[n]; name.size() > 1 && name.back().lower == in.words[i].lower)
                called.push_back(&in.p.items[n]);
        if (called.empty()) continue;
        const std::string word = in.words[i].text;
        if (called.size() > 1) {
            std::vector<Words> names;
            for (const auto* c : called) names.emplace_back(c->name);
            out.push_back(at(in, Rule::TwoNames, in.words[i].from, in.words[i].to,
                say(key("Editor", "“The {0}” may be the {1}: name the one that is meant."), word, either(names))));
            continue;
        }
        auto f = at(in, Rule::TwoNames, in.words[i].from, in.words[i].to,
            say(key("Editor", "“{0}” is called “{1}” elsewhere: one name for one part."), word, called.front()->name));
        f.fix =
            lines_instead(in, {with_part(in.line, in.words[i].from, in.words[i].to, fmt::format("{{item:{}}}", called.front()->id.text()))},
                "one name for one part");
        out.push_back(std::move(f));
    }
}

void unclear_it(const LineInHand& in, std::vector<Finding>& out) {
    for (std::size_t i = 0; i < in.words.size(); ++i) {
        const auto& w = in.words[i];
        const bool many = w.lower == "them" || w.lower == "they";
        if (w.lower != "it" && !many) continue;
        auto things = things_in(in.p, in.words, i);
        if (things.empty() && in.before != nullptr) things = things_in(in.p, *in.before, in.before->size());
        std::erase_if(things, [&](const Item* item) { return plural_name(*item) != many; });
        if (things.size() < 2) continue;
        std::vector<Words> names;
        for (const auto* t : things) names.emplace_back(t->name);
        out.push_back(at(in, Rule::UnclearIt, w.from, w.to, say(key("Editor", "“{0}” may be the {1}: name it."), w.text, either(names))));
        return;
    }
}

void passive(const LineInHand& in, std::vector<Finding>& out) {
    for (std::size_t i = 0; i + 1 < in.words.size(); ++i) {
        if (!kBe.has(in.words[i].lower) || subordinate(in.words, i)) continue;
        std::size_t k = i + 1;
        while (k + 1 < in.words.size() &&
            (lexicon::is(lexicon::Class::Adverb, in.words[k].lower) || in.words[k].lower == "not" || in.words[k].lower == "then" ||
                kBe.has(in.words[k].lower)))
            ++k;
        if (in.words[k].lower == "to" && k + 2 < in.words.size() && in.words[k + 1].lower == "be") k += 2;
        if (!participle(in.words[k].lower)) continue;
        out.push_back(at(in, Rule::Passive, in.words[i].from, in.words[k].to,
            say(key("Editor", "“{0}” does not say who does it: begin with the action, as an order."),
                in.line.substr(in.words[i].from, in.words[k].to - in.words[i].from))));
        return;
    }
}

void vague(const LineInHand& in, std::vector<Finding>& out) {
    static const std::pair<std::string_view, Key> kPhrases[] = {
        {"make sure", key("Editor", "“{0}” cannot be checked: say what to look at and what is good, as a check.")},
        {"properly", key("Editor", "“{0}” cannot be checked: say how it looks when it is right.")},
        {"correctly", key("Editor", "“{0}” cannot be checked: say how it looks when it is right.")},
        {"sufficiently", key("Editor", "“{0}” cannot be checked: say how much.")},
        {"enough", key("Editor", "“{0}” cannot be checked: say how much.")},
        {"as required", key("Editor", "“{0}” cannot be checked: say when it is required.")},
        {"as necessary", key("Editor", "“{0}” cannot be checked: say when it is necessary.")},
        {"if necessary", key("Editor", "“{0}” cannot be checked: say what shows that it is.")},
        {"if needed", key("Editor", "“{0}” cannot be checked: say what shows that it is.")},
        {"appropriate", key("Editor", "“{0}” cannot be checked: say which.")},
        {"suitable", key("Editor", "“{0}” cannot be checked: say which.")},
        {"a bit", key("Editor", "“{0}” cannot be checked: say how much.")},
        {"a little", key("Editor", "“{0}” cannot be checked: say how much.")},
        {"slightly", key("Editor", "“{0}” cannot be checked: say how much.")},
        {"several", key("Editor", "“{0}” cannot be checked: say how many.")},
        {"a few", key("Editor", "“{0}” cannot be checked: say how many.")},
        {"a while", key("Editor", "“{0}” cannot be checked: say how long.")},
        {"for some time", key("Editor", "“{0}” cannot be checked: say how long.")},
        {"nice and tight", key("Editor", "“{0}” cannot be checked: say how tight.")},
        {"good and tight", key("Editor", "“{0}” cannot be checked: say how tight.")},
        {"firmly", key("Editor", "“{0}” cannot be checked: say how tight.")},
        {"securely", key("Editor", "“{0}” cannot be checked: say how tight.")},
        {"is tight", key("Editor", "“{0}” cannot be checked: say how tight.")},
        {"are tight", key("Editor", "“{0}” cannot be checked: say how tight.")},
        {"etc", key("Editor", "“{0}” cannot be checked: name them all.")},
        {"and so on", key("Editor", "“{0}” cannot be checked: name them all.")}};
    const bool figure = std::any_of(in.words.begin(), in.words.end(), [](const LineWord& w) { return w.kind == TokenKind::Figure; });
    if (figure) return;  // it says how much
    static const auto kParts = [] {
        std::vector<std::vector<LineWord>> out_parts;
        for (const auto& [phrase, ask] : kPhrases) out_parts.push_back(line_words(phrase));
        return out_parts;
    }();
    for (std::size_t i = 0; i < in.words.size(); ++i)
        for (std::size_t n = 0; n < kParts.size(); ++n) {
            const auto& [phrase, ask] = kPhrases[n];
            const auto& parts = kParts[n];
            if (i + parts.size() > in.words.size()) continue;
            bool fits = true;
            for (std::size_t k = 0; k < parts.size() && fits; ++k) fits = in.words[i + k].lower == parts[k].lower;
            if (!fits) continue;
            out.push_back(at(in, Rule::Vague, in.words[i].from, in.words[i + parts.size() - 1].to, say(ask, phrase)));
            return;
        }
}

void late_caution(const LineInHand& in, std::vector<Finding>& out) {
    static const std::string_view kOpeners[] = {"careful", "be careful", "take care", "beware", "watch out", "mind", "caution", "warning",
        "danger", "attention", "never", "do not", "don't"};
    for (const auto opener : kOpeners) {
        const auto parts = line_words(opener);
        if (parts.size() > in.words.size()) continue;
        bool fits = true;
        for (std::size_t k = 0; k < parts.size() && fits; ++k) fits = in.words[k].lower == parts[k].lower;
        if (!fits) continue;
        auto f = at(in, Rule::LateCaution, in.words[0].from, in.words[parts.size() - 1].to,
            in.index > 0 ? key("Editor", "A caution after an action: it belongs before the step, with its signal word.")
                         : key("Editor", "A caution among the actions: it belongs before them, with its signal word."));
        // what can happen tells the level; where nothing known is named it may hurt somebody
        Caution caution{Signal::Caution, in.line, ""};
        for (const auto& hazard : hazards())
            if (warns_of(hazard, in.p, caution)) {
                caution.signal = hazard.signal;
                caution.hazard = std::string(hazard.id);
                break;
            }
        Step next = in.step;
        next.lines.erase(next.lines.begin() + static_cast<std::ptrdiff_t>(in.index));
        next.cautions.push_back(std::move(caution));
        f.fix = Change{change_label("a caution before its action"), {Put<Step>{std::move(next), std::nullopt}}};
        out.push_back(std::move(f));
        return;
    }
}

void unexplained(const LineInHand& in, std::vector<Finding>& out) {
    // words of the trade a first-year fitter asks about, with what a guide says of them
    static const std::pair<std::string_view, std::string_view> kWords[] = {{"sump", "the lowest part of a housing, where the oil collects"},
        {"bleed", "let trapped air out of a system until only fluid comes"},
        {"purge", "drive air or old fluid out by pumping new fluid through"},
        {"prime", "fill a pump or filter with fluid before it first runs"},
        {"crosswise", "from one fastener to the one opposite, so that the part is drawn down evenly"},
        {"idle", "running without load at the lowest steady speed"}, {"weep", "let fluid out in single drops"},
        {"residue", "what stays in a system when it has been drained"}, {"viscosity", "how thick a fluid is"},
        {"sag", "how far a belt gives when it is pressed in the middle"}, {"flange", "a rim by which two parts are bolted together"},
        {"gland", "a seal that is pressed around a shaft by its nut"}, {"shim", "a thin plate that sets a distance"},
        {"backlash", "the play between two gears"}, {"preload", "the force with which bearings are pressed together"},
        {"burr", "a sharp edge that a tool has left"}, {"circlip", "a spring ring in a groove that holds a part on a shaft or in a bore"},
        {"dowel", "a pin that sets the place of a part"}, {"spigot", "a short stub on which a part or hose sits"},
        {"journal", "the part of a shaft that runs in a bearing"}, {"bush", "a sleeve that serves as a bearing"},
        {"grommet", "a rubber ring that lines a hole"}, {"ullage", "the empty space above the fluid in a tank"},
        {"detent", "a catch that holds a part in a position"}, {"scavenge", "draw fluid off with a pump"},
        {"energise", "switch on, put under current"}, {"galling", "two metal faces tearing each other"}};
    for (const auto& w : in.words) {
        if (w.kind != TokenKind::Words) continue;
        const auto it = std::find_if(std::begin(kWords), std::end(kWords),
            [&](const auto& k) { return k.first == w.lower || k.first == lexicon::singular(w.lower); });
        if (it == std::end(kWords)) continue;
        const auto same = [&](std::string_view word) { return word == it->first || word == w.lower; };
        const bool known =
            std::any_of(in.p.header.glossary.begin(), in.p.header.glossary.end(), [&](const Term& t) { return same(t.word); }) ||
            std::any_of(in.p.items.begin(), in.p.items.end(), [&](const Item& item) { return same(item.name); });
        if (known) continue;
        // said once, where the guide first has it
        bool earlier = false;
        for (const auto& s : in.p.steps) {
            for (std::size_t i = 0; i < s.lines.size() && !earlier; ++i) {
                if (s.id == in.step.id && i >= in.index) break;
                for (const auto& other : line_words(s.lines[i])) earlier = earlier || same(other.lower);
            }
            if (s.id == in.step.id || earlier) break;
        }
        if (earlier) continue;
        auto f = at(in, Rule::Unexplained, w.from, w.to,
            say(key("Editor", "Does every reader know “{0}”? The guide can explain it: {1}."), w.lower, it->second));
        Header header = in.p.header;
        header.glossary.push_back({std::string(it->first), std::string(it->second)});
        f.fix = Change{change_label("explain a word"), {SetHeader{std::move(header)}}};
        out.push_back(std::move(f));
    }
}

void spelling(const LineInHand& in, const Speller& speller, std::vector<Finding>& out) {
    std::set<std::string> own;
    const auto add = [&](const std::string& text) {
        for (const auto& w : line_words(text)) own.insert(w.lower);
    };
    for (const auto& item : in.p.items) add(item.name), add(item.spec);
    for (const auto& t : in.p.header.glossary) add(t.word);
    for (const auto& v : in.p.header.variants) add(v);
    add(in.p.header.machine);
    for (const auto& w : in.words) {
        if (w.kind != TokenKind::Words || own.contains(w.lower)) continue;
        // codes and sizes are no words
        if (std::any_of(w.text.begin(), w.text.end(), [](unsigned char c) { return std::isdigit(c) != 0; }) || w.text.size() < 3 ||
            find_unit(w.text) != nullptr)
            continue;
        if (std::all_of(w.text.begin(), w.text.end(), [](unsigned char c) { return std::isupper(c) != 0; })) continue;
        if (speller.right(w.text)) continue;
        const auto offers = speller.offers ? speller.offers(w.text) : std::vector<std::string>{};
        auto f = at(in, Rule::Spelling, w.from, w.to,
            offers.empty() ? say(key("Editor", "“{0}” is in no dictionary here."), w.text)
                           : say(key("Editor", "“{0}” is in no dictionary here; “{1}” perhaps?"), w.text, offers.front()));
        // two ways to mend it are none
        if (offers.size() == 1) f.fix = lines_instead(in, {with_part(in.line, w.from, w.to, offers.front())}, "mend a word");
        out.push_back(std::move(f));
    }
}

}  // namespace anagraph::core::editing
