#!/usr/bin/env bash
# Checks, tests and builds the front end into the folder given. Called by Maven; does nothing if
# nothing changed since it last did.
set -euo pipefail
cd "$(dirname "$0")"
out=$1
here=$(find . ../formats/src/main/resources -path ./node_modules -prune -o -path ./target -prune -o -name schema.d.ts -prune -o -type f -print0 \
  | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
[ -f "$out/index.html" ] && [ "$(cat "$out/../web.built" 2>/dev/null)" = "$here" ] && exit 0
[ node_modules/.package-lock.json -nt package-lock.json ] || npm ci --no-audit --no-fund --loglevel=error
npm run --silent types >/dev/null
npm run --silent check
npm run --silent test
npm run --silent build -- --outDir "$out" --emptyOutDir --logLevel warn
echo "$here" > "$out/../web.built"
