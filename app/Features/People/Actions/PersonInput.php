<?php

declare(strict_types=1);

namespace App\Features\People\Actions;

use App\Models\Access;
use App\Models\Calendar;
use App\Models\Person;
use App\Models\Role;
use App\Models\Team;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\EmploymentBreaks;
use Moss\Core\Calendar\WorkPattern;

/** What the office says of somebody. */
final readonly class PersonInput
{
    /**
     * @param  string  $code  empty for one made of the email address
     * @param  WorkPattern|null  $pattern  null for the organisation's
     * @param  Day|null  $patternFrom  the day from which the pattern holds; null where it always has
     * @param  array<string, string>  $fields  what was typed into own fields, by their codes
     * @param  string|null  $language  null for the one that they have
     */
    public function __construct(
        public string $name,
        public string $email,
        public string $code,
        public ?Team $team,
        public ?Person $manager,
        public Access $access,
        public ?Role $role,
        public ?Calendar $calendar,
        public ?string $timezone,
        public ?Day $startsOn,
        public ?Day $endsOn,
        public ?WorkPattern $pattern,
        public ?Day $patternFrom,
        public EmploymentBreaks $breaks,
        public ?string $language,
        public array $fields = [],
    ) {
    }
}
