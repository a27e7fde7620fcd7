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
 * A day that asks for time holds none. Only days that are over, or all once the whole week is handed over.
 */
final readonly class EmptyWorkingDay implements HouseRule
{
    public const CODE = 'empty_working_day';

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
            $owed = $sheet->owed->on($day);
            if (($sheet->isComplete() || $day->isBefore($sheet->today)) && ! $owed->isZero() && $sheet->enteredOn($day)->isZero()) {
                $findings[] = new Found(Place::day($day), ['day' => $day, 'owed' => $owed]);
            }
        }

        return $findings;
    }
}
