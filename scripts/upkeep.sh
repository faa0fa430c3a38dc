# Backup, restore, starting afresh, and the pictures.

help_backup() { say "./nobrec backup FILE: writes database and stand-ins' records to FILE (tar.gz). The database must run."; }
help_restore() { say "./nobrec restore FILE: replaces all data with that of a backup. Stops the server meanwhile."; }
help_reset() { say "./nobrec reset [--yes]: stops everything and deletes all data of this installation."; }
help_screenshots() { say "./nobrec screenshots: takes the pictures in docs/screenshots anew, on a database of its own."; }

do_backup() {
  local file="${1:-}" folder
  [ -n "$file" ] || fail "Say where to: ./nobrec backup FILE"
  database_answers "$DB_FOLDER" || fail "The database does not run: ./nobrec start, then back up."
  folder=$(mktemp -d "$STATE/backup.XXXXXX")
  mariadb-dump --no-defaults --socket="$DB_FOLDER/socket" --single-transaction --hex-blob nobrec >"$folder/database.sql"
  cp -r "$STATE/standins" "$folder/standins"
  grep -v '^DB_PASSWORD' "$STATE/secrets" >"$folder/secrets"
  (umask 077 && tar -czf "$file" -C "$folder" .)
  rm -rf "$folder"
  say "Backed up to $file."
}

do_restore() {
  local file="${1:-}" folder
  [ -f "$file" ] || fail "There is no backup “$file”. ./nobrec restore FILE"
  install_what_is_missing
  folder=$(mktemp -d "$STATE/restore.XXXXXX")
  tar -xzf "$file" -C "$folder"
  [ -f "$folder/database.sql" ] || fail "“$file” is no backup of Nobrec: it has no database in it."
  stop_process server "Server"
  stop_process standins "Stand-ins"
  read_secrets
  start_database
  printf 'DROP DATABASE nobrec; CREATE DATABASE nobrec;\n' | database_sql "$DB_FOLDER"
  mariadb --no-defaults --socket="$DB_FOLDER/socket" nobrec <"$folder/database.sql"
  rm -rf "$STATE/standins"
  cp -r "$folder/standins" "$STATE/standins"
  (umask 077 && printf 'DB_PASSWORD=%s\n' "$DB_PASSWORD" >"$STATE/secrets" && cat "$folder/secrets" >>"$STATE/secrets")
  rm -rf "$folder"
  say "Restored from $file. ./nobrec start goes on with it."
}

do_reset() {
  if [ "${1:-}" != "--yes" ]; then
    printf 'This deletes all data of this installation. Type “reset” to go on: '
    local answer
    read -r answer
    [ "$answer" = reset ] || fail "Nothing was deleted."
  fi
  do_stop
  rm -rf "$DB_FOLDER" "$STATE/standins" "$STATE/secrets"
  say "All data is deleted. ./nobrec start begins afresh."
}

do_screenshots() {
  do_test -Dtest=ScreenshotsTest -Dsurefire.failIfNoSpecifiedTests=false -Dnobrec.screenshots="$NOBREC_HOME/docs/screenshots"
}
