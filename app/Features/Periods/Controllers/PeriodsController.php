<?php

declare(strict_types=1);

namespace App\Features\Periods\Controllers;

use App\Features\Periods\Actions\AnnounceClosing;
use App\Features\Periods\Actions\ClosePeriod;
use App\Features\Periods\Actions\PeriodRefused;
use App\Features\Periods\Actions\ReopenPeriod;
use App\Features\Periods\Actions\SetWeekDue;
use App\Features\Periods\Queries\PeriodCheck;
use App\Features\Periods\Requests\PeriodRequest;
use App\Features\Periods\Requests\WeekDueRequest;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Calendar\Day;

/** Closing periods, and opening them again. */
final readonly class PeriodsController
{
    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $office, PeriodRequest $request, PeriodCheck $check): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('Periods', ['period' => $check->of($request->day() ?? $this->endOfLastMonth($office), $this->today->for($office))]);
    }

    public function store(#[CurrentUser] Person $office, PeriodRequest $request, ClosePeriod $close): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $until = $request->day() ?? $this->endOfLastMonth($office);
        try {
            $minutes = $close->handle($office, $until, $request->string('seen')->toString(), $request->boolean('leavesOut'));
        } catch (PeriodRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Wording::refusal('period.closed', ['day' => Wording::day($until), 'hours' => Wording::hours($minutes, $office)]));
    }

    public function destroy(#[CurrentUser] Person $office, PeriodRequest $request, ReopenPeriod $reopen): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $from = $request->day() ?? $this->endOfLastMonth($office);
        try {
            $reopen->handle($office, $from, $request->string('reason')->toString());
        } catch (PeriodRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Wording::refusal('period.reopened', ['day' => Wording::day($from)]));
    }

    /** Tells everybody who still has to submit or decide something up to the day that it will be closed. */
    public function notice(#[CurrentUser] Person $office, PeriodRequest $request, AnnounceClosing $announce): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $count = $announce->handle($office, $request->day() ?? $this->endOfLastMonth($office));

        return back()->with('message', Wording::choice('refusals.reminded', $count));
    }

    /** Says by when a week is to be submitted. */
    public function due(#[CurrentUser] Person $office, WeekDueRequest $request, SetWeekDue $set): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $set->handle($office, $request->integer('days'));

        return back()->with('message', Wording::choice('refusals.period.due', $request->integer('days')));
    }

    private function endOfLastMonth(Person $office): Day
    {
        return Day::of($this->today->for($office)->month().'-01')->plusDays(-1);
    }
}
