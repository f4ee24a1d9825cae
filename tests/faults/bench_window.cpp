// fault-bench-window LIBRARY N: the real window on the bench, driven by keys: N things are found, each number is written once the window
// said that it is kept; after every third the run is ended and put into the logbook.
#include <fmt/format.h>

#include <QSettings>
#include <cstdlib>

#include "app/bench/bench_station.h"
#include "app/running/languages.h"
#include "app/theme/theme.h"
#include "tests/app/window.h"

using namespace anagraph;
using anagraph::testing::fill;
using anagraph::testing::when_asked;
using anagraph::testing::Window;

namespace {

constexpr int kFoundInARun = 3;

class BenchByKeys {
public:
    explicit BenchByKeys(const std::string& library) : window_(library) { window_.key(Qt::Key_8, Qt::ControlModifier); }

    /// Takes up the run that waits, or begins one, and makes everything ready. False: it could not be.
    bool ready() {
        if (bench().bench() == nullptr)
            asked(Qt::Key_PageDown, {{"its name or serial, or the code of its label", "pump"}, {"learner 07", "learner 07"}},
                bench().list().currentItem() != nullptr && !bench().list().currentItem()->text().startsWith("Under way"));
        if (at() == core::Bench::At::Before) {
            for (int i = 0; i < bench().kit().count(); ++i)
                if (bench().kit().item(i)->checkState() == Qt::Unchecked) {
                    bench().kit().setCurrentRow(i);
                    window_.key(Qt::Key_Space);
                }
            window_.key(Qt::Key_PageDown);
        }
        if (at() == core::Bench::At::Paused) window_.key(Qt::Key_PageDown);
        return bench().bench() != nullptr && (at() == core::Bench::At::Working || at() == core::Bench::At::Ended);
    }
    bool find(int n) {
        asked(Qt::Key_F, {{"a chafed pipe, a cracked belt", std::to_string(n)}}, true);
        return bench().said().contains("Written down");
    }
    bool hand_in() {
        for (int press = 0; press < 10 && bench().bench() != nullptr; ++press) window_.key(Qt::Key_PageDown);
        return bench().bench() == nullptr;
    }
    core::Bench::At at() const { return bench().bench()->at(); }
    int found() {
        int out = static_cast<int>(window_->session().library().logbook()->findings().size());
        const auto start = shop::bench_start(window_->session().library());
        for (const auto& w : start->waiting) out += static_cast<int>(w.bench().run().findings.size());
        return out;
    }
    std::string said() const { return bench().said().toStdString(); }
    int here() const { return static_cast<int>(bench().bench()->run().findings.size()); }

private:
    app::BenchStation& bench() const { return window_->bench(); }
    void asked(int key, std::vector<std::pair<const char*, std::string>> fields, bool dialog) {
        if (dialog)
            when_asked<QDialog>([fields](QDialog* d) {
                for (const auto& [hint, words] : fields) fill(*d, hint, words.c_str());
                QTest::keyClick(d, Qt::Key_Return);
            });
        window_.key(key);
    }
    mutable Window window_;
};

}  // namespace

int main(int argc, char** argv) {
    if (argc != 3) return 2;
    QApplication qt(argc, argv);
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, QString::fromUtf8(argv[1]) + QStringLiteral("-settings"));
    app::theme::apply();
    app::speak(QStringLiteral("en"));
    BenchByKeys bench(argv[1]);
    int n = bench.found();
    for (int i = 0; i < std::atoi(argv[2]); ++i) {
        if (!bench.ready()) {
            fmt::print(stderr, "no run can be worked at: {}\n", bench.said());
            return 1;
        }
        if (bench.at() != core::Bench::At::Ended && bench.here() < kFoundInARun) {
            if (!bench.find(++n)) {
                fmt::print(stderr, "not kept: {}\n", bench.said());
                return 1;
            }
            fmt::print("{}\n", n);
            std::fflush(stdout);
        }
        if ((bench.at() == core::Bench::At::Ended || bench.here() >= kFoundInARun) && !bench.hand_in()) {
            fmt::print(stderr, "not handed in: {}\n", bench.said());
            return 1;
        }
    }
    return 0;
}
