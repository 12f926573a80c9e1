# ./ikat start, stop, reset

STORE="$ROOT/storage"

# use_store [PORT]: the instance's settings, with the port of its database: the one asked for, the one it had, the usual one if
# nobody listens there, or one that is free. A port somebody else took while this database was down is given up for another,
# unless it was asked for: then start_database says that it is taken.
use_store() {
  local file="$STORE/ikat/database-port" port=${1:-}
  if [ -z "$port" ]; then
    port=$(cat "$file" 2>/dev/null || echo 33971)
    if ! database_runs "$STORE" && ! is_free "$port"; then port=$(free_port); fi
  fi
  settings "$STORE" "$port"
  printf '%s\n' "$port" > "$file"
}

start() {
  local port=8787 database_port=""
  while [ $# -gt 0 ]; do
    case "$1" in
      --port) port=${2:-}; [[ "$port" =~ ^[0-9]+$ ]] || fail "--port takes a number, for example --port 9000."; shift 2 ;;
      --database-port) database_port=${2:-}; [[ "$database_port" =~ ^[0-9]+$ ]] || fail "--database-port takes a number, for example --database-port 3307."; shift 2 ;;
      *) fail "start does not know \"$1\"." ;;
    esac
  done
  install_tools
  install_packages
  build
  draw_pictures
  # A database that runs on another port than the one asked for is brought to it.
  if [ -n "$database_port" ] && [ "$database_port" != "$(cat "$STORE/ikat/database-port" 2>/dev/null)" ]; then stop_server; stop_database "$STORE"; fi
  use_store "$database_port"
  rotate_logs "$STORE"
  start_database "$STORE" "$DB_PORT"
  export APP_ENV=production APP_URL="http://127.0.0.1:$port"
  write_env
  say "Bringing the database up to date"
  php artisan migrate --force --quiet || fail "The database could not be brought up to date; the message above says why."
  php artisan demo:load || fail "The demo store could not be loaded; the message above says why."
  stop_server
  # What an earlier version kept is not read by this one.
  rm -f "$STORE"/ikat/{config,routes,events}.php
  export APP_CONFIG_CACHE="$STORE/ikat/config.php" APP_ROUTES_CACHE="$STORE/ikat/routes.php" APP_EVENTS_CACHE="$STORE/ikat/events.php"
  php artisan config:cache --quiet && php artisan route:cache --quiet && php artisan view:cache --quiet
  serve "$STORE" "$port" shop-files
  work "$STORE"
  wait_for "http://127.0.0.1:$port/workbench/sign-in" || fail "The server did not answer on port $port. If the port is taken, choose another: ./ikat start --port 9000. $STORE/logs says more."
  cat <<TEXT

  Workbench    http://127.0.0.1:$port/workbench
  Public shop  http://127.0.0.1:$port/shop/wrenfold/
  Trade shop   http://127.0.0.1:$port/shop/wrenfold-trade/   (locked; its password is tradelight)

  Sign in as   maren@wrenfold.example    owner, publishes
               tobias@wrenfold.example   designer, edits
               ines@wrenfold.example     viewer, looks
  Password     lantern-night

  ./ikat stop stops it, ./ikat reset begins afresh.
TEXT
}

# What php artisan reads when it is run by hand, and workers that are started without an environment.
write_env() {
  local name
  (umask 077; for name in APP_ENV APP_KEY APP_PREVIOUS_KEYS APP_URL IKAT_HOSTS IKAT_PROXIES DB_HOST DB_PORT DB_DATABASE DB_USERNAME DB_PASSWORD LARAVEL_STORAGE_PATH VIEW_COMPILED_PATH; do
    printf '%s=%s\n' "$name" "${!name:-}"
  done > .env.new && mv .env.new .env)
}

stop_server() { stop_serving "$STORE"; }

stop() {
  stop_server
  stop_database "$STORE"
  say "Ikat has stopped. What was kept is still there."
}

# A new key; the last two still open what they locked, and what is encrypted in the database is locked anew.
rotate_key() {
  local file="$STORE/ikat/settings" new
  [ -f "$file" ] || fail "There is no key yet. ./ikat start makes one."
  use_store
  new="base64:$(head -c 32 /dev/urandom | base64)"
  printf 'APP_KEY=%s\nAPP_PREVIOUS_KEYS=%s\nDB_PASSWORD=%s\n' "$new" "$(printf '%s,%s' "$APP_KEY" "${APP_PREVIOUS_KEYS:-}" | cut -d, -f1,2 | sed 's/,$//')" "$DB_PASSWORD" > "$file.new"
  mv "$file.new" "$file"
  use_store
  start_database "$STORE" "$DB_PORT"
  php artisan secrets:renew || fail "The key is exchanged, but what was locked with the earlier one was not locked anew; the message above says why. Run this again."
  say "The key is exchanged. ./ikat start makes the server use it."
}

reset() {
  if [ "${1:-}" != --yes ]; then
    read -r -p "This throws away every look, release and order of the demo store. Type yes to go on: " answer
    [ "$answer" = yes ] || fail "Nothing was changed."
  fi
  stop_server
  stop_database "$STORE"
  rm -rf "$STORE/mariadb" "$STORE/pages" "$STORE/draft-files" "$STORE/own-fonts" "$STORE/reach" "$ROOT/public/shop-files"
  say "The demo's data is gone. ./ikat start loads it afresh."
}
