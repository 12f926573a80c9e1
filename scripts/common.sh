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
  { command -v nginx || [ -x /usr/sbin/nginx ]; } >/dev/null || wanted+=(nginx)
  fpm_program >/dev/null || wanted+=(php-fpm)
  if [ "${1:-}" = browser ]; then command -v chromium-headless-shell >/dev/null || wanted+=(chromium-headless-shell); fi
  [ ${#wanted[@]} -eq 0 ] && return
  say "Installing ${wanted[*]}"
  as_root apt-get update -qq || fail "The package list could not be fetched. Check the network and run this again."
  # A package's own service would take a port nobody asked for; Ikat starts its own database.
  # Nor is a web server started that nobody asked for.
  as_root env DEBIAN_FRONTEND=noninteractive RUNLEVEL=1 apt-get install -y -qq --no-install-recommends "${wanted[@]}" >/dev/null \
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
  # Nothing an instance keeps is anybody else's to read: folders 700, files 600, whoever writes them.
  umask 077
  mkdir -p "$1"/{ikat,logs,tmp,framework/{cache/data,sessions,views}}
  chmod 700 "$1" "$1"/{ikat,logs,framework}
  if [ ! -f "$file" ]; then
    printf 'APP_KEY=base64:%s\nAPP_PREVIOUS_KEYS=\nDB_PASSWORD=%s\n' "$(head -c 32 /dev/urandom | base64)" "$(secret)" > "$file"
  fi
  chmod 600 "$1"/ikat/*
  set -a
  . "$file"
  IKAT_HOSTS=${IKAT_HOSTS:-127.0.0.1,localhost} IKAT_PROXIES=${IKAT_PROXIES:-}
  LARAVEL_STORAGE_PATH="$1" VIEW_COMPILED_PATH="$1/framework/views"
  DB_HOST=127.0.0.1 DB_PORT=$2 DB_DATABASE=ikat DB_USERNAME=ikat
  set +a
}

# socket_of FOLDER [WHAT]: short, because the path of a socket may not be long.
socket_of() { printf '%s/ikat-%s%s.sock' "${TMPDIR:-/tmp}" "$(printf '%s' "$1" | cksum | cut -d' ' -f1)" "${2:+-$2}"; }

database_runs() { mariadb-admin --no-defaults --socket="$(socket_of "$1")" ping >/dev/null 2>&1; }

# start_database FOLDER PORT: an instance of its own, on loopback.
start_database() {
  local data="$1/mariadb" socket log="$1/logs/mariadb.log" server
  socket=$(socket_of "$1")
  server=$(command -v mariadbd || echo /usr/sbin/mariadbd)
  if database_runs "$1"; then return; fi
  if [ ! -d "$data/mysql" ]; then
    # A folder that is not empty is somebody's data, whatever state it is in: it is never removed here.
    if [ -n "$(ls -A "$data" 2>/dev/null)" ]; then
      fail "The data folder $data is not empty and is no database that can be started: it holds $(ls -A "$data" | head -5 | tr '\n' ' '). Nothing was removed. Move it away, or put a backup of it there, and run this again."
    fi
    say "Preparing the database"
    local aside
    aside=$(mktemp -d "$1/mariadb.preparing.XXXXXX")
    mariadb-install-db --no-defaults --datadir="$aside" --user="$(id -un)" --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db >"$log" 2>&1 \
      || fail "The database could not be prepared. $log says why."
    rmdir "$data" 2>/dev/null || true
    mv -T "$aside" "$data" || fail "The database could not be put in its place, $data."
  fi
  "$server" --no-defaults --datadir="$data" --user="$(id -un)" --socket="$socket" --port="$2" --bind-address=127.0.0.1 --pid-file="$1/ikat/mariadb.pid" \
    --innodb-buffer-pool-size=128M --skip-name-resolve --character-set-server=utf8mb4 ${3:-} >>"$log" 2>&1 &
  disown
  for _ in $(seq 120); do
    if database_runs "$1"; then break; fi
    sleep 0.25
  done
  mariadb --no-defaults --socket="$socket" -e "create database if not exists ikat character set utf8mb4 collate utf8mb4_unicode_ci;
    create user if not exists ikat@'127.0.0.1' identified by '$DB_PASSWORD'; alter user ikat@'127.0.0.1' identified by '$DB_PASSWORD';
    grant all on ikat.* to ikat@'127.0.0.1';" || fail "The database did not start on port $2. $log says why; if the port is taken, choose another: ./ikat start --database-port 3307."
}

# rotate_logs FOLDER: what servers write; Ikat's own log turns over by the day. A server of your own: config/server/logrotate.conf.
rotate_logs() {
  local log i
  for log in "$1"/logs/{mariadb,nginx,php-fpm,worker}.log; do
    [ -f "$log" ] && [ "$(stat -c %s "$log")" -gt 2000000 ] || continue
    for i in 4 3 2 1; do [ -f "$log.$i" ] && mv "$log.$i" "$log.$((i + 1))"; done
    mv "$log" "$log.1"
  done
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

is_free() { php -r 'exit(@stream_socket_server("tcp://127.0.0.1:".$argv[1]) ? 0 : 1);' "$1"; }

free_port() { php -r '$s=stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s,false),":"),1);'; }

# serve FOLDER PORT FILES: nginx and php-fpm, from the configuration that ships, on loopback.
serve() {
  local store=$1 port=$2 files=$3 socket as_root_nginx="" as_root_fpm=""
  socket=$(socket_of "$store" fpm)
  if [ "$(id -u)" = 0 ]; then as_root_nginx="user root;" as_root_fpm=$'user = root\ngroup = root'; fi
  mkdir -p "$store/tmp"
  fill "$ROOT/config/server/nginx.conf" "$store/ikat/nginx.conf" "$as_root_nginx"
  fill "$ROOT/config/server/php-fpm.conf" "$store/ikat/php-fpm.conf" "$as_root_fpm"
  bash -c "$(fpm_again "$store")" || fail "php-fpm did not start. $store/logs/php-fpm.log says why."
  nginx_program -c "$store/ikat/nginx.conf" 2>>"$store/logs/nginx.log" || fail "nginx did not start on port $port. If the port is taken, choose another: ./ikat start --port 9000. $store/logs/nginx.log says more."
}

# fpm_again FOLDER: the command that starts the workers.
fpm_again() {
  printf '%s%s -y %q/ikat/php-fpm.conf -d opcache.enable=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d opcache.validate_timestamps=%s -d variables_order=EGPCS' \
    "$(fpm_program)" "$([ "$(id -u)" = 0 ] && echo ' -R')" "$1" "${IKAT_WATCH:-0}"
}

# fill TEMPLATE TARGET AS_ROOT: uses what serve knows.
fill() {
  local text
  text=$(<"$1")
  text=${text//@AS_ROOT@/$3}
  text=${text//@STORE@/$store}
  text=${text//@ROOT@/$ROOT}
  text=${text//@FILES@/$files}
  text=${text//@SOCKET@/$socket}
  text=${text//@LISTEN@/${IKAT_LISTEN:-127.0.0.1}}
  text=${text//@PORT@/$port}
  text=${text//@WORKERS@/${IKAT_WORKERS:-6}}
  (umask 077; printf '%s\n' "$text" > "$2")
}

fpm_program() {
  local version
  version=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
  command -v "php-fpm$version" || { [ -x "/usr/sbin/php-fpm$version" ] && echo "/usr/sbin/php-fpm$version"; } || command -v php-fpm || return 1
}

nginx_program() { "$(command -v nginx || echo /usr/sbin/nginx)" "$@"; }

# work FOLDER: what is queued is done by one process, which is replaced when it ends, however it ends.
work() {
  local store=$1
  setsid bash -c 'while [ -f "$1/ikat/worker.pid" ] && [ "$(cat "$1/ikat/worker.pid")" = $$ ]; do
      php artisan queue:work --sleep=1 --tries=1 --timeout=120 --max-time=3600 --memory=700 --quiet; sleep 1
    done' ikat-worker "$store" >>"$store/logs/worker.log" 2>&1 &
  echo $! > "$store/ikat/worker.pid"
  disown
}

# stop_serving FOLDER: lets what is under way end, then sees to it that both are gone.
stop_serving() {
  local name pid
  pid=$(cat "$1/ikat/worker.pid" 2>/dev/null || true)
  rm -f "$1/ikat/worker.pid"
  [ -z "$pid" ] || kill -- "-$pid" 2>/dev/null || true
  for name in nginx php-fpm; do
    pid=$(cat "$1/ikat/$name.pid" 2>/dev/null || true)
    [ -n "$pid" ] || continue
    kill -QUIT "$pid" 2>/dev/null || true
    for _ in $(seq 40); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
    kill -TERM "$pid" 2>/dev/null || true
    rm -f "$1/ikat/$name.pid"
  done
}

wait_for() {
  for _ in $(seq 80); do
    if curl -fs -o /dev/null "$1" 2>/dev/null; then return 0; fi
    sleep 0.25
  done
  return 1
}
