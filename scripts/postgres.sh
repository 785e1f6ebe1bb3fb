# A private PostgreSQL in a folder of its own, on loopback only. Sourced after common.sh.
#
#   pg_create FOLDER            makes the cluster if there has never been one; brings an older one up to the installed version
#   pg_run FOLDER [SETTING..]   starts it as a child of this shell; sets PG_PID, PG_PORT, PG_BIN
#   pg_join FOLDER              finds the one that runs already; sets PG_PORT, PG_BIN
#   pg_environment FOLDER       says to the application where it is
#   pg_stop                     stops it cleanly
#
# In FOLDER: cluster, the data; password, of the superuser; app-password, of the role that the application has; logs;
# first-setup, only while the very first set-up is under way. Nothing else is ever deleted here: what is not understood is left alone.

PG_SUPERUSER=zephyrdune
PG_ROLE=zephyrdune_app
PG_DATABASE=zephyrdune
PG_LOGS_KEPT=8

pg_major() { head -n 1 "$1/PG_VERSION" 2>/dev/null; }

# What an unprivileged PostgreSQL has to own.
pg_own() {
  if [ "$(id -u)" = 0 ]; then chown "$@"; fi
}

pg_new_password() {
  ( umask 077; head -c 24 /dev/urandom | base64 | tr '+/' '-_' | tr -d '\n' > "$1.new" )
  mv -f "$1.new" "$1"
  pg_own postgres:postgres "$1"
}

# Ends programs that an earlier run left behind and that work on a folder.
pg_end_those_on() {
  local process pid comm
  for process in /proc/[0-9]*; do
    pid=${process#/proc/}
    comm=
    read -r comm 2>/dev/null <"$process/comm" || continue
    case "$comm" in postgres|initdb|postmaster) ;; *) continue ;; esac
    { tr '\0' '\n' <"$process/cmdline"; } 2>/dev/null | grep -qxF -e "$1" -e "--pgdata=$1" || continue
    kill -INT "$pid" 2>/dev/null || true
    wait_for 100 pg_is_gone "$pid" || kill -KILL "$pid" 2>/dev/null || true
    wait_for 20 pg_is_gone "$pid" || true
  done
}

pg_is_gone() { [ ! -d "/proc/$1" ] || grep -qs '^State:.Z' "/proc/$1/status"; }

pg_initdb() { # BIN FOLDER NAME
  local bin=$1 folder=$2 name=$3
  ( cd / && exec_as_user "$bin/initdb" --pgdata="$folder/$name" --username="$PG_SUPERUSER" --pwfile="$folder/password" \
      --data-checksums --auth=scram-sha-256 --encoding=UTF8 --locale=C.UTF-8 >"$folder/initdb.log" 2>&1 9>&- ) \
    || { tail -n 5 "$folder/initdb.log" >&2; die "the database could not be made in $folder"; }
}

pg_create() {
  local folder=$1
  if [ ! -d "$folder" ] || [ -z "$(ls -A "$folder")" ]; then
    # with its mark in it from the first moment on
    rm -rf "$folder.first"
    mkdir -p "$folder.first"
    : > "$folder.first/first-setup"
    mv -fT "$folder.first" "$folder"
  fi
  if [ "$(id -u)" = 0 ]; then chown postgres:postgres "$folder"; fi
  chmod 700 "$folder"
  mkdir -p "$folder/logs"
  pg_own postgres:postgres "$folder/logs"
  pg_finish_upgrade "$folder"
  if [ -e "$folder/cluster" ]; then
    [ -f "$folder/cluster/PG_VERSION" ] || pg_puzzled "$folder" "$folder/cluster is there, but is no whole database: it has no PG_VERSION"
    rm -f "$folder/first-setup"
    pg_upgrade "$folder"
    [ -s "$folder/password" ] || pg_reset_password "$folder"
  elif [ -e "$folder/first-setup" ]; then
    # nobody has ever had anything here: an unfinished first set-up is begun anew
    pg_end_those_on "$folder/cluster.new"
    rm -rf "$folder/cluster.new"
    pg_new_password "$folder/password"
    pg_initdb "$(pg_bin)" "$folder" cluster.new
    sync
    mv "$folder/cluster.new" "$folder/cluster"
    rm -f "$folder/first-setup"
  else
    pg_puzzled "$folder" "$folder was set up once, but its cluster is gone"
  fi
  [ -s "$folder/app-password" ] || pg_new_password "$folder/app-password"
}

pg_puzzled() {
  local newest; newest=$({ ls -1 "$(dirname "$1")"/backups/*.zip 2>/dev/null || true; } | tail -n 1)
  say "$2." "Nothing was touched. If a disk is not mounted, or files were moved, put that right and start again." >&2
  if [ -n "$newest" ]; then
    say "Otherwise put the folder aside and bring the newest copy back:" "  mv '$1' '$1.aside'" "  ./zephyrdune restore '$newest'" >&2
  else
    say "Otherwise put the folder aside, to start with an empty database: mv '$1' '$1.aside'" >&2
  fi
  die "the sets cannot be opened"
}

# The password was lost: the user who owns the files may set another, without the server.
pg_reset_password() {
  local folder=$1 bin; bin=$(pg_bin_of "$folder")
  pg_end_those_on "$folder/cluster"
  pg_drop_stale_lock "$folder/cluster"
  pg_new_password "$folder/password"
  ( cd / && printf "alter role %s password '%s'\n" "$PG_SUPERUSER" "$(cat "$folder/password")" \
      | exec_as_user "$bin/postgres" --single -D "$folder/cluster" postgres >>"$folder/initdb.log" 2>&1 9>&- ) \
    || { rm -f "$folder/password"; die "the database's password was lost and could not be set anew; see $folder/initdb.log"; }
}

# The programs of the version that a cluster was made by.
pg_bin_of() {
  local major bin; major=$(pg_major "$1/cluster")
  bin=$(pg_bin "$major")
  [ -n "$bin" ] || die "these sets are in a database of PostgreSQL $major, which is not installed (there is: $(pg_majors | tr '\n' ' ')). \
Install it (on Debian: apt-get install postgresql-$major), or put $1 aside and bring back a copy from $(dirname "$1")/backups with ./zephyrdune restore"
  printf '%s' "$bin"
}

# ---- from one major version to the next: everything is written out by the new version's programs and read in again

pg_upgrade() {
  local folder=$1 old new newest dump kept
  old=$(pg_major "$folder/cluster")
  newest=$(pg_majors | head -n 1)
  [ -n "$newest" ] && [ "$newest" -gt "$old" ] || return 0
  [ -n "$(pg_bin "$old")" ] || return 0   # pg_bin_of says what to do
  say "Bringing the database from PostgreSQL $old to $newest; the old one is kept ..."
  new=$(pg_bin "$newest")
  dump=$folder/upgrade.sql
  pg_end_those_on "$folder/cluster"
  pg_end_those_on "$folder/cluster.upgrade"
  rm -rf "$folder/cluster.upgrade"
  [ -s "$folder/password" ] || pg_reset_password "$folder"
  pg_run "$folder"
  ( umask 077; PGPASSWORD=$(cat "$folder/password") "$new/pg_dump" -h 127.0.0.1 -p "$PG_PORT" -U "$PG_SUPERUSER" \
      --no-owner --no-privileges "$PG_DATABASE" > "$dump" 2>>"$folder/initdb.log" 9>&- ) \
    || { pg_stop; die "the old database could not be read out; nothing was changed. See $folder/initdb.log"; }
  local before; before=$(pg_counts "$folder")
  pg_stop
  pg_initdb "$new" "$folder" cluster.upgrade
  pg_run "$folder" cluster.upgrade
  pg_sql "$folder" "$PG_DATABASE" --single-transaction -v ON_ERROR_STOP=1 -f "$dump" >/dev/null 2>>"$folder/initdb.log" \
    && [ "$(pg_counts "$folder")" = "$before" ] \
    || { pg_stop; die "the new database does not hold what the old one does; nothing was changed. See $folder/initdb.log"; }
  pg_sql "$folder" "$PG_DATABASE" -c "$(pg_ownership)" >/dev/null
  pg_stop
  kept=$folder/cluster-$old-$(date +%Y%m%d-%H%M%S)
  sync
  printf '%s' "$kept" > "$folder/upgrade-ready.new"
  mv -f "$folder/upgrade-ready.new" "$folder/upgrade-ready"
  pg_finish_upgrade "$folder"
  say "Done. The old database is in $kept; delete it when you have looked at your sets."
}

# From the moment on that there is upgrade-ready, cluster.upgrade is whole and takes the place of cluster, however often it is interrupted.
pg_finish_upgrade() {
  local folder=$1
  [ -f "$folder/upgrade-ready" ] || return 0
  if [ -d "$folder/cluster.upgrade" ]; then
    [ ! -d "$folder/cluster" ] || mv -T "$folder/cluster" "$(cat "$folder/upgrade-ready")"
    mv -T "$folder/cluster.upgrade" "$folder/cluster"
    sync
  fi
  rm -f "$folder/upgrade-ready" "$folder/upgrade.sql"
}

# How many rows there are of everything.
pg_counts() {
  pg_sql "$1" "$PG_DATABASE" -At -c "select relname, (xpath('/row/n/text()', query_to_xml(format('select count(*) as n from %I.%I', \
    schemaname, relname), true, false, '')))[1] from pg_stat_user_tables order by relname"
}

# ---- running

pg_answers() { "$PG_BIN/pg_isready" -q -h 127.0.0.1 -p "$PG_PORT" 9>&-; }

pg_sql() { # FOLDER DATABASE [psql's own words]
  local folder=$1 database=$2; shift 2
  PGPASSWORD=$(cat "$folder/password") PGCONNECT_TIMEOUT=10 "$PG_BIN/psql" -X -q -h 127.0.0.1 -p "$PG_PORT" -U "$PG_SUPERUSER" \
    -d "$database" "$@" 9>&-
}

# A lock file without a process in it is what a crash at a bad moment leaves.
pg_drop_stale_lock() {
  local file=$1/postmaster.pid pid
  [ -f "$file" ] || return 0
  pid=$(head -n 1 "$file")
  case "$pid" in ''|*[!0-9]*) rm -f "$file" ;; *) ! pg_is_gone "$pid" || rm -f "$file" ;; esac
}

pg_run() { # FOLDER [CLUSTER] [SETTING..]
  local folder=$1 cluster=cluster attempt waited; shift
  case "${1:-}" in cluster*) cluster=$1; shift ;; esac
  PG_BIN=$(pg_bin "$(pg_major "$folder/$cluster")")
  [ -n "$PG_BIN" ] || pg_bin_of "$folder" >/dev/null
  pg_end_those_on "$folder/$cluster"
  pg_drop_stale_lock "$folder/$cluster"
  pg_prune_logs "$folder"
  for attempt in 1 2 3 4 5; do
    PG_PORT=$(free_port)
    ( cd / && exec_as_user "$PG_BIN/postgres" -D "$folder/$cluster" -c listen_addresses=127.0.0.1 -c port="$PG_PORT" \
        -c unix_socket_directories= -c logging_collector=on -c log_directory="$folder/logs" -c log_file_mode=0600 \
        -c log_filename='postgres-%Y%m%d-%H%M%S.log' -c log_rotation_size=2MB -c log_rotation_age=1d "$@" ) \
      >>"$folder/logs/postgres-start.log" 2>&1 9>&- &
    PG_PID=$!
    waited=0
    # after a power cut it may first have to recover, as long as that takes
    until pg_answers; do
      if pg_is_gone "$PG_PID"; then break; fi
      sleep 0.1
      waited=$((waited + 1))
      [ $((waited % 100)) != 0 ] || say "Waiting for the database ($((waited / 10)) s; its log is in $folder/logs) ..."
      if [ "$waited" -ge 6000 ]; then pg_stop; die "the database has not answered in ten minutes; its log is in $folder/logs"; fi
    done
    if ! pg_is_gone "$PG_PID"; then
      pg_make_database "$folder"
      return 0
    fi
    sleep 1
  done
  tail -n 5 "$folder"/logs/postgres-start.log >&2
  die "the database does not start; its log is in $folder/logs"
}

# The one that runs already, if one does.
pg_join() {
  local file=$1/cluster/postmaster.pid
  [ -f "$file" ] || return 1
  PG_PORT=$(sed -n 4p "$file")
  PG_BIN=$(pg_bin "$(pg_major "$1/cluster")")
  [ -n "$PG_PORT" ] && [ -n "$PG_BIN" ] && pg_answers
}

pg_prune_logs() {
  local old
  { ls -1t "$1"/logs/postgres-2*.log 2>/dev/null || true; } | tail -n +$((PG_LOGS_KEPT + 1)) | while read -r old; do rm -f "$old"; done
  [ ! -f "$1/logs/postgres-start.log" ] || tail -n 200 "$1/logs/postgres-start.log" > "$1/logs/postgres-start.log.new"
  if [ -f "$1/logs/postgres-start.log.new" ]; then mv -f "$1/logs/postgres-start.log.new" "$1/logs/postgres-start.log"; fi
}

# Everything in the application's database is its role's, whoever made it.
pg_ownership() {
  cat <<END
do \$\$
declare thing record;
begin
  for thing in select format('%I.%I', schemaname, tablename) as name from pg_tables where schemaname = 'public' and tableowner <> '$PG_ROLE'
  loop execute 'alter table ' || thing.name || ' owner to $PG_ROLE'; end loop;
end \$\$
END
}

pg_make_database() {
  local folder=$1 app have
  [ -s "$folder/app-password" ] || pg_new_password "$folder/app-password"
  app=$(cat "$folder/app-password")
  have=$(pg_sql "$folder" postgres -At -c "select 1 from pg_roles where rolname = '$PG_ROLE'")
  if [ "$have" != 1 ]; then
    pg_sql "$folder" postgres -c "create role $PG_ROLE login nosuperuser nocreatedb nocreaterole password '$app'"
  else
    pg_sql "$folder" postgres -c "alter role $PG_ROLE login nosuperuser password '$app'"
  fi
  have=$(pg_sql "$folder" postgres -At -c "select 1 from pg_database where datname = '$PG_DATABASE'")
  [ "$have" = 1 ] || pg_sql "$folder" postgres -c "create database $PG_DATABASE owner $PG_ROLE"
  pg_sql "$folder" postgres -c "alter database $PG_DATABASE owner to $PG_ROLE"
  pg_sql "$folder" "$PG_DATABASE" -c "$(pg_ownership)"
}

pg_environment() {
  export ZEPHYRDUNE_DB_URL="jdbc:postgresql://127.0.0.1:$PG_PORT/$PG_DATABASE"
  export ZEPHYRDUNE_DB_USER=$PG_ROLE
  ZEPHYRDUNE_DB_PASSWORD=$(cat "$1/app-password")
  export ZEPHYRDUNE_DB_PASSWORD
}

pg_stop() {
  [ -n "${PG_PID:-}" ] || return 0
  kill -INT "$PG_PID" 2>/dev/null || true
  # ended at once it recovers at the next start, and loses nothing either
  wait_for 40 pg_is_gone "$PG_PID" || { kill -QUIT "$PG_PID" 2>/dev/null || true; wait_for 100 pg_is_gone "$PG_PID" || true; }
  PG_PID=
}
