# bin/yardbell bench core|http|crowd [PORT]: see docs/benchmarks.md.

port=${2:-8400}
case "${1:-}" in
    core) exec php -d memory_limit=2G benchmarks/core.php ;;
    http) exec php benchmarks/http.php "http://127.0.0.1:$port" ;;
    crowd) exec php benchmarks/crowd.php "http://127.0.0.1:$port" "$((port + 33))" ;;
    *) fail 'bench knows core (the search against a plain one), http (the running server against its floor) and crowd (the same with 200,000 bookings more).' ;;
esac
