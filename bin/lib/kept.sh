# The database that is kept from one run of tests to the next.

# Nothing of it outlives a power cut.
kept_database() {
    local memory=/dev/shm
    [ -w "$memory" ] || memory=${TMPDIR:-/tmp}
    kept="$memory/yardbell-kept.$(id -u).$(cksum <<<"$root" | cut -d' ' -f1)"
    export DB_PORT DB_PASSWORD=yardbell YARDBELL_FLUSH=2 YARDBELL_BUFFER_POOL=128M YARDBELL_KEPT="$kept"
    mkdir -p "$kept/tmp"
    if ! database_answers "$kept"; then
        step 'starting the database that is kept for tests'
        DB_PORT=8733
        while port_taken "$DB_PORT"; do DB_PORT=$((DB_PORT + 1)); done
        database_create "$kept"
        database_begin "$kept" "$DB_PORT" &
        echo "$DB_PORT" >"$kept/port"
        database_ready "$kept" $!
        for name in '' _1 _2; do database_asked "$kept" "create database if not exists yardbell_app$name"; done
        mkdir -p "$home"
        recorded "$home/kept" database $!
        printf '%s\n' "$kept" >"$home/kept-folder"
    fi
    DB_PORT=$(cat "$kept/port")
}
