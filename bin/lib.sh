# What bin/demo, bin/test and bin/bench share: getting what is missing, and serving the demonstration.

cd "$(dirname "${BASH_SOURCE[0]}")/.." || exit 1
export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1

say() { printf '%s\n' "$*"; }

fail() {
    printf '%s\n' "$*" >&2
    exit 1
}

# Debian packages, installed only if something is missing and we may.
need_packages() {
    [ "$#" -gt 0 ] || return 0
    [ "$(id -u)" = 0 ] || fail "Missing: $*. Install them (as root: apt-get install $*) and run this again."
    say "Installing $* …"
    mkdir -p build
    { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@"; } >build/apt.log 2>&1 ||
        fail "Could not install $*. What apt said is in build/apt.log."
}

need_php() {
    command -v php >/dev/null || need_packages php-cli
    local version modules extension missing=()
    version=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
    php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' || fail "PHP 8.2 or newer is needed; this is PHP $version."
    modules=$(php -m)
    for extension in pdo_sqlite:sqlite3 curl:curl zip:zip gd:gd bcmath:bcmath intl:intl mbstring:mbstring dom:xml; do
        grep -qix "${extension%%:*}" <<<"$modules" || missing+=("php$version-${extension##*:}")
    done
    need_packages "${missing[@]}"
}

need_composer() {
    command -v composer >/dev/null || need_packages composer
    if [ ! -f vendor/autoload.php ] || [ composer.json -nt vendor/autoload.php ]; then
        say 'Installing PHP libraries …'
        mkdir -p build
        composer install --no-progress --prefer-dist >build/composer.log 2>&1 ||
            fail 'Could not install the PHP libraries. What Composer said is in build/composer.log.'
        touch vendor/autoload.php
    fi
}

need_node() {
    command -v node >/dev/null || need_packages nodejs npm
    node -e 'process.exit(Number(process.versions.node.split(".")[0]) >= 20 ? 0 : 1)' ||
        fail "Node.js 20 or newer is needed; this is $(node --version)."
    if [ ! -f node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
        say 'Installing JavaScript libraries …'
        mkdir -p build
        PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 npm ci --no-audit --no-fund >build/npm.log 2>&1 ||
            fail 'Could not install the JavaScript libraries. What npm said is in build/npm.log.'
        touch node_modules/.package-lock.json
    fi
}

# The one that only ever runs without a window takes half as long for the same.
need_browser() {
    [ -x /usr/bin/chromium-headless-shell ] || [ -x /usr/bin/chromium ] ||
        (need_packages chromium-headless-shell) || need_packages chromium
}

need_build() {
    if [ ! -f public/build/manifest.json ] ||
        [ -n "$(find resources package-lock.json vite.config.ts -newer public/build/manifest.json -print -quit)" ]; then
        say 'Building the interface …'
        mkdir -p build
        npm run --silent build >build/vite.log 2>&1 || fail 'Could not build the interface. What Vite said is in build/vite.log.'
    fi
}

# A setting of the application, such as database.connections.sqlite.database.
setting() {
    php -r '
        require "vendor/autoload.php";
        $application = require "bootstrap/app.php";
        $application->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
        echo config($argv[1]);
    ' "$1"
}

# The environment of a demonstration that lives in a folder of its own, apart from any .env.
demo_environment() {
    local folder=$1
    mkdir -p "$folder/cache"
    [ -f "$folder/key" ] || php -r 'echo "base64:".base64_encode(random_bytes(32));' >"$folder/key"
    export APP_ENV=production APP_DEBUG=false APP_KEY MOSS_DEMO=true DB_DATABASE="$folder/moss.sqlite"
    # What is kept for a while belongs to one database.
    export CACHE_FOLDER="$folder/cache/data"
    export SESSION_DRIVER=file CACHE_STORE=file LOG_CHANNEL=single INERTIA_SSR_ENABLED=false
    export MAIL_MAILER=outbox QUEUE_CONNECTION=database
    export APP_CONFIG_CACHE="$folder/cache/config.php" APP_ROUTES_CACHE="$folder/cache/routes.php" VIEW_COMPILED_PATH="$folder/cache"
    APP_KEY=$(cat "$folder/key")
}

# Makes the database and loads the demonstration, unless that was done before.
demo_data() {
    local folder=$1
    if [ ! -f "$folder/loaded" ]; then
        say 'Loading the demonstration …'
        rm -f "$folder"/moss.sqlite*
        touch "$folder/moss.sqlite"
        php artisan migrate --force --quiet || fail 'Could not create the database.'
        php artisan moss:demo-files "$folder/files" || fail 'Could not write the files of the demonstration.'
        # The plan was made eight weeks ago, so that it can have become another since.
        MOSS_TODAY=$(php -r 'echo gmdate("Y-m-d", strtotime((getenv("MOSS_TODAY") ?: gmdate("Y-m-d"))." -56 days"));') \
            php artisan moss:import "$folder/files" >"$folder/import.log" || fail 'Could not load the demonstration.'
        php artisan moss:demo-acts || fail 'The people of the demonstration could not act.'
        touch "$folder/loaded"
    else
        php artisan migrate --force --quiet || fail 'Could not bring the database up to date.'
    fi
}

# Starts the scheduler and the queue; they go together with whatever is added to `jobs`.
start_jobs() {
    local folder=$1
    set -m
    jobs=()
    stop_jobs() {
        trap - EXIT INT TERM
        for job in "${jobs[@]}"; do kill -- "-$job" 2>/dev/null || true; done
    }
    trap stop_jobs EXIT
    trap 'exit 130' INT
    trap 'exit 143' TERM
    php artisan config:cache --quiet && php artisan route:cache --quiet || fail 'Could not prepare the application.'
    # It shows itself first at the next full minute; until then nobody is to be told that it is not there.
    php artisan moss:heartbeat
    php artisan schedule:work >>"$folder/schedule.log" 2>&1 &
    jobs+=("$!")
    php artisan queue:work --sleep=2 --tries=3 >>"$folder/queue.log" 2>&1 &
    jobs+=("$!")
}

# The simulated systems outside, on the first free ports from the given one on: what the application is told of them.
stand_ins_environment() {
    local port=$1
    provider_port=$(free_port "$port")
    calendars_port=$(free_port $((provider_port + 1)))
    receiver_port=$(free_port $((calendars_port + 1)))
    tracker_port=$(free_port $((receiver_port + 1)))
    export MOSS_SINGLE_SIGN_ON_ISSUER=http://127.0.0.1:$provider_port MOSS_SINGLE_SIGN_ON_NAME='Fenlight sign-on'
    export MOSS_SINGLE_SIGN_ON_CLIENT=moss-week MOSS_SINGLE_SIGN_ON_SECRET=only-for-the-demonstration
    export MOSS_SIMULATED_CALENDARS=http://127.0.0.1:$calendars_port MOSS_SIMULATED_RECEIVER=http://127.0.0.1:$receiver_port
    export MOSS_SIMULATED_TRACKER=http://127.0.0.1:$tracker_port
    export MOSS_ALLOWED_HOSTS=127.0.0.1:$calendars_port,127.0.0.1:$receiver_port,127.0.0.1:$tracker_port
}

# Serves them in the background, and tells the application where; they go together with whatever is added to `jobs`.
serve_stand_ins() {
    local folder=$1
    php artisan moss:demo-identities "$folder/identities.json" || fail 'Could not write whom the identity provider knows.'
    php artisan moss:demo-systems || fail 'Could not connect the simulated systems.'
    serve_stand_in IdentityProvider "$provider_port" "$folder"
    serve_stand_in Calendars "$calendars_port" "$folder"
    serve_stand_in Receiver "$receiver_port" "$folder"
    serve_stand_in Tracker "$tracker_port" "$folder"
}
serve_stand_in() {
    local name=$1 port=$2 folder=$3/stand-ins/$1
    mkdir -p "$folder"
    SIMULATED_FOLDER="$folder" SIMULATED_PEOPLE="$3/identities.json" SIMULATED_TODAY=${MOSS_TODAY:-} \
        SIMULATED_CLIENT=$MOSS_SINGLE_SIGN_ON_CLIENT SIMULATED_SECRET=$MOSS_SINGLE_SIGN_ON_SECRET \
        php -d expose_php=0 -S "127.0.0.1:$port" "simulated/$name/index.php" 2>"$folder/server.log" &
    jobs+=("$!")
}

is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# The first port from the given one on that nothing listens on.
free_port() {
    local port=$1
    while ! is_free "$port"; do port=$((port + 1)); done
    echo "$port"
}

# Serves the application in the foreground.
serve() {
    local port=$1
    php artisan config:cache --quiet && php artisan route:cache --quiet || fail 'Could not prepare the application.'
    cd public
    PHP_CLI_SERVER_WORKERS=4 exec php -d opcache.enable_cli=1 -d expose_php=0 -d zlib.output_compression=1 \
        -S "127.0.0.1:$port" ../bin/router.php
}
