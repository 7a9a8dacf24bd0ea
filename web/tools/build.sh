#!/usr/bin/env bash
# Builds the interface into dist/, only where something changed since the last time.
set -euo pipefail
cd "$(dirname "$0")/.."

if [ ! -f node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
  npm ci --no-progress
  touch node_modules/.package-lock.json
fi

stamp=dist/.stamp
if [ -f "$stamp" ] && [ -z "$(find src public api tools index.html package.json package-lock.json vite.config.ts tsconfig.json -newer "$stamp" -print -quit)" ]; then
  exit 0
fi
npm run --silent types
npm run --silent build
touch "$stamp"
