<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Models\Team;
use Illuminate\Database\Query\Builder;

/** `team_details.csv`: teams that are retired. */
final class TeamDetailsKind extends DirectoryDetailsKind
{
    public function name(): string
    {
        return 'team_details';
    }

    public function exported(): Builder
    {
        return Team::query()->toBase()->where('is_retired', 1)->select('code AS team', 'is_retired AS retired')->orderBy('code');
    }

    protected function codes(): CodeTable
    {
        return CodeTable::Teams;
    }

    protected function codeColumn(): string
    {
        return 'team';
    }
}
