<?php

declare(strict_types=1);

namespace App\Features\Review\Controllers;

use App\Features\Review\Actions\DecideEntries;
use App\Features\Review\Actions\DecisionRefused;
use App\Features\Review\Props\OpenWeekProps;
use App\Features\Review\Props\ReviewProps;
use App\Features\Review\Props\WaitingWeekProps;
use App\Features\Review\Queries\OpenWeek;
use App\Features\Review\Queries\WaitingWeeks;
use App\Features\Review\Requests\DecisionRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

final readonly class ReviewController
{
    public function __construct(private Today $today)
    {
    }

    /** What waits for the person is theirs to see, so the list needs no further permission; nothing else is shown. */
    public function show(#[CurrentUser] Person $person, Request $request, WaitingWeeks $waiting, OpenWeek $open): Response
    {
        Gate::authorize('review', Person::class);
        $today = $this->today->for($person);
        $weeks = $waiting->for($person, $today);

        return Inertia::render('Review', ['review' => new ReviewProps(
            array_sum(array_map(static fn (WaitingWeekProps $week): int => $week->minutes, $weeks)),
            array_sum(array_map(static fn (WaitingWeekProps $week): int => $week->entries, $weeks)),
            $weeks,
            $this->asked($request, $weeks, $open, $person, $today),
        )]);
    }

    public function decide(#[CurrentUser] Person $person, DecisionRequest $request, DecideEntries $decide): RedirectResponse
    {
        Gate::authorize('review', Person::class);
        try {
            $minutes = $decide->handle($person, $request->decision(), $request->seen(), $request->string('word')->toString());
        } catch (DecisionRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Words::refusal('decided.'.$request->decision()->value, ['hours' => Words::hours($minutes, $person)]));
    }

    /**
     * The week named in the address, or the first of the list where none is named or it waits no longer.
     *
     * @param  list<WaitingWeekProps>  $weeks
     */
    private function asked(Request $request, array $weeks, OpenWeek $open, Person $approver, Day $today): ?OpenWeekProps
    {
        [$code, $week] = [$request->string('person')->toString(), $request->string('week')->toString()];
        $named = array_filter($weeks, static fn (WaitingWeekProps $waiting): bool => $waiting->personCode === $code && $waiting->week === $week);
        $shown = array_values($named)[0] ?? $weeks[0] ?? null;

        return $shown === null ? null : $open->of(Person::query()->where('code', $shown->personCode)->sole(), Week::of($shown->week), $approver, $today);
    }
}
