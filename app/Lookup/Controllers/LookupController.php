<?php

declare(strict_types=1);

namespace App\Lookup\Controllers;

use App\Lookup\LookupKind;
use App\Lookup\NameLookup;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Offers what a field may be filled with, while somebody types. */
final class LookupController
{
    private const LONGEST = 100;

    public function show(#[CurrentUser] Person $person, Request $request, LookupKind $kind, NameLookup $lookup): JsonResponse
    {
        Gate::authorize('lookUp', $person);

        return response()->json($lookup->of($kind, mb_substr($request->string('search')->toString(), 0, self::LONGEST)));
    }
}
