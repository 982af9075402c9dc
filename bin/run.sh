#!/bin/bash
# What needs the application: start, stop, test, bench, and the rest by name.
set -u
root=$(cd "$(dirname "$(readlink -f "$0")")/.." && pwd)
cd "$root" || exit 1
. bin/lib/common.sh
command=${1:-help}
[ $# -gt 0 ] && shift
case "$command" in
    start|stop|test|bench) . "bin/lib/$command.sh" "$@" ;;
    help|--help|-h)
        cat <<'TEXT'
bin/yardbell start [--fresh] [--port=N]   install, build, load the demonstration and serve it
bin/yardbell stop                         end everything that start began
bin/yardbell test [core|browser]          every test and check, or the core's or the browser's alone
bin/yardbell bench http                   times of the running server against its floor
bin/yardbell slots FILE --help            which times a rule document offers
TEXT
        ;;
    *) fail "There is no command \"$command\". bin/yardbell help lists them." ;;
esac
