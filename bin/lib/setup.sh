# Shared by bin/start, bin/test and bin/bench: installs what is missing. Sourced, not run.

set -euo pipefail
# What is made here is read by the account of the servers; secrets are closed where they are written.
umask 022

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
cd "$ROOT"
mkdir -p var 2>/dev/null || true
export COMPOSER_ALLOW_SUPERUSER=1 DEBIAN_FRONTEND=noninteractive
export PATH="$ROOT/var/node/bin:$PATH"

# The computation has more branches than the compiler follows by default; where it gives up, the rest is interpreted.
PHP_SPEED=(
    -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=128M
    -d opcache.jit_max_root_traces=8000 -d opcache.jit_max_side_traces=8000 -d opcache.jit_max_exit_counters=60000
)

APT_PACKAGES=(
    php8.2-cli php8.2-fpm php8.2-mysql php8.2-bcmath php8.2-zip php8.2-curl php8.2-intl php8.2-mbstring php8.2-xml php8.2-opcache php8.2-apcu
    mariadb-server-core mariadb-client-core mariadb-client supervisor chromium-headless-shell fonts-liberation poppler-utils nginx-light
)
TEST_PACKAGES=(chromium python3-sympy python3-numpy calculix-ccx)

say() { printf '\033[1m==>\033[0m %s\n' "$*"; }
die() { printf '\n%s\n' "$*" >&2; exit 1; }

need_disk() {
    local free
    [ -w "$ROOT" ] || die "$(id -un) may not write to $ROOT; run this as its owner or as root."
    free=$(df -Pk "$ROOT" | awk 'NR == 2 { print int($4 / 1024) }')
    [ "$free" -ge 1500 ] || die "Only $free MB are free on the disk that holds $ROOT; Waage needs about 1500 MB to install and run."
}

install_packages() {
    local missing=() p
    for p in "$@"; do
        dpkg-query -W -f='${Status}' "$p" 2>/dev/null | grep -q 'install ok installed' || missing+=("$p")
    done
    command -v composer >/dev/null || missing+=(composer)
    command -v node >/dev/null || missing+=(nodejs)
    command -v npm >/dev/null || missing+=(npm)
    if [ ${#missing[@]} -gt 0 ]; then
        [ "$(id -u)" = 0 ] || die "These Debian packages are missing: ${missing[*]}. Run this once as root, or install them with apt-get."
        say "Installing Debian packages: ${missing[*]}"
        apt-get update -qq
        apt-get install -y -qq --no-install-recommends "${missing[@]}" >var/apt.log 2>&1 || die "apt-get failed; see var/apt.log: $(tail -n 3 var/apt.log)"
    fi
    node_is_new_enough || install_node
}

node_is_new_enough() {
    node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' 2>/dev/null
}

# Debian 12 brings Node 18, the front end's tools need 20.19: the npm registry has Node itself as a package.
install_node() {
    local arch
    case $(uname -m) in
        x86_64) arch=x64 ;;
        aarch64) arch=arm64 ;;
        *) die "The Node found ($(node --version 2>/dev/null || echo none)) is too old; Waage needs 20.19 or newer. Install one and run this again." ;;
    esac
    say "The Node found ($(node --version 2>/dev/null || echo none)) is too old; putting Node 22 into var/node"
    mkdir -p var/node/bin
    npm install --silent --no-audit --no-fund --prefix var/node "node-linux-$arch@22.23.3" "npm@10.9.4" >var/node.log 2>&1 || die "Node could not be installed; see var/node.log."
    ln -sf "../node_modules/node-linux-$arch/bin/node" var/node/bin/node
    ln -sf ../node_modules/npm/bin/npm-cli.js var/node/bin/npm
    ln -sf ../node_modules/npm/bin/npx-cli.js var/node/bin/npx
    hash -r
    node_is_new_enough || die "Node is still too old ($(node --version)); install 20.19 or newer and run this again."
}

# unchanged NAME FILES...: true when the files are as they were when "done_with NAME" was last said.
stamp_of() { find "$@" -type f -print0 2>/dev/null | sort -z | xargs -0 sha256sum | sha256sum | cut -c1-40; }
unchanged() { local name=$1; shift; [ "$(cat "var/$name.stamp" 2>/dev/null)" = "$(stamp_of "$@")" ]; }
done_with() { local name=$1; shift; stamp_of "$@" >"var/$name.stamp"; }

install_dependencies() {
    if [ ! -f vendor/autoload.php ] || ! unchanged composer composer.json core/composer.json packages/compat/composer.json; then
        say "Installing PHP packages"
        composer install --no-interaction --no-progress --quiet 2>var/composer.log || composer update --no-interaction --no-progress --quiet 2>var/composer.log || die "Composer failed: $(tail -n 5 var/composer.log)"
        done_with composer composer.json core/composer.json packages/compat/composer.json
    fi
    composer dump-autoload --quiet --optimize --no-interaction
    if [ ! -d node_modules ] || ! unchanged npm package-lock.json; then
        say "Installing front-end packages"
        npm ci --no-audit --no-fund --silent >var/npm.log 2>&1 || die "npm failed: $(tail -n 5 var/npm.log)"
        done_with npm package-lock.json
    fi
}

build_front_end() {
    local sources=(resources core/data core/schema core/src/Materials/Steel/data package-lock.json package.json vite.config.ts vite.print.config.ts tsconfig.json)
    if [ ! -f public/build/print/print.js ] || ! unchanged build "${sources[@]}"; then
        say "Building the front end"
        npm run --silent build >var/build.log 2>&1 || die "The front end does not build: $(tail -n 20 var/build.log)"
        done_with build "${sources[@]}"
    fi
}

# The application's settings for tests and measurements: test_environment PORT DB_PORT
test_environment() {
    export APP_DEBUG=false APP_KEY=base64:d2FhZ2Utd2FhZ2Utd2FhZ2Utd2FhZ2Utd2FhZ2Utd2E= APP_URL="http://127.0.0.1:$1"
    export LOG_CHANNEL=single SESSION_DRIVER=database CACHE_STORE=database QUEUE_CONNECTION=database DB_QUEUE_TABLE=queue_jobs
    export DB_PORT=$2 DB_PASSWORD=test WAAGE_DEMO=true
    export APP_CONFIG_CACHE="$RUN/config.php" APP_ROUTES_CACHE="$RUN/routes.php" APP_EVENTS_CACHE="$RUN/events.php"
    rm -f "$RUN/config.php" "$RUN/routes.php" "$RUN/events.php"
}

. "$ROOT/bin/lib/account.sh"
. "$ROOT/bin/lib/servers.sh"
