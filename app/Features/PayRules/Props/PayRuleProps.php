<?php

declare(strict_types=1);

namespace App\Features\PayRules\Props;

use App\Lookup\Props\OptionProps;
use Moss\Core\Pay\OvertimeFallsOn;

/** A pay rule. Hours and times are as they are typed; empty for none. */
final readonly class PayRuleProps
{
    /**
     * @param  string|null  $startsOn  it holds from the week of that day on; null for always
     * @param  OptionProps|null  $team  for whose people; null for everybody
     * @param  OptionProps|null  $person  for whom alone
     */
    public function __construct(
        public int $id,
        public ?string $startsOn,
        public ?OptionProps $team,
        public ?OptionProps $person,
        public string $dailyOver,
        public string $dailyDoubleOver,
        public string $weeklyOver,
        public bool $seventhDay,
        public string $seventhDoubleOver,
        public bool $sundays,
        public bool $holidays,
        public string $nightStartsAt,
        public string $nightEndsAt,
        public OvertimeFallsOn $fallsOn,
        public bool $seventhAcrossWeeks,
        public KindCostsProps $costs,
    ) {
    }
}
