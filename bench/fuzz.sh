#!/usr/bin/env bash
# Runs every fuzzer for a while, two at a time: bench/fuzz.sh BIN_DIR [SECONDS]. What is found stays in build/fuzz-found.
set -euo pipefail
cd "$(dirname "$0")/.."
bin=$1 seconds=${2:-60}
mkdir -p build/fuzz-found
one() {
  local name=$1 corpus
  corpus=$(mktemp -d)
  # A million damaged case files, whatever time that takes within reason: they lie on people's disks.
  local limit=(-max_total_time="$seconds")
  if [ "$name" = case_file ]; then limit=(-runs=1000000 -max_total_time=$((seconds * 20))); fi
  "$bin/fuzz_$name" "${limit[@]}" -rss_limit_mb=3000 -artifact_prefix="build/fuzz-found/$name-" \
    "$corpus" "tests/data/seeds/$name" > "$corpus.log" 2>&1 && local status=sound || local status=FOUND
  printf '%-12s %s inputs: %s\n' "$name" "$(sed -n 's/^#\([0-9]*\).*DONE.*/\1/p' "$corpus.log" | tail -1)" "$status"
  rm -rf "$corpus" "$corpus.log"
  [ "$status" = sound ]
}
failed=0
pids=()
for name in png jpeg gif bmp webp tiff policy watch_list text pattern case_record case_file marks pdf zip mail signature; do
  if [ "${#pids[@]}" -ge "${FUZZ_JOBS:-2}" ]; then wait "${pids[0]}" || failed=1; pids=("${pids[@]:1}"); fi
  one "$name" & pids+=($!)
done
for pid in "${pids[@]}"; do wait "$pid" || failed=1; done
exit $failed
