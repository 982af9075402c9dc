# bin/yardbell test FILE… [OPTION…]: tests of any storey, alone; of a folder, all. Those that need a database share one
# that is kept from run to run, tables and all, until bin/yardbell test --end; options (--filter=NAME) go to whatever
# runs the tests.

if [ "$*" = --end ]; then
    [ -e "$home/kept" ] || fail 'No database is kept for tests.'
    end_recorded "$home/kept"
    rm -rf "$(cat "$home/kept-folder")" "$home/kept" "$home/kept-folder"
    say 'The database that was kept for tests has ended.'
    exit 0
fi

. bin/lib/kept.sh
files=()
options=()
for given in "$@"; do
    case "$given" in
        -*) options+=("$given") ;;
        /*) files+=("${given#"$root/"}") ;;
        *) if [ -e "$from/$given" ]; then files+=("$(realpath --relative-to="$root" "$from/$given")"); \
            else files+=("$given"); fi ;;
    esac
done
[ ${#files[@]} -gt 0 ] || fail 'Name a file of tests: bin/yardbell test tests/App/HoldTest.php --filter=clock.'

core=()
app=()
browser=()
front=()
for file in "${files[@]}"; do
    [ -e "$file" ] || fail "There is no \"$file\". test takes a file of tests, or core, or browser."
    case "$file" in
        core/tests*) core+=("$file") ;;
        tests/App*) app+=("$file") ;;
        tests/Browser|tests/Browser/*Test.php) browser+=("$file") ;;
        tests/Front|tests/Front/*.test.*) front+=("$file") ;;
        *) fail "No tests are kept in \"$file\"; they lie in core/tests, tests/App, tests/Browser and tests/Front." ;;
    esac
done

status=0
need_dependencies

# pest FILE…: whole folders in two processes.
pest() {
    local beside=()
    for file; do [ ! -d "$file" ] || beside=(--parallel --processes=2); done
    vendor/bin/pest "$@" "${beside[@]}" "${options[@]}" || status=1
}

[ ${#core[@]} -eq 0 ] || pest "${core[@]}"
if [ ${#app[@]} -gt 0 ]; then
    need_tools redis-server php8.2-redis
    kept_database
    export YARDBELL_LANGUAGES=en,he-XB
    newer lang/he-XB/.made lang/en lang/en/* lang/en/screen/* && npm run --silent words && touch lang/he-XB/.made
    TMPDIR="$kept/tmp" pest "${app[@]}"
fi
if [ ${#front[@]} -gt 0 ]; then
    [ -d resources/js/language/en ] || npm run --silent words
    npx vitest run "${front[@]}" "${options[@]/#--filter=/--testNamePattern=}" || status=1
fi
if [ ${#browser[@]} -gt 0 ]; then
    . bin/lib/testing.sh
    need_tools chromium-headless-shell chromium-driver redis-server php8.2-redis
    need_web
    export YARDBELL_LANGUAGES=en,he-XB
    need_build
    export DB_PORT DB_PASSWORD=yardbell YARDBELL_FLUSH=2; DB_PORT=$(free_port 8633)
    database_start "$scratch" "$DB_PORT"
    database_asked "$scratch" 'create database yardbell_browser_1'
    browsers 1
    TEST_TOKEN=1 TMPDIR="$scratch/tmp" pest "${browser[@]}"
    [ "$status" -eq 0 ] || tail -20 "$scratch/1/browser.log" 2>/dev/null
fi
exit "$status"
