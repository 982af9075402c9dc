# Shared by every command: saying, refusing, installing, the database. Expects $root.

PATH=$PATH:/usr/sbin # where Debian puts servers

say() { printf '%s\n' "$*"; }
step() { printf '  %s\n' "$*"; }
fail() { printf '%s\n' "$*" >&2; exit 1; }

free_megabytes() { df -Pm "$root" | awk 'NR == 2 { print $4 }'; }

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# need_packages PURPOSE PACKAGE…: installs those Debian packages that are missing, or names the one line to run.
need_packages() {
    local purpose=$1 package
    local missing=()
    shift
    for package in "$@"; do
        dpkg-query -W -f '${db:Status-Abbrev}' "$package" 2>/dev/null | grep -q '^.i' || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return 0
    if [ "$(id -u)" -ne 0 ]; then
        fail \
                "Missing for $purpose: ${missing[*]}. Run this once, then start again: sudo apt-get install -y" \
                "--no-install-recommends ${missing[*]}"
    fi
    step "installing for $purpose: ${missing[*]}"
    mkdir -p .yardbell
    export DEBIAN_FRONTEND=noninteractive
    if ! { apt-get update && apt-get install -y --no-install-recommends "${missing[@]}"; } >.yardbell/apt.log 2>&1; then
        tail -3 .yardbell/apt.log >&2
        fail "apt-get could not install ${missing[*]}; all it said is in .yardbell/apt.log."
    fi
}

# need_tools PACKAGE…: what every command needs, and further Debian packages.
need_tools() {
    local tool
    for tool in php composer node npm; do
        command -v "$tool" >/dev/null || fail \
                "\"$tool\" is missing: Yard Bell needs PHP 8.2, Composer, Node 20 and npm."
    done
    [ "$(free_megabytes)" -ge 600 ] || fail \
            "The disk is nearly full ($(free_megabytes) MB free); Yard Bell needs at least 600 MB."
    need_packages "the database, PHP's extensions${1:+ and browser tests}" mariadb-server \
        php8.2-mysql php8.2-curl php8.2-zip php8.2-gd php8.2-bcmath php8.2-intl php8.2-mbstring php8.2-xml "$@"
    local off
    off=$(php -r '$needed = ["pdo_mysql", "curl", "zip", "gd", "bcmath", "intl", "mbstring", "dom"];
        echo implode(" ", array_filter($needed, fn($name) => ! extension_loaded($name)));')
    [ -z "$off" ] || fail "PHP has these extensions installed but switched off: $off." \
        "Switch them on (phpenmod $off), then start again."
}

# newer THAN FILE…: whether one of the files is newer than the mark, or the mark is missing.
newer() {
    local mark=$1 file
    shift
    [ -e "$mark" ] || return 0
    for file in "$@"; do [ "$file" -nt "$mark" ] && return 0; done
    return 1
}

need_php_packages() {
    mkdir -p .yardbell
    if newer vendor/.yardbell composer.json; then
        step 'installing PHP packages (about a minute the first time)'
        composer install --no-interaction --no-progress >.yardbell/composer.log 2>&1 || {
            tail -5 .yardbell/composer.log >&2
            fail 'Composer could not install the PHP packages; all it said is in .yardbell/composer.log.'
        }
        touch vendor/.yardbell
    fi
}

# need_class_map: which class is in which file, written anew where one has come; whatever is not in it is looked for.
need_class_map() {
    local map=vendor/composer/autoload_classmap.php
    if [ -n "$(find app core/src -name '*.php' -newer "$map" -print -quit)" ]; then
        composer dump-autoload --no-interaction --quiet && touch "$map"
    fi
}

need_dependencies() {
    need_php_packages
    need_class_map
    if newer node_modules/.yardbell package.json package-lock.json; then
        step 'installing front-end packages'
        npm install --no-audit --no-fund >.yardbell/npm.log 2>&1 || { tail -5 .yardbell/npm.log >&2; fail \
                'npm could not install the front-end packages; all it said is in .yardbell/npm.log.'; }
        touch node_modules/.yardbell
    fi
}

need_build() {
    # the last language that is built; YARDBELL_LANGUAGES names more of them, as for the tests
    local languages=${YARDBELL_LANGUAGES:-en} parts=(resources lang docs/api vite.config.ts package.json)
    local made=public/build/${languages##*,}/manifest.json
    if [ ! -e "$made" ] || [ -n "$(find "${parts[@]}" -newer "$made" -type f -print -quit)" ]; then
        step 'building the front end'
        npm run build >.yardbell/build.log 2>&1 || { tail -20 .yardbell/build.log >&2; fail \
                'The front end could not be built; all it said is in .yardbell/build.log.'; }
    fi
}

# identity PID: when the process began, so that a number that was given to another process since is told apart; nothing
# where there is none.
identity() { awk '{ sub(/^.*\) /, ""); if ($1 != "Z") print $20 }' "/proc/$1/stat" 2>/dev/null; }

# recorded FILE NAME PID: notes a process of ours, with its identity.
recorded() { printf '%s %s %s\n' "$2" "$3" "$(identity "$3")" >>"$1"; }

# end_recorded FILE: ends the processes noted in FILE that are still the same ones, and waits for them.
end_recorded() {
    local name pid began living=()
    [ -e "$1" ] || return 0
    while read -r name pid began; do
        [ -n "$began" ] && [ "$(identity "$pid")" = "$began" ] || continue
        kill -TERM -- "-$pid" 2>/dev/null || kill -TERM "$pid" 2>/dev/null
        living+=("$pid $began")
    done <"$1"
    for _ in $(seq 150); do
        local left=
        for one in "${living[@]}"; do [ "$(identity "${one% *}")" = "${one#* }" ] && left=1; done
        [ -z "$left" ] && break
        sleep 0.1
    done
    for one in "${living[@]}"; do
        [ "$(identity "${one% *}")" = "${one#* }" ] || continue
        kill -KILL -- "-${one% *}" 2>/dev/null || kill -KILL "${one% *}" 2>/dev/null
    done
    rm -f "$1"
}

# writable FOLDER: makes it if need be; says so in a sentence where nothing can be written there.
writable() {
    mkdir -p "$1" 2>/dev/null && [ -w "$1" ] && : 2>/dev/null >"$1/.probe" && rm -f "$1/.probe" \
        || fail "Nothing can be written in $1. Give this user the right to, or make room on the disk, and start again."
}

# database_create FOLDER: the files of a database of our own, where there are none yet.
database_create() {
    local folder=$1 user=()
    [ "$(id -u)" -eq 0 ] && user=(--user=root)
    mkdir -p "$folder"
    [ -d "$folder/data/mysql" ] && return
    step 'creating the database'
    rm -rf "$folder/data"
    mariadb-install-db --no-defaults --datadir="$folder/data" --auth-root-authentication-method=socket \
        --auth-root-socket-user="$(id -un)" --skip-test-db "${user[@]}" >"$folder/install.log" 2>&1 \
        || fail "The database could not be created; all it said is in $folder/install.log."
}

# buffer_pool: what of the memory keeps what is read of the database: an eighth, 128 MB at least and 2 GB at most.
buffer_pool() {
    awk '$1 == "MemTotal:" { mb = int($2 / 8192); print (mb < 128 ? 128 : mb > 2048 ? 2048 : mb) "M" }' /proc/meminfo
}

# database_begin FOLDER PORT: becomes MariaDB on loopback, with its data, socket and log in FOLDER.
database_begin() {
    local folder=$1 port=$2 user=()
    [ "$(id -u)" -eq 0 ] && user=(--user=root)
    mkdir -p "$folder/nothing" "$folder/tmp"
    exec mariadbd --no-defaults --datadir="$folder/data" --socket="$folder/sock" --pid-file="$folder/pid" \
        --port="$port" --bind-address=127.0.0.1 --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci \
        --innodb-flush-log-at-trx-commit="${YARDBELL_FLUSH:-1}" --max-connections=200 \
        --innodb-buffer-pool-size="${YARDBELL_BUFFER_POOL:-$(buffer_pool)}" --tmpdir="$folder/tmp" \
        --skip-log-bin --skip-name-resolve --local-infile=0 --secure-file-priv="$folder/nothing" \
        "${user[@]}" >>"$folder/server.log" 2>&1
}

# database_answers FOLDER: whether it takes commands, asked for five seconds at most.
database_answers() {
    timeout -s KILL 5 mariadb-admin --no-defaults --socket="$1/sock" -u"$(id -un)" ping >/dev/null 2>&1
}

# database_asked FOLDER SQL: as its administrator, who comes by the socket alone and is whoever has started it.
database_asked() { mariadb --no-defaults --socket="$1/sock" -u"$(id -un)" -e "$2"; }

# database_ready FOLDER PID: waits until it takes commands, and lets the application in, to what is its own.
database_ready() {
    local folder=$1 pid=$2 host
    for _ in $(seq 150); do
        database_answers "$folder" && break
        kill -0 "$pid" 2>/dev/null || { tail -3 "$folder/server.log" >&2; fail \
                "The database did not start; all it said is in $folder/server.log."; }
        sleep 0.1
    done
    database_asked "$folder" 'create database if not exists yardbell' \
        || fail 'The database started but does not take commands. It may be of an earlier version: start with --fresh.'
    for host in 127.0.0.1 localhost; do
        database_asked "$folder" "create or replace user yardbell@'$host' identified by '$DB_PASSWORD';
            grant all on \`yardbell%\`.* to yardbell@'$host'"
    done
    # an earlier version let its administrator in without a password
    for host in 127.0.0.1 ::1 "$(hostname)"; do database_asked "$folder" "drop user if exists root@'$host'"; done
    database_asked "$folder" "alter user root@localhost identified via unix_socket"
}

# database_start FOLDER PORT: all of it, for tests and benchmarks; its process is $database_pid.
database_start() {
    database_create "$1"
    database_begin "$1" "$2" &
    database_pid=$!
    database_ready "$1" "$database_pid"
}
