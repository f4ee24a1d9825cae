#!/usr/bin/env bash
# Fuzzes the parsers of what comes from outside.   tools/fuzz.sh [SECONDS EACH] [TARGET ...]      needs clang and libclang-rt-14-dev
#   targets: timed_text reader word_table procedure index manifest; all of them where none is named
set -euo pipefail
cd "$(dirname "$0")/.."
seconds=${1:-600}
shift || true
targets=("$@")
[ ${#targets[@]} -gt 0 ] || targets=(timed_text reader word_table procedure index manifest)
out=build/fuzz
mkdir -p "$out/objects"
[ -e build/release/src/speech_weights.cpp ] || { echo "Configure the release build first: cmake --preset release"; exit 1; }
flags=(-std=c++20 -O1 -g -fsanitize=fuzzer-no-link,address,undefined -fno-sanitize-recover=undefined -Isrc)

# compile FILE...: objects of these, made anew where the source or any header is newer
compile() {
    local newest file object todo=()
    newest=$(find src -name '*.h' -printf '%T@ %p\n' | sort -n | tail -1 | cut -d' ' -f2)
    objects=()
    for file in "$@"; do
        object=$out/objects/$(echo "$file" | tr '/' '_').o
        objects+=("$object")
        [ "$object" -nt "$file" ] && [ "$object" -nt "$newest" ] || todo+=("$file" "$object")
    done
    [ ${#todo[@]} -eq 0 ] || printf '%s\n' "${todo[@]}" | xargs -P 2 -n 2 sh -c 'clang++ '"${flags[*]}"' -c "$0" -o "$1"'
}

for target in "${targets[@]}"; do
    core=(src/core/narration/*.cpp src/core/narration/figures/*.cpp src/core/base/*.cpp src/core/quantity/*.cpp src/core/figure/figure.cpp src/core/page/*.cpp build/release/src/speech_weights.cpp)
    libraries=(-lfmt)
    case $target in
        procedure) core=(src/core/base/*.cpp src/core/quantity/*.cpp src/core/fluids/level_rule.cpp src/core/narration/timed_text.cpp src/core/plate/layout.cpp src/core/figure/{figure,evidence}.cpp src/core/procedure/{procedure,text,json}.cpp src/core/edits/edit.cpp src/core/house/house.cpp) ;;
        index) core=(src/core/base/*.cpp src/media/recording_index.cpp) libraries+=(-lavutil) ;;
        manifest) core=(src/publish/pack_manifest.cpp src/store/files.cpp src/store/digest.cpp) libraries+=(-lsodium) ;;
    esac
    compile "${core[@]}"
    clang++ "${flags[@]}" -fsanitize=fuzzer "tests/fuzz/${target}_fuzz.cpp" "${objects[@]}" "${libraries[@]}" -o "$out/$target"
    corpus=$out/$target-corpus
    mkdir -p "$corpus"
    longest=4096
    case $target in
        timed_text) cp demo/films/*.vtt "$corpus/" ;;
        reader) longest=600; cp demo/films/*.vtt "$corpus/" ;;
        word_table) printf '5\t1\t1\t1\t1\t1\t100\t50\t200\t20\t96\tPlug\n5\t1\t1\t1\t1\t2\t400\t50\t60\t20\t91\t25+2.5\n5\t1\t1\t1\t1\t3\t470\t50\t60\t20\t91\tNem\n' >"$corpus/table" ;;
        procedure)
            longest=40000
            python3 - tests/store/libraries/schema-3.sql "$corpus" <<'PYTHON'
import json, sqlite3, sys
db = sqlite3.connect(":memory:")
db.executescript(open(sys.argv[1]).read())
for table in ("change", "snapshot"):
    for n, (body,) in enumerate(db.execute(f"SELECT body FROM {table}")):
        open(f"{sys.argv[2]}/{table}-{n}", "w").write(body)
PYTHON
            ;;
        index) printf '{"width":640,"height":360,"rotation":90,"pixel_aspect":1.0,"has_sound":true,"bytes":1000,"clock":25,"times":[[0,1,50]],"end":"2/1","sound":"AAECAwQF","remarks":[],"pauses":[["0/1","1/2"]],"thumbnails":[[0,0,500]],"samples":[0,10,10],"shots":["1/1"]}' >"$corpus/index" ;;
        manifest) printf '{"files":{"edition.json":"%064d","guide.html":"%064d"},"pack":1}' 1 2 >"$corpus/manifest" ;;
    esac
    "$out/$target" -max_total_time="$seconds" -max_len="$longest" -timeout=10 -print_final_stats=1 "$corpus"
done
