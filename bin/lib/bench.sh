# bin/yardbell bench core|http|pay|storm|crowd|setup|board|frames|phone|page|fuzz|mutants [PORT, SEED or PATH]:
# see docs/benchmarks.md.

port=${2:-8400}
case "${1:-}" in
    core) exec php -d memory_limit=2G benchmarks/core.php ;;
    http) exec php benchmarks/http.php "http://127.0.0.1:$port" "$((port + 33))" ;;
    pay) exec php benchmarks/pay.php "http://127.0.0.1:$port" ;;
    storm) exec php benchmarks/storm.php "http://127.0.0.1:$port" "$((port + 33))" ;;
    setup) exec php -d memory_limit=1G benchmarks/setup.php "http://127.0.0.1:$port" "$((port + 33))" ;;
    frames)
        need_tools chromium-headless-shell chromium-driver
        exec php -d memory_limit=1G benchmarks/frames.php "http://127.0.0.1:$port" "$((port + 33))" ;;
    board) exec php -d memory_limit=1G benchmarks/board.php "http://127.0.0.1:$port" "$((port + 33))" ;;
    crowd) exec php benchmarks/crowd.php "http://127.0.0.1:$port" "$((port + 33))" ;;
    phone)
        need_tools chromium-headless-shell chromium-driver
        exec php benchmarks/phone.php "http://127.0.0.1:$port" ;;
    page)
        need_tools chromium
        tools="$root/.yardbell/tools" # beside the project: nothing of it needs this
        [ -d "$tools/node_modules/lighthouse" ] \
            || npm install --prefix "$tools" --no-save --no-audit --no-fund --loglevel=error lighthouse@12.8.2
        exec node benchmarks/page.mjs "http://127.0.0.1:$port" "$tools/node_modules/.bin/lighthouse" ;;
    fuzz)
        need_tools
        need_dependencies
        scratch=$(mktemp -d "${TMPDIR:-/tmp}/yardbell-fuzz.XXXXXX")
        trap 'kill -TERM "$database_pid" 2>/dev/null; wait "$database_pid" 2>/dev/null; rm -rf "$scratch"' EXIT
        fuzz_port=8733; while port_taken "$fuzz_port"; do fuzz_port=$((fuzz_port + 1)); done
        export DB_PASSWORD=yardbell
        YARDBELL_FLUSH=2 database_start "$scratch" "$fuzz_port"
        database_asked "$scratch" 'create database yardbell_app'
        export DB_PORT=$fuzz_port YARDBELL_SEED=${2:-$RANDOM} YARDBELL_FUZZ=20000
        say "seed $YARDBELL_SEED"
        vendor/bin/pest tests/App/FuzzTest.php --colors=never
        exit $? ;;
    mutants)
        need_packages 'counting which lines the tests reach' php8.2-pcov
        # Here alone: wherever it is loaded PHP has no JIT, and the server would be slow.
        [ "$(id -u)" -ne 0 ] || phpdismod pcov
        # The package comes without it; mutants that cannot be written look like killed ones.
        mkdir -p vendor/pestphp/pest-plugin-mutate/.temp/mutations
        export YARDBELL_SEEDS=${YARDBELL_SEEDS:-4}
        path=${2:-core/src/Time} suite=mutants reach=core/src
        if [ "${path#app}" != "$path" ]; then # the application's tests, on the database that is kept for them
            . bin/lib/kept.sh
            need_tools redis-server php8.2-redis
            need_dependencies
            kept_database
            suite=app reach=app
            export YARDBELL_LANGUAGES=en,he-XB TMPDIR="$kept/tmp"
        fi
        exec php -d extension=pcov -d pcov.directory="$root/$reach" -d memory_limit=8G vendor/bin/pest \
            --testsuite="$suite" --mutate --everything --covered-only --no-cache --path="$path" ;;
    *)
        fail 'bench knows core (the search against a plain one), http (the running server against its floor),' \
            'crowd (the same, and the house, with a million bookings more),' \
            'setup (the lists and previews of the workspace),' \
            'board (full days and weeks of the Board), frames (a tag dragged over a full one),' \
            'page (the Gate on a slow phone), fuzz (strange input), pay (who pays when booking beside who does not),' \
            'storm (all want the same while processes are killed)' \
            "and mutants (what the core's tests notice)." ;;
esac
