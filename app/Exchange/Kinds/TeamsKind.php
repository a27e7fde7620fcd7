<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Exchange\Column;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** `teams.csv` */
final class TeamsKind extends CodeAndNameKind
{
    public function name(): string
    {
        return 'teams';
    }

    public function columns(): array
    {
        return [...parent::columns(), Column::reference('lead', CodeTable::People)];
    }

    public function exported(): Builder
    {
        return DB::table('teams')->leftJoin('people', 'people.id', 'teams.lead_id')
            ->selectRaw('teams.code AS team, teams.name, people.code AS lead')->orderBy('teams.code');
    }

    protected function codeColumn(): string
    {
        return 'team';
    }
}
