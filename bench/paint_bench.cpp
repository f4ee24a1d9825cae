// What needs the window: scrubbing on the small copy, and painting long tapes while scrolling. Prints JSON for `bench`.
//   paint-bench LIBRARY               a library with one recording
//   paint-bench --busy FOLDER FILM    how long the window does not answer while the film is brought in
//   paint-bench --desk FOLDER         how long readers of the desk wait, of a library made in that folder
//   paint-bench --logbook FOLDER      a logbook of 200 machines, made in that folder
//   paint-bench --library FOLDER      a library of a million lines, made in that folder
//   paint-bench --rest LIBRARY        how often a window at rest wakes, and its memory after long use, of a library with a guide

#include <fmt/format.h>

#include <QApplication>
#include <QBuffer>
#include <QScrollBar>
#include <QTest>
#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>
#include <stdexcept>

#include "app/tape/tape_station.h"
#include "app/theme/theme.h"
#include "app/window/main_window.h"
#include "bench/bench.h"
#include "bench/desk_bench.h"
#include "bench/logbook_bench.h"
#include "bench/rest_bench.h"
#include "bench/window_bench.h"
#include "media/av.h"

namespace {

using namespace anagraph;
using app::MainWindow;
using core::FrameTime;
using nlohmann::json;

/// Decoding alone of frames of the small copy, their packets in memory.
class BareDecoder {
public:
    explicit BareDecoder(const std::string& proxy) {
        auto input = media::av::open_input(proxy);
        decoder_ = std::move(*media::av::open_decoder(*(*input)->streams[0], 1));
        for (auto packet = media::av::packet(); av_read_frame(input->get(), packet.get()) >= 0; packet = media::av::packet())
            packets_.push_back(std::move(packet));
    }
    double seconds(std::size_t frame) {
        const double t = bench::seconds([&] {
            avcodec_send_packet(decoder_.get(), packets_[frame].get());
            avcodec_receive_frame(decoder_.get(), frame_.get());
        });
        av_frame_unref(frame_.get());
        return t;
    }

private:
    media::av::Codec decoder_;
    media::av::Frame frame_ = media::av::frame();
    std::vector<media::av::Packet> packets_;
};

/// When a widget was painted first after a moment.
class Painted : public QObject {
public:
    explicit Painted(QWidget& widget) : widget_(widget) { widget_.installEventFilter(this); }
    void begin() {
        begun_ = std::chrono::steady_clock::now();
        after_ = -1;
    }
    double after() const { return after_; }

protected:
    bool eventFilter(QObject*, QEvent* event) override {
        if (event->type() != QEvent::Paint || after_ >= 0) return false;
        widget_.removeEventFilter(this);
        QCoreApplication::sendEvent(&widget_, event);
        widget_.installEventFilter(this);
        after_ = std::chrono::duration<double>(std::chrono::steady_clock::now() - begun_).count();
        return true;
    }

private:
    QWidget& widget_;
    std::chrono::steady_clock::time_point begun_;
    double after_ = 0;
};

json scrubbing(MainWindow& window) {
    window.go(MainWindow::Tape);
    auto& film = window.tape().film();
    const bool shown = QTest::qWaitFor([&] { return !film.settling() && !film.picture().isNull(); }, 30000);
    if (!shown || film.recording() == nullptr) throw std::runtime_error("the film does not show");
    std::vector<double> ours;
    std::vector<double> alone;
    Painted painted(film);
    BareDecoder bare(film.recording()->folder.toStdString() + "/" + media::kProxyFile);
    int unpainted = 0;
    for (int i = 0; i < 400; ++i) {
        // jump about, as a hand on the keys does: a few frames on, a few back, and far away; each counts from the key on
        painted.begin();
        if (i % 40 == 0)
            film.show_frame((static_cast<std::size_t>(i) * 37 + 11) % film.recording()->index.times.size());
        else
            QTest::keyClick(&window.tape(), i % 3 == 2 ? Qt::Key_Left : Qt::Key_Right);
        if (!film.scrubbing()) film.repaint();
        if (painted.after() < 0) {
            ++unpainted;
            continue;
        }
        ours.push_back(painted.after());
        alone.push_back(bare.seconds(film.frame()));  // the same frame, in the same minute
        QCoreApplication::processEvents();
    }
    // a key that nothing was painted for is as slow as can be
    const double ratio = unpainted > 4 ? 1e9 : bench::quantile(ours, 0.95) / bench::quantile(alone, 0.95);
    return {{"what", "scrubbing: key to painted frame, p95, against bare decoding of it"}, {"value", ratio}, {"target", 3},
        {"detail",
            fmt::format("p95 {:.1f} ms against {:.1f} ms; {} of 400 keys unpainted", bench::quantile(ours, 0.95) * 1000,
                bench::quantile(alone, 0.95) * 1000, unpainted)}};
}

/// A recording of so many minutes with 25 lines a minute, whose pictures are all the same.
app::LoadedRecording made_up(int minutes, const std::string& folder) {
    app::LoadedRecording r;
    r.entry.id = core::RecordingId(fmt::format("minutes-{}", minutes));
    r.folder = QString::fromStdString(folder);
    QImage picture(192, 108, QImage::Format_RGB32);
    picture.fill(Qt::darkGreen);
    QByteArray jpeg;
    QBuffer buffer(&jpeg);
    picture.save(&buffer, "JPG");
    std::ofstream(folder + "/" + media::kThumbnailFile, std::ios::binary).write(jpeg.data(), jpeg.size());
    r.index.width = 1920;
    r.index.height = 1080;
    r.index.end = FrameTime(minutes * 60, 1);
    for (int i = 0; i < minutes * 60 * 30; ++i) r.index.times.emplace_back(i, 30);
    for (int i = 0; i < minutes * 60; ++i) r.index.thumbnails.push_back({static_cast<std::size_t>(i) * 30, 0, jpeg.size()});
    for (int i = 0; i < minutes * 60 * 20; ++i) r.index.sound.push_back(static_cast<std::uint8_t>(i * 37 % 200));
    for (int i = 0; i < minutes * 25; ++i)
        r.narration.push_back({FrameTime(i * 12, 5), FrameTime(i * 12 + 10, 5),
            i % 3 == 0       ? "tighten the drain plug to twenty five newton metres and no more"
                : i % 3 == 1 ? "mind your fingers the edge of the cover is sharp"
                             : "then the belt goes over the wheel"});
    r.heard = r.narration;
    for (std::size_t i = 0; i < r.narration.size(); ++i) r.heard_line.emplace_back(i);
    r.marks = core::read_marks(r.narration);
    return r;
}

std::vector<double> painting(app::Session& session, const app::LoadedRecording& r) {
    app::TapeView view(session);
    view.resize(476, 700);
    view.show();
    if (!QTest::qWaitForWindowExposed(&view)) return {};
    view.set_job({&r});
    auto* bar = view.verticalScrollBar();
    std::vector<double> out;
    constexpr int kStep = 24;  // pixels: a notch of the wheel or so
    const int from = bar->maximum() / 3;
    for (int n = 0; n < 300; ++n) {
        bar->setValue(from + n * kStep);
        const double t = bench::seconds([&] { view.viewport()->repaint(); });
        if (n > 10) out.push_back(t);
    }
    return out;
}

}  // namespace

namespace {

json in_the_window(const std::string& folder) {
    auto library = store::Library::open(folder);
    if (!library) throw std::runtime_error(library.error().message);
    json out = json::array();
    MainWindow window(std::move(*library));
    window.resize(1280, 800);
    window.show();
    out.push_back(scrubbing(window));
    for (auto& l : bench::work_between_frames(window)) out.push_back(std::move(l));
    const std::string painted = folder + "/work";
    const auto ten_minutes = made_up(10, painted);
    const auto four_hours = made_up(240, painted);
    std::vector<double> brief;
    std::vector<double> lengthy;
    for (int round = 0; round < 3; ++round) {
        for (const double t : painting(window.session(), ten_minutes)) brief.push_back(t);
        for (const double t : painting(window.session(), four_hours)) lengthy.push_back(t);
    }
    for (const double share : {0.5, 0.95})
        out.push_back(
            {{"what", fmt::format("painting a tape of 4 h with 6,000 lines, {}, against 10 min", share == 0.5 ? "median" : "p95")},
                {"value", bench::quantile(lengthy, share) / bench::quantile(brief, share)}, {"target", 1.2},
                {"detail",
                    fmt::format("{:.1f} ms against {:.1f} ms a frame", bench::quantile(lengthy, share) * 1000,
                        bench::quantile(brief, share) * 1000)}});
    return out;
}

}  // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    const std::string first = argc > 1 ? argv[1] : "";
    if (first != "--empty") app::theme::apply();
    try {
        if (first == "--busy" && argc == 4)
            fmt::print("{}\n", bench::busy_during_import(argv[2], argv[3]).dump());
        else if (first == "--library" && argc == 3)
            fmt::print("{}\n", bench::large_library(argv[2]).dump());
        else if (first == "--desk" && argc == 3)
            fmt::print("{}\n", bench::desk_under_readers(argv[2]).dump());
        else if (first == "--logbook" && argc == 3)
            fmt::print("{}\n", bench::large_fleet(argv[2]).dump());
        else if (first == "--rest" && argc == 3)
            fmt::print("{}\n", bench::at_rest_and_for_long(argv[2]).dump());
        else if (first == "--empty")
            bench::open_empty_window();
        else if (first == "--open" && argc == 3)
            bench::open_library(argv[2]);
        else if (argc == 2)
            fmt::print("{}\n", in_the_window(first).dump());
        else
            throw std::runtime_error(
                "paint-bench LIBRARY | --busy FOLDER FILM | --library FOLDER | --rest LIBRARY | --desk FOLDER | --logbook FOLDER");
    } catch (const std::runtime_error& e) {
        fmt::print(stderr, "{}\n", e.what());
        return 1;
    }
    return 0;
}
