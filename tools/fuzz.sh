#!/usr/bin/env bash
# Fuzzes the parsers of timed text, the reader and what is read on a page.   tools/fuzz.sh [SECONDS EACH] [TARGET]      needs clang and libclang-rt-14-dev
set -euo pipefail
cd "$(dirname "$0")/.."
seconds=${1:-600}
out=build/fuzz
mkdir -p "$out"
sources=(src/core/narration/*.cpp src/core/base/*.cpp src/core/quantity/*.cpp src/core/procedure/figure.cpp src/core/page/*.cpp build/release/src/speech_weights.cpp)
[ -e build/release/src/speech_weights.cpp ] || { echo "Configure the release build first: cmake --preset release"; exit 1; }
for target in ${2:-timed_text reader word_table}; do
    longest=$([ "$target" = reader ] && echo 600 || echo 4096)
    clang++ -std=c++20 -O1 -g -fsanitize=fuzzer,address,undefined -fno-sanitize-recover=undefined -Isrc "${sources[@]}" "tests/fuzz/${target}_fuzz.cpp" -lfmt -o "$out/$target"
    mkdir -p "$out/$target-corpus"
    cp demo/films/*.vtt "$out/$target-corpus/"
    printf '5\t1\t1\t1\t1\t1\t100\t50\t200\t20\t96\tPlug\n5\t1\t1\t1\t1\t2\t400\t50\t60\t20\t91\t25+2.5\n5\t1\t1\t1\t1\t3\t470\t50\t60\t20\t91\tNem\n' >"$out/$target-corpus/table"
    "$out/$target" -max_total_time="$seconds" -max_len="$longest" -timeout=10 -print_final_stats=1 "$out/$target-corpus"
done
