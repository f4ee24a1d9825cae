// The import pass against plain decoding of the same file in the same run, in turns, and the ratio of the medians.
//   import-bench FILE [ROUNDS]      prints seconds and ratio; the reference is `ffmpeg -i FILE -f null -`

#include <fmt/format.h>

#include <algorithm>
#include <chrono>
#include <cstdlib>
#include <filesystem>
#include <vector>

#include "media/import_pass.h"

namespace {

template <class Work>
double seconds(Work&& work) {
    const auto begin = std::chrono::steady_clock::now();
    work();
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - begin).count();
}

double median(std::vector<double> values) {
    std::sort(values.begin(), values.end());
    return values[values.size() / 2];
}

}  // namespace

int main(int argc, char** argv) {
    if (argc < 2) {
        fmt::print(stderr, "import-bench FILE [ROUNDS]\n");
        return 2;
    }
    const std::string file = argv[1];
    const int rounds = argc > 2 ? std::max(1, std::atoi(argv[2])) : 3;
    const std::string folder = (std::filesystem::temp_directory_path() / "anagraph-bench").string();
    std::filesystem::create_directories(folder);
    std::vector<double> ours;
    std::vector<double> reference;
    for (int i = 0; i < rounds; ++i) {
        reference.push_back(seconds([&] {
            if (std::system(fmt::format("ffmpeg -v error -i '{}' -f null - </dev/null", file).c_str()) != 0) std::exit(1);
        }));
        ours.push_back(seconds([&] {
            const auto done = anagraph::media::import_pass(file, folder);
            if (!done) {
                fmt::print(stderr, "{}\n", done.error().message);
                std::exit(1);
            }
        }));
    }
    std::filesystem::remove_all(folder);
    fmt::print("import pass {:.2f} s, decoding alone {:.2f} s, ratio {:.2f} (median of {} rounds in turn)\n", median(ours), median(reference), median(ours) / median(reference), rounds);
    return 0;
}
