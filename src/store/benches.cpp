// Library: runs under way at the bench. Each event is a line of its own, on the disk before anybody says that it is kept.
#include <nlohmann/json.hpp>

#include "core/base/caught.h"
#include "store/library_state.h"

namespace anagraph::store {

using core::Outcome;
using core::Result;

Result<std::vector<core::BenchKept>> Library::benches() const {
    return core::caught([&]() -> Result<std::vector<core::BenchKept>> {
        auto rows = state_->db->run(
            "SELECT b.run, b.at, b.body, COALESCE(a.at, 0) FROM bench b LEFT JOIN bench_alive a ON a.run = b.run "
            "ORDER BY (SELECT MIN(f.at) FROM bench f WHERE f.run = b.run), b.run, b.number");
        if (!rows) return tl::make_unexpected(rows.error());
        std::vector<core::BenchKept> out;
        while (rows->next()) {
            const std::string run = s(rows->value(0));
            auto body = core::bench_body_from_json(nlohmann::json::parse(s(rows->value(2)), nullptr, false));
            if (!body && body.error().code == core::ErrorCode::Refused) return tl::make_unexpected(body.error());
            if (!body)
                return core::fail(core::ErrorCode::Damaged,
                    core::key("Library",
                        "A run at the bench was changed by another hand or is damaged; put back library.db from your last copy."));
            if (out.empty() || out.back().run != run) out.push_back({run, {}, rows->value(3).toLongLong()});
            out.back().events.push_back({rows->value(1).toLongLong(), std::move(*body)});
        }
        return out;
    });
}

Outcome Library::keep_bench(const std::string& run, const std::vector<core::BenchEvent>& events) {
    return core::caught([&]() -> Outcome {
        return state_->db->transaction("bench " + run, [&]() -> Outcome {
            auto last = state_->db->run("SELECT COALESCE(MAX(number), 0) FROM bench WHERE run = ?", {q(run)});
            if (!last) return tl::make_unexpected(last.error());
            last->next();
            qlonglong number = last->value(0).toLongLong();
            last->finish();
            for (const auto& e : events) {
                const std::string body = core::to_json(e.body).dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
                if (auto r = state_->db->exec("INSERT INTO bench (run, number, at, body) VALUES (?, ?, ?, ?)",
                        {q(run), QVariant(++number), QVariant::fromValue<qlonglong>(e.at), q(body)});
                    !r)
                    return r;
            }
            return {};
        });
    });
}

Outcome Library::bench_is_alive(const std::string& run, core::Moment at) {
    return core::caught([&]() -> Outcome {
        return state_->db->transaction("bench " + run, [&]() -> Outcome {
            if (auto r = state_->db->exec("DELETE FROM bench_alive WHERE run = ?", {q(run)}); !r) return r;
            return state_->db->exec("INSERT INTO bench_alive (run, at) VALUES (?, ?)", {q(run), QVariant::fromValue<qlonglong>(at)});
        });
    });
}

Outcome Library::drop_bench(const std::string& run) {
    return core::caught([&]() -> Outcome {
        return state_->db->transaction("bench " + run, [&]() -> Outcome {
            if (auto r = state_->db->exec("DELETE FROM bench WHERE run = ?", {q(run)}); !r) return r;
            return state_->db->exec("DELETE FROM bench_alive WHERE run = ?", {q(run)});
        });
    });
}

}  // namespace anagraph::store
