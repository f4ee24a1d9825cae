// Library: who else has it open, and what they wrote.
#include "core/base/caught.h"
#include "store/library_state.h"

namespace anagraph::store {

using core::Outcome;
using core::Result;

namespace {

constexpr int kGoneAfter = 30;  // seconds without a word

}  // namespace

bool Library::others_wrote() const { return state_->db->engine().others_wrote(*state_->db); }

bool Library::tell_of_others(std::function<void()> heard) { return state_->db->engine().tell_of_others(*state_->db, std::move(heard)); }

Outcome Library::be_present(const Present& here) {
    return core::caught([&]() -> Outcome {
        auto& db = *state_->db;
        return db.transaction("present", [&]() -> Outcome {
            // others that were killed do not say that they go
            if (auto r = db.run(QStringLiteral("DELETE FROM present WHERE who = ? OR seen < %1 - ?").arg(db.engine().seconds()),
                    {q(state_->window), kGoneAfter});
                !r)
                return tl::make_unexpected(r.error());
            if (here.post.empty()) return {};
            auto r = db.run(
                QStringLiteral("INSERT INTO present (who, post, guide, step, seen) VALUES (?, ?, ?, ?, %1)").arg(db.engine().seconds()),
                {q(state_->window), q(here.post), q(here.guide.text()), q(here.step.text())});
            return r ? Outcome{} : tl::make_unexpected(r.error());
        });
    });
}

Result<std::vector<Present>> Library::present() const {
    return core::caught([&]() -> Result<std::vector<Present>> {
        const auto& db = *state_->db;
        auto rows = db.run(QStringLiteral("SELECT post, guide, step FROM present WHERE who <> ? AND seen >= %1 - ? ORDER BY post, who")
                               .arg(db.engine().seconds()),
            {q(state_->window), kGoneAfter});
        if (!rows) return tl::make_unexpected(rows.error());
        std::vector<Present> out;
        while (rows->next()) out.push_back({s(rows->value(0)), GuideId(s(rows->value(1))), core::StepId(s(rows->value(2)))});
        return out;
    });
}

}  // namespace anagraph::store
