<?php

declare(strict_types=1);

namespace App\Features\Plan\Queries;

use App\Features\Plan\Props\FoundAssigneeProps;
use App\Support\Database\Record;
use App\Support\Database\TextSearch;
use Illuminate\Support\Facades\DB;

/** People and teams found by name or code. */
final readonly class PlanSearch
{
    private const MOST = 20;

    /** @return list<FoundAssigneeProps> people by name, then teams */
    public function assignees(string $search): array
    {
        $found = [];
        foreach (['person' => 'people', 'team' => 'teams'] as $kind => $table) {
            $query = DB::table($table)->select('code', 'name')->orderBy('name')->limit(self::MOST);
            TextSearch::narrow($query, $search, ['name', 'code']);
            if ($kind === 'person') {
                $query->where('access', '<>', 'viewer');
            }
            foreach (Record::all($query) as $one) {
                $found[] = new FoundAssigneeProps($kind.':'.$one->string('code'), $one->string('name'), $kind === 'team');
            }
        }

        return $found;
    }
}
