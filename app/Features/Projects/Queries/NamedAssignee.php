<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

/** A person or team on a project, with the code of somebody whose estimate counts for it. */
final readonly class NamedAssignee
{
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public ?string $member,
    ) {
    }
}
