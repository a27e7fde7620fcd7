<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Time\Minutes;

/**
 * Pencils hours in: what was measured by the clock or logged elsewhere, then from the plan, then from past weeks.
 *
 * What was measured stands as it is, whatever is expected or remains; the rest gets less by it, and nothing in the same cell.
 * From the plan day by day, and on each day the lines by the end of their assignment, project, task and role code: each
 * gets the least of what the plan lays on the day less what is entered on the line, what is still expected on the day, and
 * what remains of the task; never below 0. Then the past fills what is left by the same limits, on lines that the plan
 * does not speak for and in cells where nothing is entered. So what is pencilled never exceeds what is expected, nor what
 * remains.
 */
final readonly class Pencil
{
    /**
     * @param  list<PlannedLine>  $lines
     * @param  iterable<TaskEntry>  $entries  of the person, on any task
     * @param  list<PastLine>  $past  the source to be heard first in front
     * @param  list<TimedLine|TrackedLine>  $timed  measured or logged; of the same line and day the first counts
     */
    public function __construct(private ExpectedHours $expected, private array $lines, private iterable $entries, private array $past = [], private array $timed = [])
    {
    }

    /** @return list<Proposal> days in order, within a day what was measured first, then in the order of the lines, those of the plan first */
    public function over(DayRange $days): array
    {
        [$enteredOnDay, $enteredOnLine] = $this->entered();
        $pencilledOnTask = [];
        $proposals = [];
        $left = [];
        $measured = [];
        foreach ($this->measuredOn($days) as $proposal) {
            $date = $proposal->day->toString();
            $proposals[$date][] = $proposal;
            $enteredOnDay[$date] = ($enteredOnDay[$date] ?? 0) + $proposal->minutes->toInt();
            $measured[$date][$proposal->line()->key()] = true;
            $pencilledOnTask[$proposal->line()->taskKey()] = ($pencilledOnTask[$proposal->line()->taskKey()] ?? 0) + $proposal->minutes->toInt();
        }
        foreach ([$this->plannedInOrder(), $this->pastUnplanned()] as $lines) {
            foreach ($days as $day) {
                $date = $day->toString();
                $left[$date] ??= $this->expected->on($day)->toInt() - ($enteredOnDay[$date] ?? 0);
                foreach ($lines as $line) {
                    $task = $line->line->taskKey();
                    if (isset($measured[$date][$line->line->key()])) {
                        continue;
                    }
                    $minutes = min(
                        self::suggested($line, $day, $enteredOnLine[$date][$line->line->key()] ?? null),
                        $left[$date],
                        $line->remaining === null ? $left[$date] : $line->remaining->toInt() - ($pencilledOnTask[$task] ?? 0),
                    );
                    if ($minutes > 0) {
                        $proposals[$date][] = new Proposal($day, $line, Minutes::of($minutes));
                        $left[$date] -= $minutes;
                        $pencilledOnTask[$task] = ($pencilledOnTask[$task] ?? 0) + $minutes;
                    }
                }
            }
        }
        ksort($proposals);

        return array_merge(...array_values($proposals));
    }

    /** @return list<Proposal> */
    private function measuredOn(DayRange $days): array
    {
        $proposals = [];
        foreach ($days as $day) {
            foreach ($this->timed as $line) {
                $minutes = $line->minutesOn($day);
                if ($minutes !== null) {
                    $proposals[$line->line->key().' '.$day->toString()] ??= new Proposal($day, $line, $minutes);
                }
            }
        }

        return array_values($proposals);
    }

    /** @param  int|null  $entered  on the line on that day; null where nothing is */
    private static function suggested(PlannedLine|PastLine $line, Day $day, ?int $entered): int
    {
        if ($line instanceof PlannedLine) {
            return $line->spread->on($day)->toInt() - ($entered ?? 0);
        }

        return $entered === null ? ($line->hours[$day->toString()] ?? Minutes::zero())->toInt() : 0;
    }

    /** @return list<PlannedLine> */
    private function plannedInOrder(): array
    {
        $lines = $this->lines;
        usort($lines, static fn (PlannedLine $one, PlannedLine $other): int => strcmp(self::order($one), self::order($other)));

        return $lines;
    }

    /** @return list<PastLine> those that neither the plan nor a source before them speaks for */
    private function pastUnplanned(): array
    {
        $spokenFor = [];
        foreach ($this->lines as $line) {
            $spokenFor[$line->line->key()] = PencilSource::Plan;
        }
        $past = [];
        foreach ($this->past as $line) {
            if (($spokenFor[$line->line->key()] ??= $line->source) === $line->source) {
                $past[] = $line;
            }
        }

        return $past;
    }

    /** @return array{array<string, int>, array<string, array<string, int>>} minutes by day, and by day and line */
    private function entered(): array
    {
        $onDay = [];
        $onLine = [];
        foreach ($this->entries as $entry) {
            $minutes = $entry->minutes->toInt();
            [$date, $line] = [$entry->day->toString(), $entry->line->key()];
            $onDay[$date] = ($onDay[$date] ?? 0) + $minutes;
            $onLine[$date][$line] = ($onLine[$date][$line] ?? 0) + $minutes;
        }

        return [$onDay, $onLine];
    }

    private static function order(PlannedLine $line): string
    {
        $days = $line->assignment->days;

        return implode("\x00", [$days->last()->toString(), $line->line->key(), $days->first()->toString()]);
    }
}
