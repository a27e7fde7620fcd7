<?php

declare(strict_types=1);

namespace App\Features\Week\Controllers;

use App\Features\Week\Queries\CellTrail;
use App\Features\Week\Requests\TrailRequest;
use App\Models\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Week;

final class TrailController
{
    public function show(Person $person, Week $week, TrailRequest $request, CellTrail $trail): JsonResponse
    {
        Gate::authorize('viewEntries', [$person, $request->task()]);

        return response()->json($trail->of($person, $request->task(), $request->role(), $request->day()));
    }
}
