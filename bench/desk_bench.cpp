#include "bench/desk_bench.h"

#include <fmt/format.h>
#include <httplib.h>

#include <filesystem>
#include <mutex>
#include <stdexcept>
#include <thread>

#include "bench/bench.h"
#include "bench/good.h"
#include "shop/desk/desk.h"
#include "shop/issue.h"

namespace anagraph::bench {
namespace {

constexpr int kClients = 50;
constexpr int kEach = 60;  // requests of one client
constexpr int kGuides = 3;
constexpr double kMostMs = 50;

void issue(store::Library& library, int number) {
    core::Procedure p;
    p.header = {"100 h service", fmt::format("Perrick PT60, no. {}", number), fmt::format("KQ-{}", number), "", {}, ""};
    core::Step step;
    step.id = core::StepId("one");
    step.heading = "Wipe it";
    step.lines = {"Wipe the cover with a dry cloth."};
    p.steps = {step};
    const auto guide = good(library.create_guide(p, "author"));
    const auto request = good(shop::prepare_issue(library, guide, "author", "checker"));
    good(shop::enter_edition(library, request, good(shop::make_pack(request))));
}

/// What one client waits for each of its answers, in seconds.
std::vector<double> waits(int port) {
    httplib::Client client("127.0.0.1", port);
    client.set_keep_alive(true);
    std::vector<double> out;
    for (int i = 0; i < kEach; ++i)
        out.push_back(seconds([&] {
            const auto answer = client.Get("/");
            if (!answer || answer->status != 200) throw std::runtime_error("the desk did not answer");
        }));
    return out;
}

}  // namespace

nlohmann::json desk_under_readers(const std::string& folder) {
    std::filesystem::remove_all(folder);
    {
        const auto library = good(store::Library::make_or_open(folder));
        for (int i = 1; i <= kGuides; ++i) issue(*library, i);
    }
    const auto desk = good(shop::Desk::open({folder, "127.0.0.1", 0, "", ""}));
    std::vector<double> all;
    std::mutex mutex;
    std::vector<std::thread> clients;
    int silent = 0;
    for (int i = 0; i < kClients; ++i)
        clients.emplace_back([&] {
            std::vector<double> own;
            try {
                own = waits(desk->port());
            } catch (const std::runtime_error&) {
            }
            const std::scoped_lock lock(mutex);
            silent += own.empty() ? 1 : 0;
            all.insert(all.end(), own.begin(), own.end());
        });
    for (auto& c : clients) c.join();
    if (silent > 0) throw std::runtime_error(fmt::format("the desk did not answer {} of {} clients", silent, kClients));
    std::filesystem::remove_all(folder);
    return {{{"what", fmt::format("{} clients on the start page of the desk, p95", kClients)}, {"value", quantile(all, 0.95) * 1000},
        {"target", kMostMs}, {"unit", "ms"}, {"detail", fmt::format("{} requests; median {:.1f} ms", all.size(), median(all) * 1000)}}};
}

}  // namespace anagraph::bench
