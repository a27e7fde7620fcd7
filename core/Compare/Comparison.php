<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Closure;
use Moss\Core\Calendar\Day;

/**
 * Planned against actual in a period, by group; the groups always add up to the whole.
 */
final readonly class Comparison
{
    /** @param  array<array-key, ComparedGroup>  $groups  by group code, in byte order */
    private function __construct(private array $groups)
    {
    }

    /**
     * @param  iterable<ComparedAmount>  $amounts  of the period, also those that the selection leaves out
     * @param  Grouping|null  $then  what the groups are made of
     * @param  Grouping|null  $across  what stands across, as months do
     */
    public static function of(Grouping $by, Selection $selection, iterable $amounts, ?Grouping $then = null, ?Grouping $across = null): self
    {
        // There may be thousands of groups, so that what they are made of is kept only where that is asked for, and none twice; nor
        // is a method called for each that does nothing.
        $rows = [];
        $wholes = [];
        $periods = [];
        $takesEverything = $selection->takesEverything();
        $codes = self::codes();
        $isByDay = $by->isByDay();
        foreach ($amounts as $amount) {
            if (! $takesEverything && ! $selection->takes($amount->subject, $amount->day)) {
                continue;
            }
            $group = $isByDay ? $codes($by, $amount) : $by->groupOf($amount->subject, null);
            $part = $then === null ? '' : $codes($then, $amount);
            if ($then === null) {
                $wholes[$group] = isset($wholes[$group]) ? $wholes[$group]->plus($amount->row) : $amount->row;
            } else {
                $rows[$group][$part] = self::sum($rows[$group][$part] ?? null, $amount->row);
            }
            // What belongs to no day stands under no period.
            if ($across !== null && $amount->day !== null) {
                $period = $codes($across, $amount);
                $periods[$group][$part][$period] = self::sum($periods[$group][$part][$period] ?? null, $amount->row);
            }
        }
        $groups = [];
        foreach (self::sorted($wholes) as $group => $row) {
            $groups[$group] = new ComparedGroup($row, [], $across === null ? [] : self::sorted($periods[$group][''] ?? []));
        }
        foreach (self::sorted($rows) as $group => $ofParts) {
            $parts = [];
            foreach (self::sorted($ofParts) as $part => $row) {
                $parts[$part] = new ComparedGroup($row, [], self::sorted($periods[$group][$part] ?? []));
            }
            unset($rows[$group]);
            $groups[$group] = new ComparedGroup(self::totalOf($parts), $parts, self::periodsOf($parts));
        }
        foreach ($groups as $group => $compared) {
            // Work that ended before the period has figures at completion too, but no part in it.
            if ($compared->row->completion !== null && ! $compared->row->isOfPeriod()) {
                unset($groups[$group]);
            }
        }

        return new self($groups);
    }

    /**
     * Of groups that are summed up already.
     *
     * @param  array<array-key, ComparisonRow>  $rows  by group code
     */
    public static function ofRows(array $rows): self
    {
        // There may be tens of thousands, of which no second list is made to sort them.
        ksort($rows, SORT_STRING);

        return new self(array_map(static fn (ComparisonRow $row): ComparedGroup => new ComparedGroup($row, [], []), $rows));
    }

    /** @return array<array-key, ComparedGroup> by group code, in byte order; those in which something is planned or recorded */
    public function groups(): array
    {
        return $this->groups;
    }

    /** @return array<array-key, ComparisonRow> of each group its sum */
    public function rows(): array
    {
        return array_combine(array_keys($this->groups), array_column($this->groups, 'row'));
    }

    public function total(): ComparisonRow
    {
        return self::totalOf($this->groups);
    }

    /** @return array<array-key, ComparisonRow> of all groups, by what stands across, in its order */
    public function periods(): array
    {
        return self::periodsOf($this->groups);
    }

    /** @param  array<array-key, ComparedGroup>  $groups */
    private static function totalOf(array $groups): ComparisonRow
    {
        return ComparisonRow::sum(array_column($groups, 'row'));
    }

    /**
     * @param  array<array-key, ComparedGroup>  $groups
     * @return array<array-key, ComparisonRow>
     */
    private static function periodsOf(array $groups): array
    {
        $periods = [];
        foreach ($groups as $group) {
            foreach ($group->periods as $period => $row) {
                $periods[$period] = self::sum($periods[$period] ?? null, $row);
            }
        }

        return self::sorted($periods);
    }

    /**
     * Codes of groups; those of a day are made once, since thousands of amounts may be of the same days.
     *
     * @return Closure(Grouping, ComparedAmount): string
     */
    private static function codes(): Closure
    {
        $epoch = Day::of('1970-01-01');
        $made = [];

        return static function (Grouping $grouping, ComparedAmount $amount) use ($epoch, &$made): string {
            if ($amount->day === null || ! $grouping->isByDay()) {
                return $grouping->groupOf($amount->subject, $amount->day);
            }

            return $made[$grouping->value][$epoch->daysUntil($amount->day)] ??= $grouping->groupOf($amount->subject, $amount->day);
        };
    }

    private static function sum(?ComparisonRow $sum, ComparisonRow $row): ComparisonRow
    {
        return $sum === null ? $row : $sum->plus($row);
    }

    /**
     * @template Value
     *
     * @param  array<array-key, Value>  $values
     * @return array<array-key, Value>
     */
    private static function sorted(array $values): array
    {
        ksort($values, SORT_STRING);

        return $values;
    }
}
