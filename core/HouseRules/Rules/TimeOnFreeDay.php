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
 * Time on a day that asks for none, being neither a holiday nor a day of absence.
 */
final readonly class TimeOnFreeDay implements HouseRule
{
    public const CODE = 'time_on_free_day';

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
        return Level::Mentions;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        $findings = [];
        foreach ($sheet->week->days() as $day) {
            $isPlain = $sheet->holidays->on($day) === null && ! isset($sheet->absences[$day->toString()]);
            if ($isPlain && $sheet->asksAbout($day) && $sheet->owed->on($day)->isZero()) {
                $findings[] = new Found(Place::day($day), ['day' => $day, 'entered' => $sheet->enteredOn($day)]);
            }
        }

        return $findings;
    }
}
