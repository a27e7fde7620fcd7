<?php

declare(strict_types=1);

namespace App\Features\FirstStart\Controllers;

use App\Features\Calendars\Queries\CountryHolidays;
use App\Features\FirstStart\Actions\StartOrganisation;
use App\Features\FirstStart\Props\StartProps;
use App\Features\FirstStart\Requests\StartRequest;
use App\Features\FirstStart\StartKey;
use App\Features\Passwords\Actions\PasswordRefused;
use App\Http\Input\Address;
use App\Lookup\Props\OptionProps;
use App\Support\Language\Wording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Where an empty installation becomes an organisation. */
final class FirstStartController
{
    public function show(Request $request): Response|RedirectResponse
    {
        if (! StartKey::isOpen()) {
            return redirect()->route('sign-in');
        }
        $key = Address::of($request)->text('key');
        $countries = CountryHolidays::countries();

        return Inertia::render('FirstStart', ['start' => new StartProps(
            StartKey::opens($key) ? $key : '',
            array_map(static fn (string $code, string $name): OptionProps => new OptionProps($code, $name), array_keys($countries), $countries),
        )]);
    }

    /** @throws ValidationException */
    public function store(StartRequest $request, StartOrganisation $start): RedirectResponse
    {
        abort_unless(StartKey::opens(Address::of($request)->text('key')), 403, Wording::of('organisation.start_key'));
        $text = static fn (string $name): string => $request->string($name)->trim()->toString();
        try {
            $start->handle($text('organisation'), $text('country'), $text('currency'), $request->pattern(), $text('name'), mb_strtolower($text('email')), (string) $request->string('password'), $request->timezone());
        } catch (PasswordRefused $refused) {
            throw ValidationException::withMessages(['password' => $refused->getMessage()]);
        }

        return redirect()->route('office.today')->with('message', Wording::of('organisation.started'));
    }
}
