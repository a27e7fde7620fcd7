#!/usr/bin/env bash
# Serves the demonstration as of Wednesday 17 June 2026, always anew and with a few more people, for the browser tests.
# serve.sh PORT FOLDER
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/../../bin/lib.sh"
folder=$PWD/$2
rm -rf "$folder"
export MOSS_TODAY=2026-06-17 APP_URL=http://127.0.0.1:$1
# People of the tests sign in a hundred times with a password that everybody knows.
export ARGON_MEMORY=1024 ARGON_TIME=1
# A language of the tests, beside English.
php tests/Browser/pseudo.php "$folder/lang"
export MOSS_LANGUAGES=en,qps MOSS_LANGUAGE_FOLDER="$folder/lang"
demo_environment "$folder"
jobs=()
# Well apart from those of the server on the next port, which starts at the same time.
stand_ins_environment $(($1 + 100 + 10 * ($1 % 10)))
demo_data "$folder"
# Pictures are of the demonstration alone.
if [ -z "${MOSS_ALONE:-}" ]; then
    php tests/Browser/extra.php "$folder/extra"
    php artisan moss:import "$folder/extra" >"$folder/extra.log"
    for person in wren.octave silas.sexton moana.tide una.sedge ivo.marl per.knoll nell.sark bram.holm sorrel.mead; do
        echo lantern-and-lens | php artisan moss:password "$person" --stdin >/dev/null
    done
    QUEUE_CONNECTION=sync php artisan moss:messages --at=2026-06-17T18:40 >/dev/null
fi
php artisan config:cache --quiet
serve_stand_ins "$folder"
php artisan moss:appointments >/dev/null
php tests/Browser/begin.php "$folder"
# What the scheduler would do, but for what would happen to the data meanwhile.
(while php artisan moss:heartbeat; do sleep 60; done) >/dev/null 2>&1 &
(while php artisan moss:webhooks --for=3000; do sleep 1; done) >/dev/null 2>&1 &
php artisan queue:work --sleep=1 --tries=3 >"$folder/queue.log" 2>&1 &
serve "$1" 2>"$folder/server.log"
