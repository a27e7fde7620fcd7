<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Controllers;

use App\Features\HouseRules\Actions\AnswerFindings;
use App\Features\HouseRules\Queries\SheetFindings;
use App\Features\HouseRules\Requests\WordRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Week;

/** What the house rules find in a week while it is written, and the words given on it. */
final readonly class FindingsController
{
    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $reader, Person $person, Week $week): JsonResponse
    {
        Gate::authorize('viewWeek', $person);

        return $this->found($reader, $person, $week);
    }

    public function update(#[CurrentUser] Person $actor, Person $person, Week $week, WordRequest $request, AnswerFindings $answer): JsonResponse
    {
        Gate::authorize('recordWeek', $person);
        $answer->handle($actor, $person, $week, [$request->word()]);

        return $this->found($actor, $person, $week);
    }

    private function found(Person $reader, Person $owner, Week $week): JsonResponse
    {
        return response()->json(SheetFindings::whileWriting($owner, $week, $this->today->for($owner))->props($reader));
    }
}
