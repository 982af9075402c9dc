# bin/yardbell bench http [ADDRESS]: see docs/benchmarks.md.

[ "${1:-}" = http ] || fail 'bench knows http: the running server against its floor.'
exec php benchmarks/http.php "${2:-http://127.0.0.1:8400}"
