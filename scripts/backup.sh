# Backups: the database in pg_dump's custom format with what belongs to it, in one tar file. Sourced, not run. Each
# function runs in a shell of its own, which tidies up however it ends.

NIGHTS_KEPT=14

# backup_to FILE: while everything runs. The file is read back before it gets its name.
backup_to() (
  file=$1
  case "$file" in /*) ;; *) file=$PWD/$file ;; esac
  [ -d "$(dirname "$file")" ] || fail "There is no directory $(dirname "$file") to write the backup into."
  enough_disk "$(dirname "$file")"
  work=$(mktemp -d "$(dirname "$file")/.backup.XXXXXX")
  trap 'rm -rf "$work"' EXIT
  PGPASSWORD=$DB_PASSWORD "$PG_BIN/pg_dump" -Fc -h 127.0.0.1 -p "$DB_PORT" -U yellowfit -f "$work/database.dump" yellowfit
  cp "$data/secret" "$work/secret"
  printf 'yellow-fit backup\nPostgreSQL %s\n%s\n' "$PG_VERSION_WANTED" "$(date -u +%FT%TZ)" > "$work/about"
  (cd "$work" && sha256sum database.dump secret about > sums)
  (umask 077; tar -C "$work" -cf "$work/all.tar" about sums secret database.dump)
  backup_is_whole "$work/all.tar" || fail "The backup could not be read back; nothing was written to $file."
  mv "$work/all.tar" "$file"
  sql yellowfit yellowfit -c "insert into backup_made (file, bytes) values ('$(basename "$file" | tr -d "'")', $(stat -c %s "$file"))"
)

# Every byte of the dump is read and decoded, and every part is what it was when it was written.
backup_is_whole() (
  look=$(mktemp -d)
  trap 'rm -rf "$look"' EXIT
  tar -C "$look" -xf "$1" about sums secret database.dump 2>/dev/null \
    && (cd "$look" && sha256sum --quiet -c sums >/dev/null 2>&1) \
    && "$PG_BIN/pg_restore" -f /dev/null "$look/database.dump"
)

# restore_from FILE: into a database of its own first; only when that has worked does it take the place of the one there is.
restore_from() (
  file=$1
  [ -r "$file" ] || fail "The backup $file cannot be read."
  backup_is_whole "$file" || fail "$file is no backup of Yellow Fit, or not all of one. Nothing was changed."
  work=$(mktemp -d)
  trap 'rm -rf "$work"' EXIT
  tar -C "$work" -xf "$file"
  sql keeper postgres -c 'drop database if exists yellowfit_restored with (force)'
  pg_database "$data" yellowfit_restored
  PGPASSWORD=$DB_PASSWORD "$PG_BIN/pg_restore" -h 127.0.0.1 -p "$DB_PORT" -U yellowfit -d yellowfit_restored \
    --no-owner --no-acl --single-transaction --exit-on-error "$work/database.dump" \
    || fail "The backup could not be restored; the data are as they were."
  sql keeper postgres -c 'drop database if exists yellowfit with (force)' -c 'alter database yellowfit_restored rename to yellowfit'
  (umask 077; cp "$work/secret" "$data/secret")
)

# backup_is_due NEWEST NOW HOUR: in the night's hour when there is none of this night, and as soon as a night was missed.
# NEWEST and NOW in seconds, NEWEST 0 when there is none yet.
backup_is_due() {
  local age=$(( $2 - $1 ))
  [ "$age" -gt 104400 ] || { [ "$age" -gt 72000 ] && [ "$3" = 03 ]; }
}

# nightly: looks every ten minutes.
nightly() {
  local newest
  mkdir -p "$data/backups"
  while sleep "${YF_NIGHTLY_LOOK:-600}"; do
    newest=$(find "$data/backups" -name '*.yellowfit' -printf '%T@\n' | sort -n | tail -1)
    newest=${newest%.*}
    if backup_is_due "${newest:-0}" "$(date +%s)" "$(date +%H)"; then
      "$here/yellowfit" backup "$data/backups/$(date +%F).yellowfit" >>"$data/backups/log" 2>&1 || true
      find "$data/backups" -name '*.yellowfit' -mtime "+$NIGHTS_KEPT" -delete
    fi
  done
}
