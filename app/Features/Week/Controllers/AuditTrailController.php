<?php

declare(strict_types=1);

namespace App\Features\Week\Controllers;

use App\Features\Week\Queries\CellAuditTrail;
use App\Features\Week\Requests\AuditTrailRequest;
use App\Models\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Week;

final class AuditTrailController
{
    public function show(Person $person, Week $week, AuditTrailRequest $request, CellAuditTrail $auditTrail): JsonResponse
    {
        Gate::authorize('viewEntries', [$person, $request->task()]);

        return response()->json($auditTrail->of($person, $request->task(), $request->role(), $request->day()));
    }
}
