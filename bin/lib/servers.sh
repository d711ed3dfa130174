# MariaDB, PHP-FPM, nginx and the queue under one supervisor, which starts again what ends. Sourced, not run.

# What runs is known by name and folder, never by a number in a file: left_in DIRECTORY NAME…
left_in() {
    local dir=$1 process name
    shift
    for process in /proc/[0-9]*; do
        name=$(cat "$process/comm" 2>/dev/null) || continue
        [[ " $* " == *" $name "* ]] || continue
        [ "$(readlink "$process/cwd" 2>/dev/null)" = "$dir" ] && basename "$process"
    done
    return 0
}

# end_left DIRECTORY NAME…: asks for an end and waits for it; what does not end within half a minute is ended.
end_left() {
    local i left
    for i in $(seq 150); do
        left=$(left_in "$@")
        [ -n "$left" ] || return 0
        [ "$i" = 1 ] && kill $left 2>/dev/null
        [ "$i" = 150 ] && kill -9 $left 2>/dev/null
        sleep 0.2
    done
    return 0
}

port_is_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

control() { as_app supervisorctl -c "$RUN/supervisord.conf" "$@"; }

# configure PORT DB_PORT [options of MariaDB]: writes the configurations of all servers.
configure() {
    local port=$1 db_port=$2 name
    shift 2
    give "$RUN" "$RUN/nginx" "$DB" "$DB/tmp"
    for name in supervisord.conf nginx.conf php-fpm.conf; do
        sed "s#@RUN@#$RUN#g; s#@DB@#$DB#g; s#@ROOT@#$ROOT#g; s#@PORT@#$port#g; s#@DB_PORT@#$db_port#g; s#@SPEED@#${PHP_SPEED[*]}#g; s#@DB_OPTIONS@#$*#g" \
            "etc/$name" >"$RUN/$name"
    done
}

# Starts the supervisor and with it the database; one that runs takes what has changed. start_database DB_PORT PASSWORD
start_database() {
    local db_port=$1 password=$2 i
    if [ ! -d "$DB/data/mysql" ]; then
        say "Making the database directory $DB"
        as_app mariadb-install-db --no-defaults --datadir="$DB/data" --auth-root-authentication-method=normal --skip-test-db \
            --skip-name-resolve >"$DB/install.log" 2>&1 || die "The database directory could not be made: $(tail -n 3 "$DB/install.log")"
    fi
    if control pid >/dev/null 2>&1; then
        control update >/dev/null
    else
        port_is_taken "$db_port" && [ -z "$(left_in "$DB/data" mariadbd)" ] &&
            die "Port $db_port, where Waage's MariaDB listens, is taken by another program. Set WAAGE_DB_PORT to a free one."
        (cd "$RUN" && as_app supervisord -c "$RUN/supervisord.conf") || die "The supervisor does not start; see $RUN/supervisord.log."
    fi
    for i in $(seq 300); do
        { sql 'select 1' || name_administrator; } >/dev/null 2>&1 && break
        [ "$i" -lt 300 ] || die "MariaDB does not start: $(tail -n 5 "$DB/error.log")"
        sleep 0.2
    done
    chmod 0660 "$DB/mysqld.sock"
    sql "DROP USER IF EXISTS root@localhost;
        DELETE FROM mysql.global_priv WHERE User = '' OR (User = 'root' AND Host <> 'localhost');
        FLUSH PRIVILEGES;
        CREATE DATABASE IF NOT EXISTS waage;
        CREATE USER IF NOT EXISTS waage@'127.0.0.1';
        ALTER USER waage@'127.0.0.1' IDENTIFIED BY '$password';
        GRANT ALL ON waage.* TO waage@'127.0.0.1';
        GRANT ALL ON \`waage\\_%\`.* TO waage@'127.0.0.1';"
}

# sql STATEMENTS: as the administrator of the database, who is the account that runs it, known by the kernel.
sql() { as_app mariadb --no-defaults -S "$DB/mysqld.sock" -u"$APP_USER" -e "$1"; }

# A new database has an administrator without a password, whose place that account takes.
name_administrator() {
    as_app mariadb --no-defaults -S "$DB/mysqld.sock" -uroot -e "
        CREATE USER IF NOT EXISTS '$APP_USER'@localhost IDENTIFIED VIA unix_socket;
        GRANT ALL ON *.* TO '$APP_USER'@localhost WITH GRANT OPTION;"
}

# Starts or renews PHP-FPM, nginx and the queue: serve PORT
serve() {
    local port=$1 i
    if port_is_taken "$port" && [ -z "$(left_in "$RUN" nginx)" ]; then
        die "Port $port is taken by another program. Set WAAGE_PORT to a free one."
    fi
    can_read || let_read
    control restart php web 'queue:*' >/dev/null
    for i in $(seq 100); do
        curl_ok "$port" && return
        sleep 0.2
    done
    die "The server does not answer on port $port; see the logs in $RUN and $ROOT/storage/logs."
}

curl_ok() { php -r "exit(@file_get_contents('http://127.0.0.1:$1/api/session') === false ? 1 : 0);"; }

# Ends all servers, also those that a killed supervisor has left.
stop_servers() {
    [ -d "$RUN" ] || return 0
    if control pid >/dev/null 2>&1; then control shutdown >/dev/null 2>&1 || true; fi
    end_left "$RUN" supervisord php-fpm8.2 nginx php
    end_left "$DB/data" mariadbd
}
