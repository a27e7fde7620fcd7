<?php

declare(strict_types=1);

namespace App\Features\Submission\Controllers;

use App\Features\Submission\Actions\SubmissionRefused;
use App\Features\Submission\Actions\SubmitDays;
use App\Features\Submission\Actions\TakeBackDays;
use App\Features\Submission\Queries\SubmissionSummary;
use App\Features\Submission\Queries\SubmittedHours;
use App\Features\Submission\Requests\SelectionRequest;
use App\Http\Input\DaysText;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\DayRange;

/** Submits the days of a timesheet, and takes them back. */
final class SubmissionController
{
    /** What would go; nothing is submitted. */
    public function show(#[CurrentUser] Person $reader, Person $person, DayRange $days, SelectionRequest $request, SubmissionSummary $summary): JsonResponse
    {
        Gate::authorize('submitWeek', $person);

        return response()->json($summary->of($reader, $person, $days, $request->selection()));
    }

    public function store(#[CurrentUser] Person $actor, Person $person, DayRange $days, SelectionRequest $request, SubmitDays $submit, SubmittedHours $waiting): RedirectResponse
    {
        Gate::authorize('submitWeek', $person);
        try {
            $done = $submit->handle($actor, $person, $days, $request->submission($days));
        } catch (SubmissionRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }
        $key = match (true) {
            $done->submitted->isZero() => 'nothing_to_submit',
            $done->approved->equals($done->submitted) => 'approved',
            $done->approved->isZero() => 'submitted',
            default => 'partly_approved',
        };

        $undo = $waiting->canBeTakenBack($person, $days, $done) ? route('submission.take-back', ['person' => $person->code, 'days' => DaysText::of($days)], false) : null;

        return back()->with('undo', $undo)->with('message', Wording::refusal('week_words.'.$key, [
            'hours' => Wording::hours($done->submitted, $actor),
            'approved' => Wording::hours($done->approved, $actor),
        ]));
    }

    public function destroy(#[CurrentUser] Person $actor, Person $person, DayRange $days, TakeBackDays $takeBack): RedirectResponse
    {
        Gate::authorize('submitWeek', $person);
        $minutes = $takeBack->handle($actor, $person, $days);
        $key = $minutes->isZero() ? 'nothing_to_take_back' : 'taken_back';

        return back()->with('message', Wording::refusal('week_words.'.$key, ['hours' => Wording::hours($minutes, $actor)]));
    }
}
