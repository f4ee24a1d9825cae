#!/usr/bin/env bash
# Fuzzes the parsers of timed text and the reader.   tools/fuzz.sh [SECONDS EACH] [TARGET]      needs clang and libclang-rt-14-dev
set -euo pipefail
cd "$(dirname "$0")/.."
seconds=${1:-600}
out=build/fuzz
mkdir -p "$out"
sources=(src/core/narration/*.cpp src/core/base/*.cpp src/core/quantity/*.cpp src/core/procedure/figure.cpp build/release/src/speech_weights.cpp)
[ -e build/release/src/speech_weights.cpp ] || { echo "Configure the release build first: cmake --preset release"; exit 1; }
for target in ${2:-timed_text reader}; do
    longest=$([ "$target" = reader ] && echo 600 || echo 4096)
    clang++ -std=c++20 -O1 -g -fsanitize=fuzzer,address,undefined -fno-sanitize-recover=undefined -Isrc "${sources[@]}" "tests/fuzz/${target}_fuzz.cpp" -lfmt -o "$out/$target"
    mkdir -p "$out/$target-corpus"
    cp demo/films/*.vtt "$out/$target-corpus/"
    "$out/$target" -max_total_time="$seconds" -max_len="$longest" -timeout=10 -print_final_stats=1 "$out/$target-corpus"
done
