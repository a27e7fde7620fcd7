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
use Moss\Core\Time\Minutes;

/**
 * From start to end less breaks is not what was entered on the day, or a day with time has no start and end.
 */
final readonly class SpansDiffer implements HouseRule
{
    public const CODE = 'spans_differ';

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
        return Level::Off;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        $findings = [];
        foreach ($sheet->week->days() as $day) {
            $span = $sheet->spans[$day->toString()] ?? Minutes::zero();
            if ($sheet->asksAbout($day) && ! $span->equals($sheet->enteredOn($day))) {
                $findings[] = new Found(Place::day($day), ['day' => $day, 'span' => $span, 'entered' => $sheet->enteredOn($day)]);
            }
        }

        return $findings;
    }
}
