<?php

declare(strict_types=1);

namespace App\Features\Submission\Props;

/** Hours of one project. */
final readonly class ProjectHoursProps
{
    public function __construct(public string $code, public string $name, public int $minutes)
    {
    }
}
