# ./ikat bench: measured against something else in the same run, so that the ratio means something on any machine.

BENCH_PARTS=(color look logo type server paint follow lighthouse)

run_bench() {
  local parts=("$@") part
  [ ${#parts[@]} -eq 0 ] && parts=("${BENCH_PARTS[@]}")
  . "$ROOT/scripts/test.sh"
  install_tools browser
  install_packages
  build
  fresh_store
  export APP_ENV=production
  export APP_CONFIG_CACHE="$TEST_STORE/ikat/config.php" APP_ROUTES_CACHE="$TEST_STORE/ikat/routes.php"
  php artisan config:cache --quiet && php artisan route:cache --quiet && php artisan view:cache --quiet
  serve_tests
  for part in "${parts[@]}"; do
    say "Measuring: $part"
    case "$part" in
      color) php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M benchmarks/color.php ;;
      look) php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M benchmarks/look.php ;;
      logo) php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M benchmarks/logo.php ;;
      type) php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M benchmarks/type.php ;;
      server) node benchmarks/server.mjs ;;
      paint) node benchmarks/paint.mjs ;;
      follow) node benchmarks/follow.mjs ;;
      lighthouse) node benchmarks/lighthouse.mjs ;;
      growth) node benchmarks/growth.mjs ;;
      torture) IKAT_FPM_AGAIN="$(fpm_again "$TEST_STORE")" node benchmarks/torture.mjs ;;
      *) fail "There is no benchmark \"$part\". There are: ${BENCH_PARTS[*]}, growth and torture." ;;
    esac
  done
}
