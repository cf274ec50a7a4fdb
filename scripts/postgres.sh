# A PostgreSQL cluster of our own in a data directory. Sourced, not run.
#
# The cluster belongs to the role “keeper”; the application signs in as “yellowfit”, which owns its database and is no
# superuser.

pg_home() { home_of "$1" postgres postgres; }

# pg_start DATA: makes the cluster when there is none, starts it on loopback, and sets DB_PORT and DB_PASSWORD.
pg_start() {
  local data=$1 home
  home=$(pg_home "$data")
  if [ -e "$home/PG_VERSION" ] && [ "$(cat "$home/PG_VERSION")" != "$PG_VERSION_WANTED" ]; then
    fail "The data in $home belong to PostgreSQL $(cat "$home/PG_VERSION"), not $PG_VERSION_WANTED. docs/operations.md says how they are brought over."
  fi
  if [ ! -e "$home/PG_VERSION" ]; then
    pg_create "$data" "$home"
  fi
  DB_PASSWORD=$(cat "$data/db-password")
  if [ -s "$data/db-port" ] && pg_answers "$(cat "$data/db-port")" && pg_runs "$home"; then
    DB_PORT=$(cat "$data/db-port")
    return 0
  fi
  pg_checksums_on "$home"
  DB_PORT=$(cat "$data/db-port" 2>/dev/null || true)
  if [ -z "$DB_PORT" ] || ! port_is_free "$DB_PORT"; then DB_PORT=$(free_port); fi
  echo "$DB_PORT" > "$data/db-port"
  pg_up "$home" || fail "PostgreSQL did not start; $home/server.log says why."
  pg_roles "$data"
}

# What is left of a server that was killed may hold on to its memory for a moment: it is tried again.
pg_up() {
  local home=$1 _
  for _ in $(seq 1 20); do
    pg_answers "$DB_PORT" && return 0
    as_postgres "$PG_BIN/pg_ctl" -D "$home" -w -t 120 -l "$home/server.log" \
      -o "-p $DB_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories='' ${PG_OPTIONS:-}" start >/dev/null 2>&1 \
      && return 0
    sleep 1
  done
  return 1
}

pg_answers() { "$PG_BIN/pg_isready" -q -h 127.0.0.1 -p "$1"; }

pg_runs() { as_postgres "$PG_BIN/pg_ctl" -D "$1" status >/dev/null 2>&1; }

# Clusters from before there were checksums get them while they stand still.
pg_checksums_on() {
  as_postgres "$PG_BIN/pg_controldata" -D "$1" | grep -q 'checksum version: *0$' || return 0
  as_postgres "$PG_BIN/pg_checksums" --enable -D "$1" >/dev/null 2>&1 || true
}

pg_create() {
  local data=$1 home=$2 password_file
  (umask 077; random_word 32 > "$data/db-password"; random_word 32 > "$data/keeper-password")
  password_file=$(mktemp)
  cp "$data/keeper-password" "$password_file"
  is_root && chown postgres "$password_file"
  if ! as_postgres "$PG_BIN/initdb" -D "$home" -U keeper -A scram-sha-256 --pwfile="$password_file" --data-checksums \
       -E UTF8 --locale=C.UTF-8 >/dev/null 2>"$data/initdb.log"; then
    rm -f "$password_file"
    find "$home" -mindepth 1 -delete 2>/dev/null || true
    fail "The database could not be created: $(tail -n 1 "$data/initdb.log")"
  fi
  rm -f "$password_file"
}

# sql ROLE DATABASE [PSQL OPTIONS]: as the keeper of the cluster or as the application.
sql() {
  local role=$1 database=$2 password=$DB_PASSWORD
  shift 2
  [ "$role" = keeper ] && password=$KEEPER_PASSWORD
  PGPASSWORD=$password "$PG_BIN/psql" -q -At -h 127.0.0.1 -p "$DB_PORT" -U "$role" -d "$database" -v ON_ERROR_STOP=1 "$@"
}

# The application's role is made, and made an ordinary one where an older version had it own the cluster.
pg_roles() {
  local data=$1
  if [ ! -s "$data/keeper-password" ]; then
    (umask 077; random_word 32 > "$data/keeper-password")
    sql yellowfit postgres -c "create role keeper superuser login password '$(cat "$data/keeper-password")'"
  fi
  KEEPER_PASSWORD=$(cat "$data/keeper-password")
  sql keeper postgres -c "select 1 from pg_roles where rolname = 'yellowfit'" | grep -q 1 \
    || sql keeper postgres -c "create role yellowfit login password '$DB_PASSWORD'"
  sql keeper postgres -c "alter role yellowfit nosuperuser ${PG_APP_ROLE:-nocreatedb} nocreaterole noreplication nobypassrls"
}

# pg_database DATA [NAME]: makes the application's database when there is none.
pg_database() {
  local name=${2:-yellowfit}
  KEEPER_PASSWORD=$(cat "$1/keeper-password")
  sql keeper postgres -c "select 1 from pg_database where datname = '$name'" | grep -q 1 \
    || sql keeper postgres -c "create database $name owner yellowfit"
}

pg_stop() {
  local home
  [ -e "$1/postgres" ] || return 0
  home=$(pg_home "$1")
  as_postgres "$PG_BIN/pg_ctl" -D "$home" -m fast -w stop >/dev/null 2>&1 || true
}
