<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\OwedHours;
use Moss\Core\Time\Minutes;

/**
 * Pencils hours in from the plan.
 *
 * Day by day, and on each day the lines by the end of their assignment, project, task and role code: each gets the least
 * of what the plan lays on the day less what is entered on the line, what is still owed on the day, and what remains of
 * the task; never below 0. So what is pencilled never exceeds what is owed, nor what remains.
 */
final readonly class Pencil
{
    /**
     * @param  list<PlannedLine>  $lines
     * @param  iterable<TaskEntry>  $entries  of the person, on any task
     */
    public function __construct(private OwedHours $owed, private array $lines, private iterable $entries)
    {
    }

    /** @return list<Proposal> days in order, within a day in the order of the lines */
    public function over(DayRange $days): array
    {
        [$enteredOnDay, $enteredOnLine] = $this->entered();
        $lines = $this->lines;
        usort($lines, static fn (PlannedLine $one, PlannedLine $other): int => strcmp(self::order($one), self::order($other)));
        $pencilledOnTask = [];
        $proposals = [];
        foreach ($days as $day) {
            $left = $this->owed->on($day)->minus(Minutes::of($enteredOnDay[$day->toString()] ?? 0));
            foreach ($lines as $line) {
                $entered = $enteredOnLine[self::lineOn($day, $line->project, $line->task, $line->assignment->role)] ?? 0;
                $task = $line->project.' '.$line->task;
                $minutes = Minutes::of(min(
                    $line->spread->on($day)->toInt() - $entered,
                    $left->toInt(),
                    $line->remaining->toInt() - ($pencilledOnTask[$task] ?? 0),
                ));
                if ($minutes->isMoreThan(Minutes::zero())) {
                    $proposals[] = new Proposal($day, $line, $minutes);
                    $left = $left->minus($minutes);
                    $pencilledOnTask[$task] = ($pencilledOnTask[$task] ?? 0) + $minutes->toInt();
                }
            }
        }

        return $proposals;
    }

    /** @return array{array<string, int>, array<string, int>} minutes by day, and by day and line */
    private function entered(): array
    {
        $onDay = [];
        $onLine = [];
        foreach ($this->entries as $entry) {
            $minutes = $entry->minutes->toInt();
            $line = self::lineOn($entry->day, $entry->project, $entry->task, $entry->role);
            $onDay[$entry->day->toString()] = ($onDay[$entry->day->toString()] ?? 0) + $minutes;
            $onLine[$line] = ($onLine[$line] ?? 0) + $minutes;
        }

        return [$onDay, $onLine];
    }

    /** Sorts as its parts one after the other: no code holds the byte between them. */
    private static function order(PlannedLine $line): string
    {
        $assignment = $line->assignment;

        return implode("\x00", [
            $assignment->days->last()->toString(), $line->project, $line->task, $assignment->role ?? '', $assignment->days->first()->toString(),
        ]);
    }

    private static function lineOn(Day $day, string $project, string $task, ?string $role): string
    {
        return implode(' ', [$day->toString(), $project, $task, $role ?? '']);
    }
}
