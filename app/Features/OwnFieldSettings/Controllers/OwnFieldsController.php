<?php

declare(strict_types=1);

namespace App\Features\OwnFieldSettings\Controllers;

use App\Features\OwnFieldSettings\Actions\KeepOwnFields;
use App\Features\OwnFieldSettings\Queries\OwnFieldSettings;
use App\Features\OwnFieldSettings\Requests\OwnFieldRequest;
use App\Http\Input\Address;
use App\Models\Organisation;
use App\Models\OwnField;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** The fields that the office adds. */
final readonly class OwnFieldsController
{
    public function __construct(private KeepOwnFields $keep)
    {
    }

    public function index(Request $request): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('OwnFields', ['settings' => OwnFieldSettings::of(Address::of($request)->textOrNull('field'))]);
    }

    /** @throws ValidationException */
    public function store(#[CurrentUser] Person $office, OwnFieldRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $field = $this->keep->add($office, $request->field()) ?? throw ValidationException::withMessages(['code' => Wording::of('own_fields.code_taken')]);

        return back()->with('message', Wording::of('own_fields.added', ['field' => $field->name]));
    }

    public function update(#[CurrentUser] Person $office, OwnField $ownField, OwnFieldRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->keep->change($office, $ownField, $request->field());

        return redirect()->route('office.own-fields')->with('message', Wording::of('own_fields.saved', ['field' => $ownField->name]));
    }

    /** @throws ValidationException */
    public function destroy(#[CurrentUser] Person $office, OwnField $ownField): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        if (! $this->keep->remove($office, $ownField)) {
            throw ValidationException::withMessages(['field' => Wording::of('own_fields.used', ['field' => $ownField->name])]);
        }

        return redirect()->route('office.own-fields')->with('message', Wording::of('own_fields.removed', ['field' => $ownField->name]));
    }
}
