<?php

declare(strict_types=1);

namespace App\Features\Week\Controllers;

use App\Features\Week\Queries\QuickReading;
use App\Features\Week\Requests\QuickLineRequest;
use App\Models\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Week;

final class QuickLineController
{
    /** What is understood of a quick line; nothing is recorded. */
    public function show(Person $person, Week $week, QuickLineRequest $request, QuickReading $reading): JsonResponse
    {
        Gate::authorize('recordWeek', $person);

        return response()->json($reading->of($person, $week, $request->line(), $request->task()));
    }
}
