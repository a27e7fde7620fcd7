<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\Concern;
use Moss\Core\HouseRules\Found;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Level;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\LimitRange;
use Moss\Core\HouseRules\LimitUnit;
use Moss\Core\HouseRules\Place;

/**
 * The week holds more than is owed, by more than the limit.
 */
final readonly class WeekAbove implements HouseRule
{
    public const CODE = 'week_above';

    public function code(): string
    {
        return self::CODE;
    }

    public function concern(): Concern
    {
        return Concern::Sheet;
    }

    public function limits(): LimitRange
    {
        return new LimitRange(LimitUnit::Minutes, 0, 10080, 240);
    }

    public function usualLevel(): Level
    {
        return Level::Mentions;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        $over = $sheet->entered()->minus($sheet->owedInWeek());

        return $over->isMoreThan($limit->minutes())
            ? [new Found(Place::week(), ['entered' => $sheet->entered(), 'owed' => $sheet->owedInWeek(), 'over' => $over])]
            : [];
    }
}
