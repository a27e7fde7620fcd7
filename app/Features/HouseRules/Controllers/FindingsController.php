<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Controllers;

use App\Features\HouseRules\Actions\ExplainFindings;
use App\Features\HouseRules\Actions\SaveSpan;
use App\Features\HouseRules\Props\SheetRemarksProps;
use App\Features\HouseRules\Queries\SheetRemarks;
use App\Features\HouseRules\Requests\ExplanationRequest;
use App\Features\HouseRules\Requests\SpanRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Week;

/** What the house rules find in a week while it is written, and the explanations given on it. */
final readonly class FindingsController
{
    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $reader, Person $person, Week $week): JsonResponse
    {
        Gate::authorize('viewPartOfWeek', $person);

        // Findings speak of the whole week.
        return Gate::allows('viewWeek', $person) ? $this->found($reader, $person, $week) : response()->json(new SheetRemarksProps([], null));
    }

    public function update(#[CurrentUser] Person $actor, Person $person, Week $week, ExplanationRequest $request, ExplainFindings $answer): JsonResponse
    {
        Gate::authorize('recordWeek', $person);
        $answer->handle($actor, $person, [$request->explanation($week)]);

        return $this->found($actor, $person, $week);
    }

    public function span(#[CurrentUser] Person $actor, Person $person, Week $week, SpanRequest $request, SaveSpan $save): JsonResponse
    {
        Gate::authorize('recordWeek', $person);
        $save->handle($actor, $person, $request->day(), $request->attendance());

        return $this->found($actor, $person, $week);
    }

    private function found(Person $reader, Person $owner, Week $week): JsonResponse
    {
        return response()->json(SheetRemarks::of($reader, $owner, $week, $this->today->for($owner)));
    }
}
