# Shared by bin/start, bin/demo and bin/check: installs the npm packages when they are missing or the lock file is newer.
# Not `npm ci`: it refuses a lock file made where the registry lacks other platforms' optional binaries.
install_packages() {
  if [ ! -f node_modules/.idle-stretch-installed ] || [ package-lock.json -nt node_modules/.idle-stretch-installed ]; then
    echo "Installing packages; the first time the database driver is compiled, which takes a few minutes."
    npm install --no-save --no-audit --no-fund
    touch node_modules/.idle-stretch-installed
  fi
}

# Builds when anything that goes into the build is newer than the last one.
build_product() {
  if [ ! -f .next/BUILD_ID ] || [ ! -f dist/plan.mjs ] || [ ! -f dist/seed.mjs ] ||
    [ -n "$(find src bin/planCommand.ts next.config.ts package-lock.json tsconfig.json -type f -newer .next/BUILD_ID -print -quit)" ]; then
    echo "Building."
    NEXT_TELEMETRY_DISABLED=1 npm run --silent build
  fi
}

# Serves the household of IDLE_STRETCH_DB on a port of this machine.
serve() {
  echo "Idle Stretch is at http://127.0.0.1:$1  (stop it with Ctrl+C). The household lies in $IDLE_STRETCH_DB"
  exec node_modules/.bin/next start -H 127.0.0.1 -p "$1"
}
