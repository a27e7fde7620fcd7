<?php

declare(strict_types=1);

namespace App\Features\Office\Props;

use Moss\Core\Review\RouteKind;

/** A project's route; null for the organisation's. */
final readonly class ProjectRouteProps
{
    public function __construct(public string $code, public string $name, public string $manager, public ?RouteKind $route, public int $waiting)
    {
    }
}
