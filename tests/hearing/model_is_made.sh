#!/usr/bin/env bash
# Makes the language of the trade anew and compares it with the one that ships.   model_is_made.sh CORPUS_PROGRAM
set -euo pipefail
root=$(cd "$(dirname "$0")/../.." && pwd)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
"$root/tools/hearing/make-model" "$1" "$work"
for file in trade.lm trade.dict; do
    cmp "$work/$file" "$root/resources/hearing/$file" || { echo "resources/hearing/$file is not what tools/hearing/make-model makes; run it"; exit 1; }
done
if grep -iw perrick "$root/resources/hearing/trade.dict"; then
    echo "the language knows the demo's machine: hearing is measured on the demo films, so their words may not be among its samples"
    exit 1
fi
