<?php

declare(strict_types=1);

namespace App\Features\People\Props;

use App\Lookup\Props\OptionProps;
use App\Models\Access;
use App\OwnFields\Props\OwnFieldProps;

/** Somebody as the office changes them; empty for somebody new. */
final readonly class PersonFormProps
{
    /**
     * @param  list<string>|null  $pattern  hours of each weekday as text, Monday first, as they hold now; null where the organisation's hold
     * @param  list<PatternProps>  $patterns  what held and will hold from which day on, where it changes
     * @param  list<string>  $usualPattern  the organisation's
     * @param  list<string>  $calendars  codes
     * @param  list<string>  $zones
     * @param  list<EmploymentBreakProps>  $breaks  between two stretches of employment
     * @param  list<string>  $languages  that can be chosen
     * @param  list<OwnFieldProps>  $fields  own fields that are asked of them
     * @param  array<string, string>  $values  what those hold, by their codes
     * @param  bool  $canBeAnonymised  whether their last day has passed and their data still say who they were
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $email,
        public ?OptionProps $team,
        public ?OptionProps $manager,
        public Access $access,
        public ?OptionProps $role,
        public ?string $calendar,
        public ?string $timezone,
        public ?string $startsOn,
        public ?string $endsOn,
        public ?array $pattern,
        public array $patterns,
        public array $usualPattern,
        public array $calendars,
        public array $zones,
        public array $breaks,
        public string $language,
        public array $languages,
        public array $fields,
        public array $values,
        public bool $canBeAnonymised,
    ) {
    }
}
