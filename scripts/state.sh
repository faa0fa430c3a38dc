# What an installation keeps: one folder of secrets and stand-ins' records with a database of its own, called a set. The
# link .nobrec/current says which set counts; a restored one takes its place in one step.

CURRENT="$STATE/current"

# Nobody else on this machine reads what is kept here.
keep_private() { chmod 700 "$STATE"; }

# Only one start, stop or restore at a time; the next one waits.
one_at_a_time() {
  exec 9>"$STATE/lock"
  if ! flock --nonblock 9; then
    say "Another start, stop or restore is under way here; waiting for it."
    flock --timeout 900 9 || fail "It has not ended after 15 minutes. See $LOGS."
  fi
}

# The set that counts, made the first time.
require_set() {
  adopt_older_layout
  if [ ! -e "$CURRENT/secrets" ]; then
    make_set nobrec "$(random_word 10)" "$(date +%s)"
    switch_to nobrec
  fi
  read_secrets "$CURRENT/secrets"
}

# An installation from before there were sets.
adopt_older_layout() {
  if [ -f "$STATE/secrets" ] && [ ! -e "$CURRENT" ]; then
    read_secrets "$STATE/secrets"
    make_set nobrec "$DEMO_PASSWORD" "$DEMO_STARTED_AT"
    [ ! -d "$STATE/standins" ] || mv -T "$STATE/standins" "$STATE/sets/nobrec/standins"
    touch "$STATE/sets/nobrec/prepared"
    switch_to nobrec
    rm -f "$STATE/secrets"
  fi
}

# make_set NAME DEMO_PASSWORD DEMO_STARTED_AT
make_set() (
  umask 077
  mkdir -p "$STATE/sets/$1/standins"
  printf 'DB_NAME=%s\nDB_OWNER_PASSWORD=%s\nDB_PASSWORD=%s\nDEMO_PASSWORD=%s\nDEMO_STARTED_AT=%s\n' \
    "$1" "$(random_word 24)" "$(random_word 24)" "$2" "$3" >"$STATE/sets/$1/secrets.new"
  mv "$STATE/sets/$1/secrets.new" "$STATE/sets/$1/secrets"
)

switch_to() {
  ln -sfn "sets/$1" "$STATE/current.new"
  mv -T "$STATE/current.new" "$CURRENT"
}

# Once the set that counts has started, no other is needed: the one from before a restore, or one whose restore was cut off.
forget_other_sets() {
  local folder
  for folder in "$STATE"/sets/*; do
    if [ "${folder##*/}" != "$DB_NAME" ]; then
      database_drop "$DB_FOLDER" "${folder##*/}"
      rm -rf "$folder"
    fi
  done
  rm -rf "$STATE/restoring"
}

# Names and values, read as data: nothing in the file is ever carried out.
read_secrets() {
  local name value
  while IFS='=' read -r name value || [ -n "$name" ]; do
    case "$name" in
      DB_NAME | DB_OWNER_PASSWORD | DB_PASSWORD | DEMO_PASSWORD | DEMO_STARTED_AT)
        [[ "$value" =~ ^[A-Za-z0-9_]{1,60}$ ]] || fail "$1: the value of $name is none that was written here."
        printf -v "$name" '%s' "$value"
        ;;
      '') ;;
      *) fail "$1: “${name:0:40}” is nothing that belongs there." ;;
    esac
  done <"$1"
}

# The key with which credentials of connections are kept. It stays with the installation: no backup holds it.
credential_key() {
  local file="$STATE/credential-key"
  if [ ! -s "$file" ]; then
    (umask 077 && random_word 64 >"$file.new" && mv "$file.new" "$file")
  fi
  cat "$file"
}

random_word() { od -An -N64 -tx1 /dev/urandom | tr -d ' \n' | cut -c "1-$1"; }

# The last five of a log are kept.
rotate_log() {
  local generation
  [ -s "$1" ] || return 0
  for generation in 4 3 2 1; do
    [ ! -f "$1.$generation" ] || mv "$1.$generation" "$1.$((generation + 1))"
  done
  mv "$1" "$1.1"
}
