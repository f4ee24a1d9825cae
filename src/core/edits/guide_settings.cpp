#include "core/edits/guide_settings.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <set>

#include "core/base/letters.h"
#include "core/edits/change_label.h"

namespace anagraph::core {

namespace {

/// Does something with every list of variants in a part of the guide.
template <class Thing, class Do>
void each_list(Thing& thing, Do&& what) {
    what(thing.variants);
}
template <class Do>
void each_list(Step& s, Do&& what) {
    what(s.variants);
    for (auto& plate : s.plates) what(plate.variants);
    for (auto& reset : s.resets) what(reset.variants);
}

/// Does it apply to some variants, and to none but these?
bool within(const std::vector<std::string>& variants, const std::vector<std::string>& these) {
    return !variants.empty() && std::all_of(variants.begin(), variants.end(), [&](const std::string& v) {
        return std::find(these.begin(), these.end(), v) != these.end();
    });
}

/// The names in place of those there were; those that go are left out.
void follow(std::vector<std::string>& variants, const std::vector<VariantSetting>& settings) {
    std::vector<std::string> next;
    for (const auto& v : variants) {
        const auto it = std::find_if(settings.begin(), settings.end(), [&](const VariantSetting& s) { return s.was == v; });
        if (it == settings.end())
            next.push_back(v);
        else if (const std::string name(trimmed(it->name)); !name.empty())
            next.push_back(name);
    }
    variants = std::move(next);
}

template <class Thing>
void put_changed(Change& change, const std::vector<Thing>& things, const std::vector<VariantSetting>& settings) {
    for (const auto& thing : things) {
        Thing next = thing;
        each_list(next, [&](std::vector<std::string>& variants) { follow(variants, settings); });
        if (!(next == thing)) change.edits.push_back(Put<Thing>{std::move(next), std::nullopt});
    }
}

}  // namespace

GuideSettings settings_of(const Procedure& p) {
    const Header& h = p.header;
    GuideSettings out{h.machine, h.title, h.number, h.interval, h.site_note, h.language, {}};
    for (const auto& v : h.variants) out.variants.push_back({v, v});
    return out;
}

std::vector<std::string> only_for(const Procedure& p, const std::vector<std::string>& these) {
    std::vector<std::string> out;
    for (std::size_t i = 0; i < p.steps.size(); ++i) {
        const Step& s = p.steps[i];
        const std::string name = fmt::format("step {}, {}", i + 1, s.heading);
        if (within(s.variants, these)) out.push_back(name);
        if (std::any_of(s.plates.begin(), s.plates.end(), [&](const Plate& x) { return within(x.variants, these); }))
            out.push_back(fmt::format("a plate of {}", name));
        if (std::any_of(s.resets.begin(), s.resets.end(), [&](const ResetSequence& x) { return within(x.variants, these); }))
            out.push_back(fmt::format("a display reset of {}", name));
    }
    for (const auto& f : p.figures)
        if (within(f.variants, these)) out.push_back(fmt::format("the figure {}", title_of(p, f)));
    for (const auto& i : p.items)
        if (within(i.variants, these)) out.push_back(fmt::format("the item {}", i.name));
    for (const auto& s : p.sources)
        if (within(s.variants, these)) out.push_back(fmt::format("the source {}", s.title));
    return out;
}

Result<Change> set_guide(const Procedure& p, const GuideSettings& settings) {
    Header next = p.header;
    next.machine = trimmed(settings.machine);
    next.title = trimmed(settings.job);
    next.number = trimmed(settings.number);
    next.interval = trimmed(settings.interval);
    next.site_note = trimmed(settings.workshop_note);
    next.language = trimmed(settings.language);
    const auto small = [](char c) { return c >= 'a' && c <= 'z'; };
    if (next.language.size() != 2 || !std::all_of(next.language.begin(), next.language.end(), small))
        return fail(ErrorCode::BadInput, key("Edits", "The language is given by its two letters: en, de, fr, nl."), next.language);
    if (next.machine.empty() || next.title.empty()) return fail(ErrorCode::BadInput, key("Edits", "A guide needs a machine and a job."));
    next.variants.clear();
    std::set<std::string> names;
    std::vector<std::string> gone;
    for (const auto& v : settings.variants) {
        const std::string name(trimmed(v.name));
        if (name.empty()) {
            if (!v.was.empty()) gone.push_back(v.was);
            continue;
        }
        if (!names.insert(name).second)
            return fail(ErrorCode::BadInput, say(key("Edits", "Two variants are called {0}; give each a name of its own."), name), name);
        next.variants.push_back(name);
    }
    // what applied to nothing else would apply to every machine without them
    if (const auto held = only_for(p, gone); !held.empty())
        return fail(ErrorCode::Refused,
            say(key("Edits",
                    "{0} cannot go: without it this would apply to every machine: {1}. Say first what else each applies to, or remove it."),
                fmt::join(gone, ", "), fmt::join(held, "; ")),
            gone.front());
    Change change{change_label("change guide settings"), {}};
    if (!(next == p.header)) change.edits.push_back(SetHeader{std::move(next)});
    put_changed(change, p.items, settings.variants);
    put_changed(change, p.sources, settings.variants);
    put_changed(change, p.figures, settings.variants);
    put_changed(change, p.steps, settings.variants);
    return tried(p, std::move(change));
}

}  // namespace anagraph::core
