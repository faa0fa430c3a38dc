# Every check, beside a running application: databases and ports of its own, thrown away at the end.

help_test() {
  cat <<'TEXT'
./nobrec test [maven arguments]
  Installs what the checks need, then runs format, lint, types, architecture, the tests of core, stand-ins and server
  (on a MariaDB of its own) and the browser tests against the packaged application. Ends by saying how many ran.
TEXT
}

do_test() {
  install_what_is_missing browser
  local bench ports
  bench=$(mktemp -d "$STATE/test.XXXXXX")
  LOGS="$bench"
  mapfile -t ports < <(free_ports 4)
  trap 'database_stop "'"$bench"'/database"; rm -rf "'"$bench"'"' EXIT
  touch "$bench/started"
  database_start "$bench/database" "${ports[0]}"
  database_create "$bench/database" nobrec_test nobrec_test nobrec_test
  database_create "$bench/database" nobrec_e2e nobrec_test nobrec_test
  database_of_shop "$bench/database" nobrec_shop heron-view
  local outcome=0
  NOBREC_TEST_DB="jdbc:mariadb://127.0.0.1:${ports[0]}/" \
    NOBREC_TEST_PORTS="${ports[1]},${ports[2]},${ports[3]}" \
    mvn -B -ntp verify -Dmaven.test.failure.ignore=false "$@" </dev/null || outcome=$?
  say_how_many "$bench/started"
  return "$outcome"
}

help_chaos() {
  cat <<'TEXT'
./nobrec chaos [JOBS [KILLS]]
  Several people ship JOBS jobs (500) on two servers while servers, database and stand-ins are killed KILLS times each (100)
  and the other side slows down, keeps silent and lies. Counts both sides at the end, prints the counts, and fails when one of
  them is not once for each job. Bounded: 500 jobs and 100 kills take about half an hour. A short form is among the tests.
TEXT
}

do_chaos() {
  local jobs="${1:-500}" kills="${2:-100}"
  [[ "$jobs" =~ ^[0-9]{1,4}$ && "$kills" =~ ^[0-9]{1,3}$ ]] || fail "Say how many: ./nobrec chaos 500 100"
  do_test -Dtest=ChaosTest -Dsurefire.failIfNoSpecifiedTests=false -Dnobrec.chaos.jobs="$jobs" -Dnobrec.chaos.kills="$kills"
}

# say_how_many MARK: counts the reports written after the mark was made
say_how_many() {
  local totals
  totals=$(find . -path '*/target/surefire-reports/TEST-*.xml' -newer "$1" -print0 2>/dev/null |
    xargs -0 -r grep -ho '<testsuite [^>]*>' |
    awk '{
      for (i = 1; i <= NF; i++) {
        if (match($i, /^(tests|errors|failures|skipped)="[0-9]+"/)) {
          split($i, part, "\""); name = part[1]; sub("=", "", name); sum[name] += part[2]
        }
      }
    } END { bad = sum["errors"] + sum["failures"];
      printf "%d passed, %d failed, %d skipped", sum["tests"] - bad - sum["skipped"], bad, sum["skipped"] }')
  say "$totals"
}
