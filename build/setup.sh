# Shared by run, test and screenshots: brings the machine and the build up to date, and does nothing that is done already.
# Sourced with the project folder as the working directory.
set -euo pipefail
export DOTNET_CLI_TELEMETRY_OPTOUT=1 DOTNET_NOLOGO=1 MSBUILDDISABLENODEREUSE=1
STAMPS=.stamps
mkdir -p "$STAMPS"

say() { printf '%s\n' "$*" >&2; }

need_tools() {
  if ! command -v dotnet >/dev/null || ! dotnet --list-sdks | grep -q '^10\.'; then
    say "The .NET 10 SDK is needed (dotnet on the path)."
    exit 1
  fi
  if ! command -v node >/dev/null || [ "$(node -p 'parseInt(process.versions.node)')" -lt 20 ]; then
    say "Node.js 20 or newer is needed (node and npm on the path)."
    exit 1
  fi
}

need_browser() {
  if [ -x /usr/bin/chromium ] && [ -x /usr/bin/chromedriver ]; then return; fi
  say "Installing Debian's chromium and chromium-driver."
  local as=""
  [ "$(id -u)" = 0 ] || as=sudo
  $as apt-get update -qq >&2
  DEBIAN_FRONTEND=noninteractive $as apt-get install -y -qq --no-install-recommends chromium chromium-driver >&2
}

# newer FILE PATH...: whether anything below the paths changed after FILE was made.
newer() {
  local than=$1
  shift
  local made=(-not -path '*/obj/*' -not -path '*/bin/*' -not -path '*/node_modules/*')
  [ ! -e "$than" ] || [ -n "$(find "$@" -newer "$than" -type f "${made[@]}" -print -quit 2>/dev/null)" ]
}

need_packages() {
  if [ ! -d ui/node_modules ] || newer "$STAMPS/npm" ui/package-lock.json ui/package.json; then
    say "Installing the interface's packages."
    # Not npm ci: it wants every platform's optional package in the lock file, and a registry need not have them all.
    (cd ui && npm install --no-audit --no-fund --loglevel=error >&2)
    touch "$STAMPS/npm"
  fi
}

build_ui() {
  need_packages
  local settings=(ui/index.html ui/package-lock.json ui/vite.config.ts ui/tsconfig.json)
  if newer "$STAMPS/ui" ui/src ui/public "${settings[@]}" || [ ! -f ui/dist/index.html ]; then
    say "Building the interface."
    (cd ui && npm run --silent build >&2)
    touch "$STAMPS/ui"
  fi
}

# build_dotnet PROJECT STAMP: builds in Release when sources are newer than the stamp.
build_dotnet() {
  if newer "$STAMPS/$2" src tests bench Directory.Build.props Directory.Packages.props Zygotome.slnx .editorconfig; then
    say "Building $1."
    dotnet build "$1" -c Release -v quiet --nologo >&2
    touch "$STAMPS/$2"
  fi
}
