# bin/yardbell start: everything from a bare machine to a running demonstration.

port=8400
fresh=
for option in "$@"; do
    case "$option" in
        --fresh) fresh=1 ;;
        --port=*) port=${option#--port=} ;;
        *) fail "start does not know \"$option\"; it knows --fresh and --port=N." ;;
    esac
done
[[ $port =~ ^[0-9]{4,5}$ ]] && [ "$port" -le 65000 ] || fail "--port takes a number from 1000 to 65000, not \"$port\"."
stand_ins=$((port + 1))
database_port=$((port + 33))
state="$root/.yardbell/run"
if [ -e "$state/pid" ] && kill -0 "$(cat "$state/pid")" 2>/dev/null; then
    fail "Yard Bell is running already (process $(cat "$state/pid")). bin/yardbell stop ends it."
fi
for taken in "$port" "$stand_ins" "$database_port"; do
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
[ -s .yardbell/key ] || php -r 'echo "base64:".base64_encode(random_bytes(32));' >.yardbell/key
echo $$ >"$state/pid"

children=()
stopped=
stop_all() {
    [ -n "$stopped" ] && return
    stopped=1
    for child in "${children[@]}"; do kill -TERM -- "-$child" 2>/dev/null || kill -TERM "$child" 2>/dev/null; done
    for child in "${children[@]}"; do wait "$child" 2>/dev/null; done
    [ -n "${database_pid:-}" ] && { kill -TERM "$database_pid" 2>/dev/null; wait "$database_pid" 2>/dev/null; }
    rm -f "$state/pid"
}
trap 'stop_all; exit 0' INT TERM
trap stop_all EXIT

export APP_KEY="$(cat .yardbell/key)" APP_URL="http://127.0.0.1:$port" DB_PORT=$database_port YARDBELL_DEMONSTRATION=true \
    APP_CONFIG_CACHE="$state/config.php" APP_ROUTES_CACHE="$state/routes.php" APP_EVENTS_CACHE="$state/events.php" VIEW_COMPILED_PATH="$state/views" \
    YARDBELL_LOG="$root/.yardbell/yardbell.log" YARDBELL_STAND_INS="http://127.0.0.1:$stand_ins" YARDBELL_MAILBOX="$root/.yardbell/mailbox" YARDBELL_PICTURES="$root/.yardbell/pictures" YARDBELL_ATTACHMENTS="$root/.yardbell/attachments" \
    YARDBELL_CLOCK="$root/.yardbell/clock" YARDBELL_RULE_BOOKS="$state/rule-books"
export -p | grep -E '^declare -x (APP_|DB_|YARDBELL_|VIEW_)' >"$state/env" # for commands from another window
chmod 600 "$state/env"
database_start "$root/.yardbell/database" "$database_port"
php artisan migrate --force --quiet || fail 'The tables could not be made; .yardbell/yardbell.log says why.'
php artisan demonstrate | sed 's/^/  /'
php artisan optimize --quiet || fail 'The application could not be prepared; .yardbell/yardbell.log says why.'

# Each in a process group of its own, so that stopping ends its workers too, and nothing else.
set -m
serve() {
    PHP_CLI_SERVER_WORKERS=$2 php -d opcache.enable_cli=1 -d opcache.memory_consumption=192 -d opcache.max_accelerated_files=20000 -d opcache.validate_timestamps=0 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M \
        -d memory_limit=256M -d post_max_size=12M -S "127.0.0.1:$1" -t public bin/router.php >"$state/serve-$1.log" 2>&1 &
    children+=($!)
}
serve "$port" 6
serve "$stand_ins" 2
(
    trap 'kill -TERM $worker 2>/dev/null; wait $worker 2>/dev/null; exit 0' TERM
    while :; do
        php artisan work >>"$state/work.log" 2>&1 &
        worker=$!
        wait $worker
        sleep 1
    done
) &
children+=($!)
set +m
for _ in $(seq 100); do
    curl -fs -o /dev/null "http://127.0.0.1:$port/gate-api/floor" && break
    sleep 0.1
done

cat <<TEXT

  Workspace   http://127.0.0.1:$port/            sign in: alva@quernmoor.example / clay-and-water
  Gate        http://127.0.0.1:$port/book/quernmoor
  Stand-ins   http://127.0.0.1:$stand_ins/stand-ins      mailbox, clock; the payment page opens by itself

Ctrl-C or bin/yardbell stop ends it.
TEXT
while :; do
    for child in "${children[@]}" "$database_pid"; do
        kill -0 "$child" 2>/dev/null || { say 'A part of Yard Bell ended by itself; logs are in .yardbell.' >&2; stop_all; exit 1; }
    done
    sleep 2 &
    wait $!
done
