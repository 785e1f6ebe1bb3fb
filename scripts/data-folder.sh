# Where the sets are kept. Sourced after common.sh.
#
#   find_data        sets DATA, makes it, and keeps it the owner's alone
#   lock_data        takes it for this command, on file descriptor 9; false when another has it

can_reach() { [ "$(id -u)" != 0 ] || ( exec_as_user test -x "$1" ) 2>/dev/null; }

find_data() {
  umask 077
  if [ -n "${ZEPHYRDUNE_HOME:-}" ]; then
    DATA=$ZEPHYRDUNE_HOME
  else
    [ -n "${HOME:-}" ] || die "HOME is not set; name a data folder with ZEPHYRDUNE_HOME"
    DATA=$HOME/.zephyrdune
    if [ "$(id -u)" = 0 ] && ! can_reach "$HOME"; then
      # the database runs as an ordinary user, who may not pass through this home
      DATA=/var/lib/zephyrdune/$(printf '%s' "${HOME#/}" | tr '/' '-')
      say "Root's home is closed to the database's user, so the data folder is $DATA" >&2
      mkdir -p /var/lib/zephyrdune && chmod 711 /var/lib/zephyrdune
    fi
  fi
  mkdir -p "$DATA" 2>/dev/null || die "the data folder $DATA cannot be made; name another with ZEPHYRDUNE_HOME"
  DATA=$(cd "$DATA" && pwd -P)
  if [ "$(id -u)" = 0 ]; then
    chmod 711 "$DATA"
    can_reach "$DATA" || die "the database's user (postgres) cannot pass to $DATA; name another folder with ZEPHYRDUNE_HOME, or run as an ordinary user"
  else
    chmod 700 "$DATA" 2>/dev/null || true
  fi
  [ -w "$DATA" ] || die "the data folder $DATA cannot be written to"
  # what earlier versions left readable
  chmod -f go-rwx "$DATA"/server.log "$DATA"/address "$DATA"/lock "$DATA"/server.pid 2>/dev/null || true
}

lock_data() {
  exec 9>>"$DATA/lock"
  flock -n 9
}
