#!/usr/bin/env bash
# Builds the front end into the folder given. Called by Maven.
set -euo pipefail
cd "$(dirname "$0")"
[ -f package.json ] || exit 0
