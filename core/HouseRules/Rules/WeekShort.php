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
 * The week holds less than is owed, by more than the limit. Only once nothing more is to come.
 */
final readonly class WeekShort implements HouseRule
{
    public const CODE = 'week_short';

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
        return new LimitRange(LimitUnit::Minutes, 0, 10080, 0);
    }

    public function usualLevel(): Level
    {
        return Level::Mentions;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        $missing = $sheet->owedInWeek()->minus($sheet->entered());

        return $sheet->isComplete() && $missing->isMoreThan($limit->minutes())
            ? [new Found(Place::week(), ['entered' => $sheet->entered(), 'owed' => $sheet->owedInWeek(), 'missing' => $missing])]
            : [];
    }
}
