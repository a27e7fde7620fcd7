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
 * A day holds more than the limit.
 */
final readonly class DayAbove implements HouseRule
{
    public const CODE = 'day_above';

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
        return new LimitRange(LimitUnit::Minutes, 60, 1440, 720);
    }

    public function usualLevel(): Level
    {
        return Level::Asks;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        $findings = [];
        foreach ($sheet->week->days() as $day) {
            $entered = $sheet->enteredOn($day);
            if ($sheet->asksAbout($day) && $entered->isMoreThan($limit->minutes())) {
                $findings[] = new Found(Place::day($day), ['day' => $day, 'entered' => $entered, 'limit' => $limit->minutes()]);
            }
        }

        return $findings;
    }
}
