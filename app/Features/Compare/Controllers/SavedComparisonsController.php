<?php

declare(strict_types=1);

namespace App\Features\Compare\Controllers;

use App\Features\Compare\Actions\ArrangeFrontPage;
use App\Features\Compare\Actions\ComparisonRefused;
use App\Features\Compare\Actions\SaveComparison;
use App\Features\Compare\Actions\ShareComparison;
use App\Features\Compare\Actions\SubscribeToComparison;
use App\Features\Compare\Queries\SavedComparisons;
use App\Features\Compare\Requests\FrontPageRequest;
use App\Features\Compare\Requests\SaveComparisonRequest;
use App\Features\Compare\Requests\ShareComparisonRequest;
use App\Features\Compare\Requests\SubscriptionRequest;
use App\Models\Person;
use App\Models\SavedComparison;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Comparisons under a name: kept, changed, shared, mailed, put on the front page. */
final readonly class SavedComparisonsController
{
    public function __construct(private Today $today)
    {
    }

    public function index(#[CurrentUser] Person $reader, SavedComparisons $comparisons): Response
    {
        Gate::authorize('compare', $reader);

        return Inertia::render('SavedComparisons', ['comparisons' => $comparisons->of($reader, $this->today->for($reader))]);
    }

    public function show(#[CurrentUser] Person $reader, SavedComparison $saved): RedirectResponse
    {
        Gate::authorize('compare', $reader);
        Gate::authorize('view', $saved);

        return redirect()->to(route('compare', absolute: false).'?'.$saved->address.'&saved='.$saved->id);
    }

    public function store(#[CurrentUser] Person $reader, SaveComparisonRequest $request, SaveComparison $save): RedirectResponse
    {
        Gate::authorize('compare', $reader);
        try {
            $saved = $save->handle($reader, $request->name(), $request->address($reader, $this->today->for($reader)) ?? '');
        } catch (ComparisonRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return redirect()->route('comparisons.open', $saved)->with('message', Wording::of('compare.saved', ['name' => $saved->name]));
    }

    public function update(#[CurrentUser] Person $reader, SavedComparison $saved, SaveComparisonRequest $request, SaveComparison $save): RedirectResponse
    {
        Gate::authorize('compare', $reader);
        Gate::authorize('change', $saved);
        try {
            $save->change($reader, $saved, $request->name(), $request->address($reader, $this->today->for($reader)), $request->version());
        } catch (ComparisonRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Wording::of('compare.saved', ['name' => $request->name()]));
    }

    public function destroy(#[CurrentUser] Person $reader, SavedComparison $saved, SaveComparison $save): RedirectResponse
    {
        Gate::authorize('change', $saved);
        $save->remove($reader, $saved);

        return redirect()->route('comparisons')->with('message', Wording::of('compare.removed', ['name' => $saved->name]));
    }

    public function share(#[CurrentUser] Person $reader, SavedComparison $saved, ShareComparisonRequest $request, ShareComparison $share): RedirectResponse
    {
        Gate::authorize('change', $saved);
        $share->handle($reader, $saved, $request->sharing(), $request->people(), $request->teams());

        return back()->with('message', Wording::of('compare.shared', ['name' => $saved->name]));
    }

    public function subscribe(#[CurrentUser] Person $reader, SavedComparison $saved, SubscriptionRequest $request, SubscribeToComparison $subscribe): RedirectResponse
    {
        Gate::authorize('compare', $reader);
        Gate::authorize('view', $saved);
        $subscribe->handle($reader, $saved, $request->rhythm(), $request->day(), $this->today->for($reader));

        return back()->with('message', Wording::of('compare.subscribed', ['name' => $saved->name]));
    }

    public function unsubscribe(#[CurrentUser] Person $reader, SavedComparison $saved, SubscribeToComparison $subscribe): RedirectResponse
    {
        Gate::authorize('changePreferences', $reader);
        $subscribe->end($reader, $saved);

        return back()->with('message', Wording::of('compare.unsubscribed', ['name' => $saved->name]));
    }

    public function arrange(#[CurrentUser] Person $reader, FrontPageRequest $request, ArrangeFrontPage $arrange): RedirectResponse
    {
        Gate::authorize('compare', $reader);
        $arrange->handle($reader, $request->comparisons($reader));

        return back();
    }
}
