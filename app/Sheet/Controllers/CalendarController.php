<?php

declare(strict_types=1);

namespace App\Sheet\Controllers;

use App\Models\Holiday;
use App\Models\Organisation;
use App\Models\Person;
use App\Sheet\Props\CalendarProps;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** The reader's public holidays of a year and the closed period, for date fields. */
final class CalendarController
{
    public function show(#[CurrentUser] Person $person, string $year): JsonResponse
    {
        Gate::authorize('changePreferences', [$person, $person]);
        $organisation = Organisation::query()->sole();
        $holidays = Holiday::query()->where('calendar_id', $person->calendar_id ?? $organisation->calendar_id)
            ->whereBetween('date', [$year.'-01-01', $year.'-12-31'])->orderBy('date')->get();
        $names = [];
        foreach ($holidays as $holiday) {
            $names[$holiday->date->toString()] = $holiday->name;
        }

        return response()->json(new CalendarProps($names, $organisation->closed_until?->toString()));
    }
}
