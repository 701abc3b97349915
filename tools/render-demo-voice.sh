#!/usr/bin/env bash
# Renders the dry demo voice: tools/demo-voice/*.txt -> small FLAC files that ship with the application.
# Needs (Debian): festival festvox-us-slt-hts sox. The voice is CMU US SLT (HTS), free for any use; see
# media/src/main/resources/app/redlamp/media/demo/VOICE-LICENSE.txt.
# One sentence is rendered at a time and followed by 0.45 to 0.85 s of digital silence, as a reader would pause;
# noise, room and gain are added by the application when it builds the demo.
set -euo pipefail
cd "$(dirname "$0")/.."
out=media/src/main/resources/app/redlamp/media/demo
work=$(mktemp -d); trap 'rm -rf "$work"' EXIT
for text in tools/demo-voice/*.txt; do
  name=$(basename "$text" .txt)
  parts=(); n=0
  while IFS= read -r sentence; do
    printf '%s\n' "$sentence" > "$work/s.txt"
    text2wave -eval '(voice_cmu_us_slt_arctic_hts)' "$work/s.txt" -o "$work/$n-raw.wav"
    # Cut the synthesiser's own edges, fade 10 ms, pause like a reader.
    sox "$work/$n-raw.wav" "$work/$n.wav" silence 1 0.01 -50d reverse silence 1 0.01 -50d fade 0.01 reverse fade 0.01 \
      pad 0 "0.$(( 45 + (n * 17) % 40 ))"
    parts+=("$work/$n.wav"); n=$((n + 1))
  done < "$text"
  sox "${parts[@]}" "$work/all.wav"
  # Head and tail without the last pause: the demo adds its own room tone. Peak at -3 dBFS, 16 bit, no dither noise in pauses.
  sox -D "$work/all.wav" -b 16 -C 8 "$out/$name.flac" reverse silence 1 0.01 -50d reverse gain -n -3
  echo "$out/$name.flac $(soxi -D "$out/$name.flac") s"
done
