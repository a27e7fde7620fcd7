<?php

declare(strict_types=1);

namespace App\Features\StandIns\Controllers;

use App\Features\StandIns\Actions\AddStandIn;
use App\Features\StandIns\Actions\StandInRefused;
use App\Features\StandIns\Queries\StandIns;
use App\Features\StandIns\Requests\StandInRequest;
use App\Models\Person;
use App\Models\StandIn;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Who decides in whose place. */
final readonly class StandInsController
{
    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $reader, StandIns $standIns): Response
    {
        Gate::authorize('review', Person::class);

        return Inertia::render('StandIns', ['standIns' => $standIns->of($reader, $this->today->for($reader))]);
    }

    public function store(#[CurrentUser] Person $reader, StandInRequest $request, AddStandIn $name): RedirectResponse
    {
        $principal = $request->principal($reader);
        Gate::authorize('nameStandIn', $principal);
        try {
            $name->handle($reader, $principal, $request->standIn(), $request->days(), $request->projects(), $this->today->for($reader));
        } catch (StandInRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Wording::refusal('stand_in.named', [
            'name' => $request->standIn()->name, 'from' => Wording::day($request->days()->first()), 'to' => Wording::day($request->days()->last()),
        ]));
    }

    public function destroy(#[CurrentUser] Person $reader, StandIn $standIn, AddStandIn $name): RedirectResponse
    {
        Gate::authorize('nameStandIn', Person::query()->whereKey($standIn->person_id)->sole());
        $name->end($reader, $standIn, $this->today->for($reader));

        return back()->with('message', Wording::refusal('stand_in.ended'));
    }
}
