<?php

declare(strict_types=1);

namespace App\Features\People\Props;

use App\Models\Access;

/** Somebody in the list of people. */
final readonly class PersonListRowProps
{
    public function __construct(
        public string $code,
        public string $name,
        public string $email,
        public ?string $team,
        public ?string $manager,
        public ?string $role,
        public Access $access,
        public ?string $startsOn,
        public ?string $endsOn,
    ) {
    }
}
