<?php

declare(strict_types=1);

namespace App\Features\Figures\Actions;

use Illuminate\Support\Facades\DB;

/** Takes all kept figures for stale, so that they are worked out anew from the entries. */
final readonly class MendFigures
{
    public function handle(): void
    {
        DB::transaction(static function (): void {
            DB::statement('INSERT INTO stale_efforts SELECT DISTINCT task_id, person_id, coalesce(role_id, 0), substr(date, 1, 7) FROM entries WHERE true ON CONFLICT DO NOTHING');
            DB::statement('INSERT INTO stale_efforts SELECT task_id, person_id, role_id, month FROM recorded_months WHERE true ON CONFLICT DO NOTHING');
            DB::statement("INSERT INTO stale_efforts SELECT id, 0, 0, '' FROM tasks WHERE true ON CONFLICT DO NOTHING");
        });
    }
}
