<?php

declare(strict_types=1);

namespace App\Features\SignIn\Controllers;

use App\Features\SecondFactor\Actions\FactorRefused;
use App\Features\SignIn\Actions\FinishSignIn;
use App\Features\SignIn\Actions\SignInRefused;
use App\Features\SignIn\PendingSignIn;
use App\Features\SignIn\Requests\SignInCodeRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Where somebody who has given their password enters their second factor. */
final class SignInCodeController
{
    public function show(PendingSignIn $pending): Response|RedirectResponse
    {
        return $pending->person() === null ? redirect()->route('sign-in') : Inertia::render('SignInCode');
    }

    /** @throws ValidationException */
    public function store(SignInCodeRequest $request, FinishSignIn $finish): RedirectResponse
    {
        try {
            $finish->handle($request->code());
        } catch (FactorRefused $refused) {
            throw ValidationException::withMessages(['code' => $refused->getMessage()]);
        } catch (SignInRefused $refused) {
            return redirect()->route('sign-in')->with('refusal', $refused->getMessage());
        }

        return redirect()->intended(route('home'));
    }
}
