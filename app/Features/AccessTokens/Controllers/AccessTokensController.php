<?php

declare(strict_types=1);

namespace App\Features\AccessTokens\Controllers;

use App\Features\AccessTokens\Actions\CreateToken;
use App\Features\AccessTokens\Actions\RevokeToken;
use App\Features\AccessTokens\Actions\TakeTokenOver;
use App\Features\AccessTokens\Requests\AccessTokenRequest;
use App\Models\AccessToken;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Day;

/** Tokens of whoever is signed in, and, for the time office, of applications. */
final class AccessTokensController
{
    public function store(#[CurrentUser] Person $person, AccessTokenRequest $request, CreateToken $create): RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        $token = $create->handle($person, $request->string('name')->trim()->toString(), $request->rights(), Day::of($request->string('endsOn')->toString()), $request->boolean('isApplication'));

        return redirect()->route('account')->with('token', $token)->with('message', Wording::of('tokens.created'));
    }

    public function destroy(#[CurrentUser] Person $person, int $token, RevokeToken $revoke): RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        $found = AccessToken::query()->findOrFail($token);
        if ($found->tokenable_type !== $person->getMorphClass() || $found->tokenable_id !== $person->id) {
            self::mustBeOfApplication($found);
        }
        $revoke->handle($person, $found);

        return redirect()->route('account')->with('message', Wording::of('tokens.revoked'));
    }

    public function takeOver(#[CurrentUser] Person $office, int $token, TakeTokenOver $take): RedirectResponse
    {
        $found = AccessToken::query()->findOrFail($token);
        self::mustBeOfApplication($found);
        $take->handle($office, $found);

        return redirect()->route('account')->with('message', Wording::of('tokens.taken_over', ['name' => $found->name]));
    }

    /** Others see tokens of people nowhere, and those of applications as the time office. */
    private static function mustBeOfApplication(AccessToken $token): void
    {
        abort_unless($token->is_application, 404);
        Gate::authorize('keep', Organisation::class);
    }
}
