<?php

declare(strict_types=1);

namespace App\Features\Timer\Controllers;

use App\Features\Timer\Actions\ChangeTimerNote;
use App\Features\Timer\Actions\DiscardTimer;
use App\Features\Timer\Actions\PauseTimer;
use App\Features\Timer\Actions\ResumeTimer;
use App\Features\Timer\Actions\StartTimer;
use App\Features\Timer\Actions\StopTimer;
use App\Features\Timer\Actions\TimerRefused;
use App\Features\Timer\Props\TimerStateProps;
use App\Features\Timer\Queries\TimerSuggestion;
use App\Features\Timer\Requests\StartTimerRequest;
use App\Features\Timer\Requests\TimerRequest;
use App\Models\Person;
use App\Models\Stretch;
use App\Sheet\RunningTimer;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** The timer of whoever is signed in. */
final readonly class TimerController
{
    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $person): JsonResponse
    {
        Gate::authorize('recordWeek', $person);

        return $this->state($person, null);
    }

    public function store(#[CurrentUser] Person $person, StartTimerRequest $request, StartTimer $start): JsonResponse
    {
        return $this->after($person, function () use ($person, $request, $start): ?string {
            $start->handle($person, $request->task(), $request->role(), $request->note(), $request->instant($this->today, $person->timezone));

            return null;
        });
    }

    public function pause(#[CurrentUser] Person $person, TimerRequest $request, PauseTimer $pause): JsonResponse
    {
        return $this->after($person, function () use ($person, $request, $pause): ?string {
            $pause->handle($person, $request->seen(), $request->instant($this->today, $person->timezone));

            return null;
        });
    }

    public function resume(#[CurrentUser] Person $person, TimerRequest $request, ResumeTimer $resume): JsonResponse
    {
        return $this->after($person, function () use ($person, $request, $resume): ?string {
            $resume->handle($person, $request->seen(), $request->instant($this->today, $person->timezone));

            return null;
        });
    }

    public function note(#[CurrentUser] Person $person, TimerRequest $request, ChangeTimerNote $change): JsonResponse
    {
        return $this->after($person, function () use ($person, $request, $change): ?string {
            $change->handle($person, $request->seen(), $request->note());

            return null;
        });
    }

    public function stop(#[CurrentUser] Person $person, TimerRequest $request, StopTimer $stop): JsonResponse
    {
        return $this->after($person, function () use ($person, $request, $stop): string {
            $days = $stop->handle($person, $request->seen(), $request->instant($this->today, $person->timezone));

            return $days === [] ? Wording::of('timer.nothing') : Wording::of('timer.stopped', ['hours' => Wording::hours(StopTimer::minutes($days), $person)]);
        });
    }

    public function destroy(#[CurrentUser] Person $person, TimerRequest $request, DiscardTimer $discard): JsonResponse
    {
        return $this->after($person, function () use ($person, $request, $discard): string {
            $discard->handle($person, $request->seen());

            return Wording::of('timer.discarded');
        });
    }

    /** @param  Closure(): ?string  $act  says what was done, where that is not seen */
    private function after(Person $person, Closure $act): JsonResponse
    {
        Gate::authorize('recordWeek', $person);
        try {
            return $this->state($person, $act());
        } catch (TimerRefused $refused) {
            return $this->state($person, $refused->getMessage(), isRefused: true);
        }
    }

    private function state(Person $person, ?string $message, bool $isRefused = false): JsonResponse
    {
        $now = $this->today->now();

        return response()->json(new TimerStateProps(
            RunningTimer::of($person, $now), $message, $isRefused, TimerSuggestion::of($person, $now)?->format('Y-m-d\TH:i'), Stretch::weekToInk($person),
        ), $isRefused ? 409 : 200);
    }
}
