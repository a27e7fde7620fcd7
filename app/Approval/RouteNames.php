<?php

declare(strict_types=1);

namespace App\Approval;

use App\Support\Language\Wording;
use Moss\Core\Review\ApprovalRoute;
use Moss\Core\Review\RouteStep;

/** Who decides on an entry, by name. */
final class RouteNames
{
    /**
     * @param  int  $steps  how many to leave out
     * @param  int  $projectManagerId  who is called `$projectManager`; everybody else on a route is the line manager
     * @return list<string>
     */
    public static function after(ApprovalRoute $route, int $steps, int $projectManagerId, ?string $projectManager, ?string $lineManager): array
    {
        $name = static fn (RouteStep $step): string => match (true) {
            $step->approver === null => null,
            $step->approver === (string) $projectManagerId => $projectManager,
            default => $lineManager,
        } ?? Wording::refusal('the_office');

        return array_map($name, array_slice($route->steps(), $steps));
    }
}
