<?php

declare(strict_types=1);

namespace App\Features\Week\Controllers;

use App\Features\Week\Actions\CellRefused;
use App\Features\Week\Actions\SaveCell;
use App\Features\Week\Props\SavedCellProps;
use App\Features\Week\Queries\WeekTotals;
use App\Features\Week\Requests\SaveCellRequest;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Week;

final class CellController
{
    public function update(#[CurrentUser] Person $person, SaveCellRequest $request, SaveCell $save, WeekTotals $totals): JsonResponse
    {
        Gate::authorize('recordWeek', $person);
        $input = $request->cell();
        try {
            $entry = $save->handle($person, $person, $input);
        } catch (CellRefused $refused) {
            return response()->json(
                ['message' => $refused->getMessage(), 'minutes' => $refused->current?->minutes, 'version' => $refused->current?->version],
                $refused->hasMovedOn ? 409 : 422,
            );
        }

        return response()->json(new SavedCellProps(
            $entry?->minutes,
            $entry?->version,
            $entry?->state,
            $totals->of($person, Week::containing($input->day)),
        ));
    }
}
