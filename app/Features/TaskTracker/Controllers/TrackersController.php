<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Controllers;

use App\Features\TaskTracker\Actions\KeepTrackers;
use App\Features\TaskTracker\Actions\TrackerRefused;
use App\Features\TaskTracker\Queries\TrackerPages;
use App\Features\TaskTracker\Requests\TrackerRequest;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Tracker;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Which task trackers the organisation works with. */
final readonly class TrackersController
{
    public function __construct(private KeepTrackers $keep)
    {
    }

    public function index(TrackerPages $pages): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('Trackers', ['trackers' => $pages->all()]);
    }

    /** @throws ValidationException */
    public function store(#[CurrentUser] Person $office, TrackerRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $tracker = $this->keep->add($office, $request->string('name')->trim()->toString(), $request->string('address')->trim()->toString(), $request->string('token')->trim()->toString());
        } catch (TrackerRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return back()->with('message', Wording::of('trackers.added', ['name' => $tracker->name]));
    }

    public function destroy(#[CurrentUser] Person $office, Tracker $tracker): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->keep->remove($office, $tracker);

        return back()->with('message', Wording::of('trackers.removed', ['name' => $tracker->name]));
    }
}
