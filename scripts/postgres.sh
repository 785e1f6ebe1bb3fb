# A private PostgreSQL in a folder of its own, on loopback only. Sourced after common.sh.
#
#   pg_create FOLDER            makes the cluster if there is none, with a password of its own
#   pg_run FOLDER [SETTING..]   starts it as a child of this shell; sets PG_PID, PG_PORT, PG_PASSWORD
#   pg_stop                     stops it cleanly

PG_USER=zephyrdune
PG_DATABASE=zephyrdune

pg_create() {
  local folder=$1
  [ -f "$folder/cluster/PG_VERSION" ] && return 0
  mkdir -p "$folder"
  rm -rf "$folder/cluster.new" "$folder/cluster"
  ( umask 077; head -c 24 /dev/urandom | base64 | tr '+/' '-_' | tr -d '\n' > "$folder/password" )
  if [ "$(id -u)" = 0 ]; then chown -R postgres:postgres "$folder"; fi
  ( cd / && exec_as_user "$(pg_bin)/initdb" --pgdata="$folder/cluster.new" --username="$PG_USER" --pwfile="$folder/password" \
      --auth=scram-sha-256 --encoding=UTF8 --locale=C.UTF-8 >"$folder/initdb.log" 2>&1 ) \
    || { cat "$folder/initdb.log" >&2; die "the database could not be made in $folder"; }
  mv "$folder/cluster.new" "$folder/cluster"
}

pg_answers() {
  "$(pg_bin)/pg_isready" -q -h 127.0.0.1 -p "$PG_PORT"
}

# A server left over from a run that was killed: ended first, so that there is one owner of the folder.
pg_end_leftover() {
  local pid file=$1/cluster/postmaster.pid
  [ -f "$file" ] || return 0
  pid=$(head -n 1 "$file")
  case "$pid" in ''|*[!0-9]*) return 0 ;; esac
  if tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qF "$1/cluster"; then
    kill -INT "$pid" 2>/dev/null || true
    wait_for 100 pg_is_gone "$pid" || kill -KILL "$pid" 2>/dev/null || true
  fi
}

pg_is_gone() { [ ! -d "/proc/$1" ]; }

pg_run() {
  local folder=$1 attempt; shift
  pg_end_leftover "$folder"
  PG_PASSWORD=$(cat "$folder/password")
  for attempt in 1 2 3 4 5; do
    PG_PORT=$(free_port)
    ( cd / && exec_as_user "$(pg_bin)/postgres" -D "$folder/cluster" -c listen_addresses=127.0.0.1 -c port="$PG_PORT" \
        -c unix_socket_directories= "$@" ) >>"$folder/postgres.log" 2>&1 9>&- &
    PG_PID=$!
    if wait_for 200 pg_up_or_gone && pg_answers; then
      pg_make_database
      return 0
    fi
    wait "$PG_PID" 2>/dev/null || true
    sleep 1
  done
  tail -n 5 "$folder/postgres.log" >&2
  die "the database does not start; its log is $folder/postgres.log"
}

pg_up_or_gone() { pg_answers || pg_is_gone "$PG_PID"; }

pg_make_database() {
  local have
  have=$(PGPASSWORD=$PG_PASSWORD "$(pg_bin)/psql" -X -q -At -h 127.0.0.1 -p "$PG_PORT" -U "$PG_USER" -d postgres \
    -c "select 1 from pg_database where datname = '$PG_DATABASE'")
  [ "$have" = 1 ] || PGPASSWORD=$PG_PASSWORD "$(pg_bin)/psql" -X -q -h 127.0.0.1 -p "$PG_PORT" -U "$PG_USER" -d postgres \
    -c "create database $PG_DATABASE"
}

pg_environment() {
  export ZEPHYRDUNE_DB_URL="jdbc:postgresql://127.0.0.1:$PG_PORT/$PG_DATABASE"
  export ZEPHYRDUNE_DB_USER=$PG_USER ZEPHYRDUNE_DB_PASSWORD=$PG_PASSWORD
}

pg_stop() {
  [ -n "${PG_PID:-}" ] || return 0
  kill -INT "$PG_PID" 2>/dev/null || true
  wait "$PG_PID" 2>/dev/null || true
  PG_PID=
}
