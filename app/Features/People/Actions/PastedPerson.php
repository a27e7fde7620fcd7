<?php

declare(strict_types=1);

namespace App\Features\People\Actions;

use Moss\Core\Calendar\Day;

/** A row of somebody new; team, role and manager by name or code, the manager also by email address. */
final readonly class PastedPerson
{
    public function __construct(
        public string $name,
        public string $email,
        public string $team,
        public string $manager,
        public string $role,
        public string $access,
        public ?Day $startsOn,
    ) {
    }
}
