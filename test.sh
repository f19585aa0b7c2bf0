#!/usr/bin/env bash
# Builds and tests everything; on a fresh machine it installs what it needs first.
set -euo pipefail
cd "$(dirname "$0")"
missing=()
command -v java >/dev/null 2>&1 || missing+=(openjdk-17-jdk)
command -v mvn >/dev/null 2>&1 || missing+=(maven)
command -v pdftotext >/dev/null 2>&1 || missing+=(poppler-utils)
command -v rsvg-convert >/dev/null 2>&1 || missing+=(librsvg2-bin)
command -v cc >/dev/null 2>&1 || missing+=(gcc libc6-dev)
/usr/bin/python3 -c "import ezdxf" >/dev/null 2>&1 || missing+=(python3-ezdxf)
if [ "${#missing[@]}" -gt 0 ]; then
    apt-get update >/dev/null 2>&1 && apt-get install -y "${missing[@]}" >/dev/null 2>&1 || echo "could not install ${missing[*]}"
fi
if [ "${1:-}" != --coverage ]; then
    exec mvn -B -ntp verify
fi
mvn -B -ntp verify -Djacoco.skip=false
# How many lines of each module its own tests run, by JaCoCo.
for module in core library files studio cli desk; do
    awk -F, -v module="$module" 'NR > 1 { missed += $8; covered += $9 } END { if (covered) printf "%s: %d of %d lines (%.0f %%)\n", module, covered, covered + missed, 100 * covered / (covered + missed) }' \
        "$module/target/site/jacoco/jacoco.csv"
done
