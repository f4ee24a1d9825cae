#include "publish/guide_page.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <QByteArray>
#include <QLocale>
#include <algorithm>
#include <kainjow/mustache.hpp>

#include "core/base/letters.h"
#include "core/edits/translation.h"
#include "core/learner/learner_guide.h"
#include "core/plate/fastener_map.h"
#include "publish/colours.h"
#include "publish/hazard_signs.h"
#include "publish/marks_svg.h"
#include "publish/plate_svg.h"
#include "publish/press_strip.h"
#include "publish/resource.h"
#include "store/digest.h"

namespace anagraph::publish {
namespace {

using kainjow::mustache::data;
using kainjow::mustache::mustache;

/// "25 N·m ± 2.5", in the form that shows its standing; `note`: the id of what is noted of it, or empty.
std::string value_html(const core::FigureRead& f, const std::string& note) {
    if (note.empty()) return fmt::format("<span class=\"figure {}\">{}</span>", core::name_of(f.standing), escaped(f.value));
    return fmt::format(
        "<a class=\"figure {0}\" href=\"#{1}\" aria-describedby=\"{1}\">{2}</a>", core::name_of(f.standing), note, escaped(f.value));
}

/// With the other system behind it, and the variant it is for: a sentence reads on over it.
std::string figure_html(const core::FigureRead& f, const std::string& note) {
    return fmt::format("{}{}{}", value_html(f, note),
        f.other.empty() ? "" : fmt::format(" <span class=\"other\">({})</span>", escaped(f.other)),
        f.variant.empty() ? "" : fmt::format("<span class=\"varied\"> for {}</span>", escaped(f.variant)));
}

/// Each for its variant; where one variant is chosen, the page shows that one alone.
std::string figures_html(const std::vector<core::FigureRead>& figures, const std::string& note) {
    std::string out;
    for (std::size_t i = 0; i < figures.size(); ++i) {
        const std::string comma = i + 1 < figures.size() ? "<span class=\"varied\">, </span>" : "";
        const std::string one = figure_html(figures[i], note) + comma;
        out += figures[i].variant.empty() ? one : fmt::format("<span data-only=\"{}\">{}</span>", escaped(figures[i].variant), one);
    }
    return out;
}

/// "proved: book, page 2".
std::string standing_words(const core::FigureRead& f) {
    return fmt::format("{}{}{}", core::name_of(f.standing), f.evidence.empty() ? "" : ": ", f.evidence);
}

/// Within a page of HTML a drawing needs no namespace of its own.
std::string inline_svg(std::string svg) {
    constexpr std::string_view kNamespace = " xmlns=\"http://www.w3.org/2000/svg\"";
    if (const auto at = svg.find(kNamespace); at != std::string::npos) svg.erase(at, kNamespace.size());
    return svg;
}

std::string size_words(std::int64_t bytes) {
    return bytes < 100000 ? fmt::format("{} kB", (bytes + 999) / 1000) : fmt::format("{:.1f} MB", static_cast<double>(bytes) / 1e6);
}

/// A field that says nothing is said to be nothing: left out, it would be taken from what stands around it.
void set_or_not(data& d, const char* name, const std::string& words) {
    d.set(name, words.empty() ? data{data::type::bool_false} : data{words});
}

/// "PT60-T only", for what does not apply to all.
void set_only(data& d, const std::vector<std::string>& variants) {
    set_or_not(d, "only", fmt::format("{}", fmt::join(variants, ", ")));
    set_or_not(d, "only_list", fmt::format("{}", fmt::join(variants, "|")));
}

void set_list(data& d, const char* name, data list) {
    d.set(fmt::format("has_{}", name), list.is_non_empty_list());
    d.set(name, std::move(list));
}

class PagePrinter {
public:
    PagePrinter(const core::Edition& edition, const PackFiles& files)
        : e_(edition), p_(edition.procedure), guide_(core::learner_guide(edition)), files_(files) {}

    data page(const std::string& mark) {
        const auto& h = p_.header;
        data d;
        d.set("machine", h.machine);
        d.set("title", h.title);
        d.set("edition", std::to_string(e_.number));
        d.set("previous", std::to_string(e_.number - 1));
        d.set("issued", e_.issued.substr(0, 10));
        d.set("checker", e_.checker);
        d.set("signed", !e_.signers.empty());
        d.set("mark", mark);
        d.set("form", page_form());
        d.set("step_count", std::to_string(p_.steps.size()));
        d.set("safety", guide_.safety);
        set_or_not(d, "language", guide_.language == "en" ? std::string() : guide_.language);  // the page's own words are English
        set_or_not(d, "site_note", h.site_note);
        set_or_not(d, "interval", h.interval);
        set_or_not(d, "variants", fmt::format("{}", fmt::join(h.variants, ", ")));
        set_or_not(d, "choice", h.variants.size() < 2 ? "" : fmt::format("{}", fmt::join(h.variants, "|")));
        data changes{data::type::list};
        for (const auto& c : e_.changes) changes << data{"text", c};
        set_list(d, "changes", std::move(changes));
        data taught{data::type::list};
        for (const auto& t : e_.taught) taught << data{"text", t};
        set_list(d, "taught", std::move(taught));
        set_list(d, "kit", kit(guide_.kit));
        data steps{data::type::list};
        for (std::size_t i = 0; i < p_.steps.size(); ++i) steps << step(i);
        d.set("steps", steps);
        data glossary{data::type::list};
        for (const auto& term : h.glossary) {
            data x;
            x.set("word", term.word);
            x.set("meaning", term.meaning);
            glossary << x;
        }
        set_list(d, "glossary", std::move(glossary));
        data later{data::type::list};
        for (const auto& f : guide_.later) later << data{"text", line_html({{"<b>", f.when}, {"</b> ", f.what}})};
        set_list(d, "later", std::move(later));
        set_evidence(d);
        return d;
    }

private:
    void set_evidence(data& d) const {
        data figures{data::type::list};
        for (const auto& f : guide_.figures) {
            data x;
            x.set("title", f.title);
            x.set("value", figure_html(f.figure, ""));
            x.set("standing", std::string(core::name_of(f.figure.standing)));
            set_or_not(x, "evidence", f.figure.standing == core::Standing::Proved || f.why.empty() ? f.figure.evidence : "");
            x.set("more", !f.why.empty() || !f.level.empty() || !f.replaces.empty());
            set_or_not(x, "why", f.why);
            set_or_not(x, "level", f.level);
            set_or_not(x, "replaces", fmt::format("{}", fmt::join(f.replaces, ", ")));
            figures << x;
        }
        set_list(d, "figures", std::move(figures));
        data kept{data::type::list};
        for (const auto& k : guide_.kept) {
            data x;
            x.set("step", std::to_string(k.step));
            x.set("what", k.what);
            x.set("because", k.because);
            kept << x;
        }
        set_list(d, "kept", std::move(kept));
        data sources{data::type::list};
        for (const auto& s : guide_.sources) {
            data x;
            x.set("title", s.title);
            for (const auto& [name, words] : {std::pair("edition", s.edition), std::pair("date", s.date), std::pair("holds", s.applies_to),
                     std::pair("instrument", s.instrument)})
                set_or_not(x, name, words);
            sources << x;
        }
        set_list(d, "sources", std::move(sources));
        set_or_not(d, "rule", e_.rule);
    }

    /// The sentence in one piece. `note`: the id of what is noted of its figures, or empty.
    static std::string sentence_html(const core::Sentence& s, const std::string& note) {
        std::string out;
        std::size_t taken = 0;  // signs at the beginning of the next words that stand with the number before them
        for (std::size_t i = 0; i < s.size(); ++i) {
            const auto& part = s[i];
            switch (part.kind) {
                case core::TokenKind::Words:
                    out += escaped(part.text.substr(taken));
                    taken = 0;
                    break;
                case core::TokenKind::Figure:
                    out += figures_html(part.figures, note);
                    break;
                case core::TokenKind::Item:
                    if (part.callout == 0) {
                        out += fmt::format("<span class=\"item\">{}</span>", escaped(part.text));
                        break;
                    }
                    // the name's last word, its number and the sign after it stay on one line
                    const auto last = part.text.rfind(' ') == std::string::npos ? 0 : part.text.rfind(' ') + 1;
                    const std::string after = i + 1 < s.size() && s[i + 1].kind == core::TokenKind::Words ? s[i + 1].text : "";
                    taken = std::min(after.find_first_not_of(".,;:!?)"), after.size());
                    out += fmt::format(
                        "<span class=\"item\">{}</span><span class=\"tie\"><span class=\"item\">{}</span><span "
                        "class=\"ref\">{}</span>{}</span>",
                        escaped(part.text.substr(0, last)), escaped(part.text.substr(last)), part.callout, escaped(after.substr(0, taken)));
                    break;
            }
        }
        return out;
    }

    /// A sentence with the mark-up before it.
    struct Piece {
        std::string_view before;
        const core::Sentence& sentence;
    };

    /// One line of such pieces, and beside it what is noted of their figures: in the margin, on touch, or at the foot of the page.
    std::string line_html(const std::vector<Piece>& pieces) {
        std::vector<std::string> notes;
        for (const auto& piece : pieces)
            for (const auto& f : core::figures_of(piece.sentence)) {
                std::string words = fmt::format("<span><b>{}</b> {}{}</span>", escaped(f.value),
                    f.variant.empty() ? "" : escaped(f.variant) + ", ", escaped(standing_words(f)));
                if (std::find(notes.begin(), notes.end(), words) == notes.end()) notes.push_back(std::move(words));
            }
        const std::string id = notes.empty() ? "" : fmt::format("note-{}", ++notes_);
        std::string all;
        for (const auto& piece : pieces) all += std::string(piece.before) + sentence_html(piece.sentence, id);
        return notes.empty()
            ? all
            : fmt::format("<span class=\"line\"><span class=\"sentence\">{}</span><span class=\"proof\" id=\"{}\">{}</span></span>", all,
                  id, fmt::join(notes, " "));
    }
    std::string line_html(const core::Sentence& s) { return line_html({{"", s}}); }

    static data kit(const std::vector<core::KitRead>& things) {
        data list{data::type::list};
        for (const auto& thing : things) {
            data x;
            x.set("name", core::capitalised(thing.name));
            set_or_not(x, "spec", thing.spec);
            set_or_not(x, "part", thing.number);
            set_or_not(x, "amount", thing.amount);
            set_only(x, thing.variants);
            list << x;
        }
        return list;
    }

    data step(std::size_t i) {
        const auto& s = guide_.steps[i];
        data d;
        d.set("number", std::to_string(i + 1));
        d.set("heading", s.heading);
        set_only(d, s.variants);
        if (i > 0) {
            d.set("previous_number", std::to_string(i));
            d.set("previous_heading", p_.steps[i - 1].heading);
        }
        if (i + 1 < p_.steps.size()) {
            d.set("next_number", std::to_string(i + 2));
            d.set("next_heading", p_.steps[i + 1].heading);
        }
        data states{data::type::list};
        for (const auto& state : s.states) states << data{"state", core::capitalised(state)};
        set_list(d, "states", std::move(states));
        data needed{data::type::list};
        for (const auto& thing : s.needs) {
            data x;
            x.set("name", thing.name);
            set_or_not(x, "spec", thing.spec);
            needed << x;
        }
        set_list(d, "needs", std::move(needed));
        data cautions{data::type::list};
        for (const auto& c : s.cautions) cautions << caution(c);
        d.set("cautions", cautions);
        data rows{data::type::list};
        for (const auto& row : s.rows) rows << step_row(i, row, &row == &s.rows.back());
        d.set("rows", rows);
        set_list(d, "resets", resets(p_.steps[i]));
        d.set("methods", methods(s.methods));
        set_list(d, "across", plates(p_.steps[i], s.across));
        return d;
    }

    data caution(const core::CautionRead& c) {
        // Said in the drawing itself: the page's style does not reach into a drawing on its way to the PDF.
        const auto colours = signal_colours(c.signal);
        data x;
        x.set("signal", std::string(core::name_of(c.signal)));
        x.set("word", core::capitalised(std::string(core::name_of(c.signal))));
        x.set("sign", inline_svg(hazard_svg(c.symbol, colours.on, colours.ground)));
        x.set("text", line_html(c.text));
        return x;
    }

    /// With the last lines stand the step's clip, and what is waited for and checked after them.
    data step_row(std::size_t i, const core::StepRow& row, bool last) {
        data x;
        data pictures = plates(p_.steps[i], row.plates);
        const auto clip = files_.clips.find(p_.steps[i].id);
        const bool plays = last && clip != files_.clips.end();
        x.set("has_pictures", pictures.is_non_empty_list() || plays);
        x.set("many", row.plates.size() > 1);
        x.set("plates", std::move(pictures));
        if (plays) x.set("clip", clip_of(p_.steps[i], clip->second, i + 1));
        data lines{data::type::list};
        for (const auto& l : row.lines) lines << data{"text", line_html(l)};
        set_list(x, "lines", std::move(lines));
        x.set("start", std::to_string(row.first_line + 1));
        x.set("before", std::to_string(row.first_line));  // the PDF maker does not read where a list starts
        data waits{data::type::list};
        data checks{data::type::list};
        if (last) {
            for (const auto& w : guide_.steps[i].waits) waits << data{"text", line_html({{"<b>Wait</b> ", w.time}, {" ", w.text}})};
            for (const auto& c : guide_.steps[i].checks) checks << check(c);
        }
        x.set("waits", waits);
        x.set("checks", checks);
        return x;
    }

    static data clip_of(const core::Step& step, const ClipFile& clip, std::size_t number) {
        data x;
        x.set("file", clip.file);
        x.set("captions", clip.captions);
        x.set("captions_inline", "data:text/vtt;base64," + QByteArray::fromStdString(clip.captions_text).toBase64().toStdString());
        x.set("poster", clip.poster);
        x.set("seconds", std::to_string(clip.seconds));
        x.set("size", size_words(clip.bytes));
        x.set("how",
            step.clip->slower > 1   ? fmt::format("{} times slower, ", step.clip->slower)
                : step.clip->silent ? std::string("without sound, ")
                                    : std::string());
        x.set("number", std::to_string(number));
        return x;
    }

    /// The house's way, unfolded by whoever wants to know why and what else is accepted.
    static data methods(const std::vector<core::MethodRead>& methods) {
        const auto named = [](const std::vector<core::MethodRead::Named>& ways) {
            data list{data::type::list};
            for (const auto& way : ways) {
                data y;
                y.set("name", way.name);
                y.set("reason", way.reason);
                list << y;
            }
            return list;
        };
        data list{data::type::list};
        for (const auto& m : methods) {
            data x;
            x.set("summary", m.summary);
            x.set("again", m.again);
            x.set("question", m.question);
            set_or_not(x, "because", m.because);
            set_or_not(x, "reason", m.reason);
            x.set("accepted", named(m.accepted));
            x.set("none_accepted", m.none_accepted);
            x.set("others", named(m.others));
            list << x;
        }
        return list;
    }

    data check(const core::CheckRead& c) {
        data x;
        x.set("look", line_html(c.look));
        set_or_not(x, "good", c.good.empty() ? "" : line_html({{"<b>Good:</b> ", c.good}}));
        set_or_not(x, "stop",
            c.stop.empty()      ? ""
                : c.ask.empty() ? line_html({{"<b>Stop:</b> ", c.stop}})
                                : line_html({{"<b>Stop:</b> ", c.stop}, {" <b>Ask:</b> ", c.ask}}));
        if (c.reading) {
            data r;
            r.set("what", line_html(c.reading->what));
            r.set("unit", c.reading->unit);
            set_or_not(r, "limits", c.reading->limits.empty() ? "" : line_html({{"must lie within ", c.reading->limits}}));
            x.set("reading", r);
        } else {
            x.set("reading", data{data::type::bool_false});
        }
        return x;
    }

    data resets(const core::Step& s) const {
        data list{data::type::list};
        for (const auto& r : s.resets) {
            data x;
            x.set("display", r.display);
            set_only(x, r.variants);
            x.set("strip", inline_svg(press_strip(p_, r)));
            x.set("words", press_words(p_, r));
            list << x;
        }
        return list;
    }

    /// Those of the plates that were made, pairs in one frame.
    data plates(const core::Step& s, const std::vector<std::size_t>& places) const {
        std::vector<const core::Plate*> made;
        for (const auto i : places)
            if (files_.stills.count(s.plates[i].id) != 0) made.push_back(&s.plates[i]);
        data list{data::type::list};
        bool closes = false;
        for (std::size_t i = 0; i < made.size(); ++i) {
            const bool opens = !closes && i + 1 < made.size() && made[i]->role != core::PairRole::None &&
                made[i + 1]->role == core::counterpart(made[i]->role);
            data x = plate(*made[i]);
            x.set("opens_pair", opens);
            x.set("closes_pair", closes);
            closes = opens;
            list << x;
        }
        return list;
    }

    data plate(const core::Plate& plate) const {
        const auto& numbers = guide_.callouts;
        const auto& still = files_.stills.at(plate.id);
        data x;
        x.set("svg", plate_svg(p_, plate, numbers, still.file, still.width, still.height, still.lenses));
        set_or_not(x, "caption", plate.caption);
        set_or_not(x, "tightening", core::tightening_words(p_, plate));
        data kinds{data::type::list};
        const auto fasteners = core::fastener_kinds(plate);
        for (const auto& k : fasteners) {
            data y;
            if (fasteners.size() > 1) y.set("sign", inline_svg(fastener_sign(core::fastener_shape(plate, k))));
            y.set("words", core::kind_words(p_, plate, k));
            kinds << y;
        }
        x.set("kinds", kinds);
        set_or_not(x, "order", off_order_words(plate, numbers));
        set_only(x, plate.variants);
        data callouts{data::type::list};
        for (const auto& c : plate.callouts) {
            data y;
            y.set("number", std::to_string(numbers.at(c.item)));
            y.set("name", p_.find(c.item) == nullptr ? c.item.text() : p_.find(c.item)->name);
            callouts << y;
        }
        x.set("callouts", callouts);
        return x;
    }

    const core::Edition& e_;
    const core::Procedure& p_;
    core::LearnerGuide guide_;
    const PackFiles& files_;
    int notes_ = 0;  // so many lines have something noted beside them
};

}  // namespace

std::string page_form() {
    std::string all;
    for (const char* part : {"guide.html", "plate.html", "check.html", "bench.html", "card.html"}) all += template_text(part);
    for (const char* part : kPageParts) all += template_text(part);
    return fmt::format("{}-{}", kPageWriter, store::sha256(all).substr(0, 8));
}

std::vector<std::pair<std::string, std::string>> pages_of(const core::Procedure& p) {
    std::vector<std::pair<std::string, std::string>> out{{"guide.html", ""}};
    for (const auto& language : core::languages_of(p))
        if (language != p.header.language && language.find_first_not_of("abcdefghijklmnopqrstuvwxyz") == std::string::npos)
            out.emplace_back(fmt::format("guide-{}.html", language), language);
    return out;
}

namespace {

/// The languages to choose from, each under its own name.
void set_languages(data& d, const core::Procedure& p, const std::string& language) {
    const auto pages = pages_of(p);
    data list{data::type::list};
    for (const auto& [file, of] : pages) {
        const std::string code = of.empty() ? p.header.language : of;
        data x;
        x.set("file", file);
        x.set("code", code);
        const auto name = QLocale(QString::fromStdString(code)).nativeLanguageName().toStdString();
        x.set("name", core::capitalised(code == "en" || name.empty() ? (code == "en" ? "English" : code) : name));
        x.set("here", of == language);
        list << x;
    }
    d.set("has_languages", pages.size() > 1);
    d.set("languages", list);
}

}  // namespace

std::string guide_page(const std::string& html_template, const core::Edition& edition, const std::string& mark, const PackFiles& files,
    const std::string& language) {
    mustache page(html_template);
    core::Edition read = edition;
    std::size_t left = 0;
    if (!language.empty()) {
        const auto lines = core::translation(edition.procedure, language);
        left = static_cast<std::size_t>(std::count_if(
            lines.begin(), lines.end(), [](const core::TranslatedLine& l) { return l.state != core::TranslatedLine::State::Current; }));
        read.procedure = core::in_language(edition.procedure, language);
        read.procedure.header.language = language;
    }
    data d = PagePrinter(read, files).page(mark);
    set_languages(d, edition.procedure, language);
    set_or_not(d, "original",
        left == 0 ? ""
                  : fmt::format("{} text{} of this guide {} not translated, or changed since; {} in the original.", left,
                        left == 1 ? "" : "s", left == 1 ? "is" : "are", left == 1 ? "it stands" : "they stand"));
    d.set("plate", data{kainjow::mustache::partial{[] { return template_text("plate.html"); }}});
    return page.render(d);
}

}  // namespace anagraph::publish
