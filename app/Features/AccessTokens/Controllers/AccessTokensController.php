<?php

declare(strict_types=1);

namespace App\Features\AccessTokens\Controllers;

use App\Features\AccessTokens\Actions\CreateToken;
use App\Features\AccessTokens\Actions\RevokeToken;
use App\Features\AccessTokens\Requests\AccessTokenRequest;
use App\Models\AccessToken;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Day;

/** Tokens of whoever is signed in. */
final class AccessTokensController
{
    public function store(#[CurrentUser] Person $person, AccessTokenRequest $request, CreateToken $create): RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        $token = $create->handle($person, $request->string('name')->trim()->toString(), $request->rights(), Day::of($request->string('endsOn')->toString()));

        return redirect()->route('account')->with('token', $token)->with('message', Wording::of('tokens.created'));
    }

    public function destroy(#[CurrentUser] Person $person, int $token, RevokeToken $revoke): RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        $revoke->handle($person, AccessToken::query()->where('tokenable_type', $person->getMorphClass())->where('tokenable_id', $person->id)->findOrFail($token));

        return redirect()->route('account')->with('message', Wording::of('tokens.revoked'));
    }
}
