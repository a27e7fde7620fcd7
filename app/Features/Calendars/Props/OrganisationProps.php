<?php

declare(strict_types=1);

namespace App\Features\Calendars\Props;

use App\Lookup\Props\OptionProps;

/** The organisation's settings, its calendars, and the public holidays of one of them in a year. */
final readonly class OrganisationProps
{
    /**
     * @param  list<string>  $pattern  hours of each weekday as text, Monday first
     * @param  string|null  $calendar  the organisation's own
     * @param  list<string>  $calendars  codes
     * @param  string|null  $shown  whose holidays are listed
     * @param  list<HolidayRowProps>  $holidays
     * @param  list<OptionProps>  $countries  whose public holidays are known
     */
    public function __construct(
        public string $name,
        public string $currency,
        public array $pattern,
        public ?string $calendar,
        public array $calendars,
        public ?string $shown,
        public int $year,
        public array $holidays,
        public array $countries,
    ) {
    }
}
