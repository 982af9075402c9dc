# bin/yardbell test [core|browser]: everything that can be checked, on a database and ports of its own.

export CI="${CI:-}"
. bin/lib/web.sh
passed=0
failed=0
logs="$root/.yardbell/test"
rm -rf "$logs"
mkdir -p "$logs"

# check NAME COMMAND…: one check that passes or fails as a whole.
check() {
    local name=$1
    shift
    if "$@" >"$logs/$name.log" 2>&1; then
        passed=$((passed + 1)); say "ok      $name"
    else
        failed=$((failed + 1)); say "FAILED  $name"; tail -40 "$logs/$name.log"
    fi
}

# beside: the checks that wait in a row, one after the other, while the browser suite runs; each leaves its result.
beside() {
    local name
    for name in "${waiting[@]}"; do
        if ${commands[$name]} >"$logs/$name.log" 2>&1; then echo ok; else echo failed; fi >"$logs/$name.result"
    done
}
waiting=()
declare -A commands=()
later() {
    waiting+=("$1")
    commands[$1]=${*:2}
}

# suite NAME OPTION…: a Pest suite, whose cases are counted one by one.
suite() {
    local name=$1 counts
    TMPDIR="$scratch/tmp" vendor/bin/pest --testsuite="$name" --log-junit="$logs/$name.xml" --colors=never "${@:2}" \
        >"$logs/$name.log" 2>&1
    local status=$?
    counts=$(php -r '
        $read = @simplexml_load_file($argv[1]);
        $suite = $read ? $read->testsuite : null;
        $wrong = (int) ($suite["failures"] ?? 0) + (int) ($suite["errors"] ?? 0);
        echo $suite ? (int) $suite["tests"] - $wrong." {$wrong}" : "0 1";' "$logs/$name.xml")
    [ "$status" -ne 0 ] && [ "${counts#* }" -eq 0 ] && counts="${counts% *} 1"
    [ "${counts% *}" -eq 0 ] && [ "${counts#* }" -eq 0 ] && counts='0 1' # a suite without tests is no success
    passed=$((passed + ${counts% *})); failed=$((failed + ${counts#* }))
    if [ "${counts#* }" -eq 0 ]; then
        say "ok      $name: ${counts% *} tests"
    else
        say "FAILED  $name: ${counts#* } of $((${counts% *} + ${counts#* })) tests"
        grep -vE '^ +✓' "$logs/$name.log" | tail -120
    fi
}

finish() {
    say "$passed passed, $failed failed"
    [ "$failed" -eq 0 ]
    exit $?
}

# In memory where there is enough: what tests write need not outlive a power cut, nor wait for a disk.
free=$(df -k --output=avail /dev/shm 2>/dev/null | tail -1)
[ -w /dev/shm ] && [ "${free:-0}" -gt 4000000 ] && memory=/dev/shm
children=()
cleanup() {
    for child in "${children[@]}"; do kill -TERM -- "-$child" 2>/dev/null || kill -TERM "$child" 2>/dev/null; done
    [ -n "${database_pid:-}" ] && { kill -TERM "$database_pid" 2>/dev/null; wait "$database_pid" 2>/dev/null; }
    rm -rf "$scratch"
}
scratch=$(mktemp -d "${memory:-${TMPDIR:-/tmp}}/yardbell-test.XXXXXX")
trap cleanup EXIT
trap 'exit 1' INT TERM
mkdir -p "$scratch/views" "$scratch/tmp"

if [ "${1:-}" = core ]; then need_tools; else need_tools chromium-headless-shell chromium-driver; need_web; fi
need_dependencies
if [ "${1:-}" = core ]; then
    suite core --parallel --processes=2
    finish
fi
[ $# -eq 0 ] || [ "$1" = browser ] || fail "test does not know \"$1\"; it knows core and browser."
export YARDBELL_LANGUAGES=en,he-XB # one that is made up, to see whether all is said in the reader's language
need_build

free_port() { local port=$1; while port_taken "$port"; do port=$((port + 1)); done; echo "$port"; }

export DB_PORT DB_PASSWORD=yardbell YARDBELL_FLUSH=2; DB_PORT=$(free_port 8633) # tests need not outlive a power cut
database_start "$scratch" "$DB_PORT"
mariadb --no-defaults --socket="$scratch/sock" -uroot -e \
    'create database yardbell_app_1; create database yardbell_app_2; create database yardbell_browser'

if [ $# -eq 0 ]; then
    suite core --parallel --processes=2
    suite app --parallel --processes=2
fi

say '  starting the application for the browser'
web=$(free_port 8600); stand_ins=$(free_port $((web + 1))); driver=$(free_port $((stand_ins + 1)))
(
    export DB_SOCKET="$scratch/sock" DB_PERSISTENT=true TMPDIR="$scratch/tmp"
    export APP_KEY="base64:$(head -c 32 /dev/urandom | base64)" APP_URL="http://127.0.0.1:$web" \
        DB_DATABASE=yardbell_browser YARDBELL_DEMONSTRATION=true YARDBELL_TRIES=1000 YARDBELL_HOLDS=1000 \
        YARDBELL_STAND_INS="http://127.0.0.1:$stand_ins" YARDBELL_MAILBOX="$scratch/mailbox" \
        YARDBELL_PICTURES="$scratch/pictures" YARDBELL_ATTACHMENTS="$scratch/attachments" \
        VIEW_COMPILED_PATH="$scratch/views" YARDBELL_LOG="$scratch/browser.log" \
        YARDBELL_CLOCK="$scratch/clock" YARDBELL_RULE_BOOKS="$scratch/rule-books" \
        APP_CONFIG_CACHE="$scratch/config.php" APP_ROUTES_CACHE="$scratch/routes.php" \
        APP_EVENTS_CACHE="$scratch/events.php"
    php artisan migrate --force --quiet && php artisan demonstrate --quiet && php artisan optimize --quiet
    web_prepare "$scratch/web"
    web_site "$scratch/web" application "$web" 4
    web_site "$scratch/web" stand-ins "$stand_ins" 3
    set -m
    php_begin "$scratch/web" >"$scratch/web/php.log" 2>&1 &
    echo $! >>"$scratch/children"
    web_begin "$scratch/web" >"$scratch/web/nginx.log" 2>&1 &
    echo $! >>"$scratch/children"
    for lane in mail money upkeep stand-ins; do
        php artisan work --lane="$lane" >>"$scratch/work.log" 2>&1 &
        echo $! >>"$scratch/children"
    done
    chromedriver --port="$driver" >"$scratch/driver.log" 2>&1 &
    echo $! >>"$scratch/children"
)
mapfile -t children <"$scratch/children"
for _ in $(seq 100); do curl -fs -o /dev/null "http://127.0.0.1:$web/gate-api/floor" && break; sleep 0.1; done
export YARDBELL_TEST_URL="http://127.0.0.1:$web" YARDBELL_TEST_STAND_INS="http://127.0.0.1:$stand_ins" \
    YARDBELL_TEST_DRIVER="http://127.0.0.1:$driver"
if [ $# -eq 0 ]; then
    later phpstan-core vendor/bin/phpstan analyse --no-progress --memory-limit=1G -c phpstan.core.neon
    later phpstan-app vendor/bin/phpstan analyse --no-progress --memory-limit=1G -c phpstan.app.neon
    later phpstan-database vendor/bin/phpstan analyse --no-progress --memory-limit=1G -c phpstan.database.neon
    later pint vendor/bin/pint --test
    later tsc npx tsc --noEmit
    later tsc-front npx tsc --noEmit -p tests/Front
    later front npx vitest run
    later eslint npx eslint resources/js
    later prettier npx prettier --check resources/js resources/css tests/Front
    later gate-size php bin/lib/gate-size.php
    later openapi node bin/lib/lint-openapi.mjs
    later described node bin/lib/describe.mjs --check
    later width php bin/lib/width.php
    later ground tests/ground.sh "$(free_port 8900)"
    beside &
    besides=$!
fi
suite browser
[ "$failed" -gt 0 ] && [ -s "$scratch/browser.log" ] && cp "$scratch/browser.log" "$logs/"
[ $# -eq 0 ] || finish

wait "$besides"
for name in "${waiting[@]}"; do
    if [ "$(cat "$logs/$name.result")" = ok ]; then
        passed=$((passed + 1)); say "ok      $name"
    else
        failed=$((failed + 1)); say "FAILED  $name"; tail -40 "$logs/$name.log"
    fi
done

# Each benchmark runs small: it still works, whatever it would say of speed.
for benchmark in core http pay crowd setup board frames phone; do
    check "bench-$benchmark" env YARDBELL_BENCH=small DB_DATABASE=yardbell_browser \
        php -d memory_limit=1G "benchmarks/$benchmark.php" "http://127.0.0.1:$web" "$DB_PORT"
done
finish
