// An author of a played day, as a program of its own that may be killed at any moment: works on a guide as a window does, on the server or,
// while it is away, on this computer; says each change once it is kept.
#pragma once

#include <fmt/format.h>

#include <chrono>
#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <random>
#include <string>
#include <thread>

#include "store/waiting.h"

namespace anagraph::testing {

/// Says "saved POST-N" for each item it added, once it is in the library or kept on this computer. Goes
/// on until it is killed.
inline int author_at_work(const std::string& place, const std::string& guide, const std::string& post) {
    using namespace std::chrono_literals;
    auto waiting = store::Waiting::open(place);
    if (!waiting) return 3;
    std::unique_ptr<store::Library> library;
    const store::GuideId id(guide);
    core::Procedure now;
    std::int64_t sequence = 0;
    // a computer that was carried out of the house: the test says so with a file
    const std::string away = std::string(std::getenv("XDG_DATA_HOME")) + "/away";
    const auto near = [&] {
        if (std::filesystem::exists(away)) return library.reset(), false;
        if (!library) {
            auto opened = store::Library::open(place);
            if (!opened) return false;
            library = std::move(*opened);
        }
        if (!store::bring(*library, *waiting)) return library.reset(), false;
        for (std::size_t i = waiting->all().size(); i-- > 0;)
            if (!store::settle(*library, *waiting, i, i % 2 == 0)) (void)store::settle(*library, *waiting, i, false);
        auto state = library->guide_state(id);
        if (!state) return library.reset(), false;
        now = std::move(state->procedure);
        sequence = state->sequence;
        return true;
    };
    while (!near()) std::this_thread::sleep_for(50ms);  // the first time there must be a guide to work on
    int n = 0;
    for (const auto& item : now.items)
        if (item.id.text().starts_with(post + "-")) n = std::max(n, std::stoi(item.id.text().substr(post.size() + 1)));
    std::mt19937 random(std::random_device{}());
    for (;;) {
        // an item of one's own, and now and then a heading that others write too
        core::Item item;
        item.id = core::ItemId(fmt::format("{}-{}", post, ++n));
        item.name = item.id.text();
        const core::Change change{"add an item", {core::Put<core::Item>{item, std::nullopt}}};
        if (n % 5 == 0 && !now.steps.empty()) {
            core::Step step = now.steps[random() % now.steps.size()];
            step.heading = fmt::format("{} {}", post, n);
            // by itself, so that a heading that meets another's holds the item not back
            const core::Change heading{"write a heading", {core::Put<core::Step>{step, std::nullopt}}};
            if (library) (void)library->append_all({{id, heading, core::replay(now, heading), sequence}}, std::nullopt, post);
        }
        bool kept = false;
        if (std::filesystem::exists(away)) library.reset();
        if (library && waiting->to_bring() == 0) {
            auto done = library->append_all({{id, change, core::replay(now, change), sequence}}, std::nullopt, post);
            if (done && std::holds_alternative<std::vector<store::Appended>>(*done)) {
                kept = true;
                if (auto state = library->guide_state(id)) {
                    now = std::move(state->procedure);
                    sequence = state->sequence;
                }
            } else if (!done) {
                kept = waiting->add({id, sequence, change, post, store::utc_now(), done.error().place}).has_value();
                now = core::replay(std::move(now), change);
                library.reset();
            }
        } else {
            kept = waiting->add({id, sequence, change, post, store::utc_now(), ""}).has_value();
            now = core::replay(std::move(now), change);
            if (n % 3 == 0) (void)near();
        }
        if (!kept) return 4;
        fmt::print("saved {}\n", item.id.text());
        std::fflush(stdout);
        std::this_thread::sleep_for(std::chrono::milliseconds(20 + random() % 60));
    }
}

}  // namespace anagraph::testing
