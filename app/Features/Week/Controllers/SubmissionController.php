<?php

declare(strict_types=1);

namespace App\Features\Week\Controllers;

use App\Features\Week\Actions\SubmitWeek;
use App\Features\Week\Actions\TakeBackWeek;
use App\Models\Person;
use App\Support\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Week;

final class SubmissionController
{
    public function store(#[CurrentUser] Person $actor, Person $person, Week $week, SubmitWeek $submit): RedirectResponse
    {
        Gate::authorize('submitWeek', $person);
        $done = $submit->handle($actor, $person, $week);
        $key = match (true) {
            $done->submitted->isZero() => 'nothing_to_submit',
            $done->approved->equals($done->submitted) => 'approved',
            default => 'submitted',
        };

        return back()->with('message', Words::refusal('week_words.'.$key, ['hours' => Words::hours($done->submitted, $actor)]));
    }

    public function destroy(#[CurrentUser] Person $actor, Person $person, Week $week, TakeBackWeek $takeBack): RedirectResponse
    {
        Gate::authorize('submitWeek', $person);
        $minutes = $takeBack->handle($actor, $person, $week);
        $key = $minutes->isZero() ? 'nothing_to_take_back' : 'taken_back';

        return back()->with('message', Words::refusal('week_words.'.$key, ['hours' => Words::hours($minutes, $actor)]));
    }
}
