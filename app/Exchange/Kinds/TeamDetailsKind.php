<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\Formats\ChoiceFormat;
use App\Models\Team;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Time\DayUnit;

/** `team_details.csv`: teams that are retired, and those whose timesheet is not a week in hours. */
final class TeamDetailsKind extends DirectoryDetailsKind
{
    public function name(): string
    {
        return 'team_details';
    }

    public function exported(): Builder
    {
        return Team::query()->toBase()->where(static fn (Builder $any): Builder => $any->where('is_retired', 1)->orWhere('timesheet_period', '<>', TimesheetPeriod::Week->value)->orWhereNotNull('counted_in'))
            ->select('code AS team', 'is_retired AS retired', 'timesheet_period', 'counted_in')->orderBy('code');
    }

    public function columns(): array
    {
        return [
            ...parent::columns(),
            Column::optional('timesheet_period', new ChoiceFormat(...array_column(TimesheetPeriod::cases(), 'value')), TimesheetPeriod::Week->value),
            Column::optional('counted_in', new ChoiceFormat(...array_column(DayUnit::cases(), 'value'))),
        ];
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
