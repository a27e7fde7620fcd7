<?php

declare(strict_types=1);

namespace App\Features\Accounts\Controllers;

use App\Features\Accounts\Queries\AccountFilter;
use App\Features\Accounts\Queries\AccountList;
use App\Features\Accounts\Requests\InvitationsRequest;
use App\Features\Passwords\Actions\InvitePeople;
use App\Features\SecondFactor\Actions\RemoveFactor;
use App\Features\SignIn\Actions\ChangeAccess;
use App\Http\Input\Address;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Who can sign in. */
final class AccountsController
{
    public function show(Request $request, AccountList $accounts): Response
    {
        Gate::authorize('keep', Organisation::class);
        $address = Address::of($request);

        return Inertia::render('Accounts', ['accounts' => $accounts->page(new AccountFilter($address->text('search'), AccountFilter::stateOf($address->text('state'))), $address->page())]);
    }

    public function invite(#[CurrentUser] Person $office, InvitationsRequest $request, InvitePeople $invite): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $count = $invite->handle(Person::query()->whereIn('code', $request->people())->get(), $office);

        return back()->with($count === 0 ? 'refusal' : 'message', $count === 0 ? Wording::of('accounts.nobody_invited') : Wording::choice('accounts.invited', $count));
    }

    public function disable(#[CurrentUser] Person $office, Person $person, ChangeAccess $access): RedirectResponse
    {
        return $this->change($office, $person, 'disabled', static fn () => $access->disable($person, $office));
    }

    public function enable(#[CurrentUser] Person $office, Person $person, ChangeAccess $access): RedirectResponse
    {
        return $this->change($office, $person, 'enabled', static fn () => $access->enable($person, $office));
    }

    public function endSignIns(#[CurrentUser] Person $office, Person $person, ChangeAccess $access): RedirectResponse
    {
        return $this->change($office, $person, 'signed_out', static fn () => $access->signOut($person, $office));
    }

    public function removeFactor(#[CurrentUser] Person $office, Person $person, RemoveFactor $remove): RedirectResponse
    {
        return $this->change($office, $person, 'factor_removed', static fn () => $remove->handle($person, $office));
    }

    /**
     * Nobody of the office shuts themselves out by mistake.
     *
     * @param  Closure(): void  $change
     */
    private function change(Person $office, Person $person, string $done, Closure $change): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        if ($person->is($office)) {
            return back()->with('refusal', Wording::of('accounts.own'));
        }
        $change();

        return back()->with('message', Wording::of('accounts.'.$done, ['name' => $person->name]));
    }
}
