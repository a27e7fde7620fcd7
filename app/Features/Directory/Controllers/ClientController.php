<?php

declare(strict_types=1);

namespace App\Features\Directory\Controllers;

use App\Features\Directory\Actions\KeepChargeCodes;
use App\Features\Directory\Actions\KeepClient;
use App\Features\Directory\Queries\ClientPage;
use App\Features\Directory\Requests\ChargeCodesRequest;
use App\Features\Directory\Requests\ClientContactRequest;
use App\Features\Directory\Requests\ClientRequest;
use App\Models\Client;
use App\Models\ClientContact;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** One client: its charge codes and contacts. */
final readonly class ClientController
{
    public function __construct(private KeepClient $keep)
    {
    }

    public function show(Client $client): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('Client', ['client' => ClientPage::of($client)]);
    }

    public function update(#[CurrentUser] Person $office, Client $client, ClientRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->keep->change($office, $client, $request->string('name')->trim()->toString(), $request->scheme());

        return back()->with('message', Wording::of('organisation.client_saved', ['name' => $client->name]));
    }

    public function saveChargeCodes(#[CurrentUser] Person $office, Client $client, ChargeCodesRequest $request, KeepChargeCodes $keep): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $keep->handle($office, $client, $request->composition($client->name));

        return back()->with('message', Wording::of('own_fields.charge_code.saved', ['client' => $client->name]));
    }

    public function addContact(#[CurrentUser] Person $office, Client $client, ClientContactRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);

        return $this->saved($office, new ClientContact(['client_id' => $client->id]), $request);
    }

    public function updateContact(#[CurrentUser] Person $office, ClientContact $contact, ClientContactRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);

        return $this->saved($office, $contact, $request);
    }

    public function removeContact(#[CurrentUser] Person $office, ClientContact $contact): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->keep->removeContact($office, $contact);

        return back()->with('message', Wording::of('organisation.contact_removed', ['name' => $contact->name]));
    }

    /** @throws ValidationException */
    private function saved(Person $office, ClientContact $contact, ClientContactRequest $request): RedirectResponse
    {
        if (! $this->keep->saveContact($office, $contact, $request->contact())) {
            throw ValidationException::withMessages(['name' => Wording::of('organisation.contact_taken')]);
        }

        return back()->with('message', Wording::of('organisation.contact_saved', ['name' => $contact->name]));
    }
}
