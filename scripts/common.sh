# Shared by the commands: words to the person, Debian packages, users, ports. Sourced, not run.

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)

say() { printf '%s\n' "$@"; }
die() { printf 'zephyrdune: %s\n' "$*" >&2; exit 1; }

# Where PostgreSQL's programs may be; more folders of the kind can be named.
pg_roots() { ls -d /usr/lib/postgresql/*/bin ${ZEPHYRDUNE_POSTGRES_BINS:-} 2>/dev/null; }

pg_major_of_bin() { "$1/postgres" --version 2>/dev/null | sed -n 's/.* \([0-9][0-9]*\)[.a-z].*/\1/p'; }

# Major versions that are installed, the newest first.
pg_majors() {
  local bin
  for bin in $(pg_roots); do
    if [ -x "$bin/initdb" ]; then pg_major_of_bin "$bin"; fi
  done | sort -rnu
}

# The programs of a major version, or of the newest that is installed; nothing when there are none.
pg_bin() {
  local major=${1:-$(pg_majors | head -n 1)} bin
  for bin in $(pg_roots); do
    if [ -x "$bin/initdb" ] && [ "$(pg_major_of_bin "$bin")" = "$major" ]; then printf '%s' "$bin"; return; fi
  done
}

is_there() {
  if [ "$1" = pg ]; then [ -n "$(pg_bin)" ]; else command -v "$1" >/dev/null 2>&1; fi
}

# need run | need run test: installs the Debian packages that are missing, after saying which and why.
need() {
  local package probe purpose why missing=() lines=()
  while read -r package probe purpose why; do
    case "$package" in ''|'#'*) continue ;; esac
    case " $* " in *" $purpose "*) ;; *) continue ;; esac
    if ! is_there "$probe"; then missing+=("$package"); lines+=("  $package: $why"); fi
  done < "$ROOT/scripts/debian-packages"
  [ ${#missing[@]} -gt 0 ] || return 0
  say "Debian has to provide:" "${lines[@]}"
  command -v apt-get >/dev/null 2>&1 || die "this is no Debian system; install these yourself and start again: ${missing[*]}"
  [ "$(id -u)" = 0 ] || die "installing needs root. Run: sudo apt-get install --no-install-recommends ${missing[*]}"
  say "Installing ..."
  local log; log=$(mktemp)
  if ! { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}"; } >"$log" 2>&1; then
    tail -n 5 "$log" >&2
    die "installing failed; without a network the packages have to be there already: ${missing[*]}"
  fi
  rm -f "$log"
}

# PostgreSQL refuses to run as root: then the user that came with Debian's package does.
# It replaces the shell it is called in, so that the process id is the program's own; call it in ( ... ).
exec_as_user() {
  if [ "$(id -u)" = 0 ]; then
    exec setpriv --reuid=postgres --regid=postgres --clear-groups -- "$@"
  else
    exec "$@"
  fi
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
  local port
  while :; do
    port=$((20000 + (RANDOM * 32768 + RANDOM) % 12000))
    port_is_free "$port" && { printf '%s' "$port"; return; }
  done
}

# Waits until a command succeeds, up to so many tenths of a second.
wait_for() {
  local tenths=$1; shift
  while ! "$@" >/dev/null 2>&1; do
    tenths=$((tenths - 1))
    [ "$tenths" -gt 0 ] || return 1
    sleep 0.1
  done
}
