<?php

declare(strict_types=1);

namespace App\Features\Review\Controllers;

use App\Features\Review\Requests\PhraseRequest;
use App\Models\Person;
use App\Models\Phrase;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** The phrases that an approver keeps for returning; they are nobody else's. */
final class PhrasesController
{
    public function update(#[CurrentUser] Person $person, PhraseRequest $request): RedirectResponse
    {
        Gate::authorize('review', Person::class);
        Phrase::query()->insertOrIgnore(['person_id' => $person->id, 'phrase' => $request->phrase()]);

        return back();
    }

    public function destroy(#[CurrentUser] Person $person, PhraseRequest $request): RedirectResponse
    {
        Gate::authorize('review', Person::class);
        Phrase::query()->where('person_id', $person->id)->where('phrase', $request->phrase())->delete();

        return back();
    }
}
