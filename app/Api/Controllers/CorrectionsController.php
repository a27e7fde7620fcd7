<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\Input\CorrectionRequest;
use App\Api\Input\CorrectionVerdictRequest;
use App\Api\Input\PartRequest;
use App\Api\OpenApi\Describes;
use App\Api\Queries\CorrectionPages;
use App\Api\Resources\CorrectionList;
use App\Api\Resources\DecidedCorrections;
use App\Api\Resources\ProposedCorrections;
use App\Approval\Waiting;
use App\Features\Corrections\Actions\CorrectionRefused;
use App\Features\Corrections\Actions\DecideCorrections;
use App\Features\Corrections\Actions\ProposeCorrections;
use App\Features\Corrections\Actions\WithdrawCorrection;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Other hours for approved and settled time. */
final readonly class CorrectionsController
{
    #[Describes('Corrections of a person\'s time, the oldest first.', CorrectionList::class)]
    public function index(Person $person, PartRequest $request): JsonResponse
    {
        Gate::authorize('viewWeek', $person);

        return new JsonResponse(CorrectionPages::of($person, $request));
    }

    #[Describes('Corrections that wait for your decision, the oldest first.', CorrectionList::class)]
    public function waiting(#[CurrentUser] Person $approver, PartRequest $request, Waiting $waiting, Today $today): JsonResponse
    {
        Gate::authorize('review', Person::class);

        return new JsonResponse(CorrectionPages::waiting($approver, $waiting, $today->for($approver), $request));
    }

    #[Describes('Propose other hours for entries that are approved or settled: all of it, or nothing.', ProposedCorrections::class)]
    public function store(#[CurrentUser] Person $actor, Person $person, CorrectionRequest $request, ProposeCorrections $propose): JsonResponse
    {
        Gate::authorize('submitWeek', $person);
        try {
            $proposed = $propose->handle($actor, $person, $request->proposals($person), $request->string('reason')->toString());
        } catch (CorrectionRefused $refused) {
            throw new HttpException(422, $refused->getMessage(), $refused);
        }

        return new JsonResponse(new ProposedCorrections($proposed->waiting, $proposed->accepted));
    }

    #[Describes('Take a correction back while nobody has decided.', null)]
    public function destroy(#[CurrentUser] Person $actor, Person $person, int $correction, WithdrawCorrection $withdraw): Response
    {
        Gate::authorize('submitWeek', $person);
        try {
            $withdraw->handle($actor, $person, $correction);
        } catch (CorrectionRefused $refused) {
            throw new HttpException(422, $refused->getMessage(), $refused);
        }

        return new Response(status: 204);
    }

    #[Describes('Accept or decline corrections that wait for you.', DecidedCorrections::class)]
    public function decide(#[CurrentUser] Person $approver, CorrectionVerdictRequest $request, DecideCorrections $decide): JsonResponse
    {
        Gate::authorize('review', Person::class);
        try {
            $count = $decide->handle($approver, $request->corrections(), $request->boolean('accept'), $request->string('comment')->toString());
        } catch (CorrectionRefused $refused) {
            throw new HttpException(422, $refused->getMessage(), $refused);
        }

        return new JsonResponse(new DecidedCorrections($count));
    }
}
