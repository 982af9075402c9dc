#!/bin/bash
# What needs the application: start, stop, test, bench, and the rest by name.
set -u
root=$(cd "$(dirname "$(readlink -f "$0")")/.." && pwd)
from=$PWD
cd "$root" || exit 1
home=${YARDBELL_HOME:-$root/.yardbell} # all that a start makes lies there
. bin/lib/common.sh
command=${1:-help}
[ $# -gt 0 ] && shift
asks_help() { local one; for one; do [ "$one" = --help ] && return 0; done; return 1; }
case "$command" in
    start|stop|test|verify|bench|export|import|book:check)
        if asks_help "$@"; then
            "$root/bin/run.sh" help | grep -E "^bin/yardbell ([a-z:|]*\|)?$command"
            exit 0
        fi ;;
esac
case "$command" in
    export|import|book:check)
        [ -e "$home/run/env" ] && ! flock -n "$home/run/lock" true || fail \
                "Yard Bell is not running here. bin/yardbell start begins it; then $command works."
        . "$home/run/env"
        # A file is named from where one stands; the application stands here.
        files=()
        for given in "$@"; do case "$given" in -*|/*) files+=("$given") ;; *) files+=("$from/$given") ;; esac; done
        exec php artisan "$command" "${files[@]}" ;;
    packages) need_php_packages ;;
    start|stop|test|verify|bench) . "bin/lib/$command.sh" "$@" ;;
    help|--help|-h)
        cat <<'TEXT'
bin/yardbell start [--fresh] [--port=N]   install, build, load the demonstration and serve it
bin/yardbell start --production           serve on settings of your own; says which ones are missing
bin/yardbell start --development          serve the demonstration; what is changed is seen at once
bin/yardbell stop                         end everything that start began
bin/yardbell test [core|browser]          every test and check, or the core's or the browser's alone
bin/yardbell test FILE… [--filter=NAME]   tests of any storey, alone, on a database that is kept (test --end ends it)
bin/yardbell verify [--fix] [--since=REF] description, words, types, lint, analysis and style of what has changed
bin/yardbell bench http                   times of the running server against its floor
bin/yardbell bench core|crowd|mutants     the search against a plain one; with a million bookings; what the tests notice
bin/yardbell bench pay                    clients who pay when booking beside others who do not, all at once
bin/yardbell bench fuzz                   20,000 requests of strange input: none may break it
bin/yardbell export FILE --business=NAME  a business of the running server as a yardbell/1 document
bin/yardbell import FILE …                such a document as a new business, or in place of a set-up
bin/yardbell book:check                   whether all sums of the running server’s book agree
bin/yardbell slots|why|check FILE --help  which times a rule document offers, why one is not, what keeps them all
bin/yardbell quote FILE REQUEST.json      what a visit costs by a rule document
bin/yardbell repeats FILE REQUEST.json    which times of a repeat fit, and what would instead
bin/yardbell waitlist FILE --help         which times can be booked that somebody waits for
TEXT
        ;;
    *) fail "There is no command \"$command\". bin/yardbell help lists them." ;;
esac
