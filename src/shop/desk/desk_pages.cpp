#include "shop/desk/desk_pages.h"

#include <fmt/format.h>

#include <algorithm>
#include <kainjow/mustache.hpp>
#include <nlohmann/json.hpp>

#include "publish/pdf_maker.h"
#include "publish/resource.h"
#include "store/files.h"
#include "store/objects/object_cache.h"

namespace anagraph::shop {

using core::EditionStanding;
using kainjow::mustache::data;
using nlohmann::json;

namespace {

std::string page(const data& d) {
    kainjow::mustache::mustache form(publish::template_text("desk.html"));
    return form.render(d);
}

/// What the desk says in one line, and below it.
struct Answer {
    std::string tone;  // "current", "replaced", "withdrawn", "unknown"
    std::string headline, place, words;
    std::vector<std::string> here, changes;
    std::string changes_title = "What changed";
    std::string link, link_words;
};

data list_of(const std::vector<std::string>& sentences) {
    data out{data::type::list};
    for (const auto& s : sentences) out << data{"text", s};
    return out;
}

std::string answered(const Answer& a) {
    data d;
    const auto set = [&](const char* name, const std::string& words) {
        d.set(name, words.empty() ? data{data::type::bool_false} : data{words});
    };
    d.set("title", a.headline);
    d.set("answer", true);
    d.set("tone", a.tone);
    d.set("headline", a.headline);
    set("place", a.place);
    set("words", a.words);
    d.set("has_here", !a.here.empty());
    d.set("here", list_of(a.here));
    d.set("has_changes", !a.changes.empty());
    d.set("changes_title", a.changes_title);
    d.set("changes", list_of(a.changes));
    set("link", a.link);
    d.set("link_words", a.link_words);
    return page(d);
}

std::string link_to(const DeskEdition& e) { return e.manifest.empty() ? "" : fmt::format("/pack/{}/guide.html", e.manifest); }

/// The steps whose headings stand on a printed page, counted from 1; none where it cannot be read.
std::vector<int> steps_on(const DeskEdition& e, int page_number) {
    std::vector<int> out;
    if (page_number < 1 || e.folder.empty()) return out;
    if (!store::make_here(e.folder + "/guide.pdf")) return out;
    const std::string said = publish::words_of_page(e.folder + "/guide.pdf", page_number);
    for (std::size_t i = 0; i < e.headings.size(); ++i)
        if (!e.headings[i].empty() && said.find(fmt::format("{} {}", i + 1, e.headings[i])) != std::string::npos)
            out.push_back(static_cast<int>(i) + 1);
    return out;
}

/// Whether a difference speaks of one of these steps: by its number, as it is told.
bool speaks_of(const core::Difference& d, const std::vector<int>& steps) {
    return std::any_of(steps.begin(), steps.end(), [&](int n) {
        const auto number = std::to_string(n);
        for (const auto& before :
            {"Step " + number + ",", "step " + number + ".", "steps " + number + ",", ", " + number + ",", ", " + number + "."})
            if (d.text.find(before) != std::string::npos) return true;
        return false;
    });
}

}  // namespace

std::string desk_list(const DeskShelf& shelf) {
    data d;
    d.set("title", "Current guides");
    d.set("list", true);
    data machines{data::type::list};
    const auto all = shelf.current();
    d.set("none", all.empty());
    for (std::size_t i = 0; i < all.size();) {
        data machine;
        machine.set("machine", all[i]->machine);
        data guides{data::type::list};
        const std::string name = all[i]->machine;
        for (; i < all.size() && all[i]->machine == name; ++i) {
            data g;
            g.set("link", link_to(*all[i]));
            g.set("check", all[i]->manifest.empty() ? std::string() : fmt::format("/pack/{}/check.html", all[i]->manifest));
            g.set("title", all[i]->title);
            g.set("edition", std::to_string(all[i]->edition));
            g.set("issued", all[i]->issued.substr(0, 10));
            g.set("mark", fmt::format("{} / {} / {}", all[i]->number, all[i]->edition, all[i]->mark));
            guides << g;
        }
        machine.set("guides", guides);
        machines << machine;
    }
    d.set("machines", machines);
    return page(d);
}

std::string desk_is(const DeskShelf& shelf, const std::string& number, int edition, const std::string& mark, int page_number) {
    const auto* e = shelf.find(number, edition, mark);
    Answer a;
    a.place = fmt::format("{} / {} / {}{}", number, edition, mark, page_number > 0 ? fmt::format(", page {}", page_number) : "");
    if (e == nullptr) {
        a.tone = "unknown";
        const bool forged = shelf.has(number, edition);
        a.headline = forged ? "Forged or damaged" : "Unknown";
        a.words = forged
            ? "This library issued that edition under another mark. Do not work by this page; show it to whoever keeps the library."
            : "This library issued no such edition. Do not work by this page; ask where it comes from.";
        return answered(a);
    }
    a.place = fmt::format("{} {}, {}", e->machine, e->title, a.place);
    const DeskEdition* now = nullptr;
    for (const auto* c : shelf.current())
        if (c->guide == e->guide) now = c;
    const auto lead = [&](const std::string& words) {
        if (now == nullptr) return;
        a.link = link_to(*now);
        a.link_words = words;
    };
    switch (e->standing) {
        case EditionStanding::Current:
            a.tone = "current";
            a.headline = "Current";
            lead("Open the guide");
            break;
        case EditionStanding::Replaced: {
            a.tone = "replaced";
            a.headline = e->current > 0 ? fmt::format("Replaced by edition {}", e->current) : "Replaced";
            if (now == nullptr) a.words = "The edition that replaced it is withdrawn. Ask before you work.";
            const auto steps = steps_on(*e, page_number);
            for (const auto& d : e->changes) (speaks_of(d, steps) ? a.here : a.changes).push_back(d.text);
            if (!steps.empty()) {
                a.changes_title = "What changed elsewhere";
                if (a.here.empty() && !e->changes.empty()) a.words = "Nothing that is told changed on this page.";
            }
            lead(fmt::format("Open edition {}", e->current));
            break;
        }
        default:
            a.tone = "withdrawn";
            a.headline = "Withdrawn";
            a.words = fmt::format("{} Do not work by it.", e->because.ends_with('.') ? e->because : e->because + ".");
            lead(fmt::format("Open edition {}", e->current));
    }
    return answered(a);
}

std::string desk_says(const std::string& headline, const std::string& words) {
    Answer a;
    a.tone = "unknown";
    a.headline = headline;
    a.words = words;
    return answered(a);
}

std::string desk_feed(const DeskShelf& shelf) {
    json guides = json::array();
    for (const auto& e : shelf.editions()) {
        if (e.standing == EditionStanding::Replaced) continue;
        json g{{"guide", e.guide}, {"number", e.number}, {"machine", e.machine}, {"title", e.title}, {"edition", e.edition},
            {"mark", e.mark}, {"issued", e.issued}, {"state", e.standing == EditionStanding::Current ? "current" : "withdrawn"}};
        if (!e.because.empty()) g["because"] = e.because;
        if (!e.manifest.empty()) g["pack"] = link_to(e);
        guides.push_back(std::move(g));
    }
    return json{{"guides", guides}}.dump(1, ' ', false, json::error_handler_t::replace) + "\n";
}

std::string desk_style() { return publish::template_text("desk.css"); }

}  // namespace anagraph::shop
