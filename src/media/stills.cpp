#include "media/stills.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/base/caught.h"
#include "media/sharpness.h"

namespace anagraph::media {
namespace {

constexpr int kFollowWidth = 640;
constexpr double kCertain = 0.8;
constexpr double kPlain = 4;  // grey levels: a patch that varies less looks like any other

cv::Mat grey(const Picture& p, int width) {
    const cv::Mat whole(p.height, p.width, CV_8UC4, const_cast<std::uint8_t*>(p.bgra.data()));
    cv::Mat small;
    cv::resize(whole, small, cv::Size(width, std::max(1, p.height * width / std::max(1, p.width))), 0, 0, cv::INTER_AREA);
    cv::Mat out;
    cv::cvtColor(small, out, cv::COLOR_BGRA2GRAY);
    return out;
}

}  // namespace

double sharpness_of(const Picture& picture) {
    if (picture.empty()) return 0;
    return sharpness_of_grey(grey(picture, kMeasureWidth));
}

core::Result<std::vector<StillOffer>> stills_about(const std::string& recording, const std::vector<core::FrameTime>& times,
    const core::FrameTime& at, double seconds, int count, const std::function<bool(double)>& progress) {
    return core::caught([&]() -> core::Result<std::vector<StillOffer>> {
        std::set<core::FrameTime> wanted{at};
        const auto from = std::partition_point(
            times.begin(), times.end(), [&](const core::FrameTime& t) { return t.seconds() < at.seconds() - seconds; });
        const auto to =
            std::partition_point(from, times.end(), [&](const core::FrameTime& t) { return t.seconds() <= at.seconds() + seconds; });
        const auto frames = to - from;
        for (int i = 0; i < count && frames > 0 && static_cast<int>(wanted.size()) < count; ++i)
            wanted.insert(*(from + (frames - 1) * i / std::max(1, count - 1)));
        std::vector<StillOffer> out;
        for (const auto& t : wanted) {
            if (progress && !progress(static_cast<double>(out.size()) / static_cast<double>(wanted.size())))
                return core::fail(core::ErrorCode::Cancelled, core::key("Films", "Looking for a sharper still was stopped."));
            auto picture = exact_frame(recording, t);
            if (!picture) return tl::make_unexpected(picture.error());
            const double sharpness = sharpness_of(*picture);
            out.push_back({t, std::move(*picture), sharpness});
        }
        return out;
    });
}

std::size_t sharpest_of(const std::vector<StillOffer>& offers) {
    return static_cast<std::size_t>(std::max_element(offers.begin(), offers.end(), [](const StillOffer& a, const StillOffer& b) {
        return a.sharpness < b.sharpness;
    }) - offers.begin());
}

std::optional<Followed> follow(const Picture& from, const core::Place& place, const Picture& to) {
    if (from.empty() || to.empty() || from.width != to.width || from.height != to.height) return std::nullopt;
    const cv::Mat a = grey(from, kFollowWidth);
    const cv::Mat b = grey(to, kFollowWidth);
    // a patch of a tenth of the width, looked for within a fifth of it
    const int half = kFollowWidth / 20;
    const int reach = kFollowWidth / 5;
    const cv::Rect all(0, 0, a.cols, a.rows);
    const cv::Point at(place.x * a.cols / 10000, place.y * a.rows / 10000);
    const cv::Rect patch = cv::Rect(at.x - half, at.y - half, 2 * half, 2 * half) & all;
    if (patch.width < half || patch.height < half) return std::nullopt;
    cv::Scalar mean;
    cv::Scalar deviation;
    cv::meanStdDev(a(patch), mean, deviation);
    if (deviation[0] < kPlain) return std::nullopt;
    const cv::Rect window = (cv::Rect(patch.x - reach, patch.y - reach, patch.width + 2 * reach, patch.height + 2 * reach)) & all;
    cv::Mat scores;
    cv::matchTemplate(b(window), a(patch), scores, cv::TM_CCOEFF_NORMED);
    double best = 0;
    cv::Point found;
    cv::minMaxLoc(scores, nullptr, &best, nullptr, &found);
    if (best < kCertain) return std::nullopt;
    // a second place nearly as good, away from the first: bolts in a row
    cv::Mat rest = scores.clone();
    const cv::Rect near = cv::Rect(found.x - half, found.y - half, 2 * half, 2 * half) & cv::Rect(0, 0, rest.cols, rest.rows);
    rest(near).setTo(-1);
    double second = -1;
    cv::minMaxLoc(rest, nullptr, &second);
    if (second > best - 0.05) return std::nullopt;
    const double x = window.x + found.x + (at.x - patch.x);
    const double y = window.y + found.y + (at.y - patch.y);
    return Followed{{static_cast<int>(std::lround(x * 10000 / a.cols)), static_cast<int>(std::lround(y * 10000 / a.rows))}, best};
}

}  // namespace anagraph::media
