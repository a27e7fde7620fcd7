<?php

declare(strict_types=1);

namespace App\Features\Figures\Actions;

use App\Features\Figures\Queries\EntriesOfMonths;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;

/** Sums up the entries of persons, tasks, roles and months anew. */
final readonly class RefreshMonths
{
    public function __construct(private EntriesOfMonths $entries)
    {
    }

    /** @param  list<Record>  $outdated  rows of the table of what is outdated, each of a person */
    public function handle(array $outdated): void
    {
        if ($outdated === []) {
            return;
        }
        $keys = array_map(static fn (Record $one): array => array_values($one->only('task_id', 'person_id', 'role_id', 'month')), $outdated);
        $before = 'SELECT value ->> 0, value ->> 1, value ->> 2, value ->> 3 FROM json_each(?)';
        $json = json_encode($keys, JSON_THROW_ON_ERROR);
        DB::delete("DELETE FROM recorded_months WHERE (task_id, person_id, role_id, month) IN ($before)", [$json]);
        foreach (array_chunk($this->entries->sums($keys), 500) as $chunk) {
            DB::table('recorded_months')->insert($chunk);
        }
    }
}
