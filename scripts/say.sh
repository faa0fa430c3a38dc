# What the person at the terminal is told.

say() { printf '%s\n' "$*"; }

fail() {
  printf 'nobrec: %s\n' "$*" >&2
  exit 1
}

# Runs a command with its output in a log, and shows every few seconds that it goes on.
#   with_progress WHAT LOG COMMAND...
with_progress() {
  local what="$1" log="$2" started=$SECONDS
  shift 2
  printf '%s ' "$what"
  rotate_log "$log"
  "$@" >"$log" 2>&1 </dev/null &
  local pid=$!
  while kill -0 "$pid" 2>/dev/null; do
    sleep 0.25
    if [ $(((SECONDS - started) % 3)) -eq 0 ] && [ "$SECONDS" != "${last_dot:-}" ]; then
      last_dot=$SECONDS
      printf '.'
    fi
  done
  if wait "$pid"; then
    printf ' done (%s s)\n' $((SECONDS - started))
  else
    printf ' failed\n'
    tail -n 30 "$log" >&2
    fail "$what: it did not work. The whole output is in $log."
  fi
}
