#include "publish/guide_page.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <QByteArray>
#include <algorithm>
#include <kainjow/mustache.hpp>

#include "core/plate/fastener_map.h"
#include "core/procedure/evidence.h"
#include "core/procedure/text.h"
#include "publish/plate_svg.h"

namespace anagraph::publish {
namespace {

using kainjow::mustache::data;
using kainjow::mustache::mustache;

std::string sentence_case(std::string text) {
    if (!text.empty() && text[0] >= 'a' && text[0] <= 'z') text[0] = static_cast<char>(text[0] - 'a' + 'A');
    return text;
}

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
        for (const auto& piece : core::pieces_of(line)) {
            if (piece.kind == core::TokenKind::Words) {
                out += escaped(piece.text);
            } else if (piece.kind == core::TokenKind::Item) {
                const auto* item = p_.find(core::ItemId(piece.text));
                if (item == nullptr) continue;
                out += fmt::format("<span class=\"item\">{}</span>", escaped(item->name));
                if (const auto n = numbers_.find(item->id); n != numbers_.end()) out += fmt::format("<span class=\"ref\">{}</span>", n->second);
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
                x.set("name", sentence_case(item.name));
                if (!item.spec.empty()) x.set("spec", item.spec);
                if (!item.number.empty()) x.set("part", item.number);
                list << x;
            }
        return list;
    }

    data step(std::size_t i) const {
        const auto& s = p_.steps[i];
        data d;
        d.set("number", std::to_string(i + 1));
        d.set("heading", s.heading);
        if (!s.variants.empty())
            d.set("only", fmt::format("{}", fmt::join(s.variants, ", ")));
        else
            d.set("only", data{data::type::bool_false});
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
            x.set("word", sentence_case(std::string(core::name_of(c.signal))));
            // Said in the drawing itself: the page's style does not reach into a drawing on its way to the PDF.
            x.set("ink", c.signal == core::Signal::Danger || c.signal == core::Signal::Notice ? "#ffffff" : "#000000");
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
            x.set("text", w.text);
            waits << x;
        }
        d.set("waits", waits);
        data checks{data::type::list};
        for (const auto& c : s.checks) {
            data x;
            x.set("look", c.look);
            if (!c.good.empty()) x.set("good", c.good);
            if (!c.stop.empty()) x.set("stop", c.stop);
            checks << x;
        }
        d.set("checks", checks);
        data plates{data::type::list};
        for (const auto& plate : s.plates) {
            const auto still = files_.stills.find(plate.id);
            if (still == files_.stills.end()) continue;
            data x;
            x.set("svg", plate_svg(p_, plate, numbers_, still->second.file, still->second.width, still->second.height));
            if (!plate.caption.empty()) x.set("caption", plate.caption);
            if (const std::string order = core::fastener_words(p_, plate); !order.empty()) x.set("fasteners", order);
            data callouts{data::type::list};
            for (const auto& c : plate.callouts) {
                data y;
                y.set("number", std::to_string(numbers_.at(c.item)));
                y.set("name", p_.find(c.item) == nullptr ? c.item.text() : p_.find(c.item)->name);
                callouts << y;
            }
            x.set("callouts", callouts);
            plates << x;
        }
        d.set("plates", plates);
        if (const auto clip = files_.clips.find(s.id); clip != files_.clips.end()) {
            data x;
            x.set("file", clip->second.file);
            x.set("captions", clip->second.captions);
            x.set("captions_inline", "data:text/vtt;base64," + QByteArray::fromStdString(clip->second.captions_text).toBase64().toStdString());
            x.set("poster", clip->second.poster);
            x.set("seconds", std::to_string(clip->second.seconds));
            x.set("number", std::to_string(i + 1));
            d.set("clip", x);
        }
        return d;
    }

    const core::Edition& e_;
    const core::Procedure& p_;
    const PackFiles& files_;
    std::map<core::ItemId, int> numbers_;
};

}  // namespace

std::string guide_page(const std::string& html_template, const core::Edition& edition, const std::string& mark, const PackFiles& files) {
    mustache page(html_template);
    return page.render(PageBuilder(edition, files).page(mark));
}

}  // namespace anagraph::publish
