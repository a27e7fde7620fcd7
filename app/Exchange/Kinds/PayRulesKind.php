<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\HoursCell;
use App\Exchange\Formats\TimeOfDayFormat;
use App\Exchange\Formats\WholeNumberFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Models\PayRule;
use Illuminate\Database\Query\Builder;
use Moss\Core\Pay\OvertimeFallsOn;
use Moss\Core\Time\Minutes;

/** `pay_rules.csv`: from when on time is not regular, for everybody, a team or a person. */
final class PayRulesKind extends FileKind
{
    private const HOURS = ['weekly_over', 'daily_over', 'daily_double_over', 'seventh_double_over'];

    private const COSTS = ['overtime_cost_percent', 'double_cost_percent', 'night_cost_percent', 'sunday_cost_percent', 'holiday_cost_percent'];

    public function name(): string
    {
        return 'pay_rules';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::reference('team', CodeTable::Teams),
            Column::reference('person', CodeTable::People),
            Column::optional('from', DayFormat::ofWork(), null, 'starts_on'),
            ...array_map(static fn (string $name): Column => Column::optional($name, HoursCell::ofPlan()), self::HOURS),
            ...array_map(static fn (string $name): Column => Column::optional($name, new YesNoFormat, 0), ['seventh_day', 'sundays', 'holidays']),
            Column::optional('night_starts_at', new TimeOfDayFormat),
            Column::optional('night_ends_at', new TimeOfDayFormat),
            Column::optional('falls_on', new ChoiceFormat(...array_column(OvertimeFallsOn::cases(), 'value')), OvertimeFallsOn::Day->value),
            Column::optional('seventh_across_weeks', new YesNoFormat, 0),
            ...array_map(static fn (string $name): Column => Column::optional($name, new WholeNumberFormat(0, 1000), 100), self::COSTS),
        ];
    }

    public function key(): array
    {
        return ['team', 'person', 'from'];
    }

    public function codeColumns(): array
    {
        return [];
    }

    public function keyAttributes(): array
    {
        return ['team_id', 'person_id', 'starts_on'];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        $problems = [];
        foreach (self::HOURS as $name) {
            $minutes = $row->value($name);
            if ($minutes !== null && ((int) $minutes < 1 || (int) $minutes > 7 * Minutes::PER_DAY)) {
                $problems[] = $row->problem($name, ExchangeText::get('expected.hours_of_week'));
            }
        }
        if ($row->value('team') !== null && $row->value('person') !== null) {
            $problems[] = $row->problem('person', ExchangeText::get('expected.team_or_person'));
        }
        if (($row->value('night_starts_at') === null) !== ($row->value('night_ends_at') === null)) {
            $problems[] = $row->problem('night_ends_at', ExchangeText::get('expected.both_times'));
        }
        if ($row->value('daily_over') !== null && $row->value('daily_double_over') !== null && (int) $row->value('daily_double_over') <= (int) $row->value('daily_over')) {
            $problems[] = $row->problem('daily_double_over', ExchangeText::get('expected.more_than_daily'));
        }

        return $problems;
    }

    public function exported(): Builder
    {
        return PayRule::query()->toBase()->leftJoin('teams', 'teams.id', 'pay_rules.team_id')->leftJoin('people', 'people.id', 'pay_rules.person_id')
            ->select('teams.code AS team', 'people.code AS person', 'pay_rules.starts_on AS from', ...self::HOURS)->addSelect('seventh_day', 'sundays', 'holidays', 'night_starts_at', 'night_ends_at', 'falls_on', 'seventh_across_weeks', ...self::COSTS)
            ->orderBy('teams.code')->orderBy('people.code')->orderBy('pay_rules.starts_on');
    }
}
