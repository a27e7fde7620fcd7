<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Controllers;

use App\Features\ClientSystems\Actions\ClientSystemRefused;
use App\Features\ClientSystems\Actions\KeepClientSystems;
use App\Features\ClientSystems\Actions\ReadExport;
use App\Features\ClientSystems\Files\HoursForClient;
use App\Features\ClientSystems\Queries\ClientSystemPages;
use App\Features\ClientSystems\Requests\ClientSystemRequest;
use App\Http\Input\Address;
use App\Http\Input\WorkWeek;
use App\Models\ClientSystem;
use App\Models\ClientSystemPerson;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Calendar\Week;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Clients' own systems, beside ours. */
final readonly class ClientSystemsController
{
    public function __construct(private KeepClientSystems $keep, private Today $today)
    {
    }

    public function index(#[CurrentUser] Person $office): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('ClientSystems', ['systems' => ClientSystemPages::all($this->today->for($office))]);
    }

    public function show(#[CurrentUser] Person $office, ClientSystem $clientSystem, Request $request): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('ClientSystem', ['system' => ClientSystemPages::one($clientSystem->load('client'), WorkWeek::read(Address::of($request)->text('week')), $this->today->for($office))]);
    }

    /** What somebody sees of their own. */
    public function own(#[CurrentUser] Person $person): Response
    {
        Gate::authorize('changePreferences', $person);

        return Inertia::render('OwnDifferences', ['differences' => ClientSystemPages::own($person)]);
    }

    public function store(#[CurrentUser] Person $office, ClientSystemRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $system = $this->keep->save($office, $request->client(), $request->values());

        return redirect()->route('office.client-systems.system', ['clientSystem' => $system->id])->with('message', Wording::of('clientsystems.saved', ['name' => $system->name]));
    }

    public function destroy(#[CurrentUser] Person $office, ClientSystem $clientSystem): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->keep->remove($office, $clientSystem);

        return redirect()->route('office.client-systems')->with('message', Wording::of('clientsystems.removed', ['name' => $clientSystem->name]));
    }

    /** @throws ValidationException */
    public function read(#[CurrentUser] Person $office, ClientSystem $clientSystem, Request $request, ReadExport $read): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $count = $read->handle($office, $clientSystem, Address::of($request)->text('upload'));
        } catch (ClientSystemRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return redirect()->route('office.client-systems.system', ['clientSystem' => $clientSystem->id])->with('message', Wording::choice('clientsystems.read', $count));
    }

    /** @throws ValidationException */
    public function match(#[CurrentUser] Person $office, ClientSystem $clientSystem, int $there, Request $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $known = ClientSystemPerson::query()->where('client_system_id', $clientSystem->id)->findOrFail($there);
        $person = Person::query()->where('code', Address::of($request)->text('person'))->first() ?? throw ValidationException::withMessages(['person' => Wording::of('clientsystems.person')]);
        try {
            $this->keep->match($office, $clientSystem, $known, $person);
        } catch (ClientSystemRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return back()->with('message', Wording::of('clientsystems.matched'));
    }

    public function export(ClientSystem $clientSystem, Request $request): StreamedResponse
    {
        Gate::authorize('keep', Organisation::class);
        $week = WorkWeek::read(Address::of($request)->text('week')) ?? Week::containing($this->today->in('UTC'))->plusWeeks(-1);

        return response()->streamDownload(static function () use ($clientSystem, $week): void {
            foreach (HoursForClient::of($clientSystem, $week->days()) as $piece) {
                echo $piece;
            }
        }, 'hours-'.$week->toString().'.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }
}
