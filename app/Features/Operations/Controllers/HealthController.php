<?php

declare(strict_types=1);

namespace App\Features\Operations\Controllers;

use App\Features\Operations\Queries\HealthState;
use App\Features\Operations\Queries\SystemHealth;
use Illuminate\Http\JsonResponse;

/** Whether the application is well, for whoever watches over it; without saying why not. */
final class HealthController
{
    public function show(SystemHealth $health): JsonResponse
    {
        $report = $health->report();

        return response()->json(
            ['state' => $report->isWell() ? 'well' : 'failing', 'checks' => array_map(static fn (HealthState $state): string => $state->value, $report->states)],
            $report->isWell() ? 200 : 503,
        );
    }
}
