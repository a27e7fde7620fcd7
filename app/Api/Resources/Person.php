<?php

declare(strict_types=1);

namespace App\Api\Resources;

use App\Models\Access;
use ArrayObject;

/** A person of the organisation. */
final readonly class Person
{
    /**
     * @param  string|null  $team  code
     * @param  string|null  $manager  code of the line manager
     * @param  string|null  $role  code
     * @param  string|null  $calendar  code of the public holidays; null for the organisation's
     * @param  string|null  $timezone  such as `Europe/Dublin`
     * @param  string|null  $startsOn  the first day, `2026-06-15`
     * @param  string|null  $endsOn  the last day
     * @param  list<PersonBreak>  $breaks  between the first and the last day
     * @param  list<string>  $pattern  hours of each weekday, Monday first; empty as the organisation has them
     * @param  ArrayObject<string, string>  $fields  what own fields hold, by their codes
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $email,
        public Access $access,
        public ?string $team,
        public ?string $manager,
        public ?string $role,
        public ?string $calendar,
        public ?string $timezone,
        public ?string $startsOn,
        public ?string $endsOn,
        public array $breaks,
        public array $pattern,
        public ?string $language,
        public ArrayObject $fields,
    ) {
    }
}
