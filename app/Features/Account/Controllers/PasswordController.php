<?php

declare(strict_types=1);

namespace App\Features\Account\Controllers;

use App\Features\Account\Actions\ChangePassword;
use App\Features\Account\Requests\PasswordRequest;
use App\Features\Passwords\Actions\PasswordRefused;
use App\Features\SignIn\Actions\SignInRefused;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** Changes somebody's own password. */
final class PasswordController
{
    /** @throws ValidationException */
    public function update(#[CurrentUser] Person $person, PasswordRequest $request, ChangePassword $change): RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        try {
            $change->handle($person, $request->current(), $request->password(), (string) $request->ip());
        } catch (SignInRefused $refused) {
            throw ValidationException::withMessages(['current_password' => $refused->getMessage()]);
        } catch (PasswordRefused $refused) {
            throw ValidationException::withMessages(['password' => $refused->getMessage()]);
        }

        return redirect()->route('account')->with('message', Wording::of('passwords.changed'));
    }
}
