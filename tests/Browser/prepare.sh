#!/usr/bin/env bash
# Makes the data that the browser tests begin with: the demonstration as of Wednesday 17 June 2026, and a few more people.
# prepare.sh FOLDER
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/../../bin/lib.sh"
folder=$PWD/$1
rm -rf "$folder"
export MOSS_TODAY=2026-06-17
# People of the tests sign in a hundred times with a password that everybody knows.
export ARGON_MEMORY=1024 ARGON_TIME=1
demo_environment "$folder"
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
