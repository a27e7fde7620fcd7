<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

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
        $rows = [];
        $parts = [];
        $periods = [];
        foreach ($amounts as $amount) {
            if (! $selection->takes($amount->subject, $amount->day)) {
                continue;
            }
            $group = $by->groupOf($amount->subject, $amount->day);
            $rows[$group] = self::sum($rows[$group] ?? null, $amount->row);
            if ($then !== null) {
                $part = $then->groupOf($amount->subject, $amount->day);
                $parts[$group][$part] = self::sum($parts[$group][$part] ?? null, $amount->row);
            }
            if ($across !== null) {
                $period = $across->groupOf($amount->subject, $amount->day);
                $periods[$group][$period] = self::sum($periods[$group][$period] ?? null, $amount->row);
            }
        }
        $groups = [];
        foreach (self::sorted($rows) as $group => $row) {
            $groups[$group] = new ComparedGroup($row, self::sorted($parts[$group] ?? []), self::sorted($periods[$group] ?? []));
        }

        return new self($groups);
    }

    /** @return array<array-key, ComparedGroup> by group code, in byte order; those in which something is planned or recorded */
    public function groups(): array
    {
        return $this->groups;
    }

    /** @return array<array-key, ComparisonRow> of each group its sum */
    public function rows(): array
    {
        return array_map(static fn (ComparedGroup $group): ComparisonRow => $group->row, $this->groups);
    }

    public function total(): ComparisonRow
    {
        return array_reduce($this->rows(), self::sum(...), ComparisonRow::empty());
    }

    /** @return array<array-key, ComparisonRow> of all groups, by what stands across, in its order */
    public function periods(): array
    {
        $periods = [];
        foreach ($this->groups as $group) {
            foreach ($group->periods as $period => $row) {
                $periods[$period] = self::sum($periods[$period] ?? null, $row);
            }
        }

        return self::sorted($periods);
    }

    private static function sum(?ComparisonRow $sum, ComparisonRow $row): ComparisonRow
    {
        return $sum === null ? $row : $sum->plus($row);
    }

    /**
     * @param  array<array-key, ComparisonRow>  $rows
     * @return array<array-key, ComparisonRow>
     */
    private static function sorted(array $rows): array
    {
        ksort($rows, SORT_STRING);

        return $rows;
    }
}
