<?php

declare(strict_types=1);

namespace App\Features\Submission\Controllers;

use App\Features\Submission\Actions\SubmissionRefused;
use App\Features\Submission\Actions\SubmitWeek;
use App\Features\Submission\Actions\TakeBackWeek;
use App\Features\Submission\Queries\SubmissionSummary;
use App\Features\Submission\Queries\SubmittedHours;
use App\Features\Submission\Requests\SelectionRequest;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Week;

final class SubmissionController
{
    /** What would go; nothing is submitted. */
    public function show(#[CurrentUser] Person $reader, Person $person, Week $week, SelectionRequest $request, SubmissionSummary $summary): JsonResponse
    {
        Gate::authorize('submitWeek', $person);

        return response()->json($summary->of($reader, $person, $week, $request->selection()));
    }

    public function store(#[CurrentUser] Person $actor, Person $person, Week $week, SelectionRequest $request, SubmitWeek $submit, SubmittedHours $waiting): RedirectResponse
    {
        Gate::authorize('submitWeek', $person);
        try {
            $done = $submit->handle($actor, $person, $week, $request->submission());
        } catch (SubmissionRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }
        $key = match (true) {
            $done->submitted->isZero() => 'nothing_to_submit',
            $done->approved->equals($done->submitted) => 'approved',
            $done->approved->isZero() => 'submitted',
            default => 'partly_approved',
        };

        $undo = $waiting->canBeTakenBack($person, $week, $done) ? route('week.take-back', ['person' => $person->code, 'week' => $week->toString()], false) : null;

        return back()->with('undo', $undo)->with('message', Wording::refusal('week_words.'.$key, [
            'hours' => Wording::hours($done->submitted, $actor),
            'approved' => Wording::hours($done->approved, $actor),
        ]));
    }

    public function destroy(#[CurrentUser] Person $actor, Person $person, Week $week, TakeBackWeek $takeBack): RedirectResponse
    {
        Gate::authorize('submitWeek', $person);
        $minutes = $takeBack->handle($actor, $person, $week);
        $key = $minutes->isZero() ? 'nothing_to_take_back' : 'taken_back';

        return back()->with('message', Wording::refusal('week_words.'.$key, ['hours' => Wording::hours($minutes, $actor)]));
    }
}
