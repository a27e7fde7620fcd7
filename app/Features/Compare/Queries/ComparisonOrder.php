<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Moss\Core\Compare\ComparedGroup;
use Moss\Core\Compare\Comparison;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Standing;

/** The order in which groups of a comparison are shown. */
final class ComparisonOrder
{
    /** @return array<array-key, ComparedGroup> by code */
    public static function of(Comparison $comparison, ComparisonQuestion $asked): array
    {
        $groups = $comparison->groups();
        $names = $asked->sort === ComparisonSort::Name ? GroupNames::for($asked->by) : null;
        $keys = [];
        foreach ($groups as $code => $group) {
            $row = $group->row;
            $keys[$code] = match ($asked->sort) {
                ComparisonSort::Attention => $asked->by->isByDay() ? [] : self::attention($row, $asked->tolerance),
                ComparisonSort::Name => [$names?->nameOf((string) $code)],
                ComparisonSort::Planned => [-$row->planned->toInt()],
                ComparisonSort::Actual => [-$row->actual->toInt()],
                ComparisonSort::Difference => [-$row->againstToDate()->toInt()],
            };
        }
        uksort($groups, static fn (int|string $one, int|string $other): int => [...$keys[$one], (string) $one] <=> [...$keys[$other], (string) $other]);

        return $groups;
    }

    /** @return list<int> */
    private static function attention(ComparisonRow $row, int $tolerance): array
    {
        $asks = Standing::of($row, $tolerance)->asks();

        return [$asks ? 0 : 1, $asks ? -abs($row->againstToDate()->toInt()) : -$row->planned->toInt()];
    }
}
