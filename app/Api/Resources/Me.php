<?php

declare(strict_types=1);

namespace App\Api\Resources;

use App\Models\Access;
use App\Models\AccessRight;

/** Whose token it is, and what it may be used for. */
final readonly class Me
{
    /**
     * @param  string  $person  code
     * @param  string|null  $team  code
     * @param  string|null  $manager  code of the line manager
     * @param  string|null  $timezone  such as `Europe/Dublin`
     * @param  list<AccessRight>  $rights  of the token
     * @param  string  $endsOn  the last day of the token, `2026-06-30`
     */
    public function __construct(
        public string $person,
        public string $name,
        public string $email,
        public Access $access,
        public ?string $team,
        public ?string $manager,
        public ?string $timezone,
        public array $rights,
        public string $endsOn,
    ) {
    }
}
