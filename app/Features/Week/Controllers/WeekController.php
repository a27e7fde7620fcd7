<?php

declare(strict_types=1);

namespace App\Features\Week\Controllers;

use App\Features\Week\Actions\SubmitWeek;
use App\Features\Week\Actions\TakeBackWeek;
use App\Features\Week\Queries\WeekSheet;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Calendar\NotADay;
use Moss\Core\Calendar\Week;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final class WeekController
{
    public function current(#[CurrentUser] Person $person, Today $today): RedirectResponse
    {
        return $person->isViewer()
            ? redirect()->route('projects')
            : redirect()->route('week', ['week' => Week::containing($today->for($person))->toString()]);
    }

    public function show(#[CurrentUser] Person $person, string $week, WeekSheet $sheet): Response
    {
        Gate::authorize('recordWeek', $person);

        return Inertia::render('Week', ['sheet' => $sheet->of($person, self::week($week), $person)]);
    }

    public function of(#[CurrentUser] Person $reader, Person $person, string $week, WeekSheet $sheet): Response
    {
        Gate::authorize('viewWeek', $person);

        return Inertia::render('Week', ['sheet' => $sheet->of($person, self::week($week), $reader)]);
    }

    public function submit(#[CurrentUser] Person $person, string $week, SubmitWeek $submit): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);
        $done = $submit->handle($person, self::week($week));
        $key = match (true) {
            $done->submitted->isZero() => 'nothing_to_submit',
            $done->approved->equals($done->submitted) => 'approved',
            default => 'submitted',
        };

        return back()->with('message', Words::refusal('week_words.'.$key, ['hours' => Words::hours($done->submitted, $person)]));
    }

    public function takeBack(#[CurrentUser] Person $person, string $week, TakeBackWeek $takeBack): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);
        $minutes = $takeBack->handle($person, self::week($week));
        $key = $minutes->isZero() ? 'nothing_to_take_back' : 'taken_back';

        return back()->with('message', Words::refusal('week_words.'.$key, ['hours' => Words::hours($minutes, $person)]));
    }

    private static function week(string $text): Week
    {
        try {
            return Week::of($text);
        } catch (NotADay) {
            throw new NotFoundHttpException(Words::refusal('no_week', ['week' => mb_strimwidth($text, 0, 20, '…')]));
        }
    }
}
