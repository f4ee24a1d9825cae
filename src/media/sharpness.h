// How sharp a grey picture is; for the sources of this layer only, as it speaks of OpenCV.
#pragma once

#include <opencv2/imgproc.hpp>

namespace anagraph::media {

inline constexpr int kMeasureWidth = 320;

/// Variance of the Laplacian: how much the edges stand out.
inline double sharpness_of_grey(const cv::Mat& grey) {
    cv::Mat edges;
    cv::Laplacian(grey, edges, CV_32F);
    cv::Scalar mean;
    cv::Scalar deviation;
    cv::meanStdDev(edges, mean, deviation);
    return deviation[0] * deviation[0];
}

}  // namespace anagraph::media
