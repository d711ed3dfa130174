# The account that the servers run as, and what it may write. Sourced, not run.

# Started by root, nothing of the application runs as root; started by anyone else, it runs as that account.
APP_USER=${WAAGE_USER:-waage}
[ "$(id -u)" = 0 ] || APP_USER=$(id -un)

# What the application writes to; all the rest it only reads.
WRITABLE=(storage bootstrap/cache var/home)

# as_app COMMAND…: as the account of the application.
as_app() {
    if [ "$(id -u)" = 0 ]; then
        HOME="$ROOT/var/home" setpriv --reuid="$APP_USER" --regid="$APP_USER" --clear-groups -- "$@"
    else
        "$@"
    fi
}

# give DIRECTORY…: makes them, for the account alone.
give() {
    mkdir -p "$@"
    if [ "$(id -u)" = 0 ]; then
        find "$@" ! -user "$APP_USER" -exec chown -h "$APP_USER:$APP_USER" {} +
    fi
    chmod 0750 "$@"
}

need_account() {
    if [ "$(id -u)" = 0 ] && ! id "$APP_USER" >/dev/null 2>&1; then
        say "Making the account $APP_USER, which the servers run as"
        useradd --system --user-group --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$APP_USER" ||
            die "The account $APP_USER could not be made. Set WAAGE_USER to one that there is."
    fi
    mkdir -p storage/app storage/logs storage/framework/{cache,sessions,views}
    give "${WRITABLE[@]}"
    can_read || let_read
    as_app touch storage/logs/laravel.log
}

# What the servers read of the project.
READ=(app artisan composer.json bin bootstrap/app.php bootstrap/providers.php config core database etc packages public resources routes vendor)

can_read() { [ -z "$(as_app find "${READ[@]/#/$ROOT/}" ! -readable -print -quit 2>&1)" ]; }

# Files that are closed to others, maybe below a closed folder such as /root, are opened to this account only.
let_read() {
    local folder=$ROOT above=()
    install_packages acl
    say "Letting the account $APP_USER read $ROOT"
    while [ "$folder" != / ]; do
        above=("$folder" "${above[@]}")
        folder=$(dirname "$folder")
    done
    # From above, and only where it may not pass: an entry of its own would take away what others may.
    for folder in "${above[@]}" "$ROOT/var" "$ROOT/bootstrap"; do
        as_app test -x "$folder" || setfacl -m "u:$APP_USER:x" "$folder" 2>/dev/null || chmod o+x "$folder"
    done
    # A file system may know no such entries.
    setfacl -R -m "u:$APP_USER:rX" "${READ[@]}" 2>/dev/null || chmod -R o+rX "${READ[@]}"
    can_read || die "The account $APP_USER cannot read $ROOT. Put the project where others may read, such as /srv."
}
