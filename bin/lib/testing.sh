# What every run of tests needs: a place for what it writes, patience, the applications that browsers go to.

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

free_port() { local port=$1; while port_taken "$port"; do port=$((port + 1)); done; echo "$port"; }

# How much longer than on an idle machine of today everything may take, as the machine is just now: whoever waits for
# something waits so many times as long, so that what runs out of time is broken and not only slow.
YARDBELL_PATIENCE=$(php -n -r '
    $begin = hrtime(true);
    for ($i = 0, $sum = 0; $i < 20_000_000; $i++) { $sum ^= $i; }
    echo (int) max(1, min(20, round((hrtime(true) - $begin) / 200e6)));')
export YARDBELL_PATIENCE

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
    export -p | grep -E '^declare -x (APP_|DB_|YARDBELL_|VIEW_|TMPDIR)' >"$folder/env" # for a benchmark
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

# browsers N…: the driver of the browsers, and the applications of these numbers.
browsers() {
    local n web stand_ins driver port=8600 starting=()
    [ ! -e public/hot ] || fail 'A start for development is running here, and its front end would be shown to the' \
            'browsers. bin/yardbell stop ends it.'
    say '  starting the applications for the browsers'
    driver=$(free_port 8500)
    (
        set -m
        TMPDIR="$scratch/tmp" chromedriver --port="$driver" >"$scratch/driver.log" 2>&1 &
        echo $! >>"$scratch/children"
    )
    export YARDBELL_TEST_DRIVER="http://127.0.0.1:$driver"
    for n; do # each of several processes that test side by side has its own: tests/Pest.php
        web=$(free_port "$port"); stand_ins=$(free_port $((web + 1))); port=$((stand_ins + 1))
        export "YARDBELL_TEST_URL_$n=http://127.0.0.1:$web" "YARDBELL_TEST_STAND_INS_$n=http://127.0.0.1:$stand_ins"
        (application "$n" "$web" "$stand_ins") &
        starting+=($!)
    done
    wait "${starting[@]}"
    mapfile -t children <"$scratch/children"
    for n; do
        web="YARDBELL_TEST_URL_$n"
        for _ in $(seq $((100 * YARDBELL_PATIENCE))); do
            curl -fs -o /dev/null "${!web}/gate-api/floor" && break
            sleep 0.1
        done
    done
}
