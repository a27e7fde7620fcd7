<?php

declare(strict_types=1);

namespace App\Features\People\Controllers;

use App\Features\People\Actions\AddPastedPeople;
use App\Features\People\Actions\ChangeSeveralPeople;
use App\Features\People\Actions\PastedPeopleRefused;
use App\Features\People\Actions\PersonRefused;
use App\Features\People\Actions\SavePerson;
use App\Features\People\Queries\PeopleFilter;
use App\Features\People\Queries\PeopleList;
use App\Features\People\Queries\PersonForm;
use App\Features\People\Requests\PastedPeopleRequest;
use App\Features\People\Requests\PersonRequest;
use App\Features\People\Requests\SeveralPeopleRequest;
use App\Http\Input\Address;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** The people of the organisation. */
final class PeopleController
{
    public function index(Request $request, PeopleList $people): Response
    {
        Gate::authorize('keep', Organisation::class);
        $address = Address::of($request);

        return Inertia::render('People', ['people' => $people->page(PeopleFilter::of($address->text('search'), $address->text('state'), $address->text('team'), $address->text('sort')), $address->page())]);
    }

    public function create(#[CurrentUser] Person $office, PersonForm $form): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('Person', ['person' => $form->ofNew($office)]);
    }

    public function pasted(): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('PastedPeople');
    }

    /** @throws ValidationException */
    public function addPasted(#[CurrentUser] Person $office, PastedPeopleRequest $request, AddPastedPeople $add): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $people = $request->people();
        try {
            $add->handle($office, $people, $request->agreed());
        } catch (PastedPeopleRefused $refused) {
            $faults = array_combine(array_map(static fn (string $field): string => 'rows.'.$field, array_keys($refused->faults)), $refused->faults);
            throw ValidationException::withMessages($refused->new === '' ? $faults : $faults + ['new' => $refused->new]);
        }

        return redirect()->route('office.people')->with('message', Wording::choice('organisation.people_added', count($people)));
    }

    /** @throws ValidationException */
    public function store(#[CurrentUser] Person $office, PersonRequest $request, SavePerson $save): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $person = $save->add($office, $request->person());
        } catch (PersonRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return redirect()->route($request->boolean('another') ? 'office.people.new' : 'office.people')->with('message', Wording::of('organisation.person_added', ['name' => $person->name]));
    }

    /** @throws ValidationException */
    public function updateSeveral(#[CurrentUser] Person $office, SeveralPeopleRequest $request, ChangeSeveralPeople $change): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $count = $change->handle($office, $request->people(), $request->field(), $request->value());
        } catch (PersonRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return back()->with('message', Wording::choice('organisation.several_changed', $count));
    }

    public function edit(Person $person, PersonForm $form): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('Person', ['person' => $form->of($person)]);
    }

    /** @throws ValidationException */
    public function update(#[CurrentUser] Person $office, Person $person, PersonRequest $request, SavePerson $save): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $save->change($office, $person, $request->person());
        } catch (PersonRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return redirect()->route('office.people')->with('message', Wording::of('organisation.person_saved', ['name' => $person->name]));
    }
}
