<?php

declare(strict_types=1);

namespace App\Features\Corrections\Controllers;

use App\Features\Corrections\Actions\CorrectionRefused;
use App\Features\Corrections\Actions\DecideCorrections;
use App\Features\Corrections\Actions\ProposeCorrections;
use App\Features\Corrections\Actions\WithdrawCorrection;
use App\Features\Corrections\Requests\ProposalRequest;
use App\Features\Corrections\Requests\VerdictRequest;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Week;

final class CorrectionsController
{
    public function store(#[CurrentUser] Person $actor, Person $person, Week $week, ProposalRequest $request, ProposeCorrections $propose): RedirectResponse
    {
        Gate::authorize('submitWeek', $person);
        try {
            $proposed = $propose->handle($actor, $person, $request->proposals(), $request->reason());
        } catch (CorrectionRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', $proposed->accepted > 0
            ? Wording::choice('refusals.correction.accepted_at_once', $proposed->accepted)
            : Wording::choice('refusals.correction.proposed', $proposed->waiting));
    }

    public function destroy(#[CurrentUser] Person $actor, Person $person, Week $week, int $correction, WithdrawCorrection $withdraw): RedirectResponse
    {
        Gate::authorize('submitWeek', $person);
        try {
            $withdraw->handle($actor, $person, $correction);
        } catch (CorrectionRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Wording::refusal('correction.withdrawn'));
    }

    public function decide(#[CurrentUser] Person $approver, VerdictRequest $request, DecideCorrections $decide): RedirectResponse
    {
        Gate::authorize('review', Person::class);
        try {
            $count = $decide->handle($approver, $request->corrections(), $request->boolean('accept'), $request->string('comment')->toString());
        } catch (CorrectionRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Wording::choice('refusals.correction.'.($request->boolean('accept') ? 'accepted' : 'declined'), $count));
    }
}
