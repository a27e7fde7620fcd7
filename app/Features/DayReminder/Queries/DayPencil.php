<?php

declare(strict_types=1);

namespace App\Features\DayReminder\Queries;

use App\Features\DayReminder\Props\DayReminderLineProps;
use App\Features\Week\Props\LineProps;
use App\Features\Week\Props\ProposalProps;
use App\Features\Week\Props\WeekProps;
use App\Features\Week\Queries\WeekSheet;
use App\Models\Person;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/** What is pencilled for days of a person, as their weeks show it. */
final readonly class DayPencil
{
    public function __construct(private WeekSheet $sheet)
    {
    }

    public function of(Person $owner, Day $day): PencilledDay
    {
        return $this->ofDays($owner, [$day])[$day->toString()];
    }

    /**
     * In the queries of each week that they lie in.
     *
     * @param  list<Day>  $days
     * @return array<string, PencilledDay> by day
     */
    public function ofDays(Person $owner, array $days): array
    {
        $weeks = [];
        $pencilled = [];
        foreach ($days as $day) {
            $week = Week::containing($day);
            $weeks[$week->toString()] ??= $this->sheet->of($owner, $week, $owner);
            $pencilled[$day->toString()] = self::day($weeks[$week->toString()], $day);
        }

        return $pencilled;
    }

    private static function day(WeekProps $sheet, Day $day): PencilledDay
    {
        $column = $day->weekday() - 1;
        $lines = [];
        foreach ($sheet->lines as $line) {
            $lines[$line->key] = $line;
        }
        $proposals = array_values(array_filter($sheet->proposals, static fn (ProposalProps $proposal): bool => $proposal->date === $day->toString() && isset($lines[$proposal->line])));

        return new PencilledDay(
            $sheet->days[$column]->expected ?? 0,
            $sheet->totals->days[$column],
            array_sum(array_map(static fn (ProposalProps $proposal): int => $proposal->minutes, $proposals)),
            array_map(static fn (ProposalProps $proposal): DayReminderLineProps => self::line($proposal, $lines[$proposal->line]), $proposals),
        );
    }

    private static function line(ProposalProps $proposal, LineProps $line): DayReminderLineProps
    {
        return new DayReminderLineProps($line->key, $line->taskName, $line->projectName, $line->roleName, $proposal->minutes, $proposal->why);
    }
}
