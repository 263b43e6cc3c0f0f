#!/usr/bin/env bash
# Makes the TrueType fonts that the PDF writer reads out of the web fonts of the application: it cannot read those itself.
# Only for whoever changes a font (Debian: fonttools, python3-brotli). The results are committed.
set -euo pipefail
cd "$(dirname "$0")/.."
OUT=web/assets/fonts
SOURCE=node_modules/@fontsource-variable/archivo/files/archivo-latin-wdth-normal.woff2
mkdir -p "$OUT"
T="$(mktemp -d)"
trap 'rm -rf "$T"' EXIT
instance() {
  fonttools varLib.instancer -q "$SOURCE" "wght=$1" "wdth=$2" -o "$T/instance.woff2"
  pyftsubset "$T/instance.woff2" --unicodes='U+0020-007E,U+00A0-00FF,U+2013,U+2014,U+2018,U+2019,U+201C,U+201D' \
    --layout-features='*' --output-file="$OUT/$3"
}
instance 400 86 Archivo-Regular.ttf
instance 680 100 Archivo-Bold.ttf
