<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

/**
 * Planned against actual in a period, by group; the groups always add up to the whole.
 */
final readonly class Comparison
{
    /** @param  array<array-key, ComparisonRow>  $rows  by group code, in byte order */
    private function __construct(private array $rows)
    {
    }

    /** @param  iterable<ComparedAmount>  $amounts  of the period, also those that the selection leaves out */
    public static function of(Grouping $grouping, Selection $selection, iterable $amounts): self
    {
        $rows = [];
        foreach ($amounts as $amount) {
            if ($selection->takes($amount->subject)) {
                $group = $grouping->groupOf($amount->subject, $amount->day);
                $rows[$group] = isset($rows[$group]) ? $rows[$group]->plus($amount->row) : $amount->row;
            }
        }
        ksort($rows, SORT_STRING);

        return new self($rows);
    }

    /** @return array<array-key, ComparisonRow> by group code, in byte order; those in which something is planned or recorded */
    public function rows(): array
    {
        return $this->rows;
    }

    public function total(): ComparisonRow
    {
        return array_reduce($this->rows, static fn (ComparisonRow $sum, ComparisonRow $row): ComparisonRow => $sum->plus($row), ComparisonRow::empty());
    }
}
