<?php

declare(strict_types=1);

namespace Moss\Core\Pay;

/**
 * From when on time is not regular. Thresholds are minutes; null for none.
 *
 * Sundays and public holidays come before thresholds, and do not count towards that of the week. What was overtime by the day does not
 * count towards it either, so that no minute is overtime twice. What is chosen as a premium that is no work counts towards nothing.
 */
final readonly class PayRule
{
    /**
     * @param  int|null  $dailyOver  minutes of a day after which time is overtime
     * @param  int|null  $dailyDoubleOver  and after which it is double
     * @param  int|null  $weeklyOver  regular minutes of a week after which time is overtime
     * @param  bool  $seventhDay  whether the seventh day of a week all of whose days were worked is overtime from its first minute
     * @param  int|null  $seventhDoubleOver  minutes of that day after which it is double
     * @param  bool  $sundays  whether time on Sundays is a kind of its own
     * @param  bool  $holidays  whether time on whole public holidays is
     * @param  bool  $nights  whether regular time that lies in the night by the clock is
     * @param  bool  $seventhAcrossWeeks  whether days in a row are counted on from the week before, so that every day after six worked ones is a seventh
     * @param  list<PayPremium>  $premiums  that may be chosen
     */
    public function __construct(
        public ?int $dailyOver = null,
        public ?int $dailyDoubleOver = null,
        public ?int $weeklyOver = null,
        public bool $seventhDay = false,
        public ?int $seventhDoubleOver = null,
        public bool $sundays = false,
        public bool $holidays = false,
        public bool $nights = false,
        public OvertimeFallsOn $fallsOn = OvertimeFallsOn::Day,
        public bool $seventhAcrossWeeks = false,
        public array $premiums = [],
    ) {
    }
}
