<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\Concern;
use Moss\Core\HouseRules\Found;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Level;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\Place;

/**
 * More time than is owed on a public holiday.
 */
final readonly class TimeOnHoliday implements HouseRule
{
    public const CODE = 'time_on_holiday';

    public function code(): string
    {
        return self::CODE;
    }

    public function concern(): Concern
    {
        return Concern::Sheet;
    }

    public function limits(): null
    {
        return null;
    }

    public function usualLevel(): Level
    {
        return Level::Asks;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        $findings = [];
        foreach ($sheet->week->days() as $day) {
            $holiday = $sheet->holidays->on($day);
            if ($holiday !== null && $sheet->asksAbout($day) && $sheet->enteredOn($day)->isMoreThan($sheet->owed->on($day))) {
                $findings[] = new Found(Place::day($day), ['day' => $day, 'holiday' => $holiday->name, 'entered' => $sheet->enteredOn($day), 'owed' => $sheet->owed->on($day)]);
            }
        }

        return $findings;
    }
}
