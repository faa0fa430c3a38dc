# Backup, restore, starting afresh, and the pictures.

help_backup() { say "./nobrec backup FILE: writes database and stand-ins' records to FILE (tar.gz). The database must run."; }
help_restore() {
  cat <<'TEXT'
./nobrec restore FILE
  Replaces all data with that of a backup. The backup is checked and loaded beside what is there; only then does it take its
  place, and what was there is kept until the restored one has started. A backup that is damaged, half or foreign is refused,
  and nothing is changed.
TEXT
}
help_reset() { say "./nobrec reset [--yes]: stops everything and deletes all data of this installation."; }
help_screenshots() { say "./nobrec screenshots: takes the pictures in docs/screenshots again, on a database of its own."; }

# What a backup holds, besides its manifest.
BACKUP_PARTS="database.sql secrets"

do_backup() {
  local file="${1:-}" folder
  [ -n "$file" ] || fail "Say where to: ./nobrec backup FILE"
  database_answers "$DB_FOLDER" || fail "The database does not run: ./nobrec start, then back up."
  require_set
  folder=$(mktemp -d "$STATE/backup.XXXXXX")
  write_backup "$folder"
  (umask 077 && tar -czf "$file.part" -C "$folder" .)
  mv "$file.part" "$file"
  rm -rf "$folder"
  say "Backed up to $file."
}

# write_backup FOLDER
write_backup() {
  mariadb-dump --no-defaults --socket="$DB_FOLDER/socket" --single-transaction --hex-blob "$DB_NAME" |
    sed -E '/^\/\*!50003 CREATE\*\//s/\/\*!50017 DEFINER=[^*]*\*\///' >"$1/database.sql"
  tail -n 1 "$1/database.sql" | grep -q '^-- Dump completed' || fail "The database was not written to its end."
  cp -r "$CURRENT/standins" "$1/standins"
  printf 'DEMO_PASSWORD=%s\nDEMO_STARTED_AT=%s\n' "$DEMO_PASSWORD" "$DEMO_STARTED_AT" >"$1/secrets"
  {
    printf 'format 1\nschema %s\n' "$(schema_in "$1/database.sql")"
    rows_in "$1/database.sql" | sed 's/^/rows /'
    (cd "$1" && find . -type f ! -name 'manifest*' -print0 | sort -z | xargs -0 sha256sum | sed 's/^/file /')
  } >"$1/manifest.new"
  mv "$1/manifest.new" "$1/manifest"
}

# Table and number of rows, from a dump: each row stands on a line of its own. Sessions end and begin while one counts.
rows_in() {
  awk '/^CREATE TABLE `/ { split($0, part, "`"); table = part[2]; count[table] += 0 }
       /^INSERT INTO `/ { split($0, part, "`"); table = part[2] }
       /^\(/ { count[table]++ }
       END { for (table in count) if (table !~ /^SPRING_SESSION/) print table, count[table] }' "$1" | sort
}

# The newest migration in a dump.
schema_in() {
  awk -F, '/^INSERT INTO `/ { here = /flyway_schema_history/ } here && /^\(/ { gsub("\047", "", $2); if ($2 + 0 > newest) newest = $2 + 0 }
       END { print newest + 0 }' "$1"
}

# The newest migration that this version knows.
schema_known() {
  find server/src/main/resources/db/migration -name 'V*__*.sql' | sed -E 's/.*\/V([0-9]+)__.*/\1/' | sort -n | tail -n 1
}

# Looked at and loaded beside what is there; only when it is whole does it take its place, in one step. The old state is
# kept until the new one has started.
do_restore() {
  local file="${1:-}" name old
  [ -f "$file" ] || fail "There is no backup “$file”. ./nobrec restore FILE"
  one_at_a_time
  keep_private
  install_what_is_missing
  require_set
  old="$DB_NAME"
  name="nobrec_$(date +%Y%m%d%H%M%S)"
  unpack_backup "$file" "$STATE/restoring" || refuse_backup "$file" "it is damaged or no backup of Nobrec"
  check_backup "$STATE/restoring" || refuse_backup "$file" "$reason"
  start_database
  load_backup "$STATE/restoring" "$name" || refuse_backup "$file" "$reason" "$name"
  stop_process server "Server"
  stop_process standins "Stand-ins"
  switch_to "$name"
  if (start_everything); then
    read_secrets "$CURRENT/secrets"
    say "Restored from $file."
    say_how_to_sign_in
  else
    stop_process server "Server"
    stop_process standins "Stand-ins"
    switch_to "$old"
    read_secrets "$CURRENT/secrets"
    database_drop "$DB_FOLDER" "$name"
    rm -rf "${STATE:?}/sets/$name"
    fail "“$file” was loaded and does not start; what was here before is in its place again: ./nobrec start."
  fi
}

# refuse_backup FILE REASON [DATABASE]
refuse_backup() {
  rm -rf "$STATE/restoring"
  if [ -n "${3:-}" ]; then
    database_drop "$DB_FOLDER" "$3"
    rm -rf "${STATE:?}/sets/$3"
  fi
  fail "“$1” is not restored: $2. Nothing was changed."
}

# unpack_backup FILE FOLDER: only plain files of the names that a backup has
unpack_backup() {
  local name
  rm -rf "$2"
  (umask 077 && mkdir "$2")
  tar -tzf "$1" >"$2.names" 2>/dev/null || return 1
  while read -r name; do
    [[ "$name" =~ ^\./(database\.sql|manifest|secrets|standins/([a-z-]+\.json(\.new)?)?)?$ ]] || return 1
  done <"$2.names"
  rm -f "$2.names"
  tar -xzf "$1" -C "$2" --no-same-owner --no-same-permissions 2>/dev/null || return 1
  [ -z "$(find "$2" ! -type f ! -type d -print -quit)" ]
}

# check_backup FOLDER: says why not in $reason
check_backup() {
  local part
  reason="it has no manifest; it was not written by ./nobrec backup"
  [ -f "$1/manifest" ] && grep -q '^format 1$' "$1/manifest" || return 1
  for part in $BACKUP_PARTS; do
    reason="$part is missing in it"
    [ -s "$1/$part" ] || return 1
  done
  reason="the stand-ins' records are missing in it"
  [ -d "$1/standins" ] || return 1
  reason="a file in it is not as it was written"
  (cd "$1" && sed -n 's/^file //p' manifest | sha256sum --check --strict --quiet >/dev/null 2>&1) || return 1
  reason="it holds files that are not in its manifest"
  [ "$(find "$1" -type f ! -name manifest | wc -l)" = "$(grep -c '^file ' "$1/manifest")" ] || return 1
  reason="its database was not written to its end"
  tail -n 1 "$1/database.sql" | grep -q '^-- Dump completed' || return 1
  reason="its tables are those of a newer version ($(sed -n 's/^schema //p' "$1/manifest"); this one knows $(schema_known))"
  [[ "$(sed -n 's/^schema //p' "$1/manifest")" =~ ^[0-9]+$ ]] || return 1
  [ "$(sed -n 's/^schema //p' "$1/manifest")" -le "$(schema_known)" ] || return 1
  reason="its secrets hold something that does not belong there"
  (read_secrets "$1/secrets") >/dev/null 2>&1 || return 1
}

# Into a database of its own, by a user who may do nothing anywhere else, with a client that carries out no commands.
#   load_backup FOLDER NAME
load_backup() {
  local demo_password demo_started_at owner
  demo_password=$(sed -n 's/^DEMO_PASSWORD=//p' "$1/secrets")
  demo_started_at=$(sed -n 's/^DEMO_STARTED_AT=//p' "$1/secrets")
  make_set "$2" "$demo_password" "$demo_started_at"
  owner=$(sed -n 's/^DB_OWNER_PASSWORD=//p' "$STATE/sets/$2/secrets")
  database_create "$DB_FOLDER" "$2" "$owner" "$(sed -n 's/^DB_PASSWORD=//p' "$STATE/sets/$2/secrets")"
  reason="its database cannot be loaded"
  MYSQL_PWD="$owner" mariadb --no-defaults --sandbox --local-infile=0 --host=127.0.0.1 --port="$(port_of database)" \
    --user="$2_owner" "$2" <"$1/database.sql" >"$LOGS/restore.log" 2>&1 || return 1
  reason="it does not hold the rows that its manifest says"
  [ "$(rows_of "$2")" = "$(sed -n 's/^rows //p' "$1/manifest")" ] || return 1
  reason="it is not a database of Nobrec with people in it"
  [ "$(echo "SELECT COUNT(*) > 0 FROM \`$2\`.app_user" | database_sql "$DB_FOLDER" 2>/dev/null)" = 1 ] || return 1
  reason="numbers that were given out since cannot be skipped in it"
  skip_given_numbers "$2" || return 1
  rm -rf "$STATE/sets/$2/standins"
  mv "$1/standins" "$STATE/sets/$2/standins"
  touch "$STATE/sets/$2/prepared"
  rm -rf "$1"
}

# What was given to packages and partners after the backup is not given out again: a hundredth of all package numbers is skipped, and a
# thousand interchanges. A backup of an older version has no such numbers.
skip_given_numbers() {
  [ -n "$(echo "SELECT 1 FROM information_schema.tables WHERE table_schema = '$1' AND table_name = 'sscc_counter'" |
    database_sql "$DB_FOLDER")" ] || return 0
  echo "UPDATE \`$1\`.sscc_counter SET next_serial = next_serial + POW(10, 16 - LENGTH(company_prefix)) DIV 100;
        UPDATE \`$1\`.partner SET next_control = IF(next_control > 999998000, 1, next_control + 1000);" |
    database_sql "$DB_FOLDER"
}

# Table and number of rows of a database.
rows_of() {
  local table
  echo "SELECT table_name FROM information_schema.tables WHERE table_schema = '$1' AND table_type = 'BASE TABLE'" |
    database_sql "$DB_FOLDER" | grep -v '^SPRING_SESSION' | sort | while read -r table; do
    printf '%s %s\n' "$table" "$(echo "SELECT COUNT(*) FROM \`$1\`.\`$table\`" | database_sql "$DB_FOLDER")"
  done | sort
}

do_reset() {
  if [ "${1:-}" != "--yes" ]; then
    printf 'This deletes all data of this installation. Type “reset” to go on: '
    local answer
    read -r answer
    [ "$answer" = reset ] || fail "Nothing was deleted."
  fi
  one_at_a_time
  stop_everything
  rm -rf "$DB_FOLDER" "$STATE/sets" "$CURRENT" "$STATE/standins" "$STATE/secrets"
  say "All data is deleted. ./nobrec start begins afresh."
}

do_screenshots() {
  do_test -Dtest=ScreenshotsTest -Dsurefire.failIfNoSpecifiedTests=false -Dnobrec.screenshots="$NOBREC_HOME/docs/screenshots"
}
