#!/usr/bin/env bash
# A server on a new demo household of its own, for the end-to-end tests.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
export IDLE_STRETCH_DB="test-results/e2e/household.db"
rm -rf test-results/e2e
mkdir -p test-results/e2e
node_modules/.bin/tsx --conditions=react-server src/demo/seed.ts
exec node_modules/.bin/next start -H 127.0.0.1 -p 4171
