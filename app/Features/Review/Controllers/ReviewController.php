<?php

declare(strict_types=1);

namespace App\Features\Review\Controllers;

use App\Approval\DecisionKind;
use App\Features\Review\Actions\ApproveInOrder;
use App\Features\Review\Actions\DecideEntries;
use App\Features\Review\Actions\DecideExpenses;
use App\Features\Review\Actions\DecisionRefused;
use App\Features\Review\Actions\DecisionResult;
use App\Features\Review\Actions\ReopenEntries;
use App\Features\Review\Actions\UndoDecision;
use App\Features\Review\Actions\UndoExpenseDecision;
use App\Features\Review\Queries\DecisionEffect;
use App\Features\Review\Queries\ReviewDesk;
use App\Features\Review\Requests\DecisionEffectRequest;
use App\Features\Review\Requests\DecisionRequest;
use App\Features\Review\Requests\DeskRequest;
use App\Features\Review\Requests\ExpenseDecisionRequest;
use App\Features\Review\Requests\ReopeningRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** What waits for somebody is theirs to see and decide, so the desk needs no further permission; nothing else is shown. */
final readonly class ReviewController
{
    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $person, DeskRequest $request, ReviewDesk $desk): Response
    {
        Gate::authorize('review', Person::class);

        return Inertia::render('Review', ['review' => $desk->of($person, $this->today->for($person), $request->filter(), $request->page(), $request->sheetPage())]);
    }

    /** How the projects stand that a decision would touch. */
    public function effect(#[CurrentUser] Person $person, DecisionEffectRequest $request, DecisionEffect $effect): JsonResponse
    {
        Gate::authorize('review', Person::class);

        return response()->json($effect->of($person, $this->today->for($person), $request->projects()));
    }

    public function decide(#[CurrentUser] Person $person, DecisionRequest $request, DecideEntries $decide): RedirectResponse
    {
        return $this->decided($person, $request->decision(), fn (): DecisionResult => $decide->handle($person, $request->decision(), $request->seen(), $request->string('comment')->toString()));
    }

    public function decideExpenses(#[CurrentUser] Person $person, ExpenseDecisionRequest $request, DecideExpenses $decide): RedirectResponse
    {
        Gate::authorize('review', Person::class);
        try {
            [$count, $made] = $decide->handle($person, $request->decision(), $request->seen(), $request->string('comment')->toString());
        } catch (DecisionRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('undo', $made === null ? null : route('review.undo-expenses', ['expenseDecision' => $made], false))->with('message', Wording::choice('expenses.decided_'.$request->decision()->value, $count));
    }

    public function undoExpenses(#[CurrentUser] Person $person, int $expenseDecision, UndoExpenseDecision $undo): RedirectResponse
    {
        Gate::authorize('review', Person::class);
        try {
            $count = $undo->handle($person, $expenseDecision);
        } catch (DecisionRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Wording::choice('expenses.undone', $count));
    }

    public function approveInOrder(#[CurrentUser] Person $person, DeskRequest $request, ApproveInOrder $approve): RedirectResponse
    {
        return $this->decided($person, DecisionKind::Approve, fn (): DecisionResult => $approve->handle($person, $request->filter(), $request->seen()));
    }

    public function undo(#[CurrentUser] Person $person, int $decision, UndoDecision $undo): RedirectResponse
    {
        Gate::authorize('review', Person::class);
        try {
            $minutes = $undo->handle($person, $decision);
        } catch (DecisionRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Wording::refusal($minutes->isZero() ? 'decided.undone_already' : 'decided.undone', ['hours' => Wording::hours($minutes, $person)]));
    }

    public function reopen(#[CurrentUser] Person $person, ReopeningRequest $request, ReopenEntries $reopen): RedirectResponse
    {
        Gate::authorize('review', Person::class);
        try {
            $minutes = $reopen->handle($person, $request->entries());
        } catch (DecisionRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Wording::refusal('decided.reopened', ['hours' => Wording::hours($minutes, $person)]));
    }

    /** @param  Closure(): DecisionResult  $decide */
    private function decided(Person $person, DecisionKind $decision, Closure $decide): RedirectResponse
    {
        Gate::authorize('review', Person::class);
        try {
            $decided = $decide();
        } catch (DecisionRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        $back = $decided->isWhole ? back() : back()->with('refusal', Wording::refusal('decided.rest_changed'));

        return $back->with('undo', $decided->decision === null ? null : route('review.undo', ['decision' => $decided->decision], false))->with('message', Wording::refusal('decided.'.$decision->value, [
            'hours' => Wording::hours($decided->minutes, $person),
            'entries' => Wording::choice('refusals.decided.entries', $decided->entries),
        ]));
    }
}
