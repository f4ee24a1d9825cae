#include "core/procedure/variant_view.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>

#include "core/procedure/evidence.h"
#include "core/procedure/text.h"

namespace anagraph::core {

bool applies_to(const std::vector<std::string>& variants, std::string_view variant) { return variants.empty() || std::find(variants.begin(), variants.end(), variant) != variants.end(); }

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
        const std::string other = other_system_text(own->value);
        out += other.empty() ? text_of(own->value) : fmt::format("{} ({})", text_of(own->value), other);
    }
    return out;
}

std::vector<VariantRow> side_by_side(const Procedure& p) {
    std::vector<VariantRow> out;
    const auto& variants = p.header.variants;
    for (const auto& step : p.steps) {
        const auto add = [&](std::string what, const std::string& line) {
            VariantRow row{step.id, std::move(what), {}, false};
            for (const auto& v : variants) row.texts.push_back(applies_to(step.variants, v) ? rendered_for(p, line, v) : "");
            row.differs = std::adjacent_find(row.texts.begin(), row.texts.end(), std::not_equal_to<>()) != row.texts.end();
            out.push_back(std::move(row));
        };
        add("Heading", step.heading);
        for (std::size_t i = 0; i < step.cautions.size(); ++i) add(fmt::format("Caution {}", i + 1), step.cautions[i].text);
        for (std::size_t i = 0; i < step.lines.size(); ++i) add(fmt::format("Line {}", i + 1), step.lines[i]);
        for (std::size_t i = 0; i < step.waits.size(); ++i) add(fmt::format("Wait {}", i + 1), step.waits[i].figure.empty() ? step.waits[i].text : fmt::format("{{figure:{}}} {}", step.waits[i].figure.text(), step.waits[i].text));
        for (std::size_t i = 0; i < step.checks.size(); ++i) add(fmt::format("Check {}", i + 1), fmt::format("{}: {}", step.checks[i].look, step.checks[i].good));
        // what some variants only have beside the text
        const auto named = [&](const char* what, const auto& things, auto&& name) {
            if (std::all_of(things.begin(), things.end(), [](const auto& t) { return t.variants.empty(); })) return;
            VariantRow row{step.id, what, {}, true};
            for (const auto& v : variants) {
                std::vector<std::string> names;
                for (const auto& t : things)
                    if (applies_to(step.variants, v) && applies_to(t.variants, v)) names.push_back(name(t));
                row.texts.push_back(fmt::format("{}", fmt::join(names, "; ")));
            }
            out.push_back(std::move(row));
        };
        named("Display", step.resets, [](const ResetSequence& r) { return r.display; });
        named("Plates", step.plates, [](const Plate& x) { return x.caption.empty() ? x.id.text() : x.caption; });
    }
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
