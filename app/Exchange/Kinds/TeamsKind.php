<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Models\Team;
use Illuminate\Database\Query\Builder;

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
        return Team::query()->toBase()->leftJoin('people', 'people.id', 'teams.lead_id')
            ->addSelect('teams.code AS team', 'teams.name', 'people.code AS lead')->orderBy('teams.code');
    }

    protected function codeColumn(): string
    {
        return 'team';
    }
}
