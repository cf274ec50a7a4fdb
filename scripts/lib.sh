# Shared by ./yellowfit and the other scripts: what the machine needs. Sourced, not run.

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

# Nor does the application run as root: it runs as a user of its own that may do nothing else.
APP_USER=yellow-fit
need_app_user() {
  is_root || return 0
  id "$APP_USER" >/dev/null 2>&1 || useradd --system --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$APP_USER"
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

# home_of DATA NAME USER: a directory that USER can write, DATA/NAME where that is possible. Where USER cannot reach DATA
# (root's home is closed to others), it lies in /var/lib and a link in DATA leads there.
home_of() {
  local data=$1 name=$2 user=$3 home=$1/$2
  if [ -L "$home" ]; then readlink -f "$home"; return; fi
  mkdir -p "$home"
  if is_root; then
    chmod o+x "$data"
    chown "$user" "$home"
    if ! (cd / && runuser -u "$user" -- test -w "$home"); then
      rmdir "$home"
      home=/var/lib/yellow-fit/$(printf '%s' "$data" | md5sum | cut -c1-12)
      [ "$name" = postgres ] || home=$home-$name
      mkdir -p "$home"
      chown "$user" "$home"
      ln -s "$home" "$data/$name"
    fi
  fi
  echo "$home"
}

# gone DATA NAME: what home_of made.
gone() {
  if [ -L "$1/$2" ]; then rm -rf "$(readlink -f "$1/$2")"; fi
  rm -rf "${1:?}/$2"
}
