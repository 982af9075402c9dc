# bin/yardbell test [core|browser]: everything that can be checked, on a database and ports of its own. With names of
# files, those tests alone (test-files.sh).

export CI="${CI:-}"
. bin/lib/web.sh
case "${1:-all}" in
    all|core|browser) [ $# -lt 2 ] || fail "test takes files and options for them, or \"$1\" alone." ;;
    *) . bin/lib/test-files.sh "$@"; exit ;;
esac
. bin/lib/testing.sh
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

if [ "${1:-}" = core ]; then
    need_tools
else
    need_tools chromium-headless-shell chromium-driver redis-server php8.2-redis
    need_web
fi
need_dependencies
if [ "${1:-}" = core ]; then
    suite core --parallel --processes=2
    finish
fi
export YARDBELL_LANGUAGES=en,he-XB # one that is made up, to see whether all is said in the reader's language
need_build

# tests need not outlive a power cut
export DB_PORT DB_PASSWORD=yardbell YARDBELL_FLUSH=2 YARDBELL_BUFFER_POOL=128M; DB_PORT=$(free_port 8633)
database_start "$scratch" "$DB_PORT"
database_asked "$scratch" \
    'create database yardbell_app_1; create database yardbell_app_2;
        create database yardbell_browser_1; create database yardbell_browser_2'

if [ $# -eq 0 ]; then
    suite core --parallel --processes=2
    suite app --parallel --processes=2
fi

browsers 1 2
if [ $# -eq 0 ]; then
    later phpstan-core vendor/bin/phpstan analyse --no-progress --memory-limit=1G -c phpstan.core.neon
    later phpstan-app vendor/bin/phpstan analyse --no-progress --memory-limit=1G -c phpstan.app.neon
    later phpstan-lang vendor/bin/phpstan analyse --no-progress --memory-limit=1G -c phpstan.lang.neon
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
    later arguments php bin/lib/arguments.php
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
            YARDBELL_SETTINGS="$scratch/$n/env" \
            php -d memory_limit=1G "benchmarks/$benchmark.php" "${!url}" "$DB_PORT"
    done
    beside $(printf 'bench-%s ' ${streams[n - 1]}) &
    besides[n]=$!
done
wait "${besides[@]}"
told "${waiting[@]}"
finish
