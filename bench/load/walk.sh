#!/usr/bin/env bash
# Fifty advisors walk through the demo's visits with thinking time; then the shortlist at saturation. Called by ./yellowfit load,
# against the application that runs on YF_PORT with the demo's data.
set -euo pipefail
here=$(cd "$(dirname "$0")" && pwd)
base=http://127.0.0.1:${1:?port}
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
advisors=50
seconds=${2:-30}

sign_in() {
  local jar=$work/jar.$1 csrf
  csrf=$(curl -fsS -c "$jar" "$base/sign-in" | grep -oP 'name="_csrf"[^>]*value="\K[^"]+' | head -n 1)
  curl -fsS -o /dev/null -b "$jar" -c "$jar" --data-urlencode "_csrf=$csrf" -d username=tamsin -d password=skerry-lane-demo "$base/sign-in"
  awk '$6 ~ /session$/ {print $6 "=" $7}' "$jar"
}

for n in $(seq 1 $advisors); do sign_in "$n"; done > "$work/cookies"
cookie=$(head -n 1 "$work/cookies")
curl -fsS -H "Cookie: $cookie" "$base/" | grep -oP 'href="\K/visits/[0-9a-f-]{36}(?=/)' | sort -u > "$work/visits"
while read -r visit; do
  printf '%s\n' "/" "$visit/site" "$visit/shortlist" "$visit/side-by-side" "$visit/list" "$visit/handout"
done < "$work/visits" > "$work/pages"
printf '%s\n' "/catalogue" "/catalogue?q=blue+flowers+under+60+cm" >> "$work/pages"
while read -r visit; do
  for hours in 1.5 2.5 3.5 4.5 5.5 6.5 7.5; do echo "$visit/shortlist/list?sunHours=$hours&group=none"; done
done < "$work/visits" > "$work/dials"
sort -u "$work/visits" | sed 's#$#/shortlist#' > "$work/shortlists"

walk() { # NAME PATHS CONNECTIONS THINK-MS SECONDS
  printf '%s: ' "$1"
  wrk -t 1 -c "$3" -d "${5}s" --timeout 10s -s "$here/walk.lua" "$base" -- "$work/cookies" "$work/$2" "$4" | grep '^requests'
}

echo "Warming up …"
walk "warm-up" pages 8 0 "$seconds" >/dev/null
walk "warm-up" dials 8 0 "$seconds" >/dev/null
walk "dials, 10 advisors thinking 1 s" dials 10 1000 "$seconds" > "$work/dials.out" &
walk "pages, 40 advisors thinking 2 s" pages 40 2000 "$seconds"
wait
cat "$work/dials.out"
walk "shortlists at saturation, 8 connections" shortlists 8 0 "$seconds"
