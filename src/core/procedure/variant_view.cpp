#include "core/procedure/variant_view.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>

#include "core/figure/evidence.h"
#include "core/procedure/text.h"

namespace anagraph::core {

bool applies_to(const std::vector<std::string>& variants, std::string_view variant) {
    return variants.empty() || std::find(variants.begin(), variants.end(), variant) != variants.end();
}

std::string rendered_for(const Procedure& p, std::string_view line, std::string_view variant) {
    std::string out;
    for (const auto& piece : pieces_of(line)) {
        const Figure* named = piece.kind == TokenKind::Figure ? p.find(FigureId(piece.text)) : nullptr;
        if (named == nullptr) {
            out += rendered(p, line_of({piece}));
            continue;
        }
        const Figure* own = figure_for(p, *named, variant);
        if (own == nullptr) {
            out += fmt::format("not known for {}", variant);
            continue;
        }
        out += text_in_both(*own);
    }
    return out;
}

std::vector<VariantRow> side_by_side(const Procedure& p) {
    std::vector<VariantRow> out;
    const auto& variants = p.header.variants;
    const auto differ = [](const std::vector<std::string>& texts) {
        return std::adjacent_find(texts.begin(), texts.end(), std::not_equal_to<>()) != texts.end();
    };
    // the names of those that a variant has, where some are of one variant only
    const auto named = [&](const StepId& step, const std::vector<std::string>& of_step, const char* what, const auto& things, auto&& name) {
        if (std::all_of(things.begin(), things.end(), [](const auto& t) { return t.variants.empty(); })) return;
        VariantRow row{step, what, {}, true};
        for (const auto& v : variants) {
            std::vector<std::string> names;
            for (const auto& t : things)
                if (!t.variants.empty() && applies_to(of_step, v) && applies_to(t.variants, v)) names.push_back(name(t));
            row.texts.push_back(fmt::format("{}", fmt::join(names, "; ")));
        }
        out.push_back(std::move(row));
    };
    named({}, {}, "Items", p.items, [](const Item& i) { return i.name; });
    for (const auto& step : p.steps) {
        const auto add = [&](std::string what, const std::string& line) {
            VariantRow row{step.id, std::move(what), {}, false};
            for (const auto& v : variants) row.texts.push_back(applies_to(step.variants, v) ? rendered_for(p, line, v) : "");
            row.differs = differ(row.texts);
            out.push_back(std::move(row));
        };
        const auto figure_and = [](const FigureId& figure, const std::string& words) {
            return figure.empty() ? words : fmt::format("{{figure:{}}} {}", figure.text(), words);
        };
        add("Heading", step.heading);
        for (std::size_t i = 0; i < step.cautions.size(); ++i) add(fmt::format("Caution {}", i + 1), step.cautions[i].text);
        for (std::size_t i = 0; i < step.lines.size(); ++i) add(fmt::format("Line {}", i + 1), step.lines[i]);
        for (std::size_t i = 0; i < step.waits.size(); ++i)
            add(fmt::format("Wait {}", i + 1), figure_and(step.waits[i].figure, step.waits[i].text));
        for (std::size_t i = 0; i < step.checks.size(); ++i) {
            const Check& c = step.checks[i];
            std::string words = fmt::format("{}: {}", c.look, c.good);
            if (!c.stop.empty()) words += fmt::format("; stop when {}", c.stop);
            if (c.reading && !c.reading->limits.empty()) words += fmt::format("; within {}", figure_and(c.reading->limits, ""));
            add(fmt::format("Check {}", i + 1), words);
        }
        named(step.id, step.variants, "Display", step.resets, [](const ResetSequence& r) { return r.display; });
        named(step.id, step.variants, "Plates", step.plates, [](const Plate& x) { return x.caption.empty() ? x.id.text() : x.caption; });
    }
    return out;
}

SharedEnds shared_ends(const std::vector<std::string>& texts) {
    SharedEnds out;
    if (texts.empty()) return out;
    const auto shortest =
        std::min_element(texts.begin(), texts.end(), [](const auto& a, const auto& b) { return a.size() < b.size(); })->size();
    const auto all = [&](auto&& at) {
        return std::all_of(texts.begin(), texts.end(), [&](const std::string& t) { return at(t) == at(texts.front()); });
    };
    const bool same = all([](const std::string& t) { return t; });
    while (out.front < shortest && all([&](const std::string& t) { return t[out.front]; })) ++out.front;
    if (same) return out;
    const std::string& first = texts.front();
    const auto words_end = [&](std::size_t n) {
        return std::all_of(texts.begin(), texts.end(), [&](const std::string& t) { return n == t.size() || t[n] == ' '; });
    };
    while (out.front > 0 && first[out.front - 1] != ' ' && !words_end(out.front)) --out.front;
    while (out.front + out.back < shortest && all([&](const std::string& t) { return t[t.size() - 1 - out.back]; })) ++out.back;
    while (out.back > 0 && first[first.size() - out.back] != ' ') --out.back;
    return out;
}

Procedure for_variant(const Procedure& p, std::string_view variant) {
    Procedure out = p;
    const auto others = [&](const auto& thing) { return !applies_to(thing.variants, variant); };
    std::erase_if(out.steps, others);
    std::erase_if(out.items, others);
    for (auto& step : out.steps) {
        std::erase_if(step.plates, others);
        std::erase_if(step.resets, others);
    }
    return out;
}

}  // namespace anagraph::core
