#include "bench/logbook_bench.h"

#include <fmt/format.h>

#include <QTest>
#include <filesystem>
#include <stdexcept>

#include "app/logbook/fleet_view.h"
#include "bench/bench.h"
#include "bench/good.h"
#include "store/library.h"

namespace anagraph::bench {
namespace {

constexpr int kRounds = 7;
constexpr int kReadings = 98;  // readings of a machine, beside the machine itself and its rule

const core::Day kToday = *core::parse_day("2026-11-28");

std::unique_ptr<store::Library> made(const std::string& folder, int machines) {
    auto library = good(store::Library::make_or_open(folder));
    std::vector<core::LogBody> entries;
    for (int m = 0; m < machines; ++m) {
        const std::string name = fmt::format("PT60 no. {}", m + 1);
        const auto day = [](int i) { return core::text_of(kToday - std::chrono::days(7 * (kReadings - i))); };
        entries.emplace_back(core::MachineAdded{name, "PT60", "", "", "pump bay", day(0)});
        entries.emplace_back(
            core::RuleAdded{name, "100 h service", {good(core::Quantity::parse("100 h")), good(core::Quantity::parse("12 month"))}});
        for (int i = 0; i < kReadings; ++i) {
            const auto hours = good(core::Quantity::parse(fmt::format("{} h", 2 * i + m % 7)));
            if (i % 45 == 44)
                entries.emplace_back(core::ServiceDone{name, "100 h service", "", day(i), hours});
            else
                entries.emplace_back(core::MeterRead{name, hours, day(i)});
        }
    }
    good(library->log(entries, "author"));
    return library;
}

struct Timed {
    double read = 0;   // seconds
    double paint = 0;  // seconds a frame
    std::size_t entries = 0;
};

Timed timed(const std::string& folder, int machines) {
    const auto library = made(folder, machines);
    Timed out;
    std::vector<double> reads, paints;
    core::Logbook log;
    for (int i = 0; i < kRounds; ++i) reads.push_back(seconds([&] { log = good(library->logbook()); }));
    app::FleetView view;
    view.resize(1100, 640);
    view.show();
    view.show_fleet(core::fleet(log, kToday), kToday);
    if (!QTest::qWaitForWindowExposed(&view)) throw std::runtime_error("the fleet does not show");
    for (int i = 0; i < 100; ++i) paints.push_back(seconds([&] { view.viewport()->repaint(); }));
    return {median(reads), median(paints), log.all().size()};
}

}  // namespace

nlohmann::json large_fleet(const std::string& folder) {
    std::filesystem::remove_all(folder);
    const auto few = timed(folder + "/few", 20);
    const auto many = timed(folder + "/many", 200);
    std::filesystem::remove_all(folder);
    const double each_few = few.read / static_cast<double>(few.entries);
    const double each_many = many.read / static_cast<double>(many.entries);
    return {
        {{"what", "reading a logbook of 20,000 entries, an entry, against one of 2,000"}, {"value", each_many / each_few}, {"target", 1.3},
            {"detail", fmt::format("{:.0f} ms for {}, {:.0f} ms for {}", many.read * 1000, many.entries, few.read * 1000, few.entries)}},
        {{"what", "painting a fleet of 200 machines, against 20"}, {"value", many.paint / few.paint}, {"target", 1.2},
            {"detail", fmt::format("{:.2f} ms against {:.2f} ms a frame", many.paint * 1000, few.paint * 1000)}}};
}

}  // namespace anagraph::bench
