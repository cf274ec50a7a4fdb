# Shared by ./yellowfit: what the machine needs, and PostgreSQL clusters of our own. Sourced, not run.

PG_VERSION_WANTED=15
PG_BIN=/usr/lib/postgresql/$PG_VERSION_WANTED/bin

fail() { printf '%s\n' "$*" >&2; exit 1; }
say() { printf '%s\n' "$*"; }

is_root() { [ "$(id -u)" -eq 0 ]; }

# need COMMAND-OR-PATH PACKAGE …: installs the packages whose command is missing.
need() {
  local missing=()
  while [ $# -gt 1 ]; do
    command -v "$1" >/dev/null 2>&1 || missing+=("$2")
    shift 2
  done
  [ ${#missing[@]} -eq 0 ] && return 0
  is_root || fail "Missing from this machine: ${missing[*]}. Run as root, or install them first: apt-get install ${missing[*]}"
  command -v apt-get >/dev/null 2>&1 || fail "Missing from this machine: ${missing[*]}. This is no Debian machine, so install them by hand."
  say "Installing ${missing[*]} …"
  if [ ! -e /etc/postgresql-common/createcluster.conf ]; then
    # Only our own cluster is wanted, not the one that Debian's package would create and start.
    mkdir -p /etc/postgresql-common
    echo 'create_main_cluster = false' > /etc/postgresql-common/createcluster.conf
  fi
  local log
  log=$(mktemp)
  if ! { apt-get update && DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends \
         -o Dpkg::Options::=--force-confold "${missing[@]}"; } >"$log" 2>&1; then
    tail -n 15 "$log" >&2
    rm -f "$log"
    fail "Debian's packages could not be installed: ${missing[*]}."
  fi
  rm -f "$log"
}

need_runtime() {
  need javac openjdk-17-jdk-headless mvn maven "$PG_BIN/initdb" "postgresql-$PG_VERSION_WANTED" curl curl
}

# For tidying only: starting and testing need no Node.
need_node() {
  need node nodejs npm npm
}

need_browser() {
  need chromium chromium chromedriver chromium-driver
}

# PostgreSQL refuses to run as root: root runs it as the user postgres.
as_postgres() {
  # Without descriptor 9: the server must not go on holding the lock of the start that began it.
  if is_root; then (cd / && runuser -u postgres -- "$@") 9>&-; else "$@" 9>&-; fi
}

port_is_free() {
  ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null
}

free_port() {
  local port
  for port in $(shuf -i 20000-39999 -n 50); do
    port_is_free "$port" && { echo "$port"; return 0; }
  done
  fail "No free port was found for the database."
}

random_word() { tr -dc 'a-z0-9' < /dev/urandom 2>/dev/null | head -c "${1:-32}" || true; }

enough_disk() {
  local free
  free=$(df -Pk "$1" | awk 'NR==2 {print $4}')
  [ "${free:-0}" -gt 600000 ] || fail "The disk that holds $1 is full: at least 600 MB are needed."
}

# Where the cluster of a data directory lies. Where postgres cannot reach the directory (root's home is closed to it), it lies
# in /var/lib and a link in the data directory leads there.
pg_home() {
  local data=$1 home
  home=$data/postgres
  if [ -L "$home" ]; then readlink -f "$home"; return; fi
  mkdir -p "$home"
  if is_root; then
    chmod o+x "$data"
    chown postgres:postgres "$home"
    if ! as_postgres test -w "$home"; then
      rmdir "$home"
      home=/var/lib/yellow-fit/$(printf '%s' "$data" | md5sum | cut -c1-12)
      mkdir -p "$home"
      chown postgres:postgres "$home"
      ln -s "$home" "$data/postgres"
    fi
  fi
  echo "$home"
}

# pg_start DATA: makes the cluster when there is none, starts it on loopback, and sets DB_PORT and DB_PASSWORD.
pg_start() {
  local data=$1 home
  home=$(pg_home "$data")
  if [ -e "$home/PG_VERSION" ] && [ "$(cat "$home/PG_VERSION")" != "$PG_VERSION_WANTED" ]; then
    fail "The data in $home belong to PostgreSQL $(cat "$home/PG_VERSION"), not $PG_VERSION_WANTED. Set YF_DATA to another directory, or bring the data over first."
  fi
  if [ ! -e "$home/PG_VERSION" ]; then
    pg_create "$data" "$home"
  fi
  DB_PASSWORD=$(cat "$data/db-password")
  if [ -s "$data/db-port" ] && as_postgres "$PG_BIN/pg_ctl" -D "$home" status >/dev/null 2>&1; then
    DB_PORT=$(cat "$data/db-port")
    return 0
  fi
  DB_PORT=$(cat "$data/db-port" 2>/dev/null || true)
  if [ -z "$DB_PORT" ] || ! port_is_free "$DB_PORT"; then DB_PORT=$(free_port); fi
  echo "$DB_PORT" > "$data/db-port"
  as_postgres "$PG_BIN/pg_ctl" -D "$home" -w -t 120 -l "$home/server.log" \
    -o "-p $DB_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories='' ${PG_OPTIONS:-}" start >/dev/null \
    || fail "PostgreSQL did not start; $home/server.log says why."
}

pg_create() {
  local data=$1 home=$2 password_file
  (umask 077; random_word 32 > "$data/db-password")
  password_file=$(mktemp)
  cp "$data/db-password" "$password_file"
  is_root && chown postgres "$password_file"
  if ! as_postgres "$PG_BIN/initdb" -D "$home" -U yellowfit -A scram-sha-256 --pwfile="$password_file" -E UTF8 --locale=C.UTF-8 >/dev/null 2>"$data/initdb.log"; then
    rm -f "$password_file"
    find "$home" -mindepth 1 -delete 2>/dev/null || true
    fail "The database could not be created: $(tail -n 1 "$data/initdb.log")"
  fi
  rm -f "$password_file"
}

pg_database() {
  local data=$1
  PGPASSWORD=$DB_PASSWORD "$PG_BIN/psql" -q -h 127.0.0.1 -p "$DB_PORT" -U yellowfit postgres -v ON_ERROR_STOP=1 \
    -tc "select 1 from pg_database where datname = 'yellowfit'" | grep -q 1 \
    || PGPASSWORD=$DB_PASSWORD "$PG_BIN/psql" -q -h 127.0.0.1 -p "$DB_PORT" -U yellowfit postgres -v ON_ERROR_STOP=1 -c "create database yellowfit"
}

pg_stop() {
  local home
  [ -e "$1/postgres" ] || return 0
  home=$(pg_home "$1")
  as_postgres "$PG_BIN/pg_ctl" -D "$home" -m fast -w stop >/dev/null 2>&1 || true
}
