<?php

declare(strict_types=1);

namespace App\Lookup\Controllers;

use App\Lookup\LookupKind;
use App\Lookup\NameLookup;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Offers what a field may be filled with, while somebody types: names, which everybody who is signed in meets anyway. */
final class LookupController
{
    private const LONGEST = 100;

    public function show(Request $request, LookupKind $kind, NameLookup $lookup): JsonResponse
    {
        return response()->json($lookup->of($kind, mb_substr($request->string('search')->toString(), 0, self::LONGEST)));
    }
}
