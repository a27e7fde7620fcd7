<?php

declare(strict_types=1);

namespace App\Features\Learning\Queries;

use Moss\Core\Learning\PastCase;

/** A finished task, or what one person had of it. */
final readonly class PastTask
{
    public function __construct(public int $id, public PastCase $case, public string $project, public string $name, public string $manager, public ?string $client, public ?string $person, public ?string $role)
    {
    }
}
