# A MariaDB of our own on loopback, with its data under a folder of ours.

# database_start FOLDER PORT
database_start() {
  local folder="$1" port="$2" waited=0
  mkdir -p "$folder"
  database_prepare "$folder"
  rotate_log "$LOGS/database.log"
  setsid /usr/sbin/mariadbd --no-defaults --user="$(id -un)" --datadir="$folder/data" --socket="$folder/socket" \
    --pid-file="$folder/pid" --port="$port" --bind-address=127.0.0.1 --skip-name-resolve \
    --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci --default-time-zone=+00:00 \
    --innodb-buffer-pool-size=256M --max-allowed-packet=64M --local-infile=0 >"$LOGS/database.log" 2>&1 </dev/null 9>&- &
  until database_answers "$folder"; do
    sleep 0.2
    waited=$((waited + 1))
    [ "$waited" -lt 300 ] || fail "The database does not start. See $LOGS/database.log."
  done
}

# Made beside and moved into place whole: what was cut off half way is made again.
database_prepare() {
  [ -d "$1/data" ] && return
  rm -rf "$1/data.new"
  with_progress "Preparing the database" "$LOGS/database-install.log" \
    mariadb-install-db --no-defaults --user="$(id -un)" --datadir="$1/data.new" \
    --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db --skip-name-resolve
  mv "$1/data.new" "$1/data"
}

database_answers() { mariadb-admin --no-defaults --socket="$1/socket" ping >/dev/null 2>&1; }

# database_sql FOLDER, statements on standard input
database_sql() { mariadb --no-defaults --socket="$1/socket" --batch --skip-column-names; }

# Two users for each database: one that makes and changes tables, and one that works with what is in them.
#   database_create FOLDER NAME OWNER_PASSWORD PASSWORD
database_create() {
  local pattern="${2//_/\\_}"
  database_sql "$1" <<SQL
CREATE DATABASE IF NOT EXISTS \`$2\`;
CREATE USER IF NOT EXISTS '$2_owner'@'127.0.0.1' IDENTIFIED BY '$3';
ALTER USER '$2_owner'@'127.0.0.1' IDENTIFIED BY '$3';
GRANT SELECT, INSERT, UPDATE, DELETE, CREATE, ALTER, DROP, INDEX, REFERENCES, TRIGGER, LOCK TABLES
  ON \`$pattern\`.* TO '$2_owner'@'127.0.0.1';
CREATE USER IF NOT EXISTS '$2'@'127.0.0.1' IDENTIFIED BY '$4';
ALTER USER '$2'@'127.0.0.1' IDENTIFIED BY '$4';
REVOKE ALL PRIVILEGES, GRANT OPTION FROM '$2'@'127.0.0.1';
GRANT SELECT, INSERT, UPDATE, DELETE ON \`$pattern\`.* TO '$2'@'127.0.0.1';
SQL
}

# A database of the demonstration's shop, beside ours, and a user that may read one view of it and nothing else.
#   database_of_shop FOLDER NAME PASSWORD
database_of_shop() {
  {
    printf 'CREATE DATABASE IF NOT EXISTS `%s`;\nUSE `%s`;\n' "$2" "$2"
    cat "${BASH_SOURCE[0]%/*}/../demo/shop-database.sql"
    local user
    for user in "$2" "$2_orders"; do
      printf "CREATE USER IF NOT EXISTS '%s'@'127.0.0.1' IDENTIFIED BY '%s';\n" "$user" "$3"
      printf "ALTER USER '%s'@'127.0.0.1' IDENTIFIED BY '%s';\n" "$user" "$3"
      printf "REVOKE ALL PRIVILEGES, GRANT OPTION FROM '%s'@'127.0.0.1';\n" "$user"
    done
    printf "GRANT SELECT ON \`%s\`.order_lines TO '%s'@'127.0.0.1';\n" "$2" "$2"
    printf "GRANT SELECT, UPDATE (state, left_by, parcels, freight) ON \`%s\`.shop_order TO '%s'@'127.0.0.1';\n" "$2" "$2_orders"
  } | database_sql "$1"
}

# database_drop FOLDER NAME
database_drop() {
  database_sql "$1" <<SQL
DROP DATABASE IF EXISTS \`$2\`;
DROP USER IF EXISTS '$2_owner'@'127.0.0.1';
DROP USER IF EXISTS '$2'@'127.0.0.1';
SQL
}

database_stop() {
  if database_answers "$1"; then
    mariadb-admin --no-defaults --socket="$1/socket" shutdown
  fi
}
