<?php

declare(strict_types=1);

namespace App\Features\Figures\Actions;

use App\Features\Figures\Queries\VerifiedFigures;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/**
 * Works all stored totals out anew: first what the core makes of entries and plans, then what triggers add up of that. Those
 * only ever add differences, so a total that was wrong before is put in place as a whole.
 */
final readonly class RecalculateFigures
{
    public function __construct(private RefreshFigures $refresh, private Today $today)
    {
    }

    public function handle(): void
    {
        DB::transaction(function (): void {
            DB::statement('INSERT INTO outdated_efforts (task_id, person_id, role_id, month) SELECT DISTINCT task_id, person_id, coalesce(role_id, 0), substr(date, 1, 7) FROM entries WHERE true ON CONFLICT DO NOTHING');
            DB::statement('INSERT INTO outdated_efforts (task_id, person_id, role_id, month) SELECT task_id, person_id, role_id, month FROM recorded_months WHERE true ON CONFLICT DO NOTHING');
            DB::statement("INSERT INTO outdated_efforts (task_id, person_id, role_id, month) SELECT id, 0, 0, '' FROM tasks WHERE true ON CONFLICT DO NOTHING");
            DB::table('plan_steps')->where('starting_on', '>', $this->today->in('UTC')->plusDays(1)->toString())->delete();
            // Tasks take their sums from months that triggers added up, so those come first, and the others once more.
            $this->refreshAll();
            self::addUp();
            DB::statement("INSERT INTO outdated_efforts (task_id, person_id, role_id, month) SELECT id, 0, 0, '' FROM tasks WHERE true ON CONFLICT DO NOTHING");
            $this->refreshAll();
            self::addUp();
        });
    }

    private function refreshAll(): void
    {
        DB::table('outdated_efforts')->update(['queued' => 1]);
        do {
            $isMore = $this->refresh->ofQueue();
        } while ($isMore);
    }

    private static function addUp(): void
    {
        foreach (VerifiedFigures::added() as [$table, $key, $columns, $query]) {
            foreach ($columns as $column) {
                $query->selectRaw("sum($column) AS $column");
            }
            DB::table($table)->delete();
            DB::table($table)->insertUsing([...$key, ...$columns], $query);
        }
    }
}
