<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Time\Minutes;

/**
 * Planned against actual in a period, by group; the groups always add up to the whole.
 */
final readonly class Comparison
{
    /** @param  array<array-key, ComparisonRow>  $rows  by group code, in byte order */
    private function __construct(private array $rows)
    {
    }

    /**
     * @param  Day  $today  plans up to it, included, are planned to date
     * @param  bool  $withPending  whether pending time counts as actual
     * @param  iterable<PlannedTime>  $planned
     * @param  iterable<RecordedTime>  $recorded
     */
    public static function of(
        Grouping $grouping,
        Selection $selection,
        DayRange $period,
        Day $today,
        bool $withPending,
        iterable $planned,
        iterable $recorded,
    ): self {
        $rows = [];
        foreach ($planned as $time) {
            if ($selection->takes($time->subject)) {
                foreach (self::planRows($grouping, $time, $period, $today) as $group => $row) {
                    $rows[$group] = ($rows[$group] ?? ComparisonRow::empty())->plus($row);
                }
            }
        }
        foreach ($recorded as $time) {
            if ($selection->takes($time->subject) && $period->includes($time->day)) {
                $group = $grouping->groupOf($time->subject, $time->day);
                $rows[$group] = ($rows[$group] ?? ComparisonRow::empty())->plus(self::recordedRow($time, $withPending));
            }
        }
        ksort($rows, SORT_STRING);

        return new self($rows);
    }

    /**
     * Of sums that are known already.
     *
     * @param  array<array-key, ComparisonRow>  $rows  by group code, those in which something is planned or recorded
     */
    public static function ofGroups(array $rows): self
    {
        ksort($rows, SORT_STRING);

        return new self($rows);
    }

    /** @return array<array-key, ComparisonRow> by group code, in byte order */
    public function rows(): array
    {
        return $this->rows;
    }

    public function total(): ComparisonRow
    {
        return array_reduce($this->rows, static fn (ComparisonRow $sum, ComparisonRow $row): ComparisonRow => $sum->plus($row), ComparisonRow::empty());
    }

    /** @return array<array-key, ComparisonRow> */
    private static function planRows(Grouping $grouping, PlannedTime $time, DayRange $period, Day $today): array
    {
        $rows = [];
        $zero = Minutes::zero();
        foreach ($time->spread->byDay() as $date => $minutes) {
            $day = Day::of($date);
            if ($period->includes($day)) {
                $group = $grouping->groupOf($time->subject, $day);
                $row = new ComparisonRow($minutes, $day->isAfter($today) ? $zero : $minutes, $zero, $zero);
                $rows[$group] = ($rows[$group] ?? ComparisonRow::empty())->plus($row);
            }
        }

        return $rows;
    }

    private static function recordedRow(RecordedTime $time, bool $withPending): ComparisonRow
    {
        $zero = Minutes::zero();
        $actual = $time->isActual || $withPending ? $time->minutes : $zero;

        return new ComparisonRow($zero, $zero, $actual, $time->isActual ? $zero : $time->minutes);
    }
}
