# The web server of one start or one run of the tests: nginx in front, PHP behind it, all they write in one folder.

need_web() {
    need_packages 'the web server' nginx libnginx-mod-http-brotli-static php8.2-fpm php8.2-opcache \
        php8.2-apcu
    [ "${YARDBELL_COUNTS:-apc}" != redis ] || need_packages 'counts that several machines share' php8.2-redis
}

# filled TEMPLATE NAME=VALUE…: the template with its places filled in.
filled() {
    local template=$1 text place mark=
    shift
    text=$(<"$template")
    [ "$(id -u)" -eq 0 ] || mark='#' # only the superuser has to say as whom
    [ "$template" = "${template%.ini}" ] && [ "$template" != "$root/deploy/pool.conf" ] || mark=${mark:+;}
    text=${text//@superuser@/$mark}
    for place in "root=$root" "$@"; do text=${text//@${place%%=*}@/${place#*=}}; done
    printf '%s\n' "$text"
}

# web_prepare FOLDER: the settings that all sites of it share.
web_prepare() {
    local folder=$1
    rm -rf "$folder/sites" "$folder/pools"
    mkdir -p "$folder/sites" "$folder/pools"
    filled "$root/deploy/nginx.conf" "folder=$folder" >"$folder/nginx.conf"
    filled "$root/deploy/php-fpm.conf" "folder=$folder" >"$folder/php-fpm.conf"
    filled "$root/deploy/php.ini" >"$folder/php.ini"
    php bin/lib/tests-only.php >"$folder/tests-only.php"
    mv -f "$folder/tests-only.php" bootstrap/cache/ # at once: others may be reading it
    php -d opcache.enable_cli=0 bin/lib/preload-list.php >"$folder/preload" 2>"$folder/preload.log" \
        || rm -f "$folder/preload"
    export YARDBELL_PRELOAD="$folder/preload"
}

# web_site FOLDER NAME PORT WORKERS: an address, and the processes behind it.
web_site() {
    filled "$root/deploy/site.conf" "port=$3" "socket=$1/$2.sock" >"$1/sites/$2.conf"
    filled "$root/deploy/pool.conf" "name=$2" "socket=$1/$2.sock" "workers=$4" >"$1/pools/$2.conf"
}

# web_reloads FOLDER: PHP looks at each request whether a file has changed.
web_reloads() {
    sed -i '/^opcache\.preload/d; s/^opcache.validate_timestamps.*/opcache.validate_timestamps = 1/' "$1/php.ini"
    printf 'opcache.revalidate_freq = 0\n' >>"$1/php.ini"
}

# php_answers URL: whether PHP behind a site is alive, however busy: its master says on a line of its own how many work,
# and ends by itself what works too long.
php_answers() { curl -fs -m 5 "$1/-/php?json" | grep -q '"total processes"'; }

web_begin() { exec nginx -e "$1/nginx.log" -c "$1/nginx.conf"; }

php_begin() {
    local superuser=()
    [ "$(id -u)" -eq 0 ] && superuser=(-R)
    exec php-fpm8.2 "${superuser[@]}" -c "$1/php.ini" -y "$1/php-fpm.conf"
}
