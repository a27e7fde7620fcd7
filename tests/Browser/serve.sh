#!/usr/bin/env bash
# Serves the data of the browser tests, always anew: as they lie in BROWSER_DATA, or else made here.
# serve.sh PORT FOLDER
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/../../bin/lib.sh"
folder=$PWD/$2
if [ -n "${BROWSER_DATA:-}" ]; then
    rm -rf "$folder"
    cp -r "$BROWSER_DATA" "$folder"
else
    bash tests/Browser/prepare.sh "$2"
fi
export MOSS_TODAY=2026-06-17 APP_URL=http://127.0.0.1:$1
export ARGON_MEMORY=1024 ARGON_TIME=1
# A language of the tests, beside English.
php tests/Browser/pseudo.php "$folder/lang"
export MOSS_LANGUAGES=en,qps MOSS_LANGUAGE_FOLDER="$folder/lang"
demo_environment "$folder"
jobs=()
# Well apart from those of the server on the next port.
stand_ins_environment $(($1 + 100 + 10 * ($1 % 10)))
php artisan config:cache --quiet
serve_stand_ins "$folder"
php artisan moss:appointments >/dev/null
php tests/Browser/begin.php "$folder"
# What the scheduler would do, but for what would happen to the data meanwhile.
(while php artisan moss:heartbeat; do sleep 60; done) >/dev/null 2>&1 &
(while php artisan moss:webhooks --for=3000; do sleep 1; done) >/dev/null 2>&1 &
php artisan queue:work --sleep=1 --tries=3 >"$folder/queue.log" 2>&1 &
serve "$1" 2>"$folder/server.log"
