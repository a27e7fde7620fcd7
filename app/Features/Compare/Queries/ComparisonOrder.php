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
    /** More minutes than anything has. */
    private const MORE_THAN_ANY = 1 << 50;

    /**
     * @param  array<array-key, ComparedGroup>  $groups  by code, in byte order, in which those stay that are equal
     * @param  array<array-key, Standing>  $standings  by code
     * @param  Grouping  $by  what groups they are
     * @param  GroupNames|null  $names  of all of them, where they stand by name
     * @return array<array-key, ComparedGroup>
     */
    public static function of(array $groups, array $standings, Grouping $by, ComparisonQuestion $asked, ?GroupNames $names): array
    {
        $sort = $asked->sort;
        $places = [];
        foreach ($groups as $code => $group) {
            $places[$code] = match (true) {
                $sort === ComparisonSort::Name => $names?->nameOf((string) $code),
                $sort instanceof Measure => self::largest($sort, $group->row),
                default => $by->isByDay() ? 0 : self::attention($group->row, $standings[$code]),
            };
        }
        asort($places);
        $ordered = [];
        foreach (array_keys($places) as $code) {
            $ordered[$code] = $groups[$code];
        }

        return $ordered;
    }

    /** The names that an order asks for; null where it asks for none. */
    public static function names(Grouping $by, ComparisonQuestion $asked): ?GroupNames
    {
        return $asked->sort === ComparisonSort::Name ? GroupNames::for($by, null, $asked->terms->field) : null;
    }

    /** A place in the order: those come first that somebody should look at, by how far they are from their plan, and then the others by what is planned. */
    private static function attention(ComparisonRow $row, Standing $standing): int
    {
        return match (true) {
            $standing === Standing::Recorded => -$row->actual,
            $standing->asks() => -abs($row->againstToDate()) - self::MORE_THAN_ANY,
            default => -$row->planned,
        };
    }

    /** A place in the order; what is not known comes last. */
    private static function largest(Measure $measure, ComparisonRow $row): int
    {
        $percentage = $measure->percentageOf($row);
        $value = $percentage === null ? $measure->amountOf($row) : BigDecimal::of($percentage)->toScale(1)->getUnscaledValue()->toInt();

        return $value === null ? PHP_INT_MAX : -$value;
    }
}
