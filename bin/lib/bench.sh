# bin/yardbell bench core|http|crowd|setup|mutants [PORT or PATH]: see docs/benchmarks.md.

port=${2:-8400}
case "${1:-}" in
    core) exec php -d memory_limit=2G benchmarks/core.php ;;
    http) exec php benchmarks/http.php "http://127.0.0.1:$port" ;;
    setup) exec php -d memory_limit=1G benchmarks/setup.php "http://127.0.0.1:$port" "$((port + 33))" ;;
    crowd) exec php benchmarks/crowd.php "http://127.0.0.1:$port" "$((port + 33))" ;;
    mutants)
        need_packages 'counting which lines the tests reach' php8.2-pcov
        [ "$(id -u)" -ne 0 ] || phpdismod pcov # here alone: wherever it is loaded PHP has no JIT, and the server would be slow
        mkdir -p vendor/pestphp/pest-plugin-mutate/.temp/mutations # the package comes without it; mutants that cannot be written look like killed ones
        YARDBELL_SEEDS=${YARDBELL_SEEDS:-4} exec php -d extension=pcov -d pcov.directory="$root/core/src" vendor/bin/pest --testsuite=mutants --mutate --everything --covered-only --no-cache --path="${2:-core/src/Time}" ;;
    *) fail 'bench knows core (the search against a plain one), http (the running server against its floor), crowd (the same with 200,000 bookings more), setup (the lists and previews of the workspace) and mutants (what the core'"'"'s tests notice).' ;;
esac
