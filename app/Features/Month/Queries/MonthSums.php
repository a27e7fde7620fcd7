<?php

declare(strict_types=1);

namespace App\Features\Month\Queries;

use App\Features\Month\Props\MonthSumProps;
use Moss\Core\Calendar\CountedDays;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Time\DayUnit;
use Moss\Core\Time\Minutes;

/** Amounts of a page in minutes and, where the team counts in them, in days. */
final readonly class MonthSums
{
    private ?CountedDays $counted;

    public function __construct(private ?DayUnit $unit, ExpectedHours $expected)
    {
        $this->counted = $unit === null ? null : new CountedDays($unit, $expected);
    }

    /** An amount of one day in days; null where it is no whole number of parts. */
    public function count(Day $day, int $minutes): ?string
    {
        return $this->printed($this->counted?->count($day, Minutes::of($minutes)));
    }

    /** @param  list<array{Day, int}>  $amounts  minutes */
    public function of(array $amounts): MonthSumProps
    {
        return new MonthSumProps(
            array_sum(array_column($amounts, 1)),
            $this->printed($this->counted?->sum(array_map(static fn (array $amount): array => [$amount[0], Minutes::of($amount[1])], $amounts))),
        );
    }

    private function printed(?int $count): ?string
    {
        return $count === null ? null : $this->unit?->print($count);
    }
}
