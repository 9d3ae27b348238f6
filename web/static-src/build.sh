#!/usr/bin/env bash
# Puts styles, scripts and fonts into the folder given: Maven calls it during the build.
set -euo pipefail
out=$1
cd "$(dirname "$0")"
if [ ! -f node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
  npm ci --no-audit --no-fund --ignore-scripts --silent
  touch node_modules/.package-lock.json
fi
mkdir -p "$out/fonts"
cp node_modules/@fontsource-variable/archivo/files/archivo-latin{,-ext}-wdth-normal.woff2 "$out/fonts/"
for face in next-latin-400 next-latin-600 next-latin-700 next-latin-ext-400 next-latin-ext-600 next-latin-ext-700 mono-latin-400 mono-latin-600 mono-latin-ext-400; do
  cp "node_modules/@fontsource/atkinson-hyperlegible-${face%%-*}/files/atkinson-hyperlegible-$face-normal.woff2" "$out/fonts/"
done
# fonts that go into a PDF
paper="$out/../../paper-fonts"
mkdir -p "$paper"
if [ ! -f "$paper/archivo-latin-800-normal.ttf" ]; then
  next=node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next
  mono=node_modules/@fontsource/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono
  archivo=node_modules/@fontsource/archivo/files/archivo
  node ttf.mjs "$paper" "$next"-latin{,-ext}-{400,700}-normal.woff2 "$mono"-latin{,-ext}-400-normal.woff2 "$archivo"-latin{-ext,}-800-normal.woff2
  cp node_modules/dejavu-fonts-ttf/ttf/DejaVuSans{,-Bold}.ttf "$paper/"
fi
cp node_modules/@alpinejs/csp/dist/cdn.min.js "$out/alpine-csp.js"
node_modules/.bin/eslint js
node_modules/.bin/esbuild js/main.js --bundle --minify --target=es2022 --log-level=warning --outfile="$out/gatepin.js"
cp paper.css paper-drawing.css paper-screen.css "$out/"
cp img/* "$out/"
node_modules/.bin/tailwindcss -i app.css -o "$out/app.css" --minify 2>&1 | grep -v -i -e 'tailwindcss v' -e '^done' -e '^$' || true
