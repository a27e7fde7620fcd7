<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\Input\DecisionRequest;
use App\Api\Input\WaitingRequest;
use App\Api\OpenApi\Describes;
use App\Api\Queries\EntryPages;
use App\Api\Resources\Decided;
use App\Api\Resources\EntryList;
use App\Approval\Waiting;
use App\Features\Review\Actions\DecideEntries;
use App\Features\Review\Actions\DecisionRefused;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** What waits for somebody's decision, and deciding on it. */
final readonly class DecisionsController
{
    public function __construct(private Today $today)
    {
    }

    #[Describes('Entries that wait for your decision, in the order of days.', EntryList::class)]
    public function index(#[CurrentUser] Person $person, WaitingRequest $request, Waiting $waiting): JsonResponse
    {
        Gate::authorize('review', Person::class);

        return new JsonResponse(EntryPages::waiting($person, $waiting, $this->today->for($person), $request));
    }

    #[Describes('Approve entries that wait for you, or return them with a comment.', Decided::class)]
    public function store(#[CurrentUser] Person $person, DecisionRequest $request, DecideEntries $decide): JsonResponse
    {
        Gate::authorize('review', Person::class);
        try {
            $done = $decide->handle($person, $request->decision(), $request->seen(), $request->string('comment')->toString());
        } catch (DecisionRefused $refused) {
            throw new HttpException(422, $refused->getMessage(), $refused);
        }

        return new JsonResponse(new Decided($done->minutes->toInt(), $done->entries, $done->entries === count($request->seen())));
    }
}
