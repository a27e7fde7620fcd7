<?php

declare(strict_types=1);

namespace App\Features\Compare\Controllers;

use App\Features\Compare\Queries\AskedComparison;
use App\Features\Compare\Queries\ComparisonPage;
use App\Features\Compare\Queries\SavedComparisons;
use App\Features\Compare\Requests\CompareRequest;
use App\Http\Input\Address;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

final readonly class CompareController
{
    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $reader, CompareRequest $request, ComparisonPage $page, SavedComparisons $saved): Response
    {
        Gate::authorize('compare', $reader);
        $today = $this->today->for($reader);
        $asked = $request->question($reader, $today);

        return Inertia::render('Compare', [
            'comparison' => $page->of($reader, $asked),
            'saved' => $saved->onPage($reader, Address::of($request)->number('saved'), $asked, $today),
        ]);
    }

    /** What a text asks, before it is asked. */
    public function asked(#[CurrentUser] Person $reader, CompareRequest $request, AskedComparison $asked): JsonResponse
    {
        Gate::authorize('compare', $reader);

        return response()->json($asked->of($reader, Address::of($request)->text('text'), $this->today->for($reader)));
    }
}
