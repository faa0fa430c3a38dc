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
  one_at_a_time
  keep_private
  start_everything
  say_how_to_sign_in
}

start_everything() {
  if all_answer; then
    say "Everything is running already."
    read_secrets "$CURRENT/secrets"
    return
  fi
  require_free_ports
  install_what_is_missing
  build_if_changed
  require_set
  start_database
  start_standins
  start_server
  wait_for standins "http://127.0.0.1:$OUTSIDE_PORT/" "Starting the stand-ins"
  wait_for server "http://127.0.0.1:$PORT/actuator/health" "Starting the server"
  touch "$CURRENT/prepared"
  forget_other_sets
}

# A process alone is not enough: a start that was cut off leaves some that do not answer.
all_answer() {
  is_running server && is_running standins && database_answers "$DB_FOLDER" &&
    answers "http://127.0.0.1:$(port_of standins)/" && answers "http://127.0.0.1:$(port_of server)/actuator/health"
}

answers() { curl --silent --fail --output /dev/null --max-time 3 "$1"; }

do_stop() {
  one_at_a_time
  stop_everything
  say "Nothing of this installation is running. The data is kept."
}

stop_everything() {
  stop_process server "Server"
  stop_process standins "Stand-ins"
  if database_answers "$DB_FOLDER"; then
    database_stop "$DB_FOLDER"
    say "Database stopped."
  fi
}

do_status() {
  local all=0
  say_part server "server   " "http://127.0.0.1:$(port_of server)/actuator/health" || all=1
  say_part standins "stand-ins" "http://127.0.0.1:$(port_of standins)/" || all=1
  if database_answers "$DB_FOLDER"; then
    say "database   running  port $(port_of database)"
  else
    say "database   stopped"
    all=1
  fi
  return "$all"
}

# say_part NAME TITLE ADDRESS
say_part() {
  if ! is_running "$1"; then
    say "$2  stopped"
    return 1
  fi
  if answers "$3"; then
    say "$2  running  ${3%/actuator/health}"
  else
    say "$2  runs and does not answer well: $(curl --silent --max-time 3 "$3" | head -c 300)"
    return 1
  fi
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
  if [ -z "${NOBREC_IS_BUILT:-}" ]; then # checks run on what they have just built
    with_progress "Building (some minutes the first time)" "$LOGS/build.log" \
      mvn -B -DskipTests -pl core,standins,web,server package
  fi
  # Laid out as files the server starts in half the time.
  rm -rf "$STATE/built" "$STATE/app" "$STATE/app.new"
  java -Djarmode=tools -jar "$SERVER_JAR" extract --destination "$STATE/app.new" >"$LOGS/extract.log"
  mv "$STATE/app.new" "$STATE/app"
  echo "$now" >"$STATE/built.new"
  mv "$STATE/built.new" "$STATE/built"
}

start_database() {
  if ! database_answers "$DB_FOLDER"; then
    database_start "$DB_FOLDER" "$DB_PORT"
    echo "$DB_PORT" >"$STATE/database.port"
    say "Database runs on port $DB_PORT."
  fi
  database_create "$DB_FOLDER" "$DB_NAME" "$DB_OWNER_PASSWORD" "$DB_PASSWORD"
  database_of_shop "$DB_FOLDER" nobrec_shop heron-view
}

start_standins() {
  if is_running standins; then return; fi
  launch standins "$OUTSIDE_PORT" env NOBREC_LOG_FILE="$LOGS/standins.log" \
    java -Xmx128m -XX:+UseSerialGC -Dlogback.configurationFile=standins-log.xml -jar "$STANDINS_JAR" \
    "$OUTSIDE_PORT" "$SCALE_PORT" "$CURRENT/standins" demo/records.json
}

start_server() {
  if is_running server; then return; fi
  if [ ! -e "$CURRENT/prepared" ]; then
    # A first start that was cut off may have left half of the tables: nobody has ever worked with them.
    printf 'DROP DATABASE IF EXISTS `%s`; CREATE DATABASE `%s`;\n' "$DB_NAME" "$DB_NAME" | database_sql "$DB_FOLDER"
  fi
  export NOBREC_PORT="$PORT" NOBREC_CREDENTIAL_KEY
  NOBREC_CREDENTIAL_KEY="$(credential_key)"
  export NOBREC_DB_URL="jdbc:mariadb://127.0.0.1:$(port_of database)/$DB_NAME"
  export NOBREC_DB_USER="$DB_NAME" NOBREC_DB_PASSWORD="$DB_PASSWORD"
  export NOBREC_DB_OWNER="${DB_NAME}_owner" NOBREC_DB_OWNER_PASSWORD="$DB_OWNER_PASSWORD"
  export NOBREC_DEMO_FOLDER="$NOBREC_HOME/demo" NOBREC_DEMO_PASSWORD="$DEMO_PASSWORD"
  export NOBREC_DEMO_STANDINS="http://127.0.0.1:$OUTSIDE_PORT" NOBREC_DEMO_SCALE="tcp://127.0.0.1:$SCALE_PORT"
  export NOBREC_DEMO_MAIL="smtp://127.0.0.1:$((SCALE_PORT + 2))"
  export NOBREC_DEMO_PUBLICADDRESS="http://127.0.0.1:$PORT"
  export NOBREC_DEMO_SHOPDATABASE="mariadb://127.0.0.1:$(port_of database)/nobrec_shop"
  # The demo's record systems stand on this machine.
  export NOBREC_INNER_HOSTS="127.0.0.1"
  export NOBREC_WATCHED_FOLDER="$STATE/orders-in"
  export NOBREC_PARTNER_FOLDER="$STATE/partners"
  export NOBREC_DEMO_STARTSAT="$DEMO_STARTS_AT" NOBREC_DEMO_STARTEDAT="$DEMO_STARTED_AT"
  launch server "$PORT" env NOBREC_LOG_FILE="$LOGS/server.log" NOBREC_LOG_CONSOLE=OFF \
    java -Xmx768m -jar "$STATE/app/$(basename "$SERVER_JAR")"
}

# Before anything is built or started: a taken port is said at once.
require_free_ports() {
  is_running server || require_free "$PORT" "the server" NOBREC_PORT
  if ! is_running standins; then
    require_free "$OUTSIDE_PORT" "the stand-ins" NOBREC_OUTSIDE_PORT
    require_free "$SCALE_PORT" "the stand-in scale" NOBREC_SCALE_PORT
    require_free "$((SCALE_PORT + 2))" "the stand-in mail server, two above the scale," NOBREC_SCALE_PORT
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
  rotate_log "$LOGS/$name.out"
  (umask 077 && exec setsid "$@" >"$LOGS/$name.out" 2>&1 </dev/null 9>&-) &
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
      tail -qn 25 "$LOGS/$1.out" "$LOGS/$1.log" >&2
      fail "$3: it ended. The whole output is in $LOGS/$1.log and $LOGS/$1.out."
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
  kill "$pid" 2>/dev/null || true
  while kill -0 "$pid" 2>/dev/null; do
    sleep 0.2
    waited=$((waited + 1))
    [ "$waited" -lt 150 ] || kill -9 "$pid"
  done
  rm -f "$STATE/$1.pid"
  say "$2 stopped."
}

say_how_to_sign_in() {
  cat <<TEXT

Nobrec:     http://127.0.0.1:$(port_of server)
Stand-ins:  http://127.0.0.1:$(port_of standins)   the other side: carriers, books, order desk, scale
Sign in as  ines  (coordinator), password  $DEMO_PASSWORD
            tobin (coordinator), rufus (packer), odette (bookkeeper), hollis (owner), admin: the same password
Try it:     drop demo/orders-tuesday.csv on Jobs
TEXT
}
