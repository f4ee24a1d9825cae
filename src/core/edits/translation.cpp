#include "core/edits/translation.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>

#include "core/edits/change_label.h"
#include "core/find/likeness.h"
#include "core/procedure/step_texts.h"
#include "core/procedure/text.h"

namespace anagraph::core {
namespace {

using State = TranslatedLine::State;

template <class HeaderType, class Do>
void each_text_of_head(HeaderType& h, Do&& what) {
    what(std::string("Title"), h.title);
    what(std::string("When"), h.interval);
    what(std::string("Site's note"), h.site_note);
    for (auto& t : h.glossary) {
        what(std::string("Word"), t.word);
        what(std::string("Word, meaning"), t.meaning);
    }
    for (auto& f : h.follow_ups) {
        what(std::string("Later, when"), f.when);
        what(std::string("Later"), f.what);
    }
}

/// Finds each text its translation: its own first; then what is left over goes to the texts most like what it was made from.
void match(std::vector<TranslatedLine>& lines, const std::vector<Translated>& kept, std::string_view language) {
    std::vector<const Translated*> left;
    for (const auto& t : kept) {
        if (t.language != language) continue;
        bool used = false;
        for (auto& line : lines)
            if (line.of == t.of) {
                line.text = t.text;
                line.state = State::Current;
                used = true;
            }
        if (!used) left.push_back(&t);
    }
    for (const auto* t : left) {
        TranslatedLine* best = nullptr;
        double like = 0.3;
        for (auto& line : lines)
            if (const double l = likeness(line.of, t->of); line.state == State::Missing && l > like) {
                like = l;
                best = &line;
            }
        if (best == nullptr) continue;
        best->text = t->text;
        best->was = t->of;
        best->state = State::OutOfDate;
    }
}

std::multiset<std::string> tokens(const std::string& line) {
    std::multiset<std::string> out;
    for (const auto& piece : pieces_of(line))
        if (piece.kind != TokenKind::Words) out.insert(line_of({piece}));
    return out;
}

/// The translations of a thing with one more, or with one gone.
void keep(std::vector<Translated>& list, const TranslatedLine& line, std::string_view language, const std::string& text) {
    std::erase_if(
        list, [&](const Translated& t) { return t.language == language && (t.of == line.of || (!line.was.empty() && t.of == line.was)); });
    if (!text.empty()) list.push_back({std::string(language), line.of, text});
}

template <class Thing>
void put_in_language(std::string& text, const Thing& thing, std::string_view language) {
    for (const auto& t : thing.translated)
        if (t.language == language && t.of == text) {
            text = t.text;
            return;
        }
}

}  // namespace

std::vector<TranslatedLine> translation(const Procedure& p, std::string_view language) {
    std::vector<TranslatedLine> out;
    const auto part = [&](const std::vector<Translated>& kept, const StepId& step, const ItemId& item, auto&& fill) {
        std::vector<TranslatedLine> lines;
        fill([&](std::string what, const std::string& text) {
            if (!text.empty()) lines.push_back({step, item, std::move(what), text, "", "", State::Missing});
        });
        match(lines, kept, language);
        out.insert(out.end(), std::make_move_iterator(lines.begin()), std::make_move_iterator(lines.end()));
    };
    part(p.header.translated, {}, {}, [&](auto&& add) { each_text_of_head(p.header, add); });
    for (std::size_t i = 0; i < p.steps.size(); ++i)
        part(p.steps[i].translated, p.steps[i].id, {}, [&](auto&& add) {
            each_text(
                p.steps[i], [&](const std::string& at, const std::string& text) { add(fmt::format("Step {}, {}", i + 1, at), text); });
        });
    for (const auto& item : p.items) part(item.translated, {}, item.id, [&](auto&& add) { add("Item", item.name); });
    return out;
}

Result<Change> translate(const Procedure& p, const TranslatedLine& line, std::string_view language, const std::string& text) {
    if (!text.empty() && tokens(text) != tokens(line.of))
        return fail(ErrorCode::BadInput,
            key("Edits",
                "Figures and items stand in the translation as they stand in the original, each as often; they are not translated."));
    Change change{change_label("translate a text"), {}};
    if (!line.step.empty()) {
        const Step* step = p.find(line.step);
        if (step == nullptr) return fail(ErrorCode::NotFound, key("Edits", "That step is not in the guide any more."));
        Step next = *step;
        keep(next.translated, line, language, text);
        change.edits.emplace_back(Put<Step>{std::move(next), std::nullopt});
    } else if (!line.item.empty()) {
        const Item* item = p.find(line.item);
        if (item == nullptr) return fail(ErrorCode::NotFound, key("Edits", "That item is not in the guide any more."));
        Item next = *item;
        keep(next.translated, line, language, text);
        change.edits.emplace_back(Put<Item>{std::move(next), std::nullopt});
    } else {
        Header next = p.header;
        keep(next.translated, line, language, text);
        change.edits.emplace_back(SetHeader{std::move(next)});
    }
    return tried(p, std::move(change));
}

Procedure in_language(const Procedure& p, std::string_view language) {
    Procedure out = p;
    each_text_of_head(out.header, [&](const std::string&, std::string& text) { put_in_language(text, p.header, language); });
    for (auto& step : out.steps) {
        const Step original = step;
        each_text(step, [&](const std::string&, std::string& text) { put_in_language(text, original, language); });
    }
    for (auto& item : out.items) put_in_language(item.name, item, language);
    return out;
}

std::vector<std::string> languages_of(const Procedure& p) {
    std::set<std::string> out;
    const auto add = [&](const std::vector<Translated>& list) {
        for (const auto& t : list) out.insert(t.language);
    };
    add(p.header.translated);
    for (const auto& s : p.steps) add(s.translated);
    for (const auto& i : p.items) add(i.translated);
    return {out.begin(), out.end()};
}

std::vector<TranslationGap> translation_gaps(const Procedure& p) {
    std::vector<TranslationGap> out;
    for (const auto& language : languages_of(p)) {
        TranslationGap gap{language};
        for (const auto& line : translation(p, language)) {
            gap.missing += line.state == TranslatedLine::State::Missing ? 1 : 0;
            gap.out_of_date += line.state == TranslatedLine::State::OutOfDate ? 1 : 0;
        }
        if (gap.missing + gap.out_of_date > 0) out.push_back(std::move(gap));
    }
    return out;
}

Words language_words(std::string_view code) {
    for (const auto& offered : kOfferedLanguages)
        if (offered.code == code) return offered.name;
    return code;
}

Words words_of(const TranslationGap& gap) {
    const Words missing(counted_key("Translation", "%n texts are not translated", "1 text is not translated"), gap.missing);
    const Words changed(counted_key("Translation", "%n texts changed since they were translated", "1 text changed since it was translated"),
        gap.out_of_date);
    if (gap.missing == 0) return say(key("Translation", "{0}: {1}."), gap.language, changed);
    if (gap.out_of_date == 0) return say(key("Translation", "{0}: {1}."), gap.language, missing);
    return say(key("Translation", "{0}: {1}, and {2}."), gap.language, missing, changed);
}

}  // namespace anagraph::core
