<?php

declare(strict_types=1);

namespace App\Features\Leave\Controllers;

use App\Features\Leave\Actions\KeepAbsenceKinds;
use App\Features\Leave\Actions\LeaveNotPossible;
use App\Features\Leave\Actions\MergeAbsenceKinds;
use App\Features\Leave\Queries\AbsenceKindList;
use App\Features\Leave\Requests\AbsenceKindRequest;
use App\Features\Leave\Requests\AllowanceRequest;
use App\Http\Input\Address;
use App\Models\AbsenceKind;
use App\Models\LeaveAllowance;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** The kinds of absence and their allowances. */
final readonly class AbsenceKindsController
{
    public function __construct(private KeepAbsenceKinds $keep, private Today $today)
    {
    }

    public function index(#[CurrentUser] Person $office, Request $request, AbsenceKindList $kinds): Response
    {
        Gate::authorize('keep', Organisation::class);
        $address = Address::of($request);

        return Inertia::render('AbsenceKinds', ['absenceKinds' => $kinds->of($address->number('year') ?? $this->today->for($office)->year(), $address->page())]);
    }

    public function store(#[CurrentUser] Person $office, AbsenceKindRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);

        return back()->with('message', Wording::of('leave.kind_added', ['name' => $this->keep->add($office, $request->values())->name]));
    }

    public function update(#[CurrentUser] Person $office, AbsenceKind $kind, AbsenceKindRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->keep->change($office, $kind, $request->values());

        return back()->with('message', Wording::of('leave.kind_saved', ['name' => $kind->name]));
    }

    public function destroy(#[CurrentUser] Person $office, AbsenceKind $kind): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $this->keep->remove($office, $kind);
        } catch (LeaveNotPossible $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Wording::of('leave.kind_removed', ['name' => $kind->name]));
    }

    public function merge(#[CurrentUser] Person $office, AbsenceKind $kind, Request $request, MergeAbsenceKinds $merge): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $into = AbsenceKind::query()->whereKeyNot($kind->id)->find($request->integer('into'));
        if ($into === null) {
            return back()->with('refusal', Wording::of('leave.kind_same'));
        }
        $merge->handle($office, $kind, $into);

        return back()->with('message', Wording::of('leave.merged', ['name' => $kind->name, 'into' => $into->name]));
    }

    public function setAllowance(#[CurrentUser] Person $office, AbsenceKind $kind, AllowanceRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $person = $request->person();
        $this->keep->setAllowance($office, $kind, $person, $request->integer('year'), AbsenceKindRequest::halfDays($request->string('days')->toString()));

        return back()->with('message', Wording::of('leave.allowance_saved', ['name' => $person->name, 'year' => $request->integer('year')]));
    }

    public function removeAllowance(#[CurrentUser] Person $office, LeaveAllowance $allowance): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->keep->removeAllowance($office, $allowance);

        return back()->with('message', Wording::of('leave.allowance_removed', ['name' => $allowance->person->name, 'year' => $allowance->year]));
    }
}
