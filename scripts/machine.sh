# What the machine must have. Debian's packages, and Node from the npm registry where Debian's is too old.

# An installation's state; another folder for checks that must not touch this one.
STATE="${NOBREC_STATE:-$NOBREC_HOME/.nobrec}"
LOGS="$STATE/logs"
TOOLS="$NOBREC_HOME/.nobrec/tools"
NODE_VERSION=20.20.2
NPM_VERSION=11.6.2
mkdir -p "$LOGS" "$TOOLS"
PATH="$TOOLS/node_modules/.bin:$TOOLS/node/bin:$PATH"
export PATH

as_root() {
  if [ "$(id -u)" = 0 ]; then
    "$@"
  elif command -v sudo >/dev/null; then
    sudo "$@"
  else
    fail "Packages are missing ($*), and this is neither root nor is sudo there. Install them, then start again."
  fi
}

has_java_17() { javac -version 2>&1 | grep -Eq 'javac (17|1[89]|2[0-9])'; }

node_is_recent() {
  command -v node >/dev/null && [ "$(node --version | sed 's/^v\([0-9]*\).*/\1/')" -ge 20 ] &&
    command -v npm >/dev/null && [ "$(npm --version 2>/dev/null | cut -d. -f1)" -ge 11 ]
}

install_packages() {
  [ $# -eq 0 ] && return
  say "Installing from Debian: $*"
  with_progress "  package lists" "$LOGS/apt-update.log" as_root apt-get update
  with_progress "  packages" "$LOGS/apt-install.log" \
    as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "$@"
}

# Node 20 as the npm registry ships it, beside Debian's older one, for this folder only.
install_node() {
  local machine
  case "$(uname -m)" in
    x86_64) machine=x64 ;;
    aarch64) machine=arm64 ;;
    *) fail "There is no Node $NODE_VERSION for $(uname -m) here: install Node 20 or later, then start again." ;;
  esac
  say "Installing from the npm registry: Node $NODE_VERSION and npm $NPM_VERSION, for this folder only"
  with_progress "  Node" "$LOGS/node.log" \
    npm install --prefix "$TOOLS" --no-audit --no-fund --no-save "node-linux-$machine@$NODE_VERSION" "npm@$NPM_VERSION"
  mkdir -p "$TOOLS/node"
  ln -sfn "../node_modules/node-linux-$machine/bin" "$TOOLS/node/bin"
  hash -r
  node_is_recent || fail "Node $NODE_VERSION was installed under $TOOLS and does not run."
}

# install_what_is_missing [browser]; with a browser come the other programs that only checks need
install_what_is_missing() {
  local missing=()
  has_java_17 || missing+=(openjdk-17-jdk-headless)
  command -v mvn >/dev/null || missing+=(maven)
  [ -x /usr/sbin/mariadbd ] || missing+=(mariadb-server)
  command -v curl >/dev/null || missing+=(curl ca-certificates)
  node_is_recent || command -v npm >/dev/null || missing+=(nodejs npm)
  if [ "${1:-}" = browser ]; then
    [ -x /usr/bin/chromium ] || missing+=(chromium)
    [ -x /usr/bin/chromedriver ] || missing+=(chromium-driver)
    # A printer, a reader of barcodes and one of journals that are not ours, for the checks.
    [ -x /usr/sbin/ippeveprinter ] || missing+=(cups-ipp-utils)
    command -v dbus-daemon >/dev/null || missing+=(dbus)
    [ -x /usr/sbin/avahi-daemon ] || missing+=(avahi-daemon)
    command -v zbarimg >/dev/null || missing+=(zbar-tools)
    command -v hledger >/dev/null || missing+=(hledger)
  fi
  install_packages "${missing[@]}"
  node_is_recent || install_node
}

# Free ports of loopback, for checks that run beside a running application.
#   free_ports COUNT
free_ports() {
  local found=0 port
  while [ "$found" -lt "$1" ]; do
    port=$((20000 + RANDOM % 20000))
    if ! port_is_taken "$port"; then
      echo "$port"
      found=$((found + 1))
    fi
  done
}

port_is_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }
