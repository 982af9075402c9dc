# bin/yardbell verify [--fix] [--since=REF]: what can be said of a change without running it: its description, words,
# types, lint, analysis, style and width, in this order, of the files that it touches. --fix writes what can be written.

fix=
since=HEAD
for option in "$@"; do
    case "$option" in
        --fix) fix=1 ;;
        --since=*) since=${option#--since=} ;;
        *) fail "verify does not know \"$option\"; it knows --fix and --since=REF." ;;
    esac
done
git rev-parse -q --verify "$since^{commit}" >/dev/null || fail "There is no \"$since\" to compare with."
need_dependencies

all_changed() { git diff --name-only --diff-filter=d "$since"; git ls-files --others --exclude-standard; }
mapfile -t changed < <(all_changed | sort -u)
# of PATTERN: those that changed and match it
of() { printf '%s\n' "${changed[@]}" | grep -E "$1"; }
[ ${#changed[@]} -gt 0 ] || { say 'Nothing has changed.'; exit 0; }

failed=0
logs="$root/.yardbell/verify"
mkdir -p "$logs"
# look NAME COMMAND…: runs it, says how it went.
look() {
    local name=$1 begin=$SECONDS
    shift
    if "$@" >"$logs/$name.log" 2>&1; then
        say "ok      $name ($((SECONDS - begin)) s)"
    else
        failed=1
        say "FAILED  $name"
        tail -30 "$logs/$name.log"
    fi
}
files() { mapfile -t "$1" < <(of "$2"); }

files described '^(docs/api/written\.yaml|routes/|app/.*Http/)'
files words '^lang/en/'
files php '\.php$'
files typed '^(resources/js|tests/Front)/.*\.tsx?$'
files written '^(resources/(js|css)|tests/Front)/.*\.(ts|tsx|css)$'
files core '^core/src/'
files app '^(app|core/src|bin/lib|bootstrap|phpstan)'
files data '^database/'

if [ ${#described[@]} -gt 0 ]; then
    [ -z "$fix" ] || look describe npm run --silent types
    look description node bin/lib/describe.mjs --check
    look openapi node bin/lib/lint-openapi.mjs
fi
analysis() { vendor/bin/phpstan analyse --no-progress --memory-limit=1500M -c "phpstan.$1.neon"; }
if [ ${#words[@]} -gt 0 ]; then
    look words npm run --silent words
    look analysis-words analysis lang
fi
if [ ${#typed[@]} -gt 0 ] || [ ${#words[@]} -gt 0 ]; then
    [ -e resources/js/lib/api-types.ts ] || look types-of-answers npm run --silent types
    [ -d resources/js/language/en ] || look words npm run --silent words
    look types npx tsc --noEmit --incremental --tsBuildInfoFile .yardbell/verify/types
    look types-of-tests npx tsc --noEmit -p tests/Front --incremental --tsBuildInfoFile "$logs/types-of-tests"
fi
files linted '^resources/js/.*\.tsx?$'
[ ${#linted[@]} -eq 0 ] || look lint npx eslint --cache --cache-location "$logs/eslint" ${fix:+--fix} "${linted[@]}"
[ ${#core[@]} -eq 0 ] || look analysis-core analysis core
[ ${#app[@]} -eq 0 ] || look analysis-app analysis app
[ ${#data[@]} -eq 0 ] || look analysis-database analysis database
if [ ${#php[@]} -gt 0 ]; then
    [ -z "$fix" ] || vendor/bin/pint -q "${php[@]}"
    look style vendor/bin/pint --test "${php[@]}"
fi
if [ ${#written[@]} -gt 0 ]; then
    [ -z "$fix" ] || npx prettier --log-level=error --write "${written[@]}"
    look style-of-screens npx prettier --check "${written[@]}"
fi
look width php bin/lib/width.php
[ ${#php[@]} -eq 0 ] || look arguments php bin/lib/arguments.php
exit "$failed"
