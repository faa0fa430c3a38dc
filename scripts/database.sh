# A MariaDB of our own on loopback, with its data under a folder of ours.

# database_start FOLDER PORT
database_start() {
  local folder="$1" port="$2" waited=0
  mkdir -p "$folder"
  if [ ! -d "$folder/data/mysql" ]; then
    with_progress "Preparing the database" "$LOGS/database-install.log" \
      mariadb-install-db --no-defaults --user="$(id -un)" --datadir="$folder/data" \
      --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db --skip-name-resolve
  fi
  setsid /usr/sbin/mariadbd --no-defaults --user="$(id -un)" --datadir="$folder/data" --socket="$folder/socket" \
    --pid-file="$folder/pid" --port="$port" --bind-address=127.0.0.1 --skip-name-resolve \
    --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci --default-time-zone=+00:00 \
    --innodb-buffer-pool-size=256M --max-allowed-packet=64M >"$LOGS/database.log" 2>&1 </dev/null &
  until database_answers "$folder"; do
    sleep 0.2
    waited=$((waited + 1))
    [ "$waited" -lt 300 ] || fail "The database does not start. See $LOGS/database.log."
  done
}

database_answers() { mariadb-admin --no-defaults --socket="$1/socket" ping >/dev/null 2>&1; }

# database_sql FOLDER, statements on standard input
database_sql() { mariadb --no-defaults --socket="$1/socket" --batch --skip-column-names; }

# database_create FOLDER NAME PASSWORD
database_create() {
  database_sql "$1" <<SQL
CREATE DATABASE IF NOT EXISTS $2;
CREATE USER IF NOT EXISTS 'nobrec'@'127.0.0.1' IDENTIFIED BY '$3';
GRANT ALL ON $2.* TO 'nobrec'@'127.0.0.1';
SQL
}

database_stop() {
  if database_answers "$1"; then
    mariadb-admin --no-defaults --socket="$1/socket" shutdown
  fi
}
