# bin/yardbell start: everything from a bare machine to a running demonstration; with --production on settings of one's own.

port=8400
fresh=
production=
for option in "$@"; do
    case "$option" in
        --fresh) fresh=1 ;;
        --production) production=1 ;;
        --port=*) port=${option#--port=} ;;
        *) fail "start does not know \"$option\"; it knows --fresh, --production and --port=N." ;;
    esac
done
[[ $port =~ ^[0-9]{4,5}$ ]] && [ "$port" -le 65000 ] || fail "--port takes a number from 1000 to 65000, not \"$port\"."
stand_ins=$((port + 1))
database_port=$((port + 33))
state="$root/.yardbell/run"
umask 027

# Nothing of the demonstration's own settings will do where real people book: each must be given, and is asked for in a sentence.
if [ -n "$production" ]; then
    [ -z "$fresh" ] || fail '--fresh removes everything; it does not go with --production.'
    [[ ${APP_KEY:-} == base64:* ]] || fail 'APP_KEY is not set. Make one, keep it, and give it at every start: php -r '"'"'echo "base64:".base64_encode(random_bytes(32));'"'"
    [[ ${APP_URL:-} == https://* ]] || fail 'APP_URL is not set. It is the address that clients see, like https://book.example.com, and begins with https://.'
    [ -n "${DB_PASSWORD:-}" ] || fail 'DB_PASSWORD is not set: the password of the database that DB_HOST, DB_PORT, DB_DATABASE and DB_USERNAME name.'
    secret=${YARDBELL_PROCESSOR_SECRET:-}
    [ "${#secret}" -ge 24 ] || fail 'YARDBELL_PROCESSOR_SECRET is not set, or shorter than 24 characters: what the payment processor signs its notices with.'
    [[ ${YARDBELL_PROCESSOR:-} == http*://* ]] || fail 'YARDBELL_PROCESSOR is not set: the address of the payment processor.'
    [[ ${YARDBELL_MEETINGS:-} == http*://* ]] || fail 'YARDBELL_MEETINGS is not set: the address of the meeting provider.'
    [ -d "${YARDBELL_MAILBOX:-}" ] || fail 'YARDBELL_MAILBOX is not set to a folder: where mail is laid down for your mail server to pick up.'
fi

writable "$root/.yardbell"
writable "$state"
# Whoever holds this lock is running; it is let go when the process ends, however it ends.
exec 9>"$state/lock"
flock -n 9 || fail "Yard Bell is running already (process $(cat "$state/pid" 2>/dev/null)). bin/yardbell stop ends it."
if [ -e "$state/processes" ]; then
    say 'An earlier start was ended by force; what it left running is ended first.'
    end_recorded "$state/processes"
fi
for taken in "$port" $([ -n "$production" ] || echo "$stand_ins $database_port"); do
    port_taken "$taken" && fail "Port $taken is in use by another program. Choose another with --port=N (N, N+1 and N+33 are used)."
done

say 'Yard Bell starts.'
need_tools
need_dependencies
need_build
mkdir -p "$state/views"
rm -rf "$state/rule-books" # kept in the shape of an earlier version
rm -f "$state"/*.php # what an earlier start prepared may name other ports
[ -n "$fresh" ] && rm -rf .yardbell/database .yardbell/mailbox .yardbell/pictures .yardbell/attachments .yardbell/key .yardbell/clock
echo $$ >"$state/pid"
chmod -f 640 "$state"/*.log .yardbell/*.log

stopped=
stop_all() {
    [ -n "$stopped" ] && return
    stopped=1
    end_recorded "$state/processes"
    rm -f "$state/pid"
}
trap 'stop_all; exit 0' INT TERM
trap stop_all EXIT

export APP_CONFIG_CACHE="$state/config.php" APP_ROUTES_CACHE="$state/routes.php" APP_EVENTS_CACHE="$state/events.php" VIEW_COMPILED_PATH="$state/views" \
    YARDBELL_LOG="$root/.yardbell/yardbell.log" YARDBELL_PICTURES="$root/.yardbell/pictures" YARDBELL_ATTACHMENTS="$root/.yardbell/attachments" YARDBELL_RULE_BOOKS="$state/rule-books"
if [ -n "$production" ]; then
    export YARDBELL_DEMONSTRATION=false SESSION_SECURE_COOKIE=true
else
    [ -s .yardbell/key ] || (umask 077; php -r 'echo "base64:".base64_encode(random_bytes(32));' >.yardbell/key)
    chmod 600 .yardbell/key
    export APP_KEY="$(cat .yardbell/key)" APP_URL="http://127.0.0.1:$port" DB_PORT=$database_port YARDBELL_DEMONSTRATION=true DB_PASSWORD=yardbell \
        YARDBELL_STAND_INS="http://127.0.0.1:$stand_ins" YARDBELL_MAILBOX="$root/.yardbell/mailbox" YARDBELL_CLOCK="$root/.yardbell/clock"
fi
(umask 077; export -p | grep -E '^declare -x (APP_|DB_|YARDBELL_|VIEW_)' >"$state/env") # for commands from another window
set -m # each in a process group of its own, so that ending it ends its workers too, and nothing else
if [ -z "$production" ]; then
    database_start "$root/.yardbell/database" "$database_port" 9>&-
    recorded "$state/processes" database "$database_pid"
fi
php artisan migrate --force --quiet || fail 'The tables could not be made; .yardbell/yardbell.log says why.'
[ -n "$production" ] || php artisan demonstrate | sed 's/^/  /'
php artisan optimize --quiet || fail 'The application could not be prepared; .yardbell/yardbell.log says why.'
chmod 600 "$state"/*.php # the prepared configuration has the keys in it

children=()
serve() {
    PHP_CLI_SERVER_WORKERS=$2 php -d opcache.enable_cli=1 -d opcache.memory_consumption=192 -d opcache.max_accelerated_files=20000 -d opcache.validate_timestamps=0 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M \
        -d memory_limit=256M -d post_max_size=12M -S "127.0.0.1:$1" -t public bin/router.php >>"$state/serve-$1.log" 2>&1 9>&- &
    children+=($!)
    recorded "$state/processes" "serve-$1" $!
}
# A worker for each kind of work, begun anew whenever it ends: one that waits for somebody outside keeps no other from its own.
work() {
    (
        trap 'kill -TERM $worker 2>/dev/null; wait $worker 2>/dev/null; exit 0' TERM
        while :; do
            php artisan work --lane="$1" >>"$state/work.log" 2>&1 &
            worker=$!
            wait $worker
            sleep 1
        done
    ) 9>&- &
    children+=($!)
    recorded "$state/processes" "work-$1" $!
}
serve "$port" 6
[ -n "$production" ] || serve "$stand_ins" 2
for lane in mail money upkeep $([ -n "$production" ] || echo stand-ins); do work "$lane"; done
set +m
for _ in $(seq 100); do
    curl -fs -o /dev/null "http://127.0.0.1:$port/gate-api/floor" -H "Host: $(printf '%s' "$APP_URL" | sed -E 's#^https?://##; s#/.*##')" && break
    sleep 0.1
done

if [ -n "$production" ]; then
    say "Yard Bell answers on 127.0.0.1:$port for $APP_URL. Put a web server with a certificate in front of it. Ctrl-C or bin/yardbell stop ends it."
else
    cat <<TEXT

  Workspace   http://127.0.0.1:$port/            sign in: alva@quernmoor.example / clay-and-water
  Gate        http://127.0.0.1:$port/book/quernmoor
  Stand-ins   http://127.0.0.1:$stand_ins/stand-ins      mailbox, clock; the payment page opens by itself

Ctrl-C or bin/yardbell stop ends it.
TEXT
fi
while :; do
    for child in "${children[@]}" ${database_pid:-}; do
        kill -0 "$child" 2>/dev/null || { say 'A part of Yard Bell ended by itself; logs are in .yardbell.' >&2; stop_all; exit 1; }
    done
    sleep 2 9>&- &
    wait $!
done
