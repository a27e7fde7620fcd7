<?php

declare(strict_types=1);

namespace App\Features\PayRules\Controllers;

use App\Features\PayRules\Actions\KeepPayRules;
use App\Features\PayRules\Queries\PayRulePages;
use App\Features\PayRules\Requests\PayRuleRequest;
use App\Http\Input\Address;
use App\Models\Organisation;
use App\Models\PayRule;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** From when on time is not regular. */
final readonly class PayRulesController
{
    public function __construct(private KeepPayRules $keep)
    {
    }

    public function index(#[CurrentUser] Person $office, Request $request): Response
    {
        Gate::authorize('keep', Organisation::class);
        $address = Address::of($request);
        $opened = $address->text('rule');

        return Inertia::render('PayRules', ['pay' => PayRulePages::of($office, ctype_digit($opened) ? (int) substr($opened, 0, 18) : null, $address->text('premium'))]);
    }

    public function store(#[CurrentUser] Person $office, PayRuleRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);

        return $this->saved($office, new PayRule, $request);
    }

    public function update(#[CurrentUser] Person $office, PayRule $payRule, PayRuleRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);

        return $this->saved($office, $payRule, $request);
    }

    public function destroy(#[CurrentUser] Person $office, PayRule $payRule): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->keep->remove($office, $payRule);

        return redirect()->route('office.pay-rules')->with('message', Wording::of('pay.removed'));
    }

    /** @throws ValidationException */
    private function saved(Person $office, PayRule $rule, PayRuleRequest $request): RedirectResponse
    {
        if (! $this->keep->save($office, $rule, $request->values() + $request->costs())) {
            throw ValidationException::withMessages(['startsOn' => Wording::of('pay.twice')]);
        }

        return redirect()->route('office.pay-rules')->with('message', Wording::of('pay.saved'));
    }
}
