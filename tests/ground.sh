#!/bin/bash
# Starts Yard Bell as its owner would, in a folder and on ports of its own, lets its parts die and hang, and looks
# whether
# they come back, whether that is said, and what somebody who asks meanwhile sees. Run by bin/yardbell test.
set -u
cd "$(dirname "$(readlink -f "$0")")/.." || exit 1
port=${1:-8900}
export YARDBELL_HOME YARDBELL_HANGS_AFTER=6 YARDBELL_PROBES=1 YARDBELL_FLUSH=2 YARDBELL_FINISH=2
YARDBELL_HOME=$(mktemp -d "${TMPDIR:-/tmp}/yardbell-ground.XXXXXX")
out="$YARDBELL_HOME/out"
failed=0

fail() { printf 'FAILED  %s\n' "$*"; failed=1; }
process() { awk -v name="$1" '$1 == name { print $2 }' "$YARDBELL_HOME/run/processes" | tail -1; }
status() { curl -s -m 3 -o /dev/null -w '%{http_code}' "$@" "http://127.0.0.1:$port/gate-api/floor"; }
# within SECONDS COMMAND…: whether it holds within so many seconds.
within() {
    local until=$((SECONDS + $1 * ${YARDBELL_PATIENCE:-1}))
    shift
    until "$@"; do
        [ "$SECONDS" -lt "$until" ] || return 1
        sleep 0.2
    done
}
answers() { [ "$(status)" = 200 ]; }
said() { grep -q "$1" "$out"; }
other() { [ -n "$(process "$1")" ] && [ "$(process "$1")" != "$2" ] && kill -0 "$(process "$1")" 2>/dev/null; }
finish() {
    bin/yardbell stop >/dev/null 2>&1
    rm -rf "$YARDBELL_HOME"
}
trap finish EXIT

bin/yardbell start --port="$port" >"$out" 2>&1 &
starter=$!
within 120 said 'Ctrl-C' || { cat "$out"; fail 'it does not start'; exit 1; }
answers || fail 'it does not answer after its start'

# The database lets its administrator in by the socket alone, and the application to what is its own.
by_tcp() { mariadb --no-defaults -h127.0.0.1 -P"$((port + 33))" "$@" >/dev/null 2>&1; }
password=$(cat "$YARDBELL_HOME/database-password")
by_tcp -uroot -e 'select 1' && fail 'the administrator of the database is let in without a password'
by_tcp -uyardbell -pyardbell -e 'select 1' && fail 'the password of the database can be guessed'
by_tcp -uyardbell -p"$password" yardbell -e 'select 1' || fail 'the application is not let into its database'
by_tcp -uyardbell -p"$password" -e 'create database other' && fail 'the application may do more than it needs'
by_tcp -uyardbell -p"$password" -e "select 1 into outfile '$YARDBELL_HOME/written'" && fail 'the database writes files'

# Text comes compressed, what is built stays with the browser, one connection serves many.
gate="http://127.0.0.1:$port/book/quernmoor"
page=$(curl -s --compressed -D "$YARDBELL_HOME/page.head" "$gate" -H 'Accept-Encoding: gzip')
grep -qi '^Content-Encoding: gzip' "$YARDBELL_HOME/page.head" || fail 'a page comes uncompressed'
script=$(grep -o '/build/[^"/]*/assets/[^"]*\.js' <<<"$page" | head -1)
built=$(curl -s -o /dev/null -D - -H 'Accept-Encoding: gzip' "http://127.0.0.1:$port$script")
grep -qi '^Cache-Control: .*immutable' <<<"$built" || fail 'what is built is asked for again'
grep -qi '^Content-Encoding: gzip' <<<"$built" || fail 'what is built comes uncompressed'
[ -e "public$script.gz" ] || fail 'what is built is compressed anew at every request'
floor="http://127.0.0.1:$port/gate-api/floor"
reused=$(curl -sv "$floor" "$floor" -o /dev/null -o /dev/null 2>&1)
grep -qi 're-using' <<<"$reused" || fail 'a connection is closed after one answer'
[ "$(curl -s -o /dev/null -w '%{http_code}' "http://127.0.0.1:$port/.env")" = 404 ] || fail \
        'a hidden file is not refused'

# Requests of a minute are counted, and not in the database.
by_tcp_says() { mariadb --no-defaults -N -h127.0.0.1 -P"$((port + 33))" -uyardbell -p"$password" "$@"; }
holds="http://127.0.0.1:$port/gate-api/pages/quernmoor/holds"
counted='select (select count(*) from cache) + (select count(*) from counts)'
rows=$(by_tcp_says yardbell -e "$counted")
for _ in $(seq 61); do
    last=$(curl -s -o /dev/null -w '%{http_code}' -X POST -H 'Accept: application/json' "$holds")
    [ "$last" = 422 ] || break
done
[ "$last" = 429 ] || fail "nobody is told that they ask too often, but $last"
[ "$(by_tcp_says yardbell -e "$counted")" = "$rows" ] || fail 'requests are counted in the database'

# A part that dies.
for part in php database web-server worker-mail; do
    before=$(process "$part")
    kill -KILL -- "-$before"
    if [ "$part" = php ]; then
        calm=$(curl -s -D - "$gate")
        grep -q '^HTTP/1.1 503' <<<"$calm" && grep -qi '^Retry-After: 5' <<<"$calm" \
            && grep -q 'Back in a moment' <<<"$calm" || fail 'who asks while PHP is away gets no calm page'
        [ "$(status -H 'Accept: application/json')" = 503 ] || fail \
                'who asks for data while PHP is away is not told 503'
        [ "$(status -X POST -H 'Accept: application/json')" = 503 ] || fail \
                'who sends something while PHP is away is not told 503'
    fi
    within 15 other "$part" "$before" || fail "$part is not started again"
    within 15 answers || fail "nothing answers after $part died"
    said "$part ended by itself" || fail "that $part died is not said"
done
pkill -KILL -f 'php-fpm: pool application' -P "$(process php)"
within 5 answers || fail 'nothing answers after the processes of PHP died'
pkill -KILL -P "$(process web-server)"
within 5 answers || fail 'nothing answers after the processes of the web server died'

# A part that hangs: all of them at once, seen by who looks after them once they are old enough to be asked.
sleep 6
declare -A before
for part in php database web-server worker-money; do
    before[$part]=$(process "$part")
    kill -STOP -- "-${before[$part]}"
done
for part in php database web-server worker-money; do
    within 60 other "$part" "${before[$part]}" || fail "$part hangs and stays"
    said "$part does not answer" || fail "that $part hung is not said"
done
within 20 answers || fail 'nothing answers after parts hung'

bin/yardbell stop >/dev/null || fail 'it does not stop'
wait "$starter"
[ -z "$(pgrep -f "$YARDBELL_HOME")" ] || fail 'something is left running after the stop'
[ "$failed" -eq 0 ] || cat "$out"
exit "$failed"
