<?php

declare(strict_types=1);

namespace App\Features\PayRules\Controllers;

use App\Features\PayRules\Actions\KeepPayPremiums;
use App\Features\PayRules\Requests\PayPremiumRequest;
use App\Models\Organisation;
use App\Models\PayPremium;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** Kinds of pay that people choose for their time themselves; they stand on the page of pay rules. */
final readonly class PayPremiumsController
{
    public function __construct(private KeepPayPremiums $keep)
    {
    }

    public function store(#[CurrentUser] Person $office, PayPremiumRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);

        return $this->saved($office, new PayPremium, $request);
    }

    public function update(#[CurrentUser] Person $office, PayPremium $payPremium, PayPremiumRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);

        return $this->saved($office, $payPremium, $request);
    }

    /** @throws ValidationException */
    public function destroy(#[CurrentUser] Person $office, PayPremium $payPremium): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        if (! $this->keep->remove($office, $payPremium)) {
            throw ValidationException::withMessages(['premium' => Wording::of('pay.premium.used')]);
        }

        return redirect()->route('office.pay-rules')->with('message', Wording::of('pay.premium.removed'));
    }

    private function saved(Person $office, PayPremium $premium, PayPremiumRequest $request): RedirectResponse
    {
        $this->keep->save($office, $premium, $request->values(), $request->teams(), $request->people());

        return redirect()->route('office.pay-rules')->with('message', Wording::of('pay.premium.saved'));
    }
}
