#!/usr/bin/env bash
# Checks layout and rules of the interface's code, then runs its unit tests.
set -euo pipefail
cd "$(dirname "$0")/.."
npm run --silent lint
npm run --silent test
