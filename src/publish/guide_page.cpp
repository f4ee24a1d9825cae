#include "publish/guide_page.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <QByteArray>
#include <algorithm>
#include <kainjow/mustache.hpp>

#include "core/base/letters.h"
#include "core/editing/usual_cautions.h"
#include "core/plate/fastener_map.h"
#include "core/plate/layout.h"
#include "core/procedure/evidence.h"
#include "core/procedure/text.h"
#include "publish/hazard_signs.h"
#include "publish/marks_svg.h"
#include "publish/plate_svg.h"
#include "publish/press_strip.h"
#include "publish/resource.h"

namespace anagraph::publish {
namespace {

using kainjow::mustache::data;
using kainjow::mustache::mustache;

/// Where the figure comes from, in a few words: "book, page 2".
std::string source_words(const core::Procedure& p, const core::Figure& f) {
    if (f.proofs.empty()) return "";
    const auto& proof = f.proofs.front();
    const auto* source = p.find(proof.source);
    return fmt::format("{}{}{}", source == nullptr ? "" : std::string(core::name_of(source->kind)), source == nullptr || proof.place.empty() ? "" : ", ", proof.place);
}

std::string one_figure_html(const core::Procedure& p, const core::Figure& f) {
    const auto standing = core::standing_of(p, f);
    const std::string other = core::other_system_text(f.value);
    const std::string from = standing == core::Standing::Proved ? source_words(p, f) : "";
    return fmt::format("<span class=\"figure {0}\"><span class=\"value\">{1}{2}</span>{3}<span class=\"standing\">{0}{4}</span></span>", core::name_of(standing), escaped(core::text_of(f.value)),
                       f.tolerance.empty() ? "" : fmt::format(" ± {}", escaped(f.tolerance)), other.empty() ? "" : fmt::format("<span class=\"other\">{}</span>", escaped(other)), from.empty() ? "" : ": " + escaped(from));
}

/// A figure as its reader needs it: one that differs by variant for every variant, and as not known where one has none.
std::string figure_html(const core::Procedure& p, const core::Figure& f) {
    if (!core::differs_by_variant(p, f)) return one_figure_html(p, f);
    std::string out;
    for (const auto& variant : p.header.variants) {
        const auto* own = core::figure_for(p, f, variant);
        out += fmt::format("{}<span class=\"variant\">{}:</span> {}", out.empty() ? "" : " ", escaped(variant), own == nullptr ? std::string("<span class=\"figure open\"><span class=\"value\">not known for this variant</span><span class=\"standing\">open</span></span>") : one_figure_html(p, *own));
    }
    return out;
}

/// The colour behind a signal word, after ISO 3864-4.
const char* ground_of(core::Signal signal) {
    switch (signal) {
        case core::Signal::Danger:
            return "#a91b20";
        case core::Signal::Warning:
            return "#f58a1f";
        case core::Signal::Caution:
            return "#f9c800";
        case core::Signal::Notice:
            return "#1f5a96";
    }
    return "none";
}

constexpr std::string_view kPutIn[] = {"Pour ", "Add ", "Fill ", "Top "};

/// Within a page of HTML a drawing needs no namespace of its own.
std::string inline_svg(std::string svg) {
    constexpr std::string_view kNamespace = " xmlns=\"http://www.w3.org/2000/svg\"";
    if (const auto at = svg.find(kNamespace); at != std::string::npos) svg.erase(at, kNamespace.size());
    return svg;
}

std::string size_words(std::int64_t bytes) { return bytes < 100000 ? fmt::format("{} kB", (bytes + 999) / 1000) : fmt::format("{:.1f} MB", static_cast<double>(bytes) / 1e6); }

class PageBuilder {
public:
    PageBuilder(const core::Edition& edition, const PackFiles& files) : e_(edition), p_(edition.procedure), files_(files), numbers_(core::callout_numbers(edition.procedure)) {}

    data page(const std::string& mark) const {
        const auto& h = p_.header;
        data d;
        d.set("machine", h.machine);
        d.set("title", h.title);
        d.set("edition", std::to_string(e_.number));
        d.set("previous", std::to_string(e_.number - 1));
        d.set("issued", e_.issued.substr(0, 10));
        d.set("checker", e_.checker);
        d.set("mark", mark);
        d.set("form", std::to_string(kPageForm));
        d.set("step_count", std::to_string(p_.steps.size()));
        d.set("safety", std::string(core::safety_statement()));
        if (!h.site_note.empty()) d.set("site_note", h.site_note);
        if (!h.interval.empty()) d.set("interval", h.interval);
        if (!h.variants.empty()) d.set("variants", fmt::format("{}", fmt::join(h.variants, ", ")));
        data changes{data::type::list};
        for (const auto& c : e_.changes) changes << data{"text", c};
        d.set("changes", changes);
        d.set("has_changes", !e_.changes.empty());
        d.set("kit", kit());
        d.set("has_kit", !p_.items.empty());
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
        d.set("glossary", glossary);
        d.set("has_glossary", !h.glossary.empty());
        data later{data::type::list};
        for (const auto& f : h.follow_ups) {
            data x;
            x.set("when", line_html(f.when));
            x.set("what", line_html(f.what));
            later << x;
        }
        d.set("later", later);
        d.set("has_later", !h.follow_ups.empty());
        data figures{data::type::list};
        for (const auto& f : p_.figures) {
            data x;
            x.set("title", core::title_of(p_, f));
            x.set("value", one_figure_html(p_, f));  // a row of its own for each variant
            x.set("why", core::argue_standing(p_, f));
            if (f.level) x.set("level", core::text_of(*f.level));
            if (!f.replaces.empty()) x.set("replaces", fmt::format("{}", fmt::join(f.replaces, ", ")));
            figures << x;
        }
        d.set("figures", figures);
        data sources{data::type::list};
        for (const auto& s : p_.sources) {
            data x;
            x.set("title", s.title);
            std::string holds = fmt::format("{}", fmt::join(s.variants, ", "));
            if (!s.serials.empty()) holds += fmt::format("{}serials {}", holds.empty() ? "" : ", ", s.serials);
            // what is empty is said to be nothing: a field left out would be taken from the edition around it
            for (const auto& [name, words] : {std::pair("edition", s.edition), std::pair("date", s.date), std::pair("holds", holds), std::pair("instrument", s.instrument)}) x.set(name, words.empty() ? data{data::type::bool_false} : data{words});
            sources << x;
        }
        d.set("sources", sources);
        if (!e_.rule.empty()) d.set("rule", e_.rule);
        d.set("has_sources", !p_.sources.empty());
        return d;
    }

private:
    std::string line_html(const std::string& line) const {
        std::string out;
        const auto pieces = core::pieces_of(line);
        std::size_t taken = 0;  // signs at the beginning of the next words that stand with the number before them
        for (std::size_t i = 0; i < pieces.size(); ++i) {
            const auto& piece = pieces[i];
            if (piece.kind == core::TokenKind::Words) {
                out += escaped(piece.text.substr(taken));
                taken = 0;
            } else if (piece.kind == core::TokenKind::Item) {
                const auto* item = p_.find(core::ItemId(piece.text));
                if (item == nullptr) continue;
                const auto n = numbers_.find(item->id);
                if (n == numbers_.end()) {
                    out += fmt::format("<span class=\"item\">{}</span>", escaped(item->name));
                    continue;
                }
                // the name's last word, its number and the sign after it stay on one line
                const auto last = item->name.rfind(' ') == std::string::npos ? 0 : item->name.rfind(' ') + 1;
                const std::string after = i + 1 < pieces.size() && pieces[i + 1].kind == core::TokenKind::Words ? pieces[i + 1].text : "";
                taken = std::min(after.find_first_not_of(".,;:!?)"), after.size());
                out += fmt::format("<span class=\"item\">{}</span><span class=\"tie\"><span class=\"item\">{}</span><span class=\"ref\">{}</span>{}</span>", escaped(item->name.substr(0, last)), escaped(item->name.substr(last)), n->second, escaped(after.substr(0, taken)));
            } else if (const auto* figure = p_.find(core::FigureId(piece.text))) {
                out += figure_html(p_, *figure);
            }
        }
        return out;
    }

    /// Tools and vessels first, then what is used up, then protective gear: the order they are laid out in.
    data kit() const {
        using core::ItemKind;
        data list{data::type::list};
        for (const ItemKind kind : {ItemKind::Protection, ItemKind::Tool, ItemKind::Vessel, ItemKind::Fluid, ItemKind::Seal, ItemKind::Part})
            for (const auto& item : p_.items) {
                const bool bought = kind != ItemKind::Part || !item.number.empty();
                if (item.kind != kind || !bought) continue;
                data x;
                x.set("name", core::capitalised(item.name));
                if (!item.spec.empty()) x.set("spec", item.spec);
                if (!item.number.empty()) x.set("part", item.number);
                set_only(x, item.variants);
                list << x;
            }
        return list;
    }

    data step(std::size_t i) const {
        const auto& s = p_.steps[i];
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
        data cautions{data::type::list};
        for (const auto& c : s.cautions) {
            data x;
            x.set("signal", std::string(core::name_of(c.signal)));
            x.set("word", core::capitalised(std::string(core::name_of(c.signal))));
            // Said in the drawing itself: the page's style does not reach into a drawing on its way to the PDF.
            const bool light = c.signal == core::Signal::Danger || c.signal == core::Signal::Notice;
            const auto* hazard = core::find_hazard(c.hazard);
            x.set("sign", inline_svg(hazard_svg(hazard == nullptr ? "" : hazard->symbol, light ? "#ffffff" : "#000000", ground_of(c.signal))));
            x.set("text", line_html(c.text));
            cautions << x;
        }
        d.set("cautions", cautions);
        data lines{data::type::list};
        for (const auto& l : s.lines) lines << data{"text", line_html(l)};
        d.set("lines", lines);
        data waits{data::type::list};
        for (const auto& w : s.waits) {
            data x;
            if (const auto* time = p_.find(w.figure)) x.set("time", figure_html(p_, *time));
            x.set("text", line_html(w.text));
            waits << x;
        }
        d.set("waits", waits);
        d.set("states", states(s));
        d.set("methods", methods(s));
        d.set("checks", checks(s));
        d.set("resets", resets(s));
        d.set("plates", plates(s, false));
        const data across = plates(s, true);
        d.set("has_across", across.is_non_empty_list());
        d.set("across", across);
        const data needed = needs(s);
        d.set("has_needs", needed.is_non_empty_list());
        d.set("needs", needed);
        if (const auto clip = files_.clips.find(s.id); clip != files_.clips.end()) {
            data x;
            x.set("file", clip->second.file);
            x.set("captions", clip->second.captions);
            x.set("captions_inline", "data:text/vtt;base64," + QByteArray::fromStdString(clip->second.captions_text).toBase64().toStdString());
            x.set("poster", clip->second.poster);
            x.set("seconds", std::to_string(clip->second.seconds));
            x.set("size", size_words(clip->second.bytes));
            x.set("how", s.clip->slower > 1 ? fmt::format("{} times slower, ", s.clip->slower) : s.clip->silent ? std::string("without sound, ")
                                                                                                                : std::string());
            x.set("number", std::to_string(i + 1));
            d.set("clip", x);
        }
        return d;
    }

    /// A field that says nothing is left out where it stands, not taken from what stands around it.
    static void set_or_not(data& d, const char* name, const std::string& words) { d.set(name, words.empty() ? data{data::type::bool_false} : data{words}); }

    /// "PT60-T only", for what does not apply to all.
    static void set_only(data& d, const std::vector<std::string>& variants) { set_or_not(d, "only", fmt::format("{}", fmt::join(variants, ", "))); }

    static data states(const core::Step& s) {
        data list{data::type::list};
        for (const auto state : s.states) list << data{"state", core::capitalised(std::string(core::spoken_name_of(state)))};
        return list;
    }

    /// The house's way, unfolded by whoever wants to know why and what else is accepted.
    data methods(const core::Step& s) const {
        data list{data::type::list};
        for (const auto& held : core::methods_of(s, e_.methods)) {
            data x;
            x.set("summary", core::summary(held));
            x.set("question", std::string(held.topic->question));
            set_or_not(x, "because", held.because);
            set_or_not(x, "reason", held.chosen == nullptr ? "" : std::string(held.chosen->reason));
            data accepted{data::type::list};
            for (const auto* way : held.accepted) {
                data y;
                y.set("name", std::string(way->name));
                y.set("reason", std::string(way->reason));
                accepted << y;
            }
            x.set("accepted", accepted);
            x.set("none_accepted", held.chosen != nullptr && held.accepted.empty());
            data others{data::type::list};
            if (held.chosen == nullptr)
                for (const auto& way : held.topic->ways) {
                    data y;
                    y.set("name", std::string(way.name));
                    y.set("reason", std::string(way.reason));
                    others << y;
                }
            x.set("others", others);
            list << x;
        }
        return list;
    }

    data checks(const core::Step& s) const {
        data list{data::type::list};
        for (const auto& c : s.checks) {
            data x;
            x.set("look", line_html(c.look));
            set_or_not(x, "good", line_html(c.good));
            set_or_not(x, "stop", line_html(c.stop));
            set_or_not(x, "ask", line_html(c.ask));
            if (c.reading) {
                data r;
                r.set("what", line_html(c.reading->what));
                const auto* unit = core::find_unit(c.reading->unit);
                r.set("unit", unit == nullptr ? c.reading->unit : std::string(unit->symbol));
                const auto* limits = p_.find(c.reading->limits);
                set_or_not(r, "limits", limits == nullptr ? "" : figure_html(p_, *limits));
                x.set("reading", r);
            } else {
                x.set("reading", data{data::type::bool_false});
            }
            list << x;
        }
        return list;
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

    /// A plate with so much on it that its numbers want the whole width of the page.
    static bool wide(const core::Plate& plate) { return plate.role == core::PairRole::None && plate.callouts.size() > core::kNarrowCallouts; }

    /// The step's plates that stand beside its words, or those across the page below them.
    data plates(const core::Step& s, bool across) const {
        std::vector<const core::Plate*> made;
        for (const auto& plate : s.plates)
            if (files_.stills.count(plate.id) != 0 && wide(plate) == across) made.push_back(&plate);
        data list{data::type::list};
        bool closes = false;
        for (std::size_t i = 0; i < made.size(); ++i) {
            const auto& plate = *made[i];
            const bool opens = i + 1 < made.size() && plate.role != core::PairRole::None && made[i + 1]->role == core::counterpart(plate.role);
            const auto& still = files_.stills.at(plate.id);
            data x;
            x.set("svg", plate_svg(p_, plate, numbers_, still.file, still.width, still.height, still.lenses));
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
            set_or_not(x, "order", off_order_words(plate, numbers_));
            set_only(x, plate.variants);
            data callouts{data::type::list};
            for (const auto& c : plate.callouts) {
                data y;
                y.set("number", std::to_string(numbers_.at(c.item)));
                y.set("name", p_.find(c.item) == nullptr ? c.item.text() : p_.find(c.item)->name);
                callouts << y;
            }
            x.set("callouts", callouts);
            x.set("opens_pair", opens);
            x.set("closes_pair", closes);
            closes = opens;
            list << x;
        }
        return list;
    }

    /// What the hand takes up for this step: tools, vessels, gear, what is used up, in the order it is named.
    data needs(const core::Step& s) const {
        std::vector<const core::Item*> out;
        const auto name = [&](const core::ItemId& id) {
            const auto* item = p_.find(id);
            using core::ItemKind;
            if (item == nullptr || item->kind == ItemKind::Part || item->kind == ItemKind::Fastener || std::find(out.begin(), out.end(), item) != out.end()) return;
            out.push_back(item);
        };
        const auto read = [&](const std::string& line) {
            // a fluid is taken up only where it is put in; where it runs out it is there already
            const bool put_in = std::any_of(std::begin(kPutIn), std::end(kPutIn), [&](std::string_view verb) { return line.substr(0, verb.size()) == verb; });
            for (const auto& piece : core::pieces_of(line)) {
                const auto* item = piece.kind == core::TokenKind::Item ? p_.find(core::ItemId(piece.text)) : nullptr;
                if (item != nullptr && (item->kind != core::ItemKind::Fluid || put_in)) name(item->id);
            }
        };
        for (const auto& c : s.cautions) read(c.text);
        for (const auto& l : s.lines) read(l);
        data list{data::type::list};
        for (const auto* item : out) {
            data x;
            x.set("name", item->name);
            set_or_not(x, "spec", item->spec);
            list << x;
        }
        return list;
    }

    const core::Edition& e_;
    const core::Procedure& p_;
    const PackFiles& files_;
    std::map<core::ItemId, int> numbers_;
};

}  // namespace

std::string guide_page(const std::string& html_template, const core::Edition& edition, const std::string& mark, const PackFiles& files) {
    mustache page(html_template);
    data d = PageBuilder(edition, files).page(mark);
    d.set("plate", data{kainjow::mustache::partial{[] { return resource("plate.html"); }}});
    return page.render(d);
}

}  // namespace anagraph::publish
