# bin/yardbell test [core|browser]: everything that can be checked, on a database and ports of its own.

export CI="${CI:-}"
. bin/lib/web.sh
passed=0
failed=0
logs="$root/.yardbell/test"
rm -rf "$logs"
mkdir -p "$logs"

# beside NAME…: checks that wait, one after the other, beside something else; each leaves its result.
beside() {
    local name
    for name; do
        if ${commands[$name]} >"$logs/$name.log" 2>&1; then echo ok; else echo failed; fi >"$logs/$name.result"
    done
}
waiting=()
declare -A commands=()
later() {
    waiting+=("$1")
    commands[$1]=${*:2}
}

# told NAME…: says how checks ended that ran beside something, and counts them.
told() {
    local name
    for name; do
        if [ "$(cat "$logs/$name.result")" = ok ]; then
            passed=$((passed + 1)); say "ok      $name"
        else
            failed=$((failed + 1)); say "FAILED  $name"; tail -40 "$logs/$name.log"
        fi
    done
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
mkdir -p "$scratch/tmp"

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
database_asked "$scratch" \
    'create database yardbell_app_1; create database yardbell_app_2;
        create database yardbell_browser_1; create database yardbell_browser_2'

if [ $# -eq 0 ]; then
    suite core --parallel --processes=2
    suite app --parallel --processes=2
fi

# application N URL STAND_INS: one of the applications that browsers go to, with its demonstration, workers and clock.
application() {
    local folder="$scratch/$1" lane
    mkdir -p "$folder/views"
    export DB_SOCKET="$scratch/sock" DB_PERSISTENT=true DB_DATABASE="yardbell_browser_$1" TMPDIR="$scratch/tmp"
    export APP_KEY="base64:$(head -c 32 /dev/urandom | base64)" APP_URL="http://127.0.0.1:$2" \
        YARDBELL_DEMONSTRATION=true YARDBELL_UNDO_SECONDS=4 YARDBELL_TRIES=1000 YARDBELL_HOLDS=1000 \
        YARDBELL_MAILS_TO_ONE=100000 YARDBELL_MAILS_FROM_ONE=100000 \
        YARDBELL_STAND_INS="http://127.0.0.1:$3" YARDBELL_MAILBOX="$folder/mailbox" \
        YARDBELL_PICTURES="$folder/pictures" YARDBELL_ATTACHMENTS="$folder/attachments" \
        VIEW_COMPILED_PATH="$folder/views" YARDBELL_LOG="$folder/browser.log" \
        YARDBELL_CLOCK="$folder/clock" YARDBELL_RULE_BOOKS="$folder/rule-books" \
        APP_CONFIG_CACHE="$folder/config.php" APP_ROUTES_CACHE="$folder/routes.php" \
        APP_EVENTS_CACHE="$folder/events.php"
    php artisan migrate --force --quiet && php artisan demonstrate --quiet && php artisan optimize --quiet
    web_prepare "$folder/web"
    web_site "$folder/web" application "$2" 4
    web_site "$folder/web" stand-ins "$3" 3
    set -m
    php_begin "$folder/web" >"$folder/web/php.log" 2>&1 &
    echo $! >>"$scratch/children"
    web_begin "$folder/web" >"$folder/web/nginx.log" 2>&1 &
    echo $! >>"$scratch/children"
    for lane in mail money upkeep stand-ins; do
        php artisan work --lane="$lane" >>"$folder/work.log" 2>&1 &
        echo $! >>"$scratch/children"
    done
}

say '  starting the applications for the browsers'
driver=$(free_port 8500)
(
    set -m
    TMPDIR="$scratch/tmp" chromedriver --port="$driver" >"$scratch/driver.log" 2>&1 &
    echo $! >>"$scratch/children"
)
export YARDBELL_TEST_DRIVER="http://127.0.0.1:$driver"
port=8600
for n in 1 2; do # each of two processes that test side by side has its own: tests/Pest.php
    web=$(free_port "$port"); stand_ins=$(free_port $((web + 1))); port=$((stand_ins + 1))
    export "YARDBELL_TEST_URL_$n=http://127.0.0.1:$web" "YARDBELL_TEST_STAND_INS_$n=http://127.0.0.1:$stand_ins"
    (application "$n" "$web" "$stand_ins") &
    starting[$n]=$!
done
wait "${starting[@]}"
mapfile -t children <"$scratch/children"
for address in "$YARDBELL_TEST_URL_1" "$YARDBELL_TEST_URL_2"; do
    for _ in $(seq 100); do curl -fs -o /dev/null "$address/gate-api/floor" && break; sleep 0.1; done
done
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
    beside "${waiting[@]}" &
    besides=($!)
    later ground tests/ground.sh "$(free_port 8900)"
    beside ground & # it mostly waits
    besides+=($!)
fi
suite browser --parallel --processes=2
[ "$failed" -gt 0 ] && cat "$scratch"/[12]/browser.log >"$logs/browser-application.log" 2>/dev/null
[ $# -eq 0 ] || finish

wait "${besides[@]}"
told "${waiting[@]}"

# Each benchmark runs small: it still works, whatever it would say of speed. One after the other at each application.
waiting=()
besides=()
streams=('core http pay storm crowd' 'setup board frames phone')
for n in 1 2; do
    url="YARDBELL_TEST_URL_$n"
    for benchmark in ${streams[n - 1]}; do
        later "bench-$benchmark" env YARDBELL_BENCH=small DB_DATABASE="yardbell_browser_$n" \
            php -d memory_limit=1G "benchmarks/$benchmark.php" "${!url}" "$DB_PORT"
    done
    beside $(printf 'bench-%s ' ${streams[n - 1]}) &
    besides[n]=$!
done
wait "${besides[@]}"
told "${waiting[@]}"
finish
