# Starting, stopping and looking at an installation.

PORT="${NOBREC_PORT:-8480}"
OUTSIDE_PORT="${NOBREC_OUTSIDE_PORT:-8481}"
SCALE_PORT="${NOBREC_SCALE_PORT:-8482}"
DB_PORT="${NOBREC_DB_PORT:-8483}"
DB_FOLDER="$STATE/database"

# The moment the demo's clock shows when the demo is first loaded: a Tuesday at noon.
DEMO_STARTS_AT=2026-12-01T13:05:00

SERVER_JAR=server/target/server-0.1.0-run.jar
STANDINS_JAR=standins/target/standins-0.1.0-run.jar

help_start() {
  cat <<'TEXT'
./nobrec start
  Installs what is missing (as root or through sudo, and says what), builds what has changed, starts the database, the
  stand-ins and the server on loopback, loads the demo the first time, and prints address and sign-in. Started again it
  finds everything running.
TEXT
}

help_stop() { say "./nobrec stop: stops server, stand-ins and database, by their own process ids. All data stays."; }
help_status() { say "./nobrec status: says what is running and where. Ends with 1 when something is not."; }

do_start() {
  if is_running server && is_running standins && database_answers "$DB_FOLDER"; then
    say "Everything is running already."
    say_how_to_sign_in
    return
  fi
  require_free_ports
  install_what_is_missing
  build_if_changed
  read_secrets
  start_database
  start_standins
  start_server
  wait_for standins "http://127.0.0.1:$OUTSIDE_PORT/" "Starting the stand-ins"
  wait_for server "http://127.0.0.1:$PORT/actuator/health" "Starting the server"
  say_how_to_sign_in
}

do_stop() {
  stop_process server "Server"
  stop_process standins "Stand-ins"
  if database_answers "$DB_FOLDER"; then
    database_stop "$DB_FOLDER"
    say "Database stopped."
  fi
  say "Nothing of this installation is running. The data is kept."
}

do_status() {
  local all=0
  is_running server && say "server     running  http://127.0.0.1:$(port_of server)" || { say "server     stopped"; all=1; }
  is_running standins && say "stand-ins  running  http://127.0.0.1:$(port_of standins)" || { say "stand-ins  stopped"; all=1; }
  database_answers "$DB_FOLDER" && say "database   running  port $(port_of database)" || { say "database   stopped"; all=1; }
  return "$all"
}

# A change in any source file makes the archives old.
build_if_changed() {
  local now
  now=$(find pom.xml core/src core/pom.xml standins/src standins/pom.xml server/src server/pom.xml web/src web/pom.xml \
    web/index.html web/package.json web/package-lock.json web/*.ts docs/openapi.json -type f -print0 |
    sort -z | xargs -0 sha256sum | sha256sum)
  if [ -d "$STATE/app" ] && [ -f "$STANDINS_JAR" ] && [ "$(cat "$STATE/built" 2>/dev/null)" = "$now" ]; then
    return
  fi
  with_progress "Building (some minutes the first time)" "$LOGS/build.log" \
    mvn -B -DskipTests -pl core,standins,web,server package
  # Laid out as files the server starts in half the time.
  rm -rf "$STATE/app"
  java -Djarmode=tools -jar "$SERVER_JAR" extract --destination "$STATE/app" >"$LOGS/extract.log"
  echo "$now" >"$STATE/built"
}

# Passwords are made up here, once, and never leave this folder.
read_secrets() {
  if [ ! -f "$STATE/secrets" ]; then
    (
      umask 077
      printf 'DB_PASSWORD=%s\nDEMO_PASSWORD=%s\nDEMO_STARTED_AT=%s\n' \
        "$(random_word 24)" "$(random_word 10)" "$(date +%s)" >"$STATE/secrets"
    )
  fi
  # shellcheck source=/dev/null
  . "$STATE/secrets"
}

random_word() { od -An -N64 -tx1 /dev/urandom | tr -d ' \n' | cut -c "1-$1"; }

start_database() {
  if database_answers "$DB_FOLDER"; then return; fi
  database_start "$DB_FOLDER" "$DB_PORT"
  database_create "$DB_FOLDER" nobrec "$DB_PASSWORD"
  echo "$DB_PORT" >"$STATE/database.port"
  say "Database runs on port $DB_PORT."
}

start_standins() {
  if is_running standins; then return; fi
  launch standins "$OUTSIDE_PORT" \
    java -Xmx128m -XX:+UseSerialGC -jar "$STANDINS_JAR" "$OUTSIDE_PORT" "$SCALE_PORT" "$STATE/standins" demo/records.json
}

start_server() {
  if is_running server; then return; fi
  export NOBREC_PORT="$PORT" NOBREC_SCALE_PORT="$SCALE_PORT" NOBREC_OUTSIDE_ADDRESS="http://127.0.0.1:$OUTSIDE_PORT"
  export NOBREC_DB_URL="jdbc:mariadb://127.0.0.1:$(port_of database)/nobrec" NOBREC_DB_PASSWORD="$DB_PASSWORD"
  export NOBREC_DEMO_FOLDER="$NOBREC_HOME/demo" NOBREC_DEMO_PASSWORD="$DEMO_PASSWORD"
  export NOBREC_DEMO_STARTSAT="$DEMO_STARTS_AT" NOBREC_DEMO_STARTEDAT="$DEMO_STARTED_AT"
  launch server "$PORT" java -Xmx768m -jar "$STATE/app/$(basename "$SERVER_JAR")"
}

# Before anything is built or started: a taken port is said at once.
require_free_ports() {
  is_running server || require_free "$PORT" "the server" NOBREC_PORT
  if ! is_running standins; then
    require_free "$OUTSIDE_PORT" "the stand-ins" NOBREC_OUTSIDE_PORT
    require_free "$SCALE_PORT" "the stand-in scale" NOBREC_SCALE_PORT
  fi
  database_answers "$DB_FOLDER" || require_free "$DB_PORT" "the database" NOBREC_DB_PORT
}

require_free() {
  if port_is_taken "$1"; then
    fail "Port $1 for $2 is taken by another program. Set $3 to a free port and start again."
  fi
}

# launch NAME PORT COMMAND...
launch() {
  local name="$1" port="$2"
  shift 2
  setsid "$@" >"$LOGS/$name.log" 2>&1 </dev/null &
  echo $! >"$STATE/$name.pid"
  echo "$port" >"$STATE/$name.port"
}

# wait_for NAME ADDRESS WHAT
wait_for() {
  local started=$SECONDS count=0
  printf '%s ' "$3"
  until curl --silent --fail --output /dev/null --max-time 2 "$2"; do
    is_running "$1" || {
      printf ' failed\n'
      tail -n 25 "$LOGS/$1.log" >&2
      fail "$3: it ended. The whole output is in $LOGS/$1.log."
    }
    [ $((SECONDS - started)) -lt 120 ] || fail "$3: no answer within two minutes. See $LOGS/$1.log."
    sleep 0.25
    count=$((count + 1))
    [ $((count % 8)) -ne 0 ] || printf '.'
  done
  printf ' done (%s s)\n' $((SECONDS - started))
}

# A number that another program has got since does not count.
is_running() {
  local pid
  pid=$(cat "$STATE/$1.pid" 2>/dev/null) && [ -n "$pid" ] && grep -qa "$1-0.1.0-run.jar" "/proc/$pid/cmdline" 2>/dev/null
}

port_of() { cat "$STATE/$1.port" 2>/dev/null || echo 0; }

# stop_process NAME TITLE
stop_process() {
  local pid waited=0
  is_running "$1" || return 0
  pid=$(cat "$STATE/$1.pid")
  kill "$pid"
  while kill -0 "$pid" 2>/dev/null; do
    sleep 0.2
    waited=$((waited + 1))
    [ "$waited" -lt 150 ] || kill -9 "$pid"
  done
  rm -f "$STATE/$1.pid"
  say "$2 stopped."
}

say_how_to_sign_in() {
  read_secrets
  cat <<TEXT

Nobrec:     http://127.0.0.1:$(port_of server)
Stand-ins:  http://127.0.0.1:$(port_of standins)   the other side: carriers, books, order desk, scale
Sign in as  ines  (coordinator), password  $DEMO_PASSWORD
            tobin (coordinator), rufus (packer), odette (bookkeeper), admin: the same password
Try it:     drop demo/orders-tuesday.csv on Jobs
TEXT
}
