# Runs a command that is bundled from bin/<name>Command.ts to dist/<name>.mjs, bundled anew where the core has changed.
set -euo pipefail
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)

run_bundled() {
  local made="$root/dist/$1.mjs"
  if [ ! -f "$made" ] || [ -n "$(find "$root/src/core" "$root/bin/$1Command.ts" -newer "$made" -type f -print -quit)" ]; then
    (cd "$root" && . bin/setup.sh && install_packages >&2)
    (cd "$root" && node bin/bundle.mjs >&2)
  fi
  shift
  exec node "$made" "$@"
}
