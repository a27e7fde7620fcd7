<?php

declare(strict_types=1);

namespace App\Features\DayReminder\Queries;

use App\Features\DayReminder\Props\DayReminderLineProps;
use App\Features\Week\Props\LineProps;
use App\Features\Week\Props\ProposalProps;
use App\Features\Week\Queries\WeekSheet;
use App\Models\Person;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/** What is pencilled for one day of a person, as their week shows it. */
final readonly class DayPencil
{
    public function __construct(private WeekSheet $sheet)
    {
    }

    public function of(Person $owner, Day $day): PencilledDay
    {
        $sheet = $this->sheet->of($owner, Week::containing($day), $owner);
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
