#include "media/sound_match.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>

namespace anagraph::media {
namespace {

constexpr double kLeastOverlap = 5;      // s
constexpr double kLeastLikeness = 0.35;  // measured: the same sound heard by another microphone 0.6 and above, other sound below 0.2
constexpr double kStandsOut = 1.3;       // times the next best place

/// Rises of the envelope in decibels: what two microphones at different distances have in common.
std::vector<float> rises(const RecordingIndex& index) {
    std::vector<float> out(index.sound.size(), 0);
    const auto level = [&](std::size_t i) { return 20 * std::log10(1.0 + index.sound[i]); };
    for (std::size_t i = 1; i < out.size(); ++i) out[i] = static_cast<float>(std::max(0.0, level(i) - level(i - 1)));
    double mean = 0;
    for (const float x : out) mean += x;
    mean /= static_cast<double>(std::max<std::size_t>(1, out.size()));
    for (float& x : out) x -= static_cast<float>(mean);
    return out;
}

/// Sums of squares of the first n values, for all n.
std::vector<double> energies(const std::vector<float>& x) {
    std::vector<double> out(x.size() + 1, 0);
    for (std::size_t i = 0; i < x.size(); ++i) out[i + 1] = out[i] + static_cast<double>(x[i]) * x[i];
    return out;
}

}  // namespace

std::optional<SoundMatch> match_sound(const RecordingIndex& first, const RecordingIndex& second) {
    const auto a = rises(first);
    const auto b = rises(second);
    const auto least = static_cast<long>(kLeastOverlap * 1000 / kSoundStepMs);
    const auto n = static_cast<long>(a.size());
    const auto m = static_cast<long>(b.size());
    if (n < least || m < least) return std::nullopt;
    const int size = cv::getOptimalDFTSize(static_cast<int>(n + m));
    const auto spectrum = [&](const std::vector<float>& x) {
        cv::Mat padded = cv::Mat::zeros(1, size, CV_32F);
        std::copy(x.begin(), x.end(), padded.ptr<float>());
        cv::Mat out;
        cv::dft(padded, out);
        return out;
    };
    cv::Mat product;
    cv::mulSpectrums(spectrum(a), spectrum(b), product, 0, true);
    cv::Mat correlation;
    cv::dft(product, correlation, cv::DFT_INVERSE | cv::DFT_SCALE);
    const auto ea = energies(a);
    const auto eb = energies(b);
    const auto likeness_at = [&](long lag) {  // b[i] against a[i + lag]
        const long from = std::max(0L, lag);
        const long to = std::min(n, m + lag);
        if (to - from < least) return 0.0;
        const double energy = std::sqrt((ea[static_cast<std::size_t>(to)] - ea[static_cast<std::size_t>(from)]) *
            (eb[static_cast<std::size_t>(to - lag)] - eb[static_cast<std::size_t>(from - lag)]));
        const double sum = correlation.at<float>(0, static_cast<int>(lag >= 0 ? lag : lag + size));
        return energy < 1e-6 ? 0.0 : sum / energy;
    };
    long best = 0;
    double likeness = 0;
    for (long lag = least - m; lag <= n - least; ++lag)
        if (const double here = likeness_at(lag); here > likeness) {
            likeness = here;
            best = lag;
        }
    double next = 0;
    for (long lag = least - m; lag <= n - least; ++lag)
        if (std::abs(lag - best) > 4) next = std::max(next, likeness_at(lag));
    if (likeness < kLeastLikeness || likeness < next * kStandsOut) return std::nullopt;
    // between two steps of the envelope: the vertex of the parabola through the peak and its neighbours
    const double before = likeness_at(best - 1);
    const double after = likeness_at(best + 1);
    const double bend = before - 2 * likeness + after;
    const double part = bend < 0 ? std::clamp(0.5 * (before - after) / bend, -0.5, 0.5) : 0;
    const double shift_ms = (static_cast<double>(best) + part) * kSoundStepMs;
    return SoundMatch{core::FrameTime::from_milliseconds(std::llround(shift_ms)), likeness,
        static_cast<double>(std::min(n, m + best) - std::max(0L, best)) * kSoundStepMs / 1000.0};
}

}  // namespace anagraph::media
