#include "publish/other_forms.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <kainjow/mustache.hpp>

#include "core/base/csv.h"
#include "core/base/letters.h"
#include "core/figure/evidence.h"
#include "core/learner/learner_guide.h"
#include "core/narration/timed_text.h"
#include "core/procedure/text.h"
#include "publish/pack_files.h"
#include "publish/plate_svg.h"
#include "publish/resource.h"

namespace anagraph::publish {

using core::Edition;
using kainjow::mustache::data;

namespace {

std::string words(const core::Sentence& s) {
    std::string out;
    for (const auto& part : s) {
        out += part.text;
        for (std::size_t i = 0; i < part.figures.size(); ++i) {
            const auto& f = part.figures[i];
            out += fmt::format("{}{}{}{}", i > 0 ? ", " : "", f.value, f.other.empty() ? "" : fmt::format(" ({})", f.other),
                f.variant.empty() ? "" : " for " + f.variant);
        }
    }
    return out;
}

/// The figures a step's own words name, in order, each once.
std::vector<core::FigureId> figures_in(const core::Step& step) {
    std::vector<core::FigureId> out;
    const auto look = [&](const std::string& text) {
        for (const auto& piece : core::pieces_of(text))
            if (piece.kind == core::TokenKind::Figure && std::find(out.begin(), out.end(), core::FigureId(piece.text)) == out.end())
                out.emplace_back(piece.text);
    };
    for (const auto& line : step.lines) look(line);
    for (const auto& w : step.waits)
        if (!w.figure.empty()) look("{figure:" + w.figure.text() + "}");
    return out;
}

std::string tag(const char* name, const std::string& content) { return fmt::format("<{0}>{1}</{0}>", name, content); }

/// The hazard of a caution in DITA's own words for it.
std::string hazard_statement(const core::CautionRead& c) {
    return fmt::format(
        "<hazardstatement "
        "type=\"{}\"><messagepanel><typeofhazard>{}</typeofhazard><howtoavoid>{}</howtoavoid></messagepanel></hazardstatement>",
        core::name_of(c.signal), escaped(c.symbol.empty() ? std::string("hazard") : c.symbol), escaped(words(c.text)));
}

std::string dita_step(const core::LearnerGuide& guide, const Edition& e, std::size_t i) {
    const auto& s = guide.steps[i];
    std::string out = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<!DOCTYPE task PUBLIC \"-//OASIS//DTD DITA Task//EN\" \"task.dtd\">\n";
    out += fmt::format("<task id=\"step-{}\" xml:lang=\"{}\">\n{}\n", i + 1,
        escaped(guide.language.empty() ? std::string("en") : guide.language), tag("title", escaped(s.heading)));
    if (!s.variants.empty())
        out += fmt::format("<prolog><metadata><prodinfo><prodname>{}</prodname><series>{}</series></prodinfo></metadata></prolog>\n",
            escaped(e.procedure.header.machine), escaped(fmt::format("{}", fmt::join(s.variants, ", "))));
    out += "<taskbody>\n<prereq>\n";
    if (i == 0) out += tag("p", escaped(guide.safety)) + "\n";
    for (const auto& c : s.cautions) out += hazard_statement(c) + "\n";
    if (!s.states.empty()) out += tag("p", escaped(fmt::format("{}", fmt::join(s.states, ", ")))) + "\n";
    if (!s.needs.empty()) {
        out += "<ul>";
        for (const auto& n : s.needs) out += tag("li", escaped(n.spec.empty() ? n.name : n.name + ", " + n.spec));
        out += "</ul>\n";
    }
    out += "</prereq>\n<steps>\n";
    bool pictures = true;
    std::size_t count = 0;
    for (const auto& r : s.rows)
        for (const auto& line : r.lines) {
            out += fmt::format("<step>{}", tag("cmd", escaped(words(line))));
            if (pictures && count == 0 && !e.procedure.steps[i].plates.empty()) {
                out += "<info>";
                for (std::size_t k = 0; k < e.procedure.steps[i].plates.size(); ++k)
                    out += fmt::format("<image href=\"{}\" placement=\"break\"><alt>{}</alt></image>", still_name(i + 1, k + 1),
                        escaped(fmt::format("Picture {} of step {}", k + 1, i + 1)));
                out += "</info>";
                pictures = false;
            }
            out += "</step>\n";
            ++count;
        }
    if (count == 0) out += fmt::format("<step>{}</step>\n", tag("cmd", escaped(s.heading)));
    out += "</steps>\n";
    if (!s.waits.empty() || !s.checks.empty()) {
        out += "<postreq>\n";
        for (const auto& w : s.waits) out += tag("p", escaped(fmt::format("Wait {} {}", words(w.time), words(w.text)))) + "\n";
        for (const auto& c : s.checks) {
            out += tag("p", escaped(words(c.look)));
            if (!c.good.empty()) out += tag("p", "Good: " + escaped(words(c.good)));
            if (!c.stop.empty()) out += tag("p", "Stop: " + escaped(words(c.stop)));
            out += "\n";
        }
        out += "</postreq>\n";
    }
    return out + "</taskbody>\n</task>\n";
}

}  // namespace

std::string figures_table(const Edition& edition) {
    const auto& p = edition.procedure;
    std::string out = core::csv_row(
        {"id", "figure", "value", "unit", "both units", "tolerance", "variants", "condition", "standing", "steps", "sources"});
    for (const auto& f : p.figures) {
        std::vector<std::string> sources;
        for (const auto& proof : f.proofs)
            if (const auto* s = p.find(proof.source))
                sources.push_back(fmt::format(
                    "{}{}{}{}", s->title, s->edition.empty() ? "" : ", " + s->edition, proof.place.empty() ? "" : ", ", proof.place));
        out += core::csv_row({f.id.text(), core::title_of(p, f), f.value.high.empty() ? f.value.low : f.value.low + " to " + f.value.high,
            f.value.unit, f.value.known() ? core::text_in_both(f) : "not known", f.tolerance,
            fmt::format("{}", fmt::join(f.variants, "; ")), f.condition, std::string(core::name_of(core::standing_of(p, f))),
            fmt::format("{}", fmt::join(core::steps_using(p, f.id), " ")), fmt::format("{}", fmt::join(sources, "; "))});
    }
    return out;
}

std::string bench_card(const Edition& edition, const std::string& mark) {
    const auto guide = core::learner_guide(edition);
    const auto& p = edition.procedure;
    data d;
    d.set("machine", p.header.machine);
    d.set("title", p.header.title);
    d.set("edition", std::to_string(edition.number));
    d.set("mark", mark);
    d.set("interval", p.header.interval.empty() ? data{data::type::bool_false} : data{p.header.interval});
    d.set("safety", guide.safety);
    data steps{data::type::list};
    std::size_t rows = 0;
    for (std::size_t i = 0; i < guide.steps.size(); ++i) {
        const auto& s = guide.steps[i];
        data step;
        step.set("heading", s.heading);
        step.set("only", s.variants.empty() ? data{data::type::bool_false} : data{fmt::format("{}", fmt::join(s.variants, ", "))});
        data cautions{data::type::list};
        for (const auto& c : s.cautions) {
            data one;
            one.set("word", core::capitals(core::spoken_name_of(c.signal)));
            one.set("text", words(c.text));
            cautions << one;
            rows += 1 + words(c.text).size() / 48;
        }
        step.set("cautions", cautions);
        data figures{data::type::list};
        for (const auto& id : figures_in(p.steps[i]))
            if (const auto* f = p.find(id))
                for (const auto& part : core::sentence(p, {}, "{figure:" + id.text() + "}"))
                    for (const auto& read : part.figures) {
                        // a figure stands for all variants it differs by: each under its own name
                        core::Figure named = *f;
                        if (!read.variant.empty()) named.variants = {read.variant};
                        const bool own =
                            read.variant.empty() || std::find(f->variants.begin(), f->variants.end(), read.variant) != f->variants.end();
                        std::vector<std::string> set;  // the scales of the house, whichever the learner has in hand
                        for (const auto& w : edition.wrenches)
                            if (own && w.figure == id) set.push_back(fmt::format("{}: {}", w.wrench, core::text_of(w)));
                        data one;
                        one.set("title", core::title_of(p, named));
                        one.set("value", read.value);
                        one.set("other", read.other.empty() ? data{data::type::bool_false} : data{"(" + read.other + ")"});
                        one.set("standing", std::string(core::name_of(read.standing)));
                        one.set("set", set.empty() ? data{data::type::bool_false} : data{fmt::format("{}", fmt::join(set, " · "))});
                        rows += (set.size() + 1) / 2;
                        figures << one;
                        rows += 1 + core::title_of(p, *f).size() / 40;
                    }
        step.set("figures", figures);
        data stops{data::type::list};
        for (const auto& c : s.checks)
            if (!c.stop.empty()) {
                stops << data{"text", words(c.stop)};
                rows += 1 + words(c.stop).size() / 48;
            }
        step.set("stops", stops);
        steps << step;
        rows += 1;
    }
    d.set("steps", steps);
    // two columns of one page hold some 110 rows at nine points; letters get smaller before a second page is begun
    d.set("size", rows <= 90 ? "9.6" : rows <= 120 ? "8.4" : rows <= 160 ? "7.2" : "6.4");
    kainjow::mustache::mustache form(template_text("card.html"));
    return form.render(d);
}

std::vector<store::ArchiveEntry> dita_topics(const Edition& edition, const std::string& mark) {
    const auto guide = core::learner_guide(edition);
    const auto& h = edition.procedure.header;
    std::vector<store::ArchiveEntry> out;
    std::string map = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<!DOCTYPE map PUBLIC \"-//OASIS//DTD DITA Map//EN\" \"map.dtd\">\n";
    map += fmt::format(
        "<map id=\"guide\">\n<title>{}</title>\n<topicmeta><critdates><created date=\"{}\"/></critdates><othermeta name=\"mark\" "
        "content=\"{}\"/></topicmeta>\n",
        escaped(h.machine + " " + h.title), escaped(edition.issued.substr(0, 10)), escaped(mark));
    for (std::size_t i = 0; i < guide.steps.size(); ++i) {
        const std::string file = fmt::format("step-{}.dita", i + 1);
        map += fmt::format("<topicref href=\"{}\" type=\"task\"/>\n", file);
        out.push_back({file, "", dita_step(guide, edition, i)});
    }
    map += "</map>\n";
    out.insert(out.begin(), {"guide.ditamap", "", map});
    return out;
}

std::string joined_captions(const Edition& edition, const std::map<core::StepId, std::string>& captions) {
    std::vector<core::Segment> all;
    std::int64_t from = 0;  // ms, where the clip begins when they are played one after the other
    for (const auto& step : edition.procedure.steps) {
        if (!step.clip) continue;
        if (const auto it = captions.find(step.id); it != captions.end())
            if (const auto read = core::read_timed_text(it->second))
                for (const auto& s : read->segments) {
                    const auto ms = [&](const core::FrameTime& t) {
                        return core::FrameTime::from_milliseconds(from + static_cast<std::int64_t>(t.seconds() * 1000 + 0.5));
                    };
                    all.push_back({ms(s.start), ms(s.end), s.text});
                }
        from += static_cast<std::int64_t>((step.clip->take.to.seconds() - step.clip->take.from.seconds()) * step.clip->slower * 1000 + 0.5);
    }
    return core::write_webvtt(all);
}

}  // namespace anagraph::publish
