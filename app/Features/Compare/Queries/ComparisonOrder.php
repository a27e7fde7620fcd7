<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Brick\Math\BigDecimal;
use Moss\Core\Compare\ComparedGroup;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\Standing;

/** The order in which groups of a comparison are shown. */
final class ComparisonOrder
{
    /**
     * @param  array<array-key, ComparedGroup>  $groups  by code
     * @param  Grouping  $by  what groups they are
     * @param  GroupNames|null  $names  of all of them, where they stand by name
     * @return array<array-key, ComparedGroup>
     */
    public static function of(array $groups, Grouping $by, ComparisonQuestion $asked, ?GroupNames $names): array
    {
        $keys = [];
        foreach ($groups as $code => $group) {
            $row = $group->row;
            $keys[$code] = [...match (true) {
                $asked->sort === ComparisonSort::Name => [$names?->nameOf((string) $code)],
                $asked->sort instanceof Measure => self::largest($asked->sort, $row),
                default => $by->isByDay() ? [] : self::attention($row, $asked->standingOf($row)),
            }, (string) $code];
        }
        asort($keys);

        return array_map(static fn (array $key): ComparedGroup => $groups[$key[count($key) - 1]], $keys);
    }

    /** The names that an order asks for; null where it asks for none. */
    public static function names(Grouping $by, ComparisonQuestion $asked): ?GroupNames
    {
        return $asked->sort === ComparisonSort::Name ? GroupNames::for($by, null, $asked->terms->field) : null;
    }

    /** @return list<int> */
    private static function attention(ComparisonRow $row, Standing $standing): array
    {
        $asks = $standing->asks();
        if ($standing === Standing::Recorded) {
            return [0, -$row->actual->toInt()];
        }

        return [$asks ? 0 : 1, $asks ? -abs($row->againstToDate()->toInt()) : -$row->planned->toInt()];
    }

    /** @return list<int> what is not known comes last */
    private static function largest(Measure $measure, ComparisonRow $row): array
    {
        $percentage = $measure->percentageOf($row);
        $value = $percentage === null ? $measure->amountOf($row) : BigDecimal::of($percentage)->toScale(1)->getUnscaledValue()->toInt();

        return $value === null ? [1, 0] : [0, -$value];
    }
}
