<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\Input\SubmissionRequest;
use App\Api\OpenApi\Describes;
use App\Api\Resources\SubmissionDone;
use App\Api\Resources\SubmissionFinding;
use App\Api\Resources\SubmissionSummary as SummaryResource;
use App\Features\HouseRules\Props\FindingProps;
use App\Features\Submission\Actions\Selection;
use App\Features\Submission\Actions\SubmissionRefused;
use App\Features\Submission\Actions\SubmitDays;
use App\Features\Submission\Actions\TakeBackDays;
use App\Features\Submission\Queries\SubmissionSummary;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\DayRange;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Days of a timesheet, submitted for approval. */
final class SubmissionsController
{
    #[Describes('What would be submitted of some days, and what the house rules find in it.', SummaryResource::class)]
    public function show(#[CurrentUser] Person $reader, Person $person, DayRange $days, SubmissionSummary $summary): JsonResponse
    {
        Gate::authorize('submitWeek', $person);
        $found = $summary->of($reader, $person, $days, Selection::whole());

        return new JsonResponse(new SummaryResource($found->minutes, $found->entries, array_map(self::finding(...), $found->findings)));
    }

    private static function finding(FindingProps $finding): SubmissionFinding
    {
        [$task, $role] = [...explode(':', $finding->line ?? ''), ''];

        return new SubmissionFinding(
            $finding->week, $finding->rule, $finding->severity, $task === '' ? null : (int) $task, $role === '' ? null : (int) $role,
            $finding->date, $finding->what, $finding->cure, $finding->explanation,
        );
    }

    #[Describes('Submit what is open on some days: all of it, or nothing. Twice is the same as once.', SubmissionDone::class)]
    public function store(#[CurrentUser] Person $actor, Person $person, DayRange $days, SubmissionRequest $request, SubmitDays $submit): JsonResponse
    {
        Gate::authorize('submitWeek', $person);
        try {
            $done = $submit->handle($actor, $person, $days, $request->submission($days));
        } catch (SubmissionRefused $refused) {
            throw new HttpException(422, $refused->getMessage(), $refused);
        }

        return new JsonResponse(new SubmissionDone($done->submitted->toInt(), $done->approved->toInt()));
    }

    #[Describes('Take back what is submitted of some days and not decided.', SubmissionDone::class)]
    public function destroy(#[CurrentUser] Person $actor, Person $person, DayRange $days, TakeBackDays $takeBack): JsonResponse
    {
        Gate::authorize('submitWeek', $person);

        return new JsonResponse(new SubmissionDone($takeBack->handle($actor, $person, $days)->toInt(), 0));
    }
}
