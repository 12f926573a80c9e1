# ./ikat test: everything CI runs, on a database and ports of its own.

TEST_STORE="$ROOT/storage/test"
ALL_PARTS=(style analysis core scripts reference app browser)

run_tests() {
  local parts=("$@") part started=0
  [ ${#parts[@]} -eq 0 ] && parts=("${ALL_PARTS[@]}")
  for part in "${parts[@]}"; do
    [[ " ${ALL_PARTS[*]} " == *" $part "* ]] || fail "There is no part \"$part\". The parts are: ${ALL_PARTS[*]}."
  done
  install_tools browser
  install_packages
  build
  for part in "${parts[@]}"; do
    [ "$part" = app ] && [[ " ${parts[*]} " == *" core "* ]] && continue
    check_part "$part" || fail "The part \"$part\" failed. Run it alone with: ./ikat test $part"
  done
  say "All parts passed: ${parts[*]}"
}

check_part() {
  say "Checking: $1"
  case "$1" in
    style) vendor/bin/php-cs-fixer check --diff --show-progress=none --quiet || vendor/bin/php-cs-fixer check --diff --show-progress=none ;;
    analysis) vendor/bin/phpstan analyse --no-progress --memory-limit=1G && vendor/bin/phpstan analyse -c phpstan-app.neon --no-progress --memory-limit=1G ;;
    core) if [[ " ${parts[*]} " == *" app "* ]]; then check_core_and_app; else vendor/bin/phpunit --testsuite core; fi ;;
    scripts) node --test tests/Scripts/*.test.mjs ;;
    reference) vendor/bin/phpunit --testsuite reference ;;
    app) check_app ;;
    browser) run_browser ;;
  esac
}

check_app() {
  fresh_store
  vendor/bin/phpunit --testsuite app
}

# Neither uses more than one processor, and core has no database: the one runs while the other does.
check_core_and_app() {
  local log core failed=0
  log=$(mktemp)
  vendor/bin/phpunit --testsuite core >"$log" 2>&1 & core=$!
  say "Checking: app (beside it)"
  check_app || failed=1
  wait "$core" || failed=1
  cat "$log"
  rm -f "$log"
  return "$failed"
}

# The longest first, so that both lanes end at about the same time.
LONG=(catalog-contents catalog catalog-products bounds zoom colors pages pairs-and-pixels start select sentence wide)

# In two lanes, each with a store, a database and a server of its own: one lane's browser works while the other's server does. Each takes the next
# file that nobody has taken.
run_browser() {
  local queue log first second failed=0 file
  queue=$(mktemp -d)
  mkdir -p "$ROOT/storage" "$queue/taken"
  rm -rf "$ROOT/storage/lane.lock"
  if [ -n "${IKAT_BROWSER_TESTS:-}" ]; then
    in_queue "$queue" $IKAT_BROWSER_TESTS
    lane 1 "$queue"
    return
  fi
  in_queue "$queue" "${LONG[@]/#/tests/Browser/}" tests/Browser/*.test.mjs
  draw_pictures
  log=$(mktemp)
  lane 1 "$queue" >"$log" 2>&1 & first=$!
  lane 2 "$queue" & second=$!
  wait "$second" || failed=1
  wait "$first" || failed=1
  cat "$log"
  rm -rf "$log" "$queue"
  return "$failed"
}

# in_queue QUEUE FILE...: each file once, in the order given; .test.mjs may be left out.
in_queue() {
  local queue=$1 file at=10 known=" "
  shift
  for file in "$@"; do
    file="${file%.test.mjs}.test.mjs"
    [[ "$known" == *" $file "* ]] && continue
    known+="$file "
    echo "$file" >"$queue/$((at++))"
  done
}

# next_in QUEUE: the next file nobody has taken; fails when there is none. To move it is to take it: only one of two can.
next_in() {
  local each
  for each in "$1"/[0-9]*; do
    [ -e "$each" ] && mv "$each" "$1/taken/" 2>/dev/null && cat "$1/taken/${each##*/}" && return
  done
  return 1
}

lane() (
  number=$1 queue=$2 unsteady=() failed=0
  lane_store
  # Machines that test stumble by times. What fails is tried once more on a fresh store, and named if it passes then:
  # a file that is named often has a race in it, or the product has.
  while file=$(next_in "$queue"); do
    node --test --test-reporter=spec "$file" && continue
    grep -hE 'ERROR|CRITICAL' "$TEST_STORE"/logs/ikat-*.log 2>/dev/null | cut -c1-400 | tail -5
    say "Once more, on a fresh store: $file"
    end_tests
    lane_store
    if node --test --test-reporter=spec "$file"; then unsteady+=("$file"); else failed=1; fi
  done
  [ ${#unsteady[@]} -eq 0 ] || say "Unsteady, passed only when run again: ${unsteady[*]}"
  exit "$failed"
)

# A store, a database and a server of the lane's own. One after the other: two databases are not prepared at the same time.
lane_store() {
  TEST_STORE="$ROOT/storage/test-lane-$number"
  unset TEST_DATABASE_PORT
  while ! mkdir "$ROOT/storage/lane.lock" 2>/dev/null; do sleep 0.5; done
  fresh_store "shop-files-test-$number"
  rmdir "$ROOT/storage/lane.lock"
  serve_tests
}

# fresh_store [FILES]: An empty database with the demo store, not the one ./ikat start uses.
fresh_store() {
  if [ -z "${TEST_DATABASE_PORT:-}" ]; then
    draw_pictures
    trap end_tests EXIT
    rm -rf "$TEST_STORE"
    TEST_DATABASE_PORT=$(free_port)
    settings "$TEST_STORE" "$TEST_DATABASE_PORT"
    export APP_ENV=testing CACHE_STORE=file IKAT_FILES=${1:-shop-files-test}
    start_database "$TEST_STORE" "$TEST_DATABASE_PORT" --innodb-flush-log-at-trx-commit=0
  fi
  php artisan migrate:fresh --force --quiet
  php artisan demo:load
}

serve_tests() {
  export IKAT_TEST_PORT
  IKAT_TEST_PORT=$(free_port)
  rm -rf "$TEST_STORE/framework/cache/data" && mkdir -p "$TEST_STORE/framework/cache/data"
  export APP_URL="http://127.0.0.1:$IKAT_TEST_PORT"
  serve "$TEST_STORE" "$IKAT_TEST_PORT" "$IKAT_FILES"
  work "$TEST_STORE"
  wait_for "$APP_URL/workbench/sign-in" || fail "The server for the browser tests did not answer; $TEST_STORE/logs says more."
}

end_tests() {
  stop_serving "$TEST_STORE"
  stop_database "$TEST_STORE"
  rm -rf "$ROOT/public/${IKAT_FILES:-shop-files-test}"
}
