<?php

declare(strict_types=1);

namespace App\Features\Rates\Controllers;

use App\Features\Rates\Actions\ChangeCostAccess;
use App\Features\Rates\Actions\SaveRates;
use App\Features\Rates\Actions\ShowBillValue;
use App\Features\Rates\Queries\RateTable;
use App\Features\Rates\Requests\CostReaderRequest;
use App\Features\Rates\Requests\RateRequest;
use App\Http\Input\Address;
use App\Models\Person;
use App\Models\Rate;
use App\Models\Role;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

final class RatesController
{
    public function show(#[CurrentUser] Person $office, Request $request, RateTable $table, Today $today): Response
    {
        Gate::authorize('keep', Rate::class);

        return Inertia::render('Rates', ['rates' => $table->of(Address::of($request)->text('search'), Address::of($request)->page(), $today->for($office))]);
    }

    public function update(#[CurrentUser] Person $office, RateRequest $request, SaveRates $save): RedirectResponse
    {
        Gate::authorize('keep', Rate::class);
        $role = $request->filled('role') ? Role::query()->where('code', $request->string('role')->toString())->sole() : null;
        $save->set($office, $request->filled('person') ? $request->person() : null, $role, $request->string('from')->toString(), $request->cost(), $request->bill());

        return back()->with('message', Wording::refusal('rate.set'));
    }

    public function addReader(#[CurrentUser] Person $office, CostReaderRequest $request, ChangeCostAccess $change): RedirectResponse
    {
        Gate::authorize('keep', Rate::class);
        $reader = $request->reader();
        $change->handle($office, $reader, true);

        return back()->with('message', Wording::refusal('rate.reader_added', ['name' => $reader->name]));
    }

    public function removeReader(#[CurrentUser] Person $office, Person $person, ChangeCostAccess $change): RedirectResponse
    {
        Gate::authorize('keep', Rate::class);
        $change->handle($office, $person, false);

        return back()->with('message', Wording::refusal('rate.reader_removed', ['name' => $person->name]));
    }

    public function showBillValue(#[CurrentUser] Person $office, Request $request, ShowBillValue $show): RedirectResponse
    {
        Gate::authorize('keep', Rate::class);
        $shows = $request->boolean('shows');
        $show->handle($office, $shows);

        return back()->with('message', Wording::refusal($shows ? 'rate.bill_value_shown' : 'rate.bill_value_hidden'));
    }

    public function destroy(#[CurrentUser] Person $office, Rate $rate, SaveRates $save): RedirectResponse
    {
        Gate::authorize('keep', Rate::class);
        $save->remove($office, $rate);

        return back()->with('message', Wording::refusal('rate.taken_away'));
    }
}
