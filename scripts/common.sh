# Shared by all commands: messages, installing, building, the database.

say() { printf '\033[1m%s\033[0m\n' "$*"; }
fail() { printf '\n%s\n' "$*" >&2; exit 1; }

as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"
  elif command -v sudo >/dev/null; then sudo "$@"
  else fail "Installing needs root. Run this once as root, or install sudo: $*"
  fi
}

# Not a pipe into grep -q: it stops reading at the first match, php fails for that, and pipefail calls the module missing.
php_has() { grep -qix "$1" <<<"$(php -m 2>/dev/null)"; }

# install_tools [browser]: Debian packages that are missing, and nothing else.
install_tools() {
  local wanted=()
  command -v php >/dev/null || wanted+=(php-cli)
  command -v composer >/dev/null || wanted+=(composer)
  command -v node >/dev/null || wanted+=(nodejs)
  command -v npm >/dev/null || wanted+=(npm)
  command -v unzip >/dev/null || wanted+=(unzip)
  command -v curl >/dev/null || wanted+=(curl)
  { command -v mariadbd || [ -x /usr/sbin/mariadbd ]; } >/dev/null || wanted+=(mariadb-server mariadb-client)
  php_has pdo_mysql || wanted+=(php-mysql)
  php_has gd || wanted+=(php-gd)
  php_has intl || wanted+=(php-intl)
  php_has mbstring || wanted+=(php-mbstring)
  php_has dom || wanted+=(php-xml)
  php_has zip || wanted+=(php-zip)
  php_has curl || wanted+=(php-curl)
  php_has exif || wanted+=(php-common)
  if [ "${1:-}" = browser ]; then command -v chromium >/dev/null || wanted+=(chromium); fi
  [ ${#wanted[@]} -eq 0 ] && return
  say "Installing ${wanted[*]}"
  as_root apt-get update -qq || fail "The package list could not be fetched. Check the network and run this again."
  # A package's own service would take a port nobody asked for; Ikat starts its own database.
  as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${wanted[@]}" >/dev/null \
    || fail "Installing failed. Run \"apt-get install ${wanted[*]}\" to see why, then run this again."
}

install_packages() {
  if [ ! -f vendor/autoload.php ] || [ composer.json -nt vendor/autoload.php ]; then
    say "Fetching PHP packages"
    composer install --no-interaction --no-progress --quiet || fail "composer install failed. Run it by hand to see why."
    touch vendor/autoload.php
  fi
  if [ ! -f node_modules/.ikat ] || [ package-lock.json -nt node_modules/.ikat ]; then
    say "Fetching browser packages"
    # Not npm ci: it wants optional packages of other platforms in the lock file, which a mirror may not hold.
    npm install --no-save --silent --no-audit --no-fund || fail "npm install failed. Run it by hand to see why."
    touch node_modules/.ikat
  fi
}

build() {
  say "Building styles and scripts"
  mkdir -p bootstrap/cache
  node scripts/build.mjs || fail "The build failed; the message above says where."
}

draw_pictures() {
  say "Drawing the demo store's pictures (about a minute the first time)"
  node demo/draw/draw.mjs public/pictures/1 || fail "Drawing failed; the message above says where."
}

secret() { head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n'; }

# settings FOLDER DB_PORT: generated once, read by everything that runs on that instance.
settings() {
  local file="$1/ikat/settings"
  mkdir -p "$1"/{ikat,logs,framework/{cache/data,sessions,views}}
  if [ ! -f "$file" ]; then
    (umask 077; printf 'APP_KEY=base64:%s\nDB_PASSWORD=%s\n' "$(head -c 32 /dev/urandom | base64)" "$(secret)" > "$file")
  fi
  set -a
  . "$file"
  LARAVEL_STORAGE_PATH="$1" VIEW_COMPILED_PATH="$1/framework/views"
  DB_HOST=127.0.0.1 DB_PORT=$2 DB_DATABASE=ikat DB_USERNAME=ikat
  set +a
}

socket_of() { printf '%s/ikat-%s.sock' "${TMPDIR:-/tmp}" "$(printf '%s' "$1" | cksum | cut -d' ' -f1)"; }

# start_database FOLDER PORT: an instance of its own, on loopback.
start_database() {
  local data="$1/mariadb" socket log="$1/logs/mariadb.log" server
  socket=$(socket_of "$1")
  server=$(command -v mariadbd || echo /usr/sbin/mariadbd)
  if mariadb-admin --no-defaults --socket="$socket" ping >/dev/null 2>&1; then return; fi
  if [ ! -d "$data/mysql" ]; then
    say "Preparing the database"
    rm -rf "$data"
    mariadb-install-db --no-defaults --datadir="$data" --user="$(id -un)" --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db >"$log" 2>&1 \
      || fail "The database could not be prepared. $log says why."
  fi
  "$server" --no-defaults --datadir="$data" --user="$(id -un)" --socket="$socket" --port="$2" --bind-address=127.0.0.1 --pid-file="$1/ikat/mariadb.pid" \
    --innodb-buffer-pool-size=128M --skip-name-resolve --character-set-server=utf8mb4 ${3:-} >>"$log" 2>&1 &
  disown
  for _ in $(seq 120); do
    if mariadb-admin --no-defaults --socket="$socket" ping >/dev/null 2>&1; then break; fi
    sleep 0.25
  done
  mariadb --no-defaults --socket="$socket" -e "create database if not exists ikat character set utf8mb4 collate utf8mb4_unicode_ci;
    create user if not exists ikat@'127.0.0.1' identified by '$DB_PASSWORD'; alter user ikat@'127.0.0.1' identified by '$DB_PASSWORD';
    grant all on ikat.* to ikat@'127.0.0.1';" || fail "The database did not start on port $2. $log says why; if the port is taken, free it and run this again."
}

stop_database() {
  local socket pid
  socket=$(socket_of "$1")
  pid=$(cat "$1/ikat/mariadb.pid" 2>/dev/null || true)
  mariadb-admin --no-defaults --socket="$socket" shutdown >/dev/null 2>&1 || true
  # It writes until it is gone; whoever removes its files before that finds some of them again.
  for _ in $(seq 120); do
    if [ -z "$pid" ] || ! kill -0 "$pid" 2>/dev/null; then return; fi
    sleep 0.25
  done
}

free_port() { php -r '$s=stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s,false),":"),1);'; }

# serve PORT LOG PIDFILE: PHP's command-line server with workers and a warm opcode cache.
serve() {
  PHP_CLI_SERVER_WORKERS=${IKAT_WORKERS:-6} setsid php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d opcache.validate_timestamps=${IKAT_WATCH:-0} \
    -d upload_max_filesize=16M -d post_max_size=18M -d memory_limit=512M -d variables_order=EGPCS -d expose_php=0 -S "127.0.0.1:$1" -t public server.php >"$2" 2>&1 &
  echo $! > "$3"
  disown
}

wait_for() {
  for _ in $(seq 80); do
    if curl -fs -o /dev/null "$1" 2>/dev/null; then return 0; fi
    sleep 0.25
  done
  return 1
}
