#include "shop/notices.h"

#include <fmt/format.h>

#include "core/edition/post.h"
#include "publish/pdf_maker.h"
#include "shop/handout.h"
#include "shop/new_file.h"
#include "store/destination.h"
#include "store/files.h"

namespace anagraph::shop {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

Result<std::vector<publish::Notice>> gather_notices(const store::Library& library, const std::string& learner) {
    const auto records = library.records();
    if (!records) return tl::make_unexpected(records.error());
    const auto guides = all_editions(library);
    if (!guides) return tl::make_unexpected(guides.error());
    auto owes = owed(library, learner);
    if (!owes) return tl::make_unexpected(owes.error());
    const auto name_of = [&](const std::string& id) {
        for (const auto& g : *guides)
            if (g.guide == id)
                return fmt::format("{} {}", g.editions.back().procedure.header.machine, g.editions.back().procedure.header.title);
        return id;
    };
    std::vector<publish::Notice> out;
    for (auto& o : *owes)
        out.push_back({o.learner, name_of(o.guide), fmt::format("What changed in edition {}", o.to), "", std::move(o.changed),
            fmt::format("Work by edition {} from now on, give the older one back, and confirm that you have read this.", o.to)});
    for (const auto& g : *guides) {
        if (core::current_edition(*records, g) != nullptr) continue;
        const int last = g.editions.back().number;
        const auto* w = records->withdrawal(g.guide, last);
        for (const auto& l : records->learners()) {
            if (l.left || (!learner.empty() && !core::same_post(l.name, learner)) || core::had_by(*records, g.guide, l.name).last == 0)
                continue;
            out.push_back({l.name, name_of(g.guide), fmt::format("Edition {} is withdrawn", last), w == nullptr ? "" : w->because, {},
                "Do not work by it, nor by an older one. Give it back, and ask before you do this job."});
        }
    }
    return out;
}

Outcome write_notices(const std::vector<publish::Notice>& notices, const std::string& file) {
    if (notices.empty()) return fail(ErrorCode::BadInput, core::key("Shop", "Nobody has to be told anything."));
    std::string bytes;
    if (file.ends_with(".pdf")) {
        auto pdf = publish::pdf_of_text(publish::notices_page(notices));
        if (!pdf) return tl::make_unexpected(pdf.error());
        bytes = std::move(*pdf);
    } else if (file.ends_with(".html")) {
        bytes = publish::notices_page(notices);
    } else if (file.ends_with(".txt")) {
        bytes = publish::notices_text(notices);
    } else if (file.ends_with(".ics")) {
        bytes = publish::notices_calendar(notices, store::utc_now());
    } else {
        return fail(
            ErrorCode::BadInput, core::say(core::key("Shop", "{0}: give the file the ending .pdf, .html, .txt or .ics."), file), file);
    }
    return write_new_file(file, bytes);
}

}  // namespace anagraph::shop
